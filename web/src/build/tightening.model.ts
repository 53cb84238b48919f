import type { Card } from "../api/types";

/** Where the ticks stand: everything is done in one order, so their number says it all. */
export interface Ticks {
  ticked: number;
  /** What they were made on: ticks of a part that came off again, or of another order, count for nothing. */
  of: string;
}

/** What ticks are made on: the order, the rounds and the state of the fitting. */
export const madeOn = (card: Pick<Card, "tightening" | "rounds">, version: number | undefined) =>
  JSON.stringify([card.tightening, card.rounds, version ?? 0]);

/** How far a card's screws are; an answer this device kept of an earlier version has no rounds, and nothing is ticked on it. */
export function progress(card: Pick<Card, "tightening" | "rounds">, ticked: number) {
  const rounds = card.rounds ?? [];
  const each = card.tightening.length;
  const all = each * rounds.length;
  const done = Math.min(ticked, all);
  const round = Math.min(Math.floor(done / each), rounds.length - 1);
  return {
    all,
    /** Rounds from 0. */
    round,
    /** Number of the screw that is next; undefined when all rounds are done. */
    next: done < all ? card.tightening[done % each] : undefined,
    isBegun: done > 0,
    isDone: done === all,
    /** True for a screw that is tight in the round that is under way. */
    isTight: (screw: number) => done === all || card.tightening.indexOf(screw) < done - round * each,
  };
}

/** So many are drawn large. */
export const FEW = 12;
const WIDEST = 132;
const WIDEST_OF_MANY = 176;

/** Places on the sheet, the top up, as large as fits. */
export function onTheSheet(screws: Card["screws"]) {
  const across = screws.map((s) => s.acrossMm);
  const up = screws.map((s) => s.upMm);
  const left = Math.min(...across);
  const top = Math.max(...up);
  const width = Math.max(...across) - left;
  const height = top - Math.min(...up);
  const scale = (screws.length <= FEW ? WIDEST : WIDEST_OF_MANY) / Math.max(width, height, 1);
  return {
    width: width * scale,
    height: height * scale,
    at: screws.map((s) => ({ x: (s.acrossMm - left) * scale, y: (top - s.upMm) * scale })),
  };
}
