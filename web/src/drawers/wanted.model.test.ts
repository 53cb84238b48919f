import { describe, expect, it } from "vitest";
import type { Check } from "../api/types";
import { limitEntries, prefill } from "./wanted.model";

const check = (limits: Check["limits"]) => ({ id: "X", source: "a book", limits }) as Check;
const wanted = (limits: Check["limits"], strict = false) =>
  limitEntries({ stepId: "s", check: check(limits), strict });

describe("a check that is measured", () => {
  it("brings its limits as a length, in its own unit", () => {
    expect(wanted({ unit: "µm", edges: { mostNew: 2, renew: 5, shrinks: false } })).toEqual({
      part: { text: "ORDINARY", unit: "" },
      measure: { text: "LENGTH", unit: "" },
      direction: { text: "GROWS", unit: "" },
      mostNew: { text: "2", unit: "µm" },
      renew: { text: "5", unit: "µm" },
      limitsFrom: { text: "a book", unit: "" },
    });
  });

  it("brings a share as a bare number, and the part that holds as one", () => {
    expect(
      wanted({ unit: "%", edges: { least: 105, mostNew: 98, renew: 95, shrinks: true } }, true),
    ).toMatchObject({
      part: { text: "STRICT" },
      measure: { text: "NUMBER" },
      direction: { text: "SHRINKS" },
      leastNumber: { text: "105", unit: "" },
      mostNewNumber: { text: "98", unit: "" },
      renewNumber: { text: "95", unit: "" },
    });
  });

  it("brings no limit that is not known", () => {
    expect(wanted(undefined)).toEqual({ part: { text: "ORDINARY", unit: "" } });
  });

  it("fills a drawer of a rule only with what stands under its own name", () => {
    const of = (text: string) => ({ text, unit: "mm" });
    const known = {
      radiusMm: of("60.1"),
      "bearing-rolling-drag.cordMm": of("3"),
      "fit-press.cordMm": of("9"),
    };
    const rule = { name: "bearing-rolling-drag", isRule: true } as never;
    expect(prefill(rule, known, undefined)).toEqual({ cordMm: of("3") });
    expect(prefill(rule, known, { check: {} as never, strict: true })).toEqual({
      cordMm: of("3"),
      strict: { text: "YES", unit: "" },
    });
    expect(prefill({ name: "backlash", isRule: false } as never, known, undefined)).toEqual(known);
  });
});
