import type { Check, EnteredNumber } from "../api/types";

/** A check of a part that is to be measured. */
export interface Wanted {
  /** The part; a mesh has a stage in its place. */
  stepId?: string | undefined;
  stage?: number | undefined;
  check: Check;
  /** True on a part where doubtful counts as failed. */
  strict: boolean;
}

const LENGTHS = ["mm", "µm"];

/** What the drawer of limits starts with: the edges of the check where they are known, and what part it is. */
export function limitEntries({ check, strict }: Wanted): Record<string, EnteredNumber> {
  const bare = (text: string): EnteredNumber => ({ text, unit: "" });
  const { limits } = check;
  const part = { part: bare(strict ? "STRICT" : "ORDINARY") };
  if (!limits) {
    return part;
  }
  const length = LENGTHS.includes(limits.unit);
  const tail = length ? "" : "Number";
  const edge = (name: string, value: number | undefined) =>
    value === undefined ? {} : { [name + tail]: { text: String(value), unit: length ? limits.unit : "" } };
  return {
    ...part,
    measure: bare(length ? "LENGTH" : "NUMBER"),
    direction: bare(limits.edges.shrinks ? "SHRINKS" : "GROWS"),
    ...edge("least", limits.edges.least),
    ...edge("mostNew", limits.edges.mostNew),
    ...edge("renew", limits.edges.renew),
    limitsFrom: bare(check.source.slice(0, 200)),
  };
}

/** What a drawer that judges a part is told of it; nothing where no part is wanted. */
export const strictEntry = (wanted: Wanted | undefined): Record<string, EnteredNumber> =>
  wanted ? { strict: { text: wanted.strict ? "YES" : "NO", unit: "" } } : {};
