import { describe, expect, it } from "vitest";
import { onTheSheet, progress } from "./tightening.model";

const CARD = { tightening: [2, 5, 1, 6, 4, 3], rounds: ["snug", "7.2 N·m", "24 N·m"] };

describe("how far the screws of a card are", () => {
  it("counts every screw in every round, in one order", () => {
    for (let ticked = 0; ticked <= 18; ticked++) {
      const p = progress(CARD, ticked);
      const tight = CARD.tightening.filter(p.isTight);
      expect(p.all).toBe(18);
      expect(p.isBegun).toBe(ticked > 0);
      expect(p.isDone).toBe(ticked === 18);
      expect(tight).toHaveLength(ticked === 18 ? 6 : ticked % 6);
      expect(p.round).toBe(Math.min(Math.floor(ticked / 6), 2));
      expect(p.next).toBe(ticked === 18 ? undefined : CARD.tightening[ticked % 6]);
    }
  });
  it("is nowhere on a card of an earlier version", () => {
    const kept = { tightening: [1, 2, 3] } as unknown as typeof CARD;
    expect(progress(kept, 4)).toMatchObject({ all: 0, isBegun: false, next: undefined });
  });
});

describe("where the screws are drawn", () => {
  it("keeps their proportions, the top up", () => {
    const sheet = onTheSheet([
      { acrossMm: 10, upMm: 0 },
      { acrossMm: 10, upMm: 80 },
      { acrossMm: 50, upMm: 40 },
    ]);
    expect(sheet.height).toBe(132);
    expect(sheet.width).toBe(66);
    expect(sheet.at).toEqual([
      { x: 0, y: 132 },
      { x: 0, y: 0 },
      { x: 66, y: 66 },
    ]);
  });
  it("draws many larger, so that they do not touch", () => {
    const screws = Array.from({ length: 13 }, (_, i) => ({ acrossMm: i * 10, upMm: 0 }));
    expect(onTheSheet(screws).width).toBe(176);
    expect(onTheSheet(screws.slice(0, 12)).width).toBe(132);
  });
  it("draws a row too", () => {
    expect(
      onTheSheet([
        { acrossMm: 0, upMm: 5 },
        { acrossMm: 30, upMm: 5 },
      ]),
    ).toMatchObject({ width: 132, height: 0 });
  });
});
