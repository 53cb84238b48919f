import { describe, expect, it } from "vitest";
import { spread } from "./spread";

describe("words beside lines", () => {
  it("stand where their line is when there is room", () => {
    expect(spread([100, 20, 60])).toEqual([100, 20, 60]);
  });

  it("never lie on each other, and keep the order of their lines", () => {
    const places = spread([50, 48, 52, 49]);
    const ordered = [...places].sort((a, b) => a - b);
    for (const [i, place] of ordered.entries()) {
      if (i > 0) {
        expect(place - (ordered[i - 1] ?? 0)).toBeGreaterThanOrEqual(17);
      }
    }
    expect(places[1]).toBeLessThan(places[3] ?? 0);
    expect(places[3]).toBeLessThan(places[0] ?? 0);
    expect(places[0]).toBeLessThan(places[2] ?? 0);
  });
});
