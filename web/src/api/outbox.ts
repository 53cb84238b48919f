import { type Method, request } from "./http";
import { type Problem, ProblemError } from "./problem";

/** Who writes. */
export interface Author {
  id: string;
  name: string;
}

/**
 * Every write from the bench goes through here: it is written down on this device first, sent in order, and tried
 * again until the server has answered. Its identity makes a second arrival harmless, so a lost answer loses nothing.
 */
export interface Write {
  id: string;
  method: Method;
  path: string;
  body?: unknown;
  /** What it is, in words, for the list of waiting entries: "step: oil seal". */
  label: string;
  /** The job it belongs to, for the screen that lists what waits. */
  job?: number;
  /** Who entered it, and who alone sends it; missing in entries from before. */
  by?: Author;
}

/** A write that waited and was then refused; kept until somebody has looked at it. */
export interface Refusal {
  write: Write;
  problem: Problem;
}

export interface OutboxState {
  /** Of every tab of this device, oldest first; once it is known who is here, that person's only. */
  waiting: Write[];
  /** What others entered on this device; it waits until they sign in here. */
  ofOthers: Write[];
  refused: Refusal[];
  /** True while the server cannot be reached, or is in trouble. */
  offline: boolean;
  /** True while the server wants a sign-in before it takes anything. */
  signedOut: boolean;
  /** True while an entry is under way and the server lets it wait. */
  slow: boolean;
  keptAt: number | undefined;
}

/** A write that could not be sent yet; it is kept on this device and goes out by itself. */
export const WAITING = Symbol("waiting");

/** Each entry has a key of its own, so that no tab can overwrite what another one wrote down. */
const ENTRY = "yunque.outbox.write.";
const REFUSED = "yunque.outbox.refused.";
const MOMENT_DIGITS = 15;
/** Where entries stood in one list, up to now. */
const BEFORE = "yunque.outbox";
const RETRY_MS = 2000;
/** From when on somebody at the bench wonders. */
const SLOW_MS = 1500;

type Settle = { resolve: (answer: unknown) => void; reject: (fault: unknown) => void };
type Store = Pick<Storage, "getItem" | "setItem" | "removeItem" | "key" | "length">;

/** An entry with the place it stands in and the tab that watches it. */
interface Kept {
  write: Write;
  tab: string;
}

/** Which tabs of this device are open, and one at a time to send. */
export interface Tabs {
  /** Runs something while no other tab sends. */
  alone: (work: () => Promise<void>) => Promise<void>;
  /** Notes that this tab is open, for as long as it is. */
  open: (tab: string) => void;
  areOpen: () => Promise<Set<string>>;
}

const LIFE = "yunque.tab.";

/** By the locks of the browser: one that is held goes with its tab, however that ends. */
const byLocks = (locks: LockManager | undefined): Tabs => ({
  alone: async (work) => {
    await (locks ? locks.request("yunque.outbox", work) : work());
  },
  open: (tab) => void locks?.request(LIFE + tab, () => new Promise(() => undefined)),
  areOpen: async () => {
    const held = (await locks?.query())?.held ?? [];
    return new Set(held.map((lock) => (lock.name ?? "").replace(LIFE, "")));
  },
});

