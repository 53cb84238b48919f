import type { Look, SeenRequest, SeenView } from "../api/types";

/** What a person said of a check at a look, if anything: the last word counts. */
export const wordOf = (seen: SeenView[], about: string | number, check: string, look: Look, by: string) =>
  seen
    .filter(
      (f) =>
        (f.given.stepId ?? f.given.stage) === about &&
        f.given.check === check &&
        f.given.look === look &&
        f.by === by,
    )
    .at(-1);

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
