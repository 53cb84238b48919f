import { KEPT_AT, KEPT_CACHE } from "./kept.model";

/** From when on somebody wonders. */
const SLOW_MS = 1500;

export interface Line {
  /** When what is shown was answered, while it comes from this device; undefined while the server answers. */
  asOf: number | undefined;
  /** True while the server lets a question wait. */
  slow: boolean;
}

/** Whether questions reach the server, for the screen to say so. */
class LineState {
  private state: Line = { asOf: undefined, slow: false };
  private readonly listeners = new Set<() => void>();
  private late = 0;

  snapshot = (): Line => this.state;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** A question is under way; the answer ends its waiting. */
  asked(): () => void {
    let isLate = false;
    const timer = setTimeout(() => {
      isLate = true;
      this.late += 1;
      this.change({ slow: true });
    }, SLOW_MS);
    return () => {
      clearTimeout(timer);
      if (isLate) {
        this.late -= 1;
        this.change({ slow: this.late > 0 });
      }
    };
  }

  answered(answer: Response): void {
    const keptAt = answer.headers.get(KEPT_AT);
    this.change({ asOf: keptAt === null ? undefined : Date.parse(keptAt) || 0 });
  }

  private change(part: Partial<Line>): void {
    const next = { ...this.state, ...part };
    if (next.asOf !== this.state.asOf || next.slow !== this.state.slow) {
      this.state = next;
      for (const listener of this.listeners) {
        listener();
      }
    }
  }
}

export const line = new LineState();

/** A write is answered with all that there is now: a reload without a line shows that, not what was there before. */
export async function keepAnswer(path: string, answer: unknown): Promise<void> {
  const kept = await globalThis.caches?.open(KEPT_CACHE);
  await kept?.put(
    path,
    new Response(JSON.stringify(answer), {
      headers: { "Content-Type": "application/json", Date: new Date().toUTCString() },
    }),
  );
}

/** What one person was answered is not the next one's. */
export async function forgetAnswers(): Promise<void> {
  await globalThis.caches?.delete(KEPT_CACHE);
}

/**
 * Lets this device open the app without a line. Where a browser has no such thing, all else stays as it is.
 *
 * @param askAnew called once answers are kept from now on: what was read before that is read once more
 */
export async function keepTheApp(askAnew: () => void): Promise<void> {
  const workers = globalThis.navigator?.serviceWorker;
  if (!workers || !import.meta.env.PROD) {
    return;
  }
  if (!workers.controller) {
    workers.addEventListener("controllerchange", askAnew, { once: true });
  }
  try {
    const kept = await workers.register("/sw.js");
    // This page is the newest already: what it leans on may change over now.
    kept.waiting?.postMessage("newer");
  } catch {
    // A certificate that is not trusted, or a private window.
  }
}
