import { describe, expect, it, vi } from "vitest";
import { Outbox, WAITING } from "./outbox";
import { ProblemError, Unreachable } from "./problem";

function memory() {
  const kept = new Map<string, string>();
  return {
    getItem: (k: string) => kept.get(k) ?? null,
    setItem: (k: string, v: string) => void kept.set(k, v),
  };
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
    expect(sent).toHaveBeenCalledWith("PUT", "/api/jobs/1/fill", { level: 60 }, expect.any(String));
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
});
