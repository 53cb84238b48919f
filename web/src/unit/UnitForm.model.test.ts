import { describe, expect, it } from "vitest";
import { emptyUnit, plainNumber, toRequest } from "./UnitForm.model";

describe("a unit as typed", () => {
  it("takes comma and point, and nothing else", () => {
    expect(plainNumber("0,35", "Shift")).toEqual({ value: 0.35 });
    expect(plainNumber("-0.2", "Shift")).toEqual({ value: -0.2 });
    for (const bad of ["1e308", "12x", "1.234,5", "NaN", "١٢"]) {
      expect(plainNumber(bad, "Shift")).toHaveProperty("fault");
    }
  });

  it("calls an empty field missing, never zero", () => {
    const result = toRequest(emptyUnit("mm"));
    expect(result).toMatchObject({
      faults: {
        "stages[0].pinionTeeth": "Number of teeth is missing.",
        inputSpeedRpm: "Input speed is missing.",
      },
    });
  });

  it("refuses half a tooth", () => {
    expect(plainNumber("20,5", "Number of teeth", true)).toEqual({
      fault: "Number of teeth 20,5 is not a whole number.",
    });
  });
});
