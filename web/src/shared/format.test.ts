import { describe, expect, it } from "vitest";
import { fixed, length, volume } from "./format";

describe("numbers as the bench reads them", () => {
  // 25.4 mm to the inch exactly; 0.946352946 L to the US quart.
  it("shows both systems, the preferred one first", () => {
    expect(length(0.15, { system: "metric", decimal: "." })).toBe("0.150 mm · 5.9 thou");
    expect(length(0.15, { system: "inch", decimal: "," })).toBe("5,9 thou · 0,150 mm");
    expect(length(25.4, { system: "inch", decimal: "." }, 2)).toBe("1.000 in · 25.40 mm");
    // A dipstick read to a tenth of a millimetre tells no ten-thousandth of an inch.
    expect(length(44.5, { system: "metric", decimal: "." }, 1)).toBe("44.5 mm · 1.75 in");
    expect(volume(0.946352946, { system: "inch", decimal: "." })).toBe("1.00 US qt · 0.95 L");
  });

  it("keeps trailing zeros and a true minus", () => {
    expect(fixed(-0.1, 3)).toBe("−0.100");
  });
});
