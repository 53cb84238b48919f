// @vitest-environment jsdom
import { describe, expect, it } from "vitest";
import type { Check, PlanLine } from "../api/types";
import { job, line, part, plan } from "../test-data/bench";
import {
  asFound,
  grouped,
  keyOf,
  likeIt,
  linesFor,
  marksOf,
  nextAfter,
  padOf,
  progress,
  tagOf,
  toneOf,
  usualLook,
} from "./plan.model";

const whole = line(1, "worm", "ANY-1");
const flank = line(1, "worm", "WOR-1");
const seat = line(2, "shaft", "JRN-1", { state: "SEEN", says: "clean fit marks", verdict: "CLEAR_PASS" });
const should = line(2, "shaft", "SHF-1", { level: "SHOULD" });
const doubt = line(2, "shaft", "SHF-2", { level: "IN_DOUBT" });
const maybe = line(2, "shaft", "LND-1", { conditional: true });

describe("the plan", () => {
  it("stands in three groups", () => {
    const groups = grouped([whole, flank, seat, should, doubt, maybe]);
    expect(groups.musts).toEqual([whole, flank, seat]);
    expect(groups.shoulds).toEqual([should]);
    expect(groups.others).toEqual([doubt, maybe]);
  });

  it("goes on to the next open must, then from the top, then to what should be", () => {
    const lines = [whole, seat, flank, should];
    expect(nextAfter(lines, undefined)).toBe(whole);
    expect(nextAfter(lines, keyOf(whole))).toBe(flank);
    expect(nextAfter(lines, keyOf(flank))).toBe(whole);
    expect(nextAfter([seat, should], keyOf(seat))).toBe(should);
    expect(nextAfter([seat, should], keyOf(should))).toBeUndefined();
    expect(nextAfter([seat, doubt, maybe], undefined), "what is in doubt is not asked").toBeUndefined();
  });

  it("says how far it is", () => {
    expect(progress(job([], { plan: plan([whole, flank, seat, should]) }))).toBe(
      "1 of 3 musts done, about 4 min left",
    );
    expect(progress(job([], { plan: plan([seat]) }))).toBe("All 1 musts answered");
  });

  it("keeps what can be seen only after the rebuild apart", () => {
    const after = line(3, "pawl", "PWL-6", { afterWork: true });
    const view = job([], { plan: plan([whole, after]) });
    expect(linesFor(view, false)).toEqual([whole]);
    expect(linesFor(view, true)).toEqual([after]);
    expect(linesFor(job([]), false), "signed before there was a plan").toEqual([]);
  });
});

