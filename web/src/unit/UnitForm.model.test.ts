import { describe, expect, it } from "vitest";
import { emptyStage, emptyUnit, plainNumber, toRequest } from "./UnitForm.model";

describe("a unit as typed", () => {
  it("takes comma and point, and nothing else", () => {
    expect(plainNumber("0,35", "Shift")).toEqual({ value: 0.35 });
    expect(plainNumber("-0.2", "Shift")).toEqual({ value: -0.2 });
    for (const bad of ["1e308", "12x", "1.234,5", "NaN", "١٢"]) {
      expect(plainNumber(bad, "Shift")).toHaveProperty("fault");
    }
  });

  it("calls an empty field missing, never zero", () => {
    const result = toRequest({ ...emptyUnit("mm"), stages: [emptyStage("mm")] });
    expect(result).toMatchObject({
      faults: {
        "stages[0].pinionTeeth": "Number of teeth is missing.",
        "stages[0].pressureAngleDeg": "Pressure angle is missing.",
      },
    });
  });

  it("asks nothing of the inside of a unit that was never open", () => {
    const result = toRequest({ ...emptyUnit("mm"), tag: "X-1" });
    expect(result).toMatchObject({ request: { tag: "X-1", stages: [] } });
    expect("request" in result && result.request.inputSpeedRpm).toBeUndefined();
  });

  it("starts with no invented figure", () => {
    const { module, pinionHand, faceWidth, centreDistance, ...figures } = emptyStage("in");
    expect(Object.values(figures)).toEqual(Object.values(figures).map(() => ""));
    expect([module, faceWidth, centreDistance].map((e) => e.text)).toEqual(["", "", ""]);
    expect(pinionHand).toBe("NONE");
  });

  it("takes an empty shift or helix as none", () => {
    const typed = { ...emptyStage("mm"), pinionTeeth: "20", wheelTeeth: "40", pressureAngleDeg: "20" };
    const result = toRequest({ ...emptyUnit("mm"), stages: [typed] });
    expect(result).toMatchObject({
      request: { stages: [{ helixAngleDeg: 0, pinionShift: 0, wheelShift: 0, pressureAngleDeg: 20 }] },
    });
  });

  it("refuses half a tooth", () => {
    expect(plainNumber("20,5", "Number of teeth", true)).toEqual({
      fault: "Number of teeth 20,5 is not a whole number.",
    });
  });
});
