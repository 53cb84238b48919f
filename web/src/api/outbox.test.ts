import { describe, expect, it, vi } from "vitest";
import { Outbox, WAITING } from "./outbox";
import { ProblemError, Unreachable } from "./problem";

function memory() {
  const kept = new Map<string, string>();
  return {
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => void kept.set(k, v),
    removeItem: (k: string) => void kept.delete(k),
    key: (i: number) => [...kept.keys()][i] ?? null,
    get length() {
      return kept.size;
    },
  };
}

const deadLine = (async () => {
  throw new Unreachable();
}) as never;

/** Tabs of one device: one sends at a time, and each is open until it is closed. */
function device() {
  const open = new Set<string>();
  let last: Promise<void> = Promise.resolve();
  const tabs = () => {
    let own = "";
    return {
      alone: (work: () => Promise<void>) => {
        last = last.then(work);
        return last;
      },
      open: (tab: string) => {
        own = tab;
        open.add(tab);
      },
      areOpen: async () => open,
      close: () => open.delete(own),
    };
  };
  return tabs;
}

const write = { method: "PUT" as const, path: "/api/jobs/1/fill", body: { level: 60 }, label: "fill" };

describe("Outbox", () => {
  it("keeps a write on the device while the line is dead, and sends the same identity later", async () => {
    const ids: (string | undefined)[] = [];
    let dead = true;
    const outbox = new Outbox(memory(), (async (_m: string, _p: string, _b: unknown, id?: string) => {
      ids.push(id);
      if (dead) {
        throw new Unreachable();
      }
      return { ok: true };
    }) as never);

    expect(await outbox.put(write)).toBe(WAITING);
    expect(outbox.snapshot()).toMatchObject({ offline: true, waiting: [{ label: "fill" }] });

    dead = false;
    await outbox.flush();
    expect(outbox.snapshot()).toMatchObject({ offline: false, waiting: [] });
    expect(ids[1]).toBe(ids[0]);
  });

  it("survives a reload with what waits", async () => {
    const store = memory();
    const first = new Outbox(store, (async () => {
      throw new Unreachable();
    }) as never);
    await first.put(write);

    const sent = vi.fn(async () => ({}));
    const second = new Outbox(store, sent as never);
    await second.flush();
    expect(sent).toHaveBeenCalledWith(
      "PUT",
      "/api/jobs/1/fill",
      { level: 60 },
      expect.any(String),
      undefined,
    );
  });

  it("shows a refused write of an earlier page instead of dropping it", async () => {
    const store = memory();
    await new Outbox(store, (async () => {
      throw new Unreachable();
    }) as never).put(write);

    const problem = { status: 422, detail: "Oil level 600 mm is outside 0 to 190 mm.", fields: [] };
    const second = new Outbox(store, (async () => {
      throw new ProblemError(problem);
    }) as never);
    await second.flush();
    expect(second.snapshot().refused).toMatchObject([{ write: { label: "fill" }, problem }]);
  });

  it("waits for a sign-in when the session has ended, and goes on by itself", async () => {
    let known = false;
    const outbox = new Outbox(memory(), (async () => {
      if (!known) {
        throw new ProblemError({ status: 401, detail: "Sign in first.", fields: [] });
      }
      return { ok: true };
    }) as never);
    const answer = outbox.put(write);
    await vi.waitFor(() => expect(outbox.snapshot().signedOut).toBe(true));
    known = true;
    outbox.signedIn();
    expect(await answer).toEqual({ ok: true });
  });

  it("sends in the order things were entered, one at a time", async () => {
    const order: string[] = [];
    const outbox = new Outbox(memory(), (async (_m: string, path: string) => {
      order.push(`start ${path}`);
      await Promise.resolve();
      order.push(`end ${path}`);
      return {};
    }) as never);
    await Promise.all(["a", "b", "c"].map((path) => outbox.put({ ...write, path })));
    expect(order).toEqual(["start a", "end a", "start b", "end b", "start c", "end c"]);
  });

  it("tells a refusal to the form that is waiting for it, and goes on with the next", async () => {
    const problem = { status: 422, detail: "Too deep.", fields: [] };
    const outbox = new Outbox(memory(), (async (_m: string, path: string) => {
      if (path === "bad") {
        throw new ProblemError(problem);
      }
      return { ok: true };
    }) as never);
    const [bad, good] = await Promise.allSettled([
      outbox.put({ ...write, path: "bad" }),
      outbox.put({ ...write, path: "good" }),
    ]);
    expect(bad).toMatchObject({ status: "rejected", reason: { problem } });
    expect(good).toMatchObject({ status: "fulfilled", value: { ok: true } });
    expect(outbox.snapshot()).toMatchObject({ waiting: [], refused: [] });
  });

  it("forgets a refusal only once it has been seen", async () => {
    const store = memory();
    await new Outbox(store, (async () => {
      throw new Unreachable();
    }) as never).put(write);
    const second = new Outbox(store, (async () => {
      throw new ProblemError({ status: 422, detail: "No.", fields: [] });
    }) as never);
    await second.flush();
    const refusal = second.snapshot().refused[0];
    expect(new Outbox(store).snapshot().refused).toHaveLength(1);
    if (refusal) {
      second.forget(refusal);
    }
    expect(new Outbox(store).snapshot().refused).toHaveLength(0);
  });

  it("loses nothing that two tabs wrote down without a line, and each sends its own", async () => {
    const store = memory();
    const tabs = device();
    let dead = true;
    const sent: string[] = [];
    const sendFor =
      (tab: string) =>
      async (_m: string, path: string): Promise<never> => {
        if (dead) {
          throw new Unreachable();
        }
        sent.push(`${tab} ${path}`);
        return { from: tab } as never;
      };
    const a = new Outbox(store, sendFor("A") as never, tabs());
    const b = new Outbox(store, sendFor("B") as never, tabs());
    await a.put({ ...write, path: "1" });
    await b.put({ ...write, path: "2" });
    await a.put({ ...write, path: "3" });
    expect(new Outbox(store, deadLine, tabs()).snapshot().waiting.map((w) => w.path)).toEqual([
      "1",
      "2",
      "3",
    ]);
    dead = false;
    await Promise.all([a.flush(), b.flush()]);
    expect(sent.sort()).toEqual(["A 1", "A 3", "B 2"]);
    expect(a.snapshot().waiting.length + new Outbox(store, deadLine, tabs()).snapshot().waiting.length).toBe(
      0,
    );
  });

  it("sends what a closed tab left behind, once", async () => {
    const store = memory();
    const tabs = device();
    const closed = tabs();
    await new Outbox(store, deadLine, closed).put(write);
    const sent = vi.fn(async () => ({}));
    const watching = new Outbox(store, sent as never, tabs());
    await watching.flush();
    expect(sent, "while its own tab is open").not.toHaveBeenCalled();
    closed.close();
    await Promise.all([watching.flush(), new Outbox(store, sent as never, tabs()).flush()]);
    expect(sent).toHaveBeenCalledTimes(1);
  });

  it("keeps an entry for the one who made it", async () => {
    const store = memory();
    const sent: unknown[] = [];
    const ana = { id: "a", name: "Ana Sol" };
    const leo = { id: "l", name: "Leo Mar" };
    const first = new Outbox(store, deadLine);
    first.signedIn(ana);
    await first.put(write);
    const send = async (_m: string, path: string, _b: unknown, _id?: string, by?: string) => {
      sent.push([path, by]);
      return {};
    };
    const second = new Outbox(store, send as never);
    second.signedIn(leo);
    await second.put({ ...write, path: "leo's" });
    expect(sent).toEqual([["leo's", "l"]]);
    expect(second.snapshot().waiting).toEqual([]);
    expect(second.snapshot().ofOthers.map((w) => w.by)).toEqual([ana]);
    second.signedIn(ana);
    await second.flush();
    expect(sent[1]).toEqual(["/api/jobs/1/fill", "a"]);
    expect(second.snapshot().ofOthers).toEqual([]);
  });

  it.each([
    new ProblemError({ status: 500, detail: "Trouble.", fields: [] }),
    new ProblemError({ status: 503, detail: "Trouble.", fields: [] }),
    new DOMException("The answer broke off.", "TimeoutError"),
    new SyntaxError("Half an answer"),
  ])("takes a server in trouble for no refusal: %s", async (trouble) => {
    let well = false;
    const outbox = new Outbox(memory(), (async () => {
      if (!well) {
        throw trouble;
      }
      return { ok: true };
    }) as never);
    expect(await outbox.put(write)).toBe(WAITING);
    expect(outbox.snapshot()).toMatchObject({ offline: true, refused: [], waiting: [{ label: "fill" }] });
    well = true;
    await outbox.flush();
    expect(outbox.snapshot()).toMatchObject({ offline: false, waiting: [] });
  });

  it("carries over what an earlier version wrote down as one list", async () => {
    const store = memory();
    const old = { id: "one", ...write };
    const problem = { status: 422, detail: "No.", fields: [] };
    store.setItem(
      "yunque.outbox",
      JSON.stringify({
        waiting: [old, { ...old, id: "two" }],
        refused: [{ write: { ...old, id: "three" }, problem }],
      }),
    );
    const ids: (string | undefined)[] = [];
    const outbox = new Outbox(store, (async (_m: string, _p: string, _b: unknown, id?: string) => {
      ids.push(id);
      return {};
    }) as never);
    expect(outbox.snapshot().refused).toMatchObject([{ write: { id: "three" }, problem }]);
    await outbox.flush();
    expect(ids).toEqual(["one", "two"]);
    expect(store.getItem("yunque.outbox")).toBeNull();
  });

  it("says that the server lets an entry wait, until it answers", async () => {
    vi.useFakeTimers();
    try {
      let answer: (value: unknown) => void = () => undefined;
      const outbox = new Outbox(
        memory(),
        (() =>
          new Promise((resolve) => {
            answer = resolve;
          })) as never,
      );
      const kept = outbox.put(write);
      await vi.advanceTimersByTimeAsync(1000);
      expect(outbox.snapshot().slow).toBe(false);
      await vi.advanceTimersByTimeAsync(1000);
      expect(outbox.snapshot()).toMatchObject({ slow: true, offline: false, waiting: [{ label: "fill" }] });
      answer({ ok: true });
      expect(await kept).toEqual({ ok: true });
      await vi.advanceTimersByTimeAsync(0);
      expect(outbox.snapshot()).toMatchObject({ slow: false, waiting: [] });
    } finally {
      vi.useRealTimers();
    }
  });
});