describe("a line", () => {
  const said = (more: Partial<PlanLine>) => line(1, "wheel", "GER-3", more);
  it.each([
    [said({}), "must", "open"],
    [said({ level: "SHOULD" }), "should", "soft"],
    [said({ level: "IN_DOUBT" }), "if in doubt", "soft"],
    [said({ conditional: true }), "if it has one", "soft"],
    [said({ state: "SEEN", says: "burr", verdict: "DOUBTFUL" }), "burr", "warn"],
    [said({ state: "SEEN", says: "sound", verdict: "CLEAR_PASS" }), "sound", "good"],
    [said({ state: "SEEN", says: "cracked", verdict: "CLEAR_FAIL" }), "cracked", "bad"],
    [said({ state: "MEASURED", verdict: "CLEAR_PASS" }), "in limits", "good"],
    [said({ state: "MEASURED", verdict: "DOUBTFUL" }), "doubtful", "warn"],
    [said({ state: "STALE", says: "dressed since" }), "measure again", "open"],
    [said({ state: "MEASURED", verdict: "CLEAR_FAIL" }), "out of limits", "bad"],
    [said({ state: "NOT_POSSIBLE" }), "not possible", "left"],
    [said({ state: "NOT_NEEDED" }), "not needed", "soft"],
  ] as const)("%# says where it stands and never more", (of, tag, tone) => {
    expect(tagOf(of)).toBe(tag);
    expect(toneOf(of)).toBe(tone);
  });

  it("is like the same check on other parts of its kind that nobody looked at", () => {
    const view = job(
      [part(1, "bearing left"), part(2, "bearing right"), part(3, "shaft"), part(4, "bearing middle")],
      {
        plan: plan([
          line(1, "bearing left", "ANY-1"),
          line(2, "bearing right", "ANY-1"),
          line(3, "shaft", "ANY-1"),
          line(4, "bearing middle", "ANY-1", { state: "SEEN" }),
          line(2, "bearing right", "BRG-1"),
        ]),
      },
    );
    view.steps.forEach((step, i) => {
      step.given.kind = i === 2 ? "SHAFT" : "BEARING";
    });
    const [left] = linesFor(view, false);
    expect(likeIt(view, left as PlanLine).map((l) => l.part)).toEqual(["bearing right"]);
  });

  it("of a pair of gears is measured on the pad, another with its own drawer", () => {
    const mesh = line(0, "mesh of stage 2", "MSP-1", { stage: 2, number: 0 });
    delete (mesh as { stepId?: string }).stepId;
    const view = job([part(1, "wheel")], { meshes: [{ stage: 2 }] as never });
    expect(padOf(view, mesh)).toEqual({ kind: "BACKLASH", stage: 2, member: "WHEEL" });
    expect(padOf(view, { ...mesh, stage: 3 })).toBeUndefined();
    expect(padOf(view, { ...mesh, check: "MSP-3" })).toBeUndefined();
    const gear = view.steps[0];
    if (gear) {
      gear.given.gear = { stage: 2, member: "PINION" };
    }
    expect(padOf(view, line(1, "wheel", "GER-3"))).toEqual({ kind: "SPAN", stage: 2, member: "PINION" });
    expect(padOf(view, line(1, "wheel", "GER-5"))).toBeUndefined();
  });

  it("is looked at washed where it can be", () => {
    const looks = (...l: string[]) => usualLook({ looks: l } as unknown as Check);
    expect(looks("AS_FOUND", "WASHED")).toBe("WASHED");
    expect(looks("AS_FOUND")).toBe("AS_FOUND");
    expect(looks("AFTER_WORK")).toBe("AFTER_WORK");
    expect(looks("AS_FOUND", "AFTER_WORK")).toBe("AS_FOUND");
  });
});

describe("as found", () => {
  const CHECKS = [
    { id: "SLS-1", looks: ["AS_FOUND"] },
    { id: "BRG-1", looks: ["AS_FOUND", "WASHED"] },
    { id: "MSP-1", looks: ["AS_FOUND", "AFTER_WORK"] },
  ] as unknown as Check[];
  const mesh = { ...line(0, "mesh of stage 1", "MSP-1", { stage: 1, number: 0 }) };
  delete (mesh as { stepId?: string }).stepId;
  const view = job([], {
    plan: plan([
      line(1, "seal", "SLS-1"),
      line(4, "felt", "SLS-1"),
      line(5, "gasket", "SLS-1", { state: "SEEN" }),
      line(6, "shield", "SLS-1", { level: "SHOULD" }),
      line(2, "bearing", "BRG-1"),
      mesh,
    ]),
  });

  it("asks of parts what is gone after washing, the last that came off first", () => {
    expect(asFound(view, "PARTS", CHECKS).map((l) => l.part)).toEqual(["felt", "seal"]);
  });

  it("asks of meshes what can be read before it is opened", () => {
    expect(asFound(view, "MESHES", CHECKS)).toEqual([mesh]);
    expect(asFound(view, "MESHES", [])).toEqual([]);
  });
});

describe("the picture", () => {
  it("marks a part bad before open before done", () => {
    const view = job([], {
      plan: plan([
        line(1, "worm", "ANY-1", { state: "SEEN", verdict: "CLEAR_PASS" }),
        line(1, "worm", "WOR-1"),
        line(2, "shaft", "ANY-1", { state: "SEEN", verdict: "CLEAR_PASS" }),
        line(3, "nut", "ANY-1", { state: "SEEN", verdict: "CLEAR_FAIL" }),
        line(3, "nut", "NUT-1"),
        line(4, "key", "KEY-1", { level: "SHOULD" }),
      ]),
    });
    expect([...marksOf(view)]).toEqual([
      ["step-1", "open"],
      ["step-2", "done"],
      ["step-3", "bad"],
    ]);
  });
});
