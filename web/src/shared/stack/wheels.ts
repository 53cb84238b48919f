import type { StackItem, StackMeeting } from "../../api/types";
import type { Axis, PlacedPart } from "./placed";
import type { Mate, Slot } from "./rows";
import { GAP, widthOf } from "./sizes";

/** Where the wheels of a stage stand in its plane, by what they are. */

type Unkeyed = Omit<PlacedPart, "key" | "labelY">;

/** A row of planet teeth, a cycloidal disc, the plates of a carrier, along their axis. */
const PLANET = 34;
const DISC = 24;
const DISC_GAP = 6;
const PLATE = 9;
const COUPLED = 18;
/** A bevel gear's boss behind its teeth. */
const BOSS = 10;
/** A worm is about this many of its diameters long, its wheel about this much of the worm's diameter wide. */
const WORM_LENGTH = 2.2;
const WORM_WHEEL = 0.75;
const RIM = 8;

/** Width on the sheet of what stands in a slot. */
export function assemblyWidth(slot: Slot, scaleOf: (stage: number) => number, mates: Mate[]): number {
  const scale = scaleOf(slot.stage);
  const first = slot.items[0];
  if (slot.stage > 0 && slot.items.length === 0) {
    return COUPLED;
  }
  switch (first?.role) {
    case "SUN":
    case "PLANET":
    case "RING":
    case "CARRIER":
      return slot.items.some((i) => i.role === "PLANET")
        ? planetRows(slot).length * (PLANET + GAP) + 2 * (PLATE + GAP)
        : widthOf(first);
    case "ECCENTRIC":
    case "DISC":
    case "RING_PINS":
      return Math.max(2, slot.items.filter((i) => i.role === "DISC").length) * (DISC + DISC_GAP) + 2 * GAP;
    case "SCREW":
    case "NUT":
      return 150;
    case "WORM":
      return Math.max(60, first.diameter * scale * WORM_LENGTH);
    case "WORM_WHEEL":
      return Math.max(26, (mateOf(slot, mates)?.item.diameter ?? 0) * scale * WORM_WHEEL);
    case "BEVEL_PINION":
    case "BEVEL_WHEEL": {
      const mate = mateOf(slot, mates)?.item.diameter ?? first.diameter;
      return mate * scale + 2 * BOSS;
    }
    case "FRICTION_DISC":
      return 14;
    default:
      return slot.items.reduce((sum, item) => sum + widthOf(item) + GAP, -GAP);
  }
}

const mateOf = (slot: Slot, mates: Mate[]) => mates.find((m) => m.meeting.stage === slot.stage);

/** The planes of a planetary stage: one for each row of teeth on its planets. */
const planetRows = (slot: Slot): StackItem[] => {
  const rows = slot.items.filter((i) => i.role === "PLANET");
  // Planets taken off one by one stand in one plane; rows of different teeth stand beside each other.
  return rows.filter((item, i) => rows.findIndex((r) => r.diameter === item.diameter) === i);
};

/** Every wheel of a slot whose left edge and width are given. */
export function placeSlot(
  slot: Slot,
  x: number,
  wide: number,
  axis: Axis,
  scale: number,
  meeting: StackMeeting | undefined,
  mates: Mate[],
): Unkeyed[] {
  const role = slot.items[0]?.role;
  switch (role) {
    case "SUN":
    case "PLANET":
    case "CARRIER":
      return planetary(slot, x, wide, axis, scale, meeting?.centreDistance ?? 0);
    case "ECCENTRIC":
    case "DISC":
    case "RING_PINS":
      return cycloidal(slot, x, wide, axis, scale);
    case "SCREW":
    case "NUT":
      return screw(slot, x, wide, axis, scale);
    case "BEVEL_PINION":
    case "BEVEL_WHEEL":
      return slot.items.map((item) => {
        const placed = bevel(item, x, axis, scale, mateOf(slot, mates)?.item);
        // The wheel on the other side of the pinion looks back at the first.
        return item.stage === slot.stage
          ? placed
          : { ...placed, x: 2 * x + wide - placed.x - placed.width, isMirrored: true };
      });
    default:
      return inLine(slot, x, wide, axis, scale);
  }
}

function inLine(slot: Slot, x: number, wide: number, axis: Axis, scale: number): Unkeyed[] {
  const each = (wide + GAP) / Math.max(1, slot.items.length) - GAP;
  return slot.items.map((item, i) => {
    const outer = Math.max(axis.radius + 4, (item.diameter / 2) * scale);
    const inner = item.role === "RING" ? outer * 0.82 : axis.radius;
    return { item, x: x + i * (each + GAP), width: each, y: axis.y, inner, outer };
  });
}

