import { describe, expect, it } from "vitest";
import type { StageKind, StageRequest, UnitView } from "../api/types";
import {
  emptyUnit,
  movedForward,
  papersOf,
  plainNumber,
  startedStage,
  through,
  toRequest,
  withoutStage,
} from "./UnitForm.model";

const stage = (kind: string): StageRequest => ({ kind, values: {} });
const row = {
  stages: [stage("CHAIN"), stage("PAIR"), stage("WORM")],
  positions: [
    { name: "slow", stages: [1, 2, 3] },
    { name: "fast", stages: [1, 3] },
  ],
};

describe("a unit as typed", () => {
  it("takes comma and point, and nothing else", () => {
    expect(plainNumber("0,35", "Shift")).toEqual({ value: 0.35 });
    expect(plainNumber("-0.2", "Shift")).toEqual({ value: -0.2 });
    for (const bad of ["1e308", "12x", "1.234,5", "NaN", "١٢"]) {
      expect(plainNumber(bad, "Shift")).toHaveProperty("fault");
    }
    expect(plainNumber(" ", "Shift")).toEqual({ fault: "Shift is missing." });
  });

  it("asks nothing of the inside of a unit that was never open", () => {
    const result = toRequest({ ...emptyUnit("mm"), tag: "X-1" });
    expect(result).toMatchObject({ request: { tag: "X-1", stages: [] } });
    expect("request" in result && result.request.inputSpeedRpm).toBeUndefined();
    expect("request" in result && result.request.positions).toBeUndefined();
  });

  it("tells a speed that is none", () => {
    expect(toRequest({ ...emptyUnit("mm"), inputSpeedRpm: "fast" })).toMatchObject({
      faults: { inputSpeedRpm: expect.stringContaining("“fast” is not a number") },
    });
  });

  it("starts a stage with no figure, in the units of the shop", () => {
    const kind = {
      kind: "PAIR",
      words: "pair",
      fields: [
        { name: "teeth", start: "", units: [] },
        { name: "size", start: "", units: ["module", "DP"] },
        { name: "width", start: "", units: ["mm", "in", "thou"] },
      ],
    } as unknown as StageKind;
    expect(startedStage(kind, "in").values).toEqual({
      teeth: { text: "", unit: "" },
      size: { text: "", unit: "DP" },
      width: { text: "", unit: "in" },
    });
    expect(startedStage(kind, "mm").values.size?.unit).toBe("module");
  });
});

describe("the row of stages", () => {
  it("takes a stage out of the positions with it, and the later ones move up", () => {
    expect(withoutStage(row, 1)).toEqual({
      stages: [stage("CHAIN"), stage("WORM")],
      positions: [
        { name: "slow", stages: [1, 2] },
        { name: "fast", stages: [1, 2] },
      ],
    });
    expect(withoutStage(row, 2).positions[1]?.stages).toEqual([1]);
  });

  it("moves a stage before another, and the positions still go through the same ones", () => {
    const moved = movedForward(row, 1);
    expect(moved.stages.map((s) => s.kind)).toEqual(["PAIR", "CHAIN", "WORM"]);
    expect(moved.positions.map((p) => p.stages)).toEqual([
      [1, 2, 3],
      [2, 3],
    ]);
    expect(movedForward(row, 0)).toEqual(row);
  });

  it("puts the load through stages in their order", () => {
    const fast = { name: "fast", stages: [3] };
    expect(through(fast, 1, true).stages).toEqual([1, 3]);
    expect(through(through(fast, 1, true), 3, false).stages).toEqual([1]);
    expect(through(fast, 3, true).stages).toEqual([3]);
  });

  it("remembers which stage each was, so that what was found on it goes with it", () => {
    const unit = {
      stages: [
        { stage: 1, given: stage("CHAIN") },
        { stage: 2, given: stage("PAIR") },
      ],
      positions: [],
    } as unknown as UnitView;
    expect(papersOf(unit).stages.map((s) => s.was)).toEqual([1, 2]);
    expect(papersOf(unit).positions).toBeUndefined();
  });
});
