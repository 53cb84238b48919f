import { describe, expect, it } from "vitest";
import { edgesInWords, worded, wordOf } from "./parts.model";

describe("words", () => {
  it("put the condition of a check behind it", () => {
    expect(worded("[open] races, cage")).toBe("Races, cage (open)");
    expect(worded("bearing seat")).toBe("Bearing seat");
  });

  it("tell limits without letters", () => {
    expect(edgesInWords("e/h ↓: A –, B 0.85, C 0.80")).toBe("e/h: new down to 0.85, renew below 0.80");
    expect(edgesInWords("mm ↑: A 0.15, B 0.60, C 0.90")).toBe("mm: least 0.15, new to 0.60, renew past 0.90");
  });

  it("take the last one of a person at a look", () => {
    const said = (word: string, by: string, look: string) =>
      ({ by, given: { stepId: "s", check: "BRG-1", look, word } }) as never;
    const all = [
      said("notchy", "Mira", "WASHED"),
      said("smooth", "Mira", "WASHED"),
      said("ticks", "Mira", "AS_FOUND"),
      said("gritty", "Teo", "WASHED"),
    ];
    expect(wordOf(all, "s", "BRG-1", "WASHED", "Mira")?.given.word).toBe("smooth");
    expect(wordOf(all, "s", "BRG-1", "AFTER_WORK", "Mira")).toBeUndefined();
    expect(wordOf(all, "t", "BRG-1", "WASHED", "Mira")).toBeUndefined();
    expect(wordOf(all, "s", "BRG-2", "WASHED", "Mira")).toBeUndefined();
  });
});
