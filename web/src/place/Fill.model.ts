import type { DrawerEntries, EnteredNumber, FillRequest } from "../api/types";
import { versionField, versionSent } from "../shared/version";

/** No can of the shelf: its name is typed. */
export const ELSEWHERE = "";

/** What was done at a place, as it is being typed. */
export interface FillFields {
  kind: FillRequest["kind"];
  on: string;
  /** Missing until somebody chose: the proposal stands. */
  lubricant?: string | undefined;
  can: string;
  amount: EnteredNumber;
  /** Filled until it ran from the plug or stood at the mark. */
  toTheMark: boolean | undefined;
  meter: EnteredNumber;
  /** What was said of what came out. */
  out: DrawerEntries;
  cameOut: boolean;
  source: string;
  despite: string;
  version: number;
}

const nothing: DrawerEntries = { fields: {}, readings: {} };

export const fillFields = (given: FillRequest | undefined, grease: boolean): FillFields => ({
  kind: given?.kind ?? "FILLED",
  on: given?.on ?? "",
  lubricant: given ? (given.lubricant ?? ELSEWHERE) : undefined,
  can: given?.can ?? "",
  amount: given?.amount ?? { text: "", unit: grease ? "g" : "L" },
  toTheMark: given?.toTheMark,
  meter: given?.meter ?? { text: "", unit: "" },
  out: given?.drained ?? nothing,
  cameOut: given?.drained !== undefined,
  source: given?.source ?? "",
  despite: given?.despite ?? "",
  version: versionField(given?.version),
});

const entered = (n: EnteredNumber) => (n.text.trim() === "" ? undefined : n);

/**
 * @param lubricant the can of the shelf that is meant: chosen, or the proposal
 * @param drained   the sheet of what came out, with what it starts with
 */
export const toRequest = (f: FillFields, lubricant: string, drained: DrawerEntries): FillRequest => ({
  version: versionSent(f.version),
  kind: f.kind,
  on: f.on === "" ? undefined : f.on,
  lubricant: lubricant === ELSEWHERE ? undefined : lubricant,
  can: f.can,
  amount: entered(f.amount),
  toTheMark: f.toTheMark,
  meter: entered(f.meter),
  drained: f.cameOut ? drained : undefined,
  source: f.source,
  despite: f.despite,
});
