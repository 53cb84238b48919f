import type { Check, JobView, LeftRequest, Look, PlanLine } from "../api/types";
import type { Subject } from "../measuring/pad.model";

/** One check on one part or mesh, by a name that stays the same while the plan is worked out anew. */
export const keyOf = (line: PlanLine) => `${line.stepId ?? `mesh ${line.stage}`} ${line.check}`;

export const isOpen = (line: PlanLine) => line.state === "OPEN";

/** Left open it stands against the signature. */
export const isMust = (line: PlanLine) => line.level === "MUST" && !line.conditional;

/** What can be looked at while the unit lies open, or only after the rebuild. */
export const linesFor = (view: JobView, afterWork: boolean): PlanLine[] =>
  view.plan?.checks.filter((line) => line.afterWork === afterWork) ?? [];

export interface Groups {
  musts: PlanLine[];
  shoulds: PlanLine[];
  /** In doubt, or only where something is so that nobody has said. */
  others: PlanLine[];
}

export const grouped = (lines: PlanLine[]): Groups => ({
  musts: lines.filter(isMust),
  shoulds: lines.filter((line) => line.level === "SHOULD" && !line.conditional),
  others: lines.filter((line) => line.conditional || line.level === "IN_DOUBT"),
});

/** What is taken in hand next: the first open must after this one, else the first open one at all, else what should be. */
export function nextAfter(lines: PlanLine[], key: string | undefined): PlanLine | undefined {
  const { musts, shoulds } = grouped(lines);
  const here = musts.findIndex((line) => keyOf(line) === key);
  return (
    musts.slice(here + 1).find(isOpen) ??
    musts.find((line) => isOpen(line) && keyOf(line) !== key) ??
    shoulds.find((line) => isOpen(line) && keyOf(line) !== key)
  );
}

/** The same check, open on other parts of the same kind: they are answered in one go. */
export function likeIt(view: JobView, line: PlanLine): PlanLine[] {
  const kind = kindOf(view, line.stepId);
  return linesFor(view, line.afterWork).filter(
    (other) =>
      other.check === line.check &&
      keyOf(other) !== keyOf(line) &&
      isOpen(other) &&
      other.stepId !== undefined &&
      line.stepId !== undefined &&
      kindOf(view, other.stepId) === kind,
  );
}

const kindOf = (view: JobView, stepId: string | undefined) =>
  view.steps.find((step) => step.id === stepId)?.given.kind;

/** When it is looked at unless somebody says otherwise: washed, where that is possible. */
export const usualLook = (check: Check): Look =>
  check.looks.includes("WASHED") ? "WASHED" : check.looks.includes("AS_FOUND") ? "AS_FOUND" : "AFTER_WORK";

/** A backlash or a span has a pad of its own, with the papers of the gears filled in. */
export function padOf(view: JobView, line: PlanLine): Subject | undefined {
  if (line.stage !== undefined && /^(MSP|MIN)-1$/.test(line.check)) {
    return view.meshes.some((m) => m.stage === line.stage)
      ? { kind: "BACKLASH", stage: line.stage, member: "WHEEL" }
      : undefined;
  }
  const gear = view.steps.find((step) => step.id === line.stepId)?.given.gear;
  return line.check === "GER-3" && gear && view.meshes.some((m) => m.stage === gear.stage)
    ? { kind: "SPAN", stage: gear.stage, member: gear.member }
    : undefined;
}

/** The drawer that measures a mesh of its own kind. */
export const drawerOf = (view: JobView, line: PlanLine): string | undefined =>
  line.check.endsWith("-1") ? view.otherMeshes.find((m) => m.stage === line.stage)?.drawer : undefined;

const TAGS = { MUST: "must", SHOULD: "should", IN_DOUBT: "if in doubt" };

/** The state of a line in a word or two; a must that nobody made says so. */
export function tagOf(line: PlanLine): string {
  switch (line.state) {
    case "OPEN":
      return line.conditional ? "if it has one" : TAGS[line.level];
    case "SEEN":
      return line.says;
    case "MEASURED":
      return {
        CLEAR_PASS: "in limits",
        DOUBTFUL: "doubtful",
        CLEAR_FAIL: "out of limits",
        NOT_JUDGED: "measured",
      }[line.verdict];
    case "STALE":
      return "measure again";
    case "NOT_POSSIBLE":
      return "not possible";
    case "NOT_NEEDED":
      return "not needed";
  }
}

/** How a line is told: open, fine, wants something, bad, left. */
export function toneOf(line: PlanLine): "open" | "soft" | "good" | "warn" | "bad" | "left" {
  if (line.state === "OPEN" || line.state === "STALE") {
    return isMust(line) ? "open" : "soft";
  }
  if (line.state === "NOT_POSSIBLE") {
    return "left";
  }
  return ({ CLEAR_PASS: "good", DOUBTFUL: "warn", CLEAR_FAIL: "bad", NOT_JUDGED: "soft" } as const)[
    line.verdict
  ];
}

/** "7 of 19 done, about 25 min left". */
export function progress(view: JobView): string {
  const musts = linesFor(view, false).filter(isMust);
  const open = view.plan?.openMusts ?? 0;
  const minutes = Math.max(1, Math.ceil(view.plan?.openMinutes ?? 0));
  return open === 0
    ? `All ${musts.length} musts answered`
    : `${musts.length - open} of ${musts.length} musts done, about ${minutes} min left`;
}

/**
 * Open musts that are gone once the part is washed, the part that came off last first; of meshes those that can be read before the unit is
 * opened.
 */
export function asFound(view: JobView, of: "PARTS" | "MESHES", checks: Check[]): PlanLine[] {
  const looks = (line: PlanLine) => checks.find((c) => c.id === line.check)?.looks ?? [];
  const lines = linesFor(view, false).filter((line) => isMust(line) && isOpen(line));
  return of === "MESHES"
    ? lines.filter((line) => line.stage !== undefined && looks(line).includes("AS_FOUND"))
    : lines
        .filter((line) => line.stepId !== undefined && looks(line).join() === "AS_FOUND")
        .sort((a, b) => b.number - a.number);
}

/** Each part in the picture: something bad was found, something must still be looked at, or all musts are answered. */
export function marksOf(view: JobView): Map<string, "open" | "done" | "bad"> {
  const marks = new Map<string, "open" | "done" | "bad">();
  for (const line of linesFor(view, false)) {
    if (line.stepId === undefined) {
      continue;
    }
    const before = marks.get(line.stepId);
    if (line.verdict === "CLEAR_FAIL" || before === "bad") {
      marks.set(line.stepId, "bad");
    } else if (isMust(line)) {
      marks.set(line.stepId, isOpen(line) || before === "open" ? "open" : "done");
    }
  }
  return marks;
}

/** Reasons why a check is not made; their words stand with all others. */
export const NOT_POSSIBLE: LeftRequest["why"][] = [
  "NO_TOOL",
  "NOT_STRIPPED",
  "PART_MISSING",
  "SURFACE_GONE",
  "UNSAFE",
  "NO_LIMIT",
];
export const NOT_NEEDED: LeftRequest["why"][] = [
  "NOT_FITTED",
  "RENEWED_ANYWAY",
  "SINGLE_USE",
  "SEALED_GROUP",
  "COVERED",
];
