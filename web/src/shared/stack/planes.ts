import type { Heights } from "./heights";
import type { Block, Mate, Slot } from "./rows";
import { EDGE, GAP, total } from "./sizes";

export interface Planes {
  /** Centres of the planes of the stages inside the case, measured from its left wall. */
  centres: Map<number, number>;
  /** Room for a stage, either side of its centre. */
  halves: Map<number, number>;
  needed: number;
}

export type SlotWidth = (slot: Slot) => number;

const mateWidth = (mate: Mate, heights: Heights) =>
  mate.item.diameter * heights.scaleOf(mate.meeting.stage) + 2 * GAP;

/** Where the planes of the stages of a case stand: each in one plane in every row, in the order of their numbers. */
export function planes(block: Block, heights: Heights, widthOfSlot: SlotWidth): Planes {
  const { rows } = block;
  const cursor = rows.map((r) => total(r.left) + EDGE);
  const next = rows.map(() => 0);
  const stages = [...new Set(rows.flatMap((r) => r.inner.map((g) => g.stage)))]
    .filter((stage) => stage > 0)
    .sort((a, b) => a - b);
  const centres = new Map<number, number>();
  const halves = new Map<number, number>();
  let edge = EDGE;
  /** Passes the parts of a row up to the given stage, or to its end. */
  const pass = (r: number, stage: number | undefined) => {
    const inner = rows[r]?.inner ?? [];
    while ((next[r] ?? 0) < inner.length) {
      const slot = inner[next[r] ?? 0];
      if (!slot || slot.stage === stage) {
        return slot;
      }
      if (slot.stage > 0) {
        // The stages of a row that follow each other in another order than their numbers wait for their turn.
        if (stage !== undefined && (centres.has(slot.stage) || slot.stage > stage)) {
          return undefined;
        }
      } else {
        cursor[r] = (cursor[r] ?? 0) + widthOfSlot(slot) + GAP;
      }
      next[r] = (next[r] ?? 0) + 1;
    }
    return undefined;
  };
  for (const stage of stages) {
    const here = rows.flatMap((row, r) => {
      const slot = row.inner.some((s) => s.stage === stage) ? pass(r, stage) : undefined;
      const own = row.inner.find((s) => s.stage === stage);
      return slot || own ? [{ r, w: widthOfSlot((slot ?? own) as Slot) }] : [];
    });
    const seen = block.mates.filter((m) => m.meeting.stage === stage).map((m) => mateWidth(m, heights));
    const half = Math.max(...here.map((g) => g.w), ...seen) / 2;
    const centre = Math.max(edge + half, ...here.map((g) => (cursor[g.r] ?? 0) + g.w / 2));
    centres.set(stage, centre);
    halves.set(stage, half);
    edge = centre + half + GAP * 2;
    for (const g of here) {
      cursor[g.r] = centre + g.w / 2 + GAP;
      next[g.r] = (next[g.r] ?? 0) + 1;
    }
  }
  rows.forEach((_, r) => {
    pass(r, undefined);
  });
  const needed = Math.max(edge + EDGE, ...rows.map((r, s) => (cursor[s] ?? 0) + total(r.right) + EDGE));
  return { centres, halves, needed };
}