function planetary(
  slot: Slot,
  x: number,
  wide: number,
  axis: Axis,
  scale: number,
  between: number,
): Unkeyed[] {
  const rows = planetRows(slot);
  const left = x + PLATE + GAP + GAP / 2;
  const plane = (row: number) => left + Math.max(0, row) * (PLANET + GAP);
  const pin = between * scale;
  const ringsOf = slot.items.filter((i) => i.role === "RING");
  // What lies behind is drawn first, so that a finger finds what lies before it.
  const depth = (item: StackItem) => ["CARRIER", "RING", "PLANET", "SUN"].indexOf(item.role ?? "SUN");
  return [...slot.items]
    .sort((a, b) => depth(a) - depth(b))
    .map((item) => {
      const radius = (item.diameter / 2) * scale;
      const base = { item, y: axis.y, width: PLANET };
      switch (item.role) {
        case "SUN":
          return { ...base, x: plane(0), inner: 0, outer: radius };
        case "PLANET": {
          const row = rows.findIndex((r) => r.diameter === item.diameter);
          return { ...base, x: plane(row), inner: pin - radius, outer: pin + radius };
        }
        case "RING": {
          // With as many rings as rows each has its own; a single ring meshes with the last row.
          const row = ringsOf.length === rows.length ? ringsOf.indexOf(item) : rows.length - 1;
          const planet = ((rows[row]?.diameter ?? 0) / 2) * scale;
          const inside = Math.min(radius - 2, pin + planet - 3);
          return { ...base, x: plane(row), inner: inside, outer: radius + RIM };
        }
        default:
          return {
            ...base,
            x,
            width: wide,
            inner: axis.radius,
            outer: pin + ((rows.at(-1)?.diameter ?? 0) / 5) * scale,
            second: pin,
            // Its middle is full of planets: the number stands over its left plate.
            labelX: x + PLATE / 2,
          };
      }
    });
}

function cycloidal(slot: Slot, x: number, wide: number, axis: Axis, scale: number): Unkeyed[] {
  const discs = slot.items.filter((i) => i.role === "DISC");
  const throwOf = 3;
  const eccentric = ((slot.items.find((i) => i.role === "ECCENTRIC")?.diameter ?? 0) / 2) * scale;
  return slot.items.map((item) => {
    const radius = (item.diameter / 2) * scale;
    switch (item.role) {
      case "DISC": {
        const place = discs.indexOf(item);
        return {
          item,
          x: x + GAP + place * (DISC + DISC_GAP),
          width: DISC,
          // Two discs stand opposite each other, so that they balance.
          y: axis.y + (place % 2 === 0 ? -throwOf : throwOf),
          inner: eccentric + 1,
          outer: radius,
        };
      }
      case "RING_PINS":
        return {
          item,
          x,
          width: wide,
          y: axis.y,
          inner: radius - 5,
          outer: radius + 4,
        };
      default:
        return {
          item,
          x: x + 2,
          width: wide - 4,
          y: axis.y,
          inner: axis.radius,
          outer: Math.max(axis.radius + 3, radius),
        };
    }
  });
}

function screw(slot: Slot, x: number, wide: number, axis: Axis, scale: number): Unkeyed[] {
  const bar = slot.items.find((i) => i.role === "SCREW");
  const radius = Math.max(6, Math.min(axis.bore, ((bar?.diameter ?? 0) / 2) * scale * 0.5));
  return slot.items.map((item) =>
    item.role === "SCREW"
      ? { item, x, width: wide, y: axis.y, inner: 0, outer: radius }
      : { item, x: x + wide * 0.36, width: wide * 0.28, y: axis.y, inner: radius, outer: radius * 2 },
  );
}

/** A bevel gear by its cones: its apex stands in the middle of the slot, its back to the left. */
function bevel(item: StackItem, x: number, axis: Axis, scale: number, mate: StackItem | undefined): Unkeyed {
  const heel = (item.diameter / 2) * scale;
  const other = ((mate?.diameter ?? item.diameter) / 2) * scale;
  const cone = Math.hypot(heel, other);
  const face = Math.min(item.width > 0 ? item.width * scale : cone / 3, cone * 0.6);
  const along = Math.max(8, (face * other) / cone);
  return {
    item,
    x,
    width: BOSS + along,
    y: axis.y,
    inner: axis.radius,
    outer: heel,
    second: Math.max(axis.radius, heel * (1 - face / cone)),
  };
}
