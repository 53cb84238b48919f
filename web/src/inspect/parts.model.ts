import type { Check, DecisionView, JobView, Look, SeenRequest, SeenView } from "../api/types";

/** Families that every part is asked; the rest are of its own kind. */
const COMMON = ["ANY", "NEW"];
const WHOLE = "ANY-1";

export const familyOf = (check: string) => check.slice(0, 3);

/** Whether it is whole and what is of its own kind stand in front; what every part is asked besides stays folded. */
export function asked(part: DecisionView, checks: Check[]): { own: Check[]; common: Check[] } {
  const offered = part.checks.flatMap((id) => checks.find((c) => c.id === id) ?? []);
  const own = offered.filter((c) => c.id === WHOLE || !COMMON.includes(familyOf(c.id)));
  return { own, common: offered.filter((c) => !own.includes(c)) };
}

/** Nobody looked at it, and no new one goes in whatever is found. */
export const isUnseen = (part: DecisionView) =>
  !part.lookedAt && part.proposed !== "RENEW" && part.decided !== "RENEW";

/** The state of a part in a few words, never more than was looked at. */
export function stateOf(part: DecisionView): string {
  const [hardest] = part.standing;
  if (hardest && hardest.severity !== "SOUND") {
    return hardest.word;
  }
  if (part.open.length > 0 && part.standing.length > 0) {
    return `${part.open.length} to look at`;
  }
  if (!part.lookedAt) {
    return "not looked at";
  }
  return hardest ? hardest.word : "measured";
}

/** What a person said of a check at a look, if anything: the last word counts. */
export const wordOf = (seen: SeenView[], stepId: string, check: string, look: Look, by: string) =>
  seen
    .filter(
      (f) => f.given.stepId === stepId && f.given.check === check && f.given.look === look && f.by === by,
    )
    .at(-1);

/** The part to begin with: the one that is chosen, else the first nobody finished. */
export const startingPart = (view: JobView, chosen: string | undefined) =>
  view.decisions.find((d) => d.stepId === chosen) ??
  view.decisions.find((d) => isUnseen(d) || (d.open.length > 0 && d.proposed !== "RENEW")) ??
  view.decisions[0];

/** "[open] races" is asked of open ones only: "Races (open)". */
export function worded(lookAt: string): string {
  const [, when, what] = /^\[(.+?)\] (.+)$/.exec(lookAt) ?? [undefined, undefined, lookAt];
  const said = (what ?? "").charAt(0).toUpperCase() + (what ?? "").slice(1);
  return when === undefined ? said : `${said} (${when})`;
}

/** Limits as a mechanic says them; the table writes A, B and C for the least, the end of new and the renewal. */
export function edgesInWords(measured: string): string {
  const shrinks = measured.includes("↓");
  return measured
    .replace(/ ?[↑↓↕]/g, "")
    .replace(/A –,? ?/g, "")
    .replace(/\bA (?=[\d(])/g, shrinks ? "most " : "least ")
    .replace(/\bB (?=[\d(])/g, shrinks ? "new down to " : "new to ")
    .replace(/\bC (?=[\d(])/g, shrinks ? "renew below " : "renew past ");
}

/** Another word for what was found; what else was said of it stays. */
export const otherWord = (given: SeenRequest, word: string): SeenRequest => ({ ...given, word });

/** A note and a count as typed; an empty count means all pieces. */
export const withNote = (given: SeenRequest, note: { remark: string; pieces: string }): SeenRequest => ({
  ...given,
  remark: note.remark,
  pieces: note.pieces.trim() === "" ? undefined : Number(note.pieces.trim()),
});

export const noteOf = (given: SeenRequest) => ({
  remark: given.remark,
  pieces: given.pieces === undefined ? "" : String(given.pieces),
});
