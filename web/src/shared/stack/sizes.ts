import type { StackItem } from "../../api/types";

/** Sizes on the sheet of what the papers give none for. */

export const GAP = 5;
export const WALL = 24;
export const EDGE = 14;

const WIDTHS: Partial<Record<StackItem["kind"], number>> = {
  COVER: 17,
  COUPLING: 40,
  SEAL: 13,
  O_RING: 8,
  GASKET: 5,
  NUT: 20,
  TAB_WASHER: 6,
  WASHER: 6,
  COTTER_PIN: 10,
  BEARING: WALL,
  SPACER: 16,
  CIRCLIP: 6,
  KEY: 24,
  SPRING: 18,
  BALL: 14,
  ROLLER: 16,
  PIN: 12,
  SCREW: 26,
  PLUG: 20,
  FELT: 8,
  COLLET: 10,
  BUSH: 26,
  WORM: 54,
  RING_GEAR: 34,
  CARRIER: 22,
  CAM_DISC: 16,
  ECCENTRIC: 22,
  GEAR: 26,
  PAWL: 16,
  PLUNGER: 16,
  LEVER: 14,
  HOUSING: 24,
  SHAFT: 30,
};

/** Outer radius of a kind in multiples of its shaft's radius; covers and bearings follow the bore instead. */
export const RADII: Partial<Record<StackItem["kind"], number>> = {
  COUPLING: 2.3,
  SEAL: 1.75,
  O_RING: 1.4,
  NUT: 1.65,
  TAB_WASHER: 1.55,
  WASHER: 1.5,
  SPACER: 1.4,
  CIRCLIP: 1.35,
  COTTER_PIN: 1.4,
  FELT: 1.7,
  COLLET: 1.45,
  BUSH: 1.4,
  WORM: 1.9,
  RING_GEAR: 3,
  CARRIER: 2.3,
  CAM_DISC: 2.6,
  ECCENTRIC: 1.8,
  PAWL: 2.2,
  LEVER: 2.6,
  SHAFT: 1,
};

export function widthOf(item: StackItem): number {
  if (item.stage > 0 && item.width > 0) {
    return Math.min(76, Math.max(30, item.width * 0.95));
  }
  if (item.kind === "SHIM") {
    return 3 + 4 * Math.min(item.count, 5);
  }
  const one = WIDTHS[item.kind] ?? 18;
  return item.kind === "SPACER" ? one * Math.min(item.count, 3) : one;
}

/** Width of parts that stand beside each other, with the air between them. */
export const total = (items: StackItem[]) => items.reduce((sum, item) => sum + widthOf(item) + GAP, 0);
