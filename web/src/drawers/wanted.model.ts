import type { Check, DrawerView, EnteredNumber } from "../api/types";

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

/**
 * What a drawer starts with: of the papers and the log. A drawer of a rule takes only what stands under its own name, because rules call unlike things
 * alike: the radius of a gear is not that of a cord.
 */
export function prefill(
  drawer: DrawerView,
  known: Record<string, EnteredNumber>,
  wanted: Wanted | undefined,
): Record<string, EnteredNumber> {
  if (!drawer.isRule) {
    return known;
  }
  const own = Object.entries(known)
    .filter(([name]) => name.startsWith(`${drawer.name}.`))
    .map(([name, value]) => [name.slice(drawer.name.length + 1), value]);
  const strict = wanted ? { strict: { text: wanted.strict ? "YES" : "NO", unit: "" } } : {};
  return { ...Object.fromEntries(own), ...strict };
}
