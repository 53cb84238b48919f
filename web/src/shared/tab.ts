/**
 * Which tab of this device this is, and which others are open. A tab that is open holds a lock of the browser's, which goes with it
 * however it ends; its name outlives a reload.
 */
const LIFE = "yunque.page.";
const NAME = "yunque.page";
/** A page that is loaded anew waits so long for the lock of the one it takes the place of. */
const RELOAD_MS = 1000;
const LOOK_MS = 1000;

let name: string = globalThis.crypto?.randomUUID() ?? "";
let open = new Set<string>();

export const tabName = (): string => name;

/** Whether another tab is open, as far as this one has seen. */
export const isOpenElsewhere = (tab: string): boolean => tab !== name && open.has(tab);

/** Holds a name for as long as the page lives; false when another page holds it. */
function hold(locks: LockManager, tab: string): Promise<boolean> {
  return new Promise((done) => {
    locks
      .request(LIFE + tab, { signal: AbortSignal.timeout(RELOAD_MS) }, () => {
        done(true);
        return new Promise(() => undefined);
      })
      .catch(() => done(false));
  });
}

async function look(locks: LockManager): Promise<void> {
  const held = (await locks.query()).held ?? [];
  open = new Set(held.map((lock) => lock.name ?? "").map((lock) => lock.replace(LIFE, "")));
}

/** Before the page is shown. Where a browser has no locks, a tab knows of no other. */
export async function startTab(
  locks: LockManager | undefined = globalThis.navigator?.locks,
  session: Pick<Storage, "getItem" | "setItem"> = sessionStorage,
): Promise<void> {
  const before = session.getItem(NAME);
  if (before !== null && (locks === undefined || (await hold(locks, before)))) {
    name = before;
  } else {
    // A new tab, or one that was opened as a copy of another and bears its name.
    session.setItem(NAME, name);
    if (locks) {
      await hold(locks, name);
    }
  }
  if (locks) {
    await look(locks);
    setInterval(() => void look(locks), LOOK_MS);
  }
}
