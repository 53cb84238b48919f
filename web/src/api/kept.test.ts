import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { line } from "./kept";
import { isWorthKeeping, KEPT_AT, withAge } from "./kept.model";

describe("what a device keeps of the server's answers", () => {
  it.each([
    ["/api/jobs/7", true],
    ["/api/jobs/7/photos/1", true],
    ["/api/sign-in/me", true],
    ["/api/kinds", true],
    ["/api/jobs/7/pulse", false],
    ["/api/people", false],
    ["/api/care", false],
    ["/api/openapi", false],
    ["/actuator/health", false],
    ["/jobs/7", false],
  ])("%s: %s", (path, kept) => {
    expect(isWorthKeeping(path)).toBe(kept);
  });

  it("says of an answer when it was given, and leaves it as it is", async () => {
    const given = new Response('{"a":1}', {
      status: 200,
      headers: { Date: "Sun, 29 Nov 2026 02:43:16 GMT", "Content-Type": "application/json" },
    });
    const told = withAge(given);
    expect(told.headers.get(KEPT_AT)).toBe("Sun, 29 Nov 2026 02:43:16 GMT");
    expect(told.headers.get("Content-Type")).toBe("application/json");
    expect(await told.json()).toEqual({ a: 1 });
  });
});

describe("whether questions reach the server", () => {
  beforeEach(() => vi.useFakeTimers());
  afterEach(() => {
    line.answered(new Response());
    vi.useRealTimers();
  });

  it("is told by the last answer", () => {
    line.answered(new Response(null, { headers: { [KEPT_AT]: "Sun, 29 Nov 2026 02:43:16 GMT" } }));
    expect(line.snapshot().asOf).toBe(Date.UTC(2026, 10, 29, 2, 43, 16));
    line.answered(new Response());
    expect(line.snapshot().asOf).toBeUndefined();
  });

  it("is told too where nobody noted the time", () => {
    line.answered(new Response(null, { headers: { [KEPT_AT]: "" } }));
    expect(line.snapshot().asOf).toBe(0);
  });

  it("says after a second and a half that the server lets a question wait, and no longer than that", () => {
    const changed = vi.fn();
    const unsubscribe = line.subscribe(changed);
    const first = line.asked();
    const second = line.asked();
    vi.advanceTimersByTime(1499);
    expect(line.snapshot().slow).toBe(false);
    vi.advanceTimersByTime(1);
    expect(line.snapshot().slow).toBe(true);
    first();
    expect(line.snapshot().slow).toBe(true);
    second();
    expect(line.snapshot().slow).toBe(false);
    const quick = line.asked();
    quick();
    vi.advanceTimersByTime(5000);
    expect(line.snapshot().slow).toBe(false);
    expect(changed).toHaveBeenCalledTimes(2);
    unsubscribe();
  });
});
