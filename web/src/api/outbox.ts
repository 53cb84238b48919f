import { type Method, request } from "./http";
import { type Problem, ProblemError, Unreachable } from "./problem";

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
}

/** A write that waited and was then refused; kept until somebody has looked at it. */
export interface Refusal {
  write: Write;
  problem: Problem;
}

export interface OutboxState {
  waiting: Write[];
  refused: Refusal[];
  /** True while the server cannot be reached. */
  offline: boolean;
  /** True while the server wants a sign-in before it takes anything. */
  signedOut: boolean;
  keptAt: number | undefined;
}

/** A write that could not be sent yet; it is kept on this device and goes out by itself. */
export const WAITING = Symbol("waiting");

const STORE = "yunque.outbox";
const RETRY_MS = 2000;

type Settle = { resolve: (answer: unknown) => void; reject: (fault: unknown) => void };

export class Outbox {
  private state: OutboxState;
  private readonly settles = new Map<string, Settle>();
  private readonly listeners = new Set<() => void>();
  private readonly answers = new Set<(write: Write, answer: unknown) => void>();
  private running: Promise<void> = Promise.resolve();
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(
    private readonly store: Pick<Storage, "getItem" | "setItem"> = localStorage,
    private readonly send: typeof request = request,
  ) {
    const kept = JSON.parse(this.store.getItem(STORE) ?? "{}") as Partial<OutboxState>;
    this.state = {
      waiting: kept.waiting ?? [],
      refused: kept.refused ?? [],
      offline: false,
      signedOut: false,
      keptAt: undefined,
    };
  }

  /** Resolves with the server's answer, or with WAITING when the line is dead; rejects when it is refused. */
  put<T>(write: Omit<Write, "id">): Promise<T | typeof WAITING> {
    const entry = { ...write, id: crypto.randomUUID() };
    this.change({ waiting: [...this.state.waiting, entry] });
    return new Promise((resolve, reject) => {
      this.settles.set(entry.id, { resolve: resolve as (answer: unknown) => void, reject });
      void this.flush();
    });
  }

  /** Sends what waits, oldest first, until it is empty or the line is dead. */
  flush(): Promise<void> {
    // One at a time; whoever asks during a run gets a run of their own after it.
    this.running = this.running.then(() => this.sendAll());
    return this.running;
  }

  private async sendAll(): Promise<void> {
    clearTimeout(this.timer);
    for (let next = this.state.waiting[0]; next; next = this.state.waiting[0]) {
      if (!(await this.sendOne(next))) {
        break;
      }
    }
    if (this.state.waiting.length > 0 && !this.state.signedOut) {
      clearTimeout(this.timer);
      this.timer = setTimeout(() => void this.flush(), RETRY_MS);
    }
  }

  forget(refusal: Refusal): void {
    this.change({ refused: this.state.refused.filter((r) => r !== refusal) });
  }

  /** Called once somebody has signed in again. */
  signedIn(): void {
    this.change({ signedOut: false });
    void this.flush();
  }

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
    try {
      const answer = await this.send(write.method, write.path, write.body, write.id);
      this.done(write, { offline: false, signedOut: false, keptAt: Date.now() });
      for (const listener of this.answers) {
        listener(write, answer);
      }
      this.settle(write, (s) => s.resolve(answer));
      return true;
    } catch (fault) {
      return this.failed(write, fault);
    }
  }

  private failed(write: Write, fault: unknown): boolean {
    if (fault instanceof Unreachable) {
      this.change({ offline: true });
      for (const waiting of this.state.waiting) {
        this.settle(waiting, (s) => s.resolve(WAITING));
      }
      return false;
    }
    if (fault instanceof ProblemError && fault.problem.status === 401) {
      this.change({ offline: false, signedOut: true });
      return false;
    }
    const watched = this.settles.has(write.id);
    this.done(write, { offline: false });
    if (!watched && fault instanceof ProblemError) {
      this.change({ refused: [...this.state.refused, { write, problem: fault.problem }] });
    }
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
    this.change({ ...and, waiting: this.state.waiting.filter((w) => w.id !== write.id) });
  }

  private change(part: Partial<OutboxState>): void {
    this.state = { ...this.state, ...part };
    const { waiting, refused } = this.state;
    this.store.setItem(STORE, JSON.stringify({ waiting, refused }));
    for (const listener of this.listeners) {
      listener();
    }
  }
}
