import { describe, expect, it } from "vitest";
import { elsewhere, fieldErrors, type Problem } from "./problem";

const refused: Problem = {
  status: 422,
  detail: "Two faults.",
  fields: [
    { field: "stages[0].faceWidth", sentence: "Face width is missing." },
    { field: "tag", sentence: "Tag is missing." },
    { field: "tag", sentence: "Use another tag." },
  ],
};

describe("a refusal at its fields", () => {
  it("puts every sentence at its field, two of one field together", () => {
    expect(fieldErrors(refused)).toEqual({
      "stages[0].faceWidth": "Face width is missing.",
      tag: "Tag is missing. Use another tag.",
    });
    expect(fieldErrors(undefined)).toEqual({});
  });

  it("tells at the top what belongs to no field that is shown, and nothing twice", () => {
    expect(elsewhere(refused, ["tag", "stages"])).toBeUndefined();
    expect(elsewhere(refused, ["tag"])).toBe("Face width is missing.");
    expect(elsewhere({ status: 403, detail: "Ask a lead.", fields: [] }, ["tag"])).toBe("Ask a lead.");
  });

  it("does not take a field for another that starts alike", () => {
    const stray = { ...refused, fields: [{ field: "tagged", sentence: "No such thing." }] };
    expect(elsewhere(stray, ["tag"])).toBe("No such thing.");
  });
});
