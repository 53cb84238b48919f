import { describe, expect, it } from "vitest";
import type { JobView } from "../api/types";
import { initialPad, pasted, subjectWords, toRequest } from "./pad.model";

describe("pasted readings", () => {
  it("takes a column, a row of cells and semicolons, and leaves decimal commas alone", () => {
    expect(pasted("0,31\r\n0,33\r\n\r\n0,32")).toEqual(["0,31", "0,33", "0,32"]);
    expect(pasted("0.31\t0.33")).toEqual(["0.31", "0.33"]);
    expect(pasted("0,31; 0,33")).toEqual(["0,31", "0,33"]);
  });
});

const view = {
  unit: {
    stages: [
      { stage: 1, pair: undefined },
      {
        stage: 2,
        pair: {
          wheelWorkingRadiusMm: 66.313,
          pinionWorkingRadiusMm: 19.687,
          wheelTeethToSpan: 8,
          pinionTeethToSpan: 0,
        },
      },
    ],
  },
} as unknown as JobView;
const wheel = { kind: "BACKLASH", stage: 2, member: "WHEEL" } as const;
const pinionSpan = { kind: "SPAN", stage: 2, member: "PINION" } as const;

describe("the pad", () => {
  it("starts with what the papers tell: the working radius, the teeth to span", () => {
    expect(initialPad(view, wheel).radius).toEqual({ text: "66.3", unit: "mm" });
    expect(initialPad(view, { ...pinionSpan, member: "WHEEL" }).teethSpanned).toBe("8");
    expect(initialPad(view, pinionSpan).teethSpanned).toBe("");
  });

  it("sends a backlash without a span's fields, and readings as typed", () => {
    const pad = { ...initialPad(view, wheel), readings: [{ text: "0,31", unit: "mm" }] };
    expect(toRequest(pad, "SET", wheel)).toMatchObject({
      request: { station: "SET", radius: { text: "66.3" }, readings: [{ text: "0,31", unit: "mm" }] },
    });
    expect(toRequest(pad, "SET", wheel)).toHaveProperty("request.teethSpanned", undefined);
  });

  it("tells a number of teeth and a limit that are none", () => {
    const pad = { ...initialPad(view, pinionSpan), teethSpanned: "3.5", makersWearPercent: "ten" };
    expect(toRequest(pad, "INSPECT", pinionSpan)).toMatchObject({
      faults: {
        teethSpanned: "“3.5” is not a whole number of teeth.",
        makersWearPercent: "“ten” is not a number. Enter per cent, for example 12.",
      },
    });
    expect(toRequest(initialPad(view, pinionSpan), "INSPECT", pinionSpan)).toMatchObject({
      faults: { teethSpanned: "Number of teeth spanned is missing." },
    });
  });

  it("names what is measured", () => {
    const mesh = { stage: 2, words: "stage 2, z 19/64" };
    expect(subjectWords(wheel, mesh)).toBe("Backlash of stage 2, z 19/64, dial on wheel 2, z 64");
    expect(subjectWords(pinionSpan, mesh)).toBe("Span of pinion 2, z 19");
  });
});
