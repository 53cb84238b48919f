import type { FittingRequest } from "../api/types";
import { versionField, versionSent } from "../shared/version";

/** What went on at a card, as it is being typed. */
export interface FittingFields {
  refitted: string;
  renewed: string;
  scrapped: string;
  wantedInstead: string;
  reason: string;
  /** Why it goes on although the check is not passed; empty when it is. */
  waiver: string;
  /** Screws ticked one by one, over all rounds; undefined where nobody ticked. */
  ticked: number | undefined;
  /** Value at which a setting stands now. */
  setTo: string;
  version: number;
}

const COUNTS = ["refitted", "renewed", "scrapped", "wantedInstead"] as const;

const whole = (text: string) => (/^\d{1,9}$/.test(text.trim()) ? Number(text.trim()) : undefined);

/** What was kept, to be corrected. */
export const fittingFields = (given: FittingRequest): FittingFields => ({
  refitted: String(given.refitted),
  renewed: String(given.renewed),
  scrapped: String(given.scrapped),
  wantedInstead: given.wantedInstead === undefined ? "" : String(given.wantedInstead),
  reason: given.reason,
  waiver: given.waiver ?? "",
  ticked: given.ticked,
  setTo: given.setTo ?? "",
  version: versionField(given.version),
});

/**
 * What a card starts with: what was fitted, or everything back as it came off, or everything new.
 *
 * @param pieces  pieces the unit wants
 * @param cameOff pieces that came off: none of what was missing
 */
export function startFields(
  given: FittingRequest | undefined,
  pieces: number,
  mustBeNew: boolean,
  cameOff: number,
): FittingFields {
  if (given?.done) {
    return fittingFields(given);
  }
  // More go in than came off: the rest is new.
  const old = mustBeNew ? 0 : Math.min(pieces, Math.max(cameOff, 0));
  return {
    refitted: String(old),
    renewed: String(pieces - old),
    scrapped: String(Math.max(0, cameOff - old)),
    wantedInstead: "",
    reason: "",
    waiver: given?.waiver ?? "",
    ticked: undefined,
    setTo: given?.setTo ?? "",
    version: versionField(given?.version),
  };
}

/** Counts that are none, by their field. */
export const badCounts = (f: FittingFields): Record<string, string> =>
  Object.fromEntries(
    COUNTS.filter((count) => f[count].trim() !== "" && whole(f[count]) === undefined).map((count) => [
      count,
      `“${f[count]}” is not a whole number of pieces.`,
    ]),
  );

export const toRequest = (f: FittingFields, done: boolean): FittingRequest => ({
  version: versionSent(f.version),
  done,
  refitted: whole(f.refitted) ?? 0,
  renewed: whole(f.renewed) ?? 0,
  scrapped: whole(f.scrapped) ?? 0,
  wantedInstead: whole(f.wantedInstead),
  reason: f.reason,
  waiver: f.waiver.trim() === "" ? undefined : f.waiver,
  ticked: f.ticked,
  setTo: f.setTo.trim() === "" ? undefined : f.setTo,
});
