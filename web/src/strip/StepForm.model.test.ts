import { describe, expect, it } from "vitest";
import { emptyStep, fieldsOf, guessKind, isSingleUse, toRequest } from "./StepForm.model";

describe("a step as typed", () => {
  // The trade's words for parts; common practice, no source.
  it("guesses the kind from the words of the trade", () => {
    const guesses = {
      "shaft seal 35 × 52": "SEAL",
      "taper bearing 30207": "BEARING",
      "tab washer": "TAB_WASHER",
      "thrust washer": "WASHER",
      locknut: "NUT",
      "O-ring 40 × 3": "O_RING",
      "detent ball": "BALL",
      "upper case half": "COVER",
      "coupling key 8 × 36": "COUPLING",
    };
    for (const [part, kind] of Object.entries(guesses)) {
      expect([part, guessKind(part)]).toEqual([part, kind]);
    }
    expect(guessKind("thingamajig")).toBeUndefined();
  });

  it("tells a count that is none instead of sending zero", () => {
    for (const count of ["", "two", "1.5", "-1", "1e3"]) {
      expect(toRequest({ ...emptyStep(), part: "pin", count })).toHaveProperty("faults.count");
    }
  });

  it("comes back from the server as it was sent", () => {
    const fields = {
      ...emptyStep("B", 2, "RIGHT"),
      part: "cover",
      kind: "COVER" as const,
      fastened: true,
      screwCount: "6",
      thread: "M8",
      screwLength: { text: "20", unit: "mm" },
    };
    const sent = toRequest(fields);
    expect("request" in sent && fieldsOf(sent.request, "")).toEqual(fields);
  });

  it("leaves fastening out when nothing was undone", () => {
    expect(toRequest({ ...emptyStep(), part: "ring", thread: "M8" })).toMatchObject({
      request: { fastening: undefined },
    });
    expect(isSingleUse("SEAL")).toBe(true);
  });
});
