import type { ShaftStackData, StackItem } from "../../api/types";
import type { Block, Row } from "./rows";
import { EDGE } from "./sizes";

export const TOP = 34;
export const BOTTOM = 4;

/** Height of a shaft, bore or cover that the papers say nothing of. */
const ROW = 76;
/** Share of the room to its neighbours that a stage in one axis takes. */
const OWN_ROOM = 0.46;

export interface Heights {
  /** Pixels for a unit of the diameters of a stage. */
  scaleOf: (stage: number) => number;
  centres: number[];
  radii: number[];
  bores: number[];
  top: number;
  bottom: number;
}

/** Heights of all rows of a case: those of the papers to scale, the others in even rows below them. */
export function heightsOf(block: Block, stack: ShaftStackData, height: number): Heights {
  const { rows } = block;
  const papers = rows.filter((row) => row.inner.some((slot) => slot.stage > 0));
  const scaled = papers.length > 0 ? toScale(block, papers, stack, height) : undefined;
  const even = Math.max(ROW, scaled ? 0 : (height - TOP - BOTTOM) / Math.max(rows.length, 1));
  const start = scaled ? scaled.bottom + 4 : TOP;
  const radius = Math.min(13, even * 0.14);
  let others = 0;
  const at = (row: Row, of: (i: number) => number | undefined, other: (i: number) => number) => {
    const place = papers.indexOf(row);
    return place >= 0 ? (of(place) ?? 0) : other(others);
  };
  const centres = rows.map((row) => {
    const y = at(
      row,
      (i) => scaled?.centres[i],
      (i) => start + even * (i + 0.56),
    );
    others += papers.includes(row) ? 0 : 1;
    return y;
  });
  const plain = Math.min(radius * 2.35, even * 0.36);
  return {
    scaleOf: scaled?.scaleOf ?? (() => 1),
    centres,
    radii: rows.map((row) =>
      at(
        row,
        (i) => scaled?.radii[i],
        () => radius,
      ),
    ),
    bores: rows.map((row) =>
      at(
        row,
        (i) => scaled?.bores[i],
        () => plain,
      ),
    ),
    top: TOP,
    bottom: others > 0 ? start + even * others + 4 : (scaled?.bottom ?? height - BOTTOM),
  };
}

/** How far a stage reaches from the axis of a row, up and down, in the units of its diameters. */
interface Reach {
  stage: number;
  row: number;
  up: number;
  down: number;
}

/**
 * Heights of the rows of the papers. Distances go by the square root of the centre distances, so that a small first stage stays
 * readable beside a large last one; each stage is true to scale in itself, so its gears meet.
 */
