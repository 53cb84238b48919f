import { describe, expect, it } from "vitest";
import type { JobView, Warning } from "../api/types";
import { counted, watchAt } from "./watch.model";

const warning = (
  stepId: string,
  title: string,
  weight: Warning["weight"] = "CAUTION",
  consequence = `about ${title}`,
): Warning => ({ weight, title, consequence, stepId, number: Number(stepId.slice(1)) });

const view = (...watch: Warning[]) =>
  ({
    watch,
    steps: ["s1", "s2", "s3", "s4", "s5"].map((id) => ({ id })),
  }) as unknown as JobView;

const GREASE = "Grease gums them.";

describe("the watch at a station", () => {
  const all = view(
    warning("s1", "One way: seal"),
    warning("s5", "One way: ring"),
    warning("s1", "Left-hand thread M30", "DANGER"),
    warning("s2", "Pawl: oil only", "CAUTION", GREASE),
    warning("s3", "Pawl spring: oil only", "CAUTION", GREASE),
    warning("s5", "Single use: felt", "NOTE"),
  );
  const titles = (at: ReturnType<typeof watchAt>) => at.now.map((t) => t.title);

  it("tells at Strip what is in hand still, and every danger, hardest first", () => {
    const at = watchAt(all, "STRIP", undefined, false);
    expect(titles(at)).toEqual([
      "Left-hand thread M30",
      "One way: ring",
      "Pawl spring: oil only",
      "Single use: felt",
    ]);
    expect(at.later.map((t) => t.title)).toEqual(["One way: seal", "Pawl: oil only"]);
  });

  it("tells at Build what bites on the card in hand, and nothing else", () => {
    expect(titles(watchAt(all, "BUILD", "s2", false))).toEqual(["Pawl: oil only"]);
    expect(titles(watchAt(all, "BUILD", undefined, false))).toEqual([]);
  });

  it("joins like ones in one line, wherever they have their words in common", () => {
    const later = watchAt(all, "BUILD", undefined, false).later;
    const oil = later.find((t) => t.title === "oil only: 2 parts");
    expect(oil?.of.map((o) => o.number)).toEqual([2, 3]);
    expect(oil?.consequence).toBe(GREASE);
    const like = watchAt(
      view(
        warning("s1", "Opened once: circlip 20", "NOTE", "Flat only."),
        warning("s2", "Opened once: circlip 28", "NOTE", "Flat only."),
      ),
      "DECIDE",
      undefined,
      false,
    ).later;
    expect(like.map((t) => t.title)).toEqual(["Opened once: 2 parts"]);
  });

  it("keeps a danger apart from a caution that says the same", () => {
    const at = watchAt(
      view(
        warning("s1", "Pawl: oil only", "DANGER", GREASE),
        warning("s2", "Pawl: oil only", "CAUTION", GREASE),
      ),
      "INSPECT",
      "s2",
      false,
    );
    expect(at.now.map((t) => t.weight)).toEqual(["DANGER", "CAUTION"]);
  });

  it("loses none: what is not told now waits behind a count", () => {
    for (const station of ["RECEIVE", "STRIP", "DECIDE", "BUILD", "PROVE"] as const) {
      const at = watchAt(all, station, "s1", false);
      const parts = [...at.now, ...at.later].reduce((sum, t) => sum + t.of.length, 0);
      expect(parts).toBe(all.watch.length);
    }
    expect(counted(watchAt(all, "BUILD", undefined, false).later)).toBe("1 danger, 3 cautions, 1 note");
  });

  it("says nothing of a job that is signed", () => {
    expect(watchAt(all, "STRIP", "s1", true)).toEqual({ now: [], later: [] });
  });
});
