import type { JobView, Station, Warning } from "../api/types";

/** Warnings that say the same of several parts, in one line. */
export interface Told {
  weight: Warning["weight"];
  title: string;
  consequence: string;
  /** The parts it is said of, in the order of the strip. */
  of: { stepId: string; number: number }[];
}

export interface Watch {
  /** What bites here and now, hardest first. */
  now: Told[];
  /** The rest, behind a count. */
  later: Told[];
}

/** At Strip the last steps are in the hands still: what they left open can be made good. */
const IN_HAND = 3;

const ORDER: Warning["weight"][] = ["DANGER", "CAUTION", "NOTE"];

/** What the watch says at a station, and what waits: at Strip what can still be avoided, at Build what bites on the card in hand. */
export function watchAt(view: JobView, station: Station, chosen: string | undefined, closed: boolean): Watch {
  if (closed) {
    return { now: [], later: [] };
  }
  const inHand = new Set(
    station === "STRIP" ? view.steps.slice(-IN_HAND).map((s) => s.id) : chosen === undefined ? [] : [chosen],
  );
  const bites = (w: Warning) => inHand.has(w.stepId) || (station !== "BUILD" && w.weight === "DANGER");
  return {
    now: told(view.watch.filter(bites)),
    later: told(view.watch.filter((w) => !bites(w))),
  };
}

/** Like ones in one line: same weight, same consequence. */
function told(warnings: Warning[]): Told[] {
  const groups = new Map<string, Warning[]>();
  for (const w of warnings) {
    const like = `${w.weight} ${w.consequence}`;
    groups.set(like, [...(groups.get(like) ?? []), w]);
  }
  return [...groups.values()]
    .map((like) => {
      const first = like[0] as Warning;
      return {
        weight: first.weight,
        title: like.length === 1 ? first.title : titleOf(like.map((w) => w.title)),
        consequence: first.consequence,
        of: like.map(({ stepId, number }) => ({ stepId, number })),
      };
    })
    .sort((a, b) => ORDER.indexOf(a.weight) - ORDER.indexOf(b.weight));
}

/** What the titles have in common, before or after the colon, and of how many parts. */
function titleOf(titles: string[]): string {
  const halves = titles.map((title) => title.split(": "));
  const same = (place: number) => halves.every((h) => h[place] === halves[0]?.[place]);
  const common = same(1) ? halves[0]?.[1] : same(0) ? halves[0]?.[0] : undefined;
  return `${common ?? titles[0]}: ${titles.length} parts`;
}

/** "3 dangers, 1 caution, 12 notes" of what waits. */
export function counted(later: Told[]): string {
  return (["DANGER", "CAUTION", "NOTE"] as const)
    .map((weight) => {
      const n = later.filter((t) => t.weight === weight).length;
      const word = weight.toLowerCase();
      return n === 0 ? "" : `${n} ${n === 1 ? word : `${word}s`}`;
    })
    .filter(Boolean)
    .join(", ");
}