export class Outbox {
  private readonly tab = crypto.randomUUID();
  private state: OutboxState;
  private author: Author | undefined;
  private last = 0;
  private readonly settles = new Map<string, Settle>();
  private readonly listeners = new Set<() => void>();
  private readonly answers = new Set<(write: Write, answer: unknown) => void>();
  private running: Promise<void> = Promise.resolve();
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly store: Store = localStorage,
    private readonly send: typeof request = request,
    private readonly tabs: Tabs = byLocks(globalThis.navigator?.locks),
  ) {
    this.tabs.open(this.tab);
    this.carryOver();
    this.state = { ...this.read(), offline: false, signedOut: false, slow: false, keptAt: undefined };
    // Another tab has written something down, or got rid of it.
    globalThis.addEventListener?.("storage", (event: StorageEvent) => {
      if (event.key === null || event.key.startsWith(BEFORE)) {
        this.change({});
      }
    });
  }

  /** Resolves with the server's answer, or with WAITING when the line is dead; rejects when it is refused. */
  put<T>(write: Omit<Write, "id" | "by">): Promise<T | typeof WAITING> {
    const entry: Write = { ...write, id: crypto.randomUUID(), ...(this.author && { by: this.author }) };
    this.store.setItem(this.nextKey(entry), JSON.stringify({ write: entry, tab: this.tab } satisfies Kept));
    this.change({});
    return new Promise((resolve, reject) => {
      this.settles.set(entry.id, { resolve: resolve as (answer: unknown) => void, reject });
      void this.flush();
    });
  }

  /** Sends what waits, oldest first, until nothing of this person's is left or the line is dead. */
  flush(): Promise<void> {
    // One at a time; whoever asks during a run gets a run of their own after it.
    this.running = this.running.then(() => this.tabs.alone(() => this.sendAll()));
    return this.running;
  }

  private async sendAll(): Promise<void> {
    clearTimeout(this.timer);
    const open = await this.tabs.areOpen();
    let goesOn = true;
    for (let next = this.next(open); next && goesOn; next = this.next(open)) {
      goesOn = await this.sendOne(next);
    }
    if (this.next(open) && !this.state.signedOut) {
      clearTimeout(this.timer);
      this.timer = setTimeout(() => void this.flush(), RETRY_MS);
    }
  }

  /** The oldest entry of this person that no other open tab watches: that one sends its own. */
  private next(open: Set<string>): Write | undefined {
    return this.entries().find(({ write, tab }) => (tab === this.tab || !open.has(tab)) && this.isOwn(write))
      ?.write;
  }

  forget(refusal: Refusal): void {
    this.store.removeItem(REFUSED + refusal.write.id);
    this.change({});
  }

  /** Called once somebody has signed in, and whenever it is known who that is. */
  signedIn(author?: Author): void {
    this.author = author ?? this.author;
    this.change({ signedOut: false });
    void this.flush();
  }

  /** Who is known to be here. */
  who = (): Author | undefined => this.author;

  snapshot = (): OutboxState => this.state;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Called with every answer, also to writes of an earlier page. */
  onAnswer(listener: (write: Write, answer: unknown) => void): void {
    this.answers.add(listener);
  }

  private async sendOne(write: Write): Promise<boolean> {
    const wondering = setTimeout(() => this.change({ slow: true }), SLOW_MS);
    try {
      const answer = await this.send(write.method, write.path, write.body, write.id, write.by?.id);
      this.done(write, { offline: false, signedOut: false, keptAt: Date.now() });
      for (const listener of this.answers) {
        listener(write, answer);
      }
      this.settle(write, (s) => s.resolve(answer));
      return true;
    } catch (fault) {
      return this.failed(write, fault);
    } finally {
      clearTimeout(wondering);
      if (this.state.slow) {
        this.change({ slow: false });
      }
    }
  }

  private failed(write: Write, fault: unknown): boolean {
    const status = fault instanceof ProblemError ? fault.problem.status : undefined;
    // Nobody but the server refuses: a line that broke in the middle of an answer, or a server in trouble, has not.
    if (status === undefined || status >= 500) {
      this.change({ offline: true });
      for (const { write: waiting } of this.entries()) {
        this.settle(waiting, (s) => s.resolve(WAITING));
      }
      return false;
    }
    if (status === 401) {
      this.change({ offline: false, signedOut: true });
      return false;
    }
    if (!this.settles.has(write.id) && fault instanceof ProblemError) {
      this.store.setItem(
        REFUSED + write.id,
        JSON.stringify({ write, problem: fault.problem } satisfies Refusal),
      );
    }
    this.done(write, { offline: false });
    this.settle(write, (s) => s.reject(fault));
    return true;
  }

  private settle(write: Write, how: (settle: Settle) => void): void {
    const settle = this.settles.get(write.id);
    this.settles.delete(write.id);
    if (settle) {
      how(settle);
    }
  }

  private done(write: Write, and: Partial<OutboxState>): void {
    const key = this.keys(ENTRY).find((k) => k.endsWith(write.id));
    if (key) {
      this.store.removeItem(key);
    }
    this.change(and);
  }

  private change(part: Partial<OutboxState>): void {
    this.state = { ...this.state, ...part, ...this.read() };
    for (const listener of this.listeners) {
      listener();
    }
  }

  /** Entries are sorted by when they were written down, of whatever tab; two of one moment by which came first. */
  private nextKey(entry: Write): string {
    const latest = this.keys(ENTRY)
      .at(-1)
      ?.slice(ENTRY.length, ENTRY.length + MOMENT_DIGITS);
    this.last = Math.max(Date.now(), this.last + 1, Number(latest ?? 0) + 1);
    return `${ENTRY}${String(this.last).padStart(MOMENT_DIGITS, "0")}.${entry.id}`;
  }

  private keys(prefix: string): string[] {
    return Array.from({ length: this.store.length }, (_, i) => this.store.key(i) ?? "")
      .filter((key) => key.startsWith(prefix))
      .sort();
  }

  private all<T>(prefix: string): T[] {
    return this.keys(prefix)
      .map((key) => this.store.getItem(key))
      .filter((text) => text !== null)
      .map((text) => JSON.parse(text) as T);
  }

  private entries(): Kept[] {
    return this.all<Kept>(ENTRY);
  }

  private read(): Pick<OutboxState, "waiting" | "ofOthers" | "refused"> {
    const all = this.entries().map((e) => e.write);
    return {
      waiting: all.filter((w) => this.isOwn(w)),
      ofOthers: all.filter((w) => !this.isOwn(w)),
      refused: this.all<Refusal>(REFUSED),
    };
  }

  private isOwn(write: Write): boolean {
    return write.by === undefined || this.author === undefined || write.by.id === this.author.id;
  }

  /** What an earlier version wrote down as one list. */
  private carryOver(): void {
    const text = this.store.getItem(BEFORE);
    if (text === null) {
      return;
    }
    const kept = JSON.parse(text) as { waiting?: Write[]; refused?: Refusal[] };
    for (const write of kept.waiting ?? []) {
      this.store.setItem(this.nextKey(write), JSON.stringify({ write, tab: "" } satisfies Kept));
    }
    for (const refusal of kept.refused ?? []) {
      this.store.setItem(REFUSED + refusal.write.id, JSON.stringify(refusal));
    }
    this.store.removeItem(BEFORE);
  }
}
