import { describe, expect, it } from "vitest";
import { emptyHeld } from "./Held.model";
import { emptyDetail } from "./StepDetail.model";
import { emptyStep, fieldsOf, guessKind, isSingleUse, type Kinds, toRequest } from "./StepForm.model";

describe("a step as typed", () => {
  // The words come from the server; here only how several of them are weighed.
  it("takes the kind named last, before any word that only says where", () => {
    const kinds: Kinds = [
      { kind: "KEY", words: "key", singleUse: false, hint: "\\b(keys?)\\b" },
      { kind: "COUPLING", words: "coupling", singleUse: false, hint: "\\b(couplings?)\\b" },
      { kind: "SEAL", words: "shaft seal", singleUse: true, hint: "\\b(seals?)\\b" },
      { kind: "SHAFT", words: "shaft", singleUse: false, hint: "\\b(shafts?)\\b" },
    ];
    expect(guessKind(kinds, "coupling key 8 × 36")).toBe("KEY");
    expect(guessKind(kinds, "seal of the input shaft")).toBe("SEAL");
    expect(guessKind(kinds, "shaft seal")).toBe("SEAL");
    expect(guessKind(kinds, "thingamajig")).toBeUndefined();
    expect(isSingleUse(kinds, "SEAL")).toBe(true);
  });

  it("keeps every detail on the way to the server and back", () => {
    const detail = {
      ...emptyDetail(),
      tool: "puller",
      minutes: "7",
      loose: [{ kind: "ROLLER" as const, expected: "24", found: "23" }],
      shape: "ROUND" as const,
      width: { text: "96", unit: "mm" },
      length: { text: "28", unit: "mm" },
      settingName: "stop screw",
      settingValue: "14.35 mm",
    };
    const sent = toRequest({ ...emptyStep("B", 2, "RIGHT"), part: "hub", detail });
    expect("request" in sent && fieldsOf(sent.request, "").detail).toEqual(detail);
  });

  it("tells a detail that is no number at its field", () => {
    const detail = { ...emptyDetail(), minutes: "a while" };
    expect(toRequest({ ...emptyStep(), part: "hub", detail })).toMatchObject({
      faults: { "detail.minutes": "“a while” is not a number for minutes." },
    });
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
      held: [
        { ...emptyHeld(), count: "6", thread: "M8", length: { text: "20", unit: "mm" }, byFeel: "snug" },
        { ...emptyHeld(), count: "2", thread: "M10", torque: { text: "25", unit: "lbf·ft" } },
      ],
    };
    const sent = toRequest(fields);
    expect("request" in sent && fieldsOf(sent.request, "")).toEqual(fields);
  });

  it("leaves fastening out when nothing was undone", () => {
    expect(toRequest({ ...emptyStep(), part: "ring" })).toMatchObject({
      request: { fastening: undefined, detail: undefined },
    });
  });

  it("tells a count of screws that is none where the set stands", () => {
    const held = [
      { ...emptyHeld(), count: "6" },
      { ...emptyHeld(), count: "a few" },
    ];
    expect(toRequest({ ...emptyStep(), part: "cover", held })).toEqual({
      faults: { "detail.alsoHeldBy[0].count": "How many screws? Enter a whole number." },
    });
  });
});
