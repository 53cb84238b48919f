import { describe, expect, it } from "vitest";
import { pasted } from "./pad.model";

describe("pasted readings", () => {
  it("takes a column, a row of cells and semicolons, and leaves decimal commas alone", () => {
    expect(pasted("0,31\r\n0,33\r\n\r\n0,32")).toEqual(["0,31", "0,33", "0,32"]);
    expect(pasted("0.31\t0.33")).toEqual(["0.31", "0.33"]);
    expect(pasted("0,31; 0,33")).toEqual(["0,31", "0,33"]);
  });
});
