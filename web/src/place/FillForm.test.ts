import { describe, expect, it } from "vitest";
import { fillFields, toRequest } from "./Fill.model";

describe("what went in", () => {
  const empty = { fields: {}, readings: {} };

  it("may be said as filled to the plug, without a quantity", () => {
    const fields = { ...fillFields(undefined, false), toTheMark: true, can: "oil" };
    expect(toRequest(fields, "", empty)).toMatchObject({ toTheMark: true, can: "oil" });
    expect(toRequest(fields, "", empty).amount).toBeUndefined();
  });

  it("is not said so by itself", () => {
    expect(toRequest(fillFields(undefined, true), "", empty).toTheMark).toBeUndefined();
    expect(fillFields(undefined, true).amount.unit).toBe("g");
  });
});
