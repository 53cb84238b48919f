// @vitest-environment jsdom
import { beforeEach, describe, expect, it } from "vitest";
import { forgetDraft, readDraft, writeDraft } from "./drafts";
import { isOpenElsewhere, startTab, tabName } from "./tab";

/** Locks as a browser has them: one holder each, for as long as its page lives. */
class Locks {
  readonly held = new Set<string>();

  async request(name: string, options: { signal: AbortSignal }, work: () => Promise<void>): Promise<void> {
    if (this.held.has(name)) {
      await new Promise((_, reject) =>
        options.signal.addEventListener("abort", () => reject(new Error("aborted"))),
      );
    }
    this.held.add(name);
    void work();
  }

  async query() {
    return { held: [...this.held].map((name) => ({ name })) };
  }
}

const session = () => {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
};

const asLocks = (locks: Locks) => locks as unknown as LockManager;
/** As another tab would have written it. */
const elsewhere = (key: string, tab: string, text: string) =>
  localStorage.setItem(`yunque.draft.${key}@${tab}`, text);

describe("what is typed in several tabs", () => {
  beforeEach(() => localStorage.clear());

  it("is each tab's own while both are open", async () => {
    const locks = new Locks();
    locks.held.add("yunque.page.other");
    await startTab(asLocks(locks), session());
    elsewhere("step.1", "other", "wheel");
    expect(isOpenElsewhere("other")).toBe(true);
    expect(readDraft("step.1")).toBeNull();
    writeDraft("step.1", "pinion");
    expect(readDraft("step.1")).toBe("pinion");
    forgetDraft("step.1");
    expect(localStorage.getItem("yunque.draft.step.1@other")).toBe("wheel");
  });

  it("is taken up once its tab is closed, by one tab only", async () => {
    await startTab(asLocks(new Locks()), session());
    elsewhere("step.1", "gone", "wheel");
    elsewhere("step.12", "gone", "another form");
    expect(readDraft("step.1")).toBe("wheel");
    expect(localStorage.getItem("yunque.draft.step.1@gone")).toBeNull();
    expect(localStorage.getItem(`yunque.draft.step.1@${tabName()}`)).toBe("wheel");
    expect(localStorage.getItem("yunque.draft.step.12@gone")).toBe("another form");
  });

  it("of the time before tabs were told apart is not lost", async () => {
    await startTab(asLocks(new Locks()), session());
    localStorage.setItem("yunque.draft.line.7", "cover");
    expect(readDraft("line.7")).toBe("cover");
    expect(localStorage.getItem("yunque.draft.line.7")).toBeNull();
  });

  it("outlives a reload under the same name", async () => {
    const kept = session();
    await startTab(asLocks(new Locks()), kept);
    const before = tabName();
    await startTab(asLocks(new Locks()), kept);
    expect(tabName()).toBe(before);
  });

  it("a copy of a tab gets a name of its own", async () => {
    const kept = session();
    const locks = new Locks();
    kept.setItem("yunque.page", "first");
    locks.held.add("yunque.page.first");
    await startTab(asLocks(locks), kept);
    expect(tabName()).not.toBe("first");
    expect(kept.getItem("yunque.page")).toBe(tabName());
    expect(isOpenElsewhere("first")).toBe(true);
  });

  it("works where a browser has no locks", async () => {
    await startTab(undefined, session());
    elsewhere("step.1", "gone", "wheel");
    expect(readDraft("step.1")).toBe("wheel");
  });
});
