import type { StackItem } from "../../api/types";

/** The shaft stack as it stands on the sheet. */
export interface StackLayout {
  width: number;
  height: number;
  wall: number;
  cases: PlacedCase[];
  shafts: PlacedShaft[];
  parts: PlacedPart[];
  mates: PlacedMate[];
  /** Names of the lever positions in which the stage above them carries. */
  positions: { stage: number; x: number; y: number; text: string }[];
  /** How far what slides goes from the plane of one position to that of the next. */
  slides: { y: number; from: number; to: number }[];
  /** Chains and belts between the wheels of two rows. */
  chains: { x: number; from: number; to: number }[];
}

/**
 * Where everything of the shaft stack stands on the sheet; plain arithmetic, no rule of the job. Shafts that lie side by side have a
 * case of their own, those in one axis a row of their own; where shafts cross, the cases stand beside each other, and each shows
 * the wheel of the other as it is seen from there.
 */
export interface PlacedCase {
  left: number;
  right: number;
  top: number;
  bottom: number;
  /** Holes in its walls, by the shafts that pass them. */
  holes: { y: number; left: number; right: number }[];
}

export interface PlacedShaft {
  name: string;
  y: number;
  radius: number;
  bore: number;
  /** Half height of the hole in each wall: the bore of a known bearing, else just the shaft. */
  holes: { left: number; right: number };
  from: number;
  to: number;
  isIn: boolean;
  /** Where its name stands. */
  nameAt: { x: number; y: number };
}

export interface PlacedPart {
  key: string;
  item: StackItem;
  /** Left edge, width, and the centre line the part is drawn about. */
  x: number;
  width: number;
  y: number;
  inner: number;
  outer: number;
  /** Radius at its narrow end, of a bevel gear; radius of the planet pins, of a carrier. */
  second?: number;
  /** True for a bevel gear whose back is to the right. */
  isMirrored?: boolean;
  /** Middle of its number where that is not the part's own. */
  labelX?: number;
  /** Height of the number above the part; undefined when it carries none. */
  labelY: number | undefined;
}

/** A wheel of another shaft, seen along its axis. */
export interface PlacedMate {
  key: string;
  name: string;
  now: StackItem["now"];
  shaft: string;
  x: number;
  y: number;
  radius: number;
  /** Height of the axis that it meshes across; its name stands on the other side. */
  partnerY: number;
  /** Width of its shaft's end. */
  hub: number;
}

/** What a part is drawn about. */
export interface Axis {
  y: number;
  radius: number;
  bore: number;
  row: number;
}