function toScale(block: Block, papers: Row[], stack: ShaftStackData, height: number): Heights {
  const gaps = papers.slice(1).map((row, i) => meetingOf(stack, papers[i], row));
  const known = gaps.flatMap((m) => (m ? [m.centreDistance] : []));
  // Where no pair of gears tells the distance it is drawn as the mean of the others.
  const mean = known.length > 0 ? known.reduce((a, b) => a + b, 0) / known.length : 1;
  const roots = gaps.map((m) => Math.sqrt(Math.max(1, m?.centreDistance ?? mean)));
  const reaches = reachesOf(block, papers, stack);
  const most = (stage: number) =>
    Math.max(1, ...reaches.filter((r) => r.stage === stage).flatMap((r) => [r.up, r.down]));
  // A stage is to scale by the gap that its gears stand across; the pairs of a cluster share one.
  const gapOf = new Map<number, number>();
  for (const m of stack.meetings.filter((k) => k.lie === "PARALLEL")) {
    const gap = papers.slice(1).findIndex((row, i) => isBetween(m, papers[i], row));
    if (gap >= 0) {
      gapOf.set(m.stage, gap);
    }
  }
  const room = (row: number) =>
    Math.min(roots[row - 1] ?? Number.POSITIVE_INFINITY, roots[row] ?? Number.POSITIVE_INFINITY);
  /** Scale of a stage where the whole drawing is one high: a stage across no gap fills the room of its row. */
  const unit = (stage: number) => {
    const gap = gapOf.get(stage);
    if (gap !== undefined) {
      const distance = stack.meetings.find((m) => m.stage === stage)?.centreDistance || mean;
      return (roots[gap] ?? 1) / Math.max(1, distance);
    }
    const row = reaches.find((r) => r.stage === stage)?.row ?? 0;
    const free = room(row);
    return (Number.isFinite(free) ? free * OWN_ROOM : 1) / most(stage);
  };
  const at = papers.map((_, i) => roots.slice(0, i).reduce((a, b) => a + b, 0));
  const upper = Math.min(0, ...reaches.map((r) => (at[r.row] ?? 0) - r.up * unit(r.stage)));
  const lower = Math.max(at.at(-1) ?? 0, ...reaches.map((r) => (at[r.row] ?? 0) + r.down * unit(r.stage)));
  const scale = (height - TOP - BOTTOM - 2 * EDGE) / Math.max(lower - upper, 1e-6);
  const scaleOf = (stage: number) => scale * unit(stage);
  const centres = at.map((y) => TOP + EDGE + (y - upper) * scale);
  const free = papers.map((_, i) => {
    const to = room(i) * scale;
    return Number.isFinite(to) ? to : (height - TOP - BOTTOM) / 2;
  });
  const radii = papers.map((row, i) => {
    const smallest = Math.min(30, ...row.inner.flatMap((s) => s.items.map((w) => solid(w, scaleOf))));
    return Math.max(5, Math.min(smallest * 0.6, 13, (free[i] ?? 0) * 0.16));
  });
  const bores = radii.map((r, i) => Math.min(r * 2.35, (free[i] ?? 0) * 0.37));
  const bottom = Math.max(
    TOP + 2 * EDGE + (lower - upper) * scale,
    (centres.at(-1) ?? 0) + (bores.at(-1) ?? 0) + 8 + EDGE,
  );
  return { scaleOf, centres, radii, bores, top: TOP, bottom };
}

/** Radius of a wheel that stands on the shaft itself; what is hollow or stands off tells nothing of the shaft. */
function solid(item: StackItem, scaleOf: (stage: number) => number): number {
  const hollow = ["PLANET", "RING", "CARRIER", "DISC", "RING_PINS", "NUT", "RACK"];
  return item.role && !hollow.includes(item.role) ? (item.diameter / 2) * scaleOf(item.stage) : 30;
}

function reachesOf(block: Block, papers: Row[], stack: ShaftStackData): Reach[] {
  const own = papers.flatMap((row, place) =>
    row.inner
      .filter((slot) => slot.stage > 0)
      .map((slot) => {
        const out = Math.max(1, ...slot.items.map((i) => reachOf(i, stack)));
        return { stage: slot.stage, row: place, up: out, down: out };
      }),
  );
  const mates = block.mates.flatMap((mate) => {
    const row = papers.indexOf(block.rows[mate.row] as Row);
    const radius = mate.item.diameter / 2;
    const off = mate.meeting.centreDistance;
    const [up, down] = mate.isDriver ? [off + radius, radius - off] : [radius - off, off + radius];
    return row >= 0 ? [{ stage: mate.meeting.stage, row, up: Math.max(0, up), down: Math.max(0, down) }] : [];
  });
  return [...own, ...mates];
}

function reachOf(item: StackItem, stack: ShaftStackData): number {
  const between = stack.meetings.find((m) => m.stage === item.stage)?.centreDistance ?? 0;
  return item.role === "PLANET" ? between + item.diameter / 2 : item.diameter / 2;
}

type Meeting = ShaftStackData["meetings"][number];

const isBetween = (m: Meeting, a: Row | undefined, b: Row | undefined) =>
  a !== undefined &&
  b !== undefined &&
  ((a.shafts.includes(m.driver - 1) && b.shafts.includes(m.driven - 1)) ||
    (b.shafts.includes(m.driver - 1) && a.shafts.includes(m.driven - 1)));

const meetingOf = (stack: ShaftStackData, a: Row | undefined, b: Row | undefined) =>
  stack.meetings.find((m) => m.lie === "PARALLEL" && m.centreDistance > 0 && isBetween(m, a, b));
