import type { ShaftStackData, StackItem } from "../../api/types";
import { BOTTOM, type Heights, heightsOf } from "./heights";
import type { Axis, PlacedCase, PlacedMate, PlacedPart, PlacedShaft, StackLayout } from "./placed";
import { planes, type SlotWidth } from "./planes";
import { positionsOf, slidesBetween } from "./positions";
import { type Block, blocksOf, type Row } from "./rows";
import { EDGE, GAP, RADII, total, WALL, widthOf } from "./sizes";
import { assemblyWidth, placeSlot } from "./wheels";

const NAMES = 96;
const LABEL = 12;
/** Height of a line of names. */
const NAME = 16;
/** A shaft stands a little out of the wheel on its end. */
const END = 5;
/** Half the width of a printed digit, with a little air. */
const DIGIT = 4;
/** Cases stand beside each other up to this width, then below. */
export const WIDEST = 1180;

const widest = (rows: Row[], pick: (row: Row) => StackItem[]) =>
  Math.max(0, ...rows.map((r) => total(pick(r))));

/**
 * Lays the stack out on a sheet of about the given size; a crowded one grows wider. Plain arithmetic, no rule of the job. Shafts that
 * lie side by side have a case of their own, those in one axis a row of their own; where shafts cross, the cases stand beside each
 * other, and each shows the wheel of the other as it is seen from there.
 */
export function layOut(stack: ShaftStackData, wantedWidth = 860, wantedHeight = 256): StackLayout {
  const blocks = blocksOf(stack);
  const shares = sharesOf(stack, blocks, wantedWidth, wantedHeight);
  const sheet: StackLayout = {
    width: 0,
    height: 0,
    wall: WALL,
    cases: [],
    shafts: [],
    parts: [],
    mates: [],
    positions: [],
    slides: [],
    chains: [],
  };
  let x = 0;
  let y = 0;
  let row = 0;
  for (const [place, block] of blocks.entries()) {
    const placed = placeBlock(stack, block, shares[place] ?? 0, wantedHeight);
    if (x > 0 && x + placed.width > WIDEST) {
      x = 0;
      y += row;
      row = 0;
    }
    add(sheet, placed, x, y);
    x += placed.width;
    row = Math.max(row, placed.height);
    sheet.width = Math.max(sheet.width, x);
    sheet.height = Math.max(wantedHeight, y + row);
  }
  // The shafts keep the order of the unit, however they were sorted into cases.
  sheet.shafts.sort((a, b) => order(stack, a) - order(stack, b));
  label(sheet.parts);
  return sheet;
}

/** Width of each case: what it needs, and of two that stand beside each other an equal part of what is left over. */
function sharesOf(stack: ShaftStackData, blocks: Block[], wantedWidth: number, wantedHeight: number) {
  if (blocks.length !== 2) {
    return blocks.map(() => wantedWidth / Math.min(2, blocks.length));
  }
  const needed = blocks.map((block) => placeBlock(stack, block, 0, wantedHeight).width);
  const spare = Math.max(0, wantedWidth - sum(needed)) / 2;
  return needed.map((width) => width + spare);
}

const sum = (widths: number[]) => widths.reduce((a, b) => a + b, 0);

const order = (stack: ShaftStackData, shaft: PlacedShaft) =>
  stack.shafts.findIndex((s) => s.name === shaft.name);

function add(sheet: StackLayout, one: StackLayout, x: number, y: number): void {
  sheet.cases.push(
    ...one.cases.map((c) => ({
      left: c.left + x,
      right: c.right + x,
      top: c.top + y,
      bottom: c.bottom + y,
      holes: c.holes.map((h) => ({ ...h, y: h.y + y })),
    })),
  );
  sheet.shafts.push(
    ...one.shafts.map((s) => ({
      ...s,
      from: s.from + x,
      to: s.to + x,
      y: s.y + y,
      nameAt: { x: s.nameAt.x + x, y: s.nameAt.y + y },
    })),
  );
  sheet.parts.push(
    ...one.parts.map((p) => ({
      ...p,
      x: p.x + x,
      y: p.y + y,
      labelX: p.labelX === undefined ? undefined : p.labelX + x,
      labelY: p.labelY === undefined ? undefined : p.labelY + y,
    })),
  );
  sheet.mates.push(...one.mates.map((m) => ({ ...m, x: m.x + x, y: m.y + y, partnerY: m.partnerY + y })));
  sheet.positions.push(...one.positions.map((p) => ({ ...p, x: p.x + x, y: p.y + y })));
  sheet.slides.push(...one.slides.map((s) => ({ y: s.y + y, from: s.from + x, to: s.to + x })));
  sheet.chains.push(...one.chains.map((c) => ({ x: c.x + x, from: c.from + y, to: c.to + y })));
}

function placeBlock(stack: ShaftStackData, block: Block, wantedWidth: number, wantedHeight: number) {
  const { rows } = block;
  const bare = heightsOf(block, stack, wantedHeight);
  // Wheels that face each other reach down to the case: the names of their positions stand below them.
  const named = stack.meetings.some((m) => m.drivenBy !== m.stage && m.positions.length > 0);
  const heights = named ? { ...bare, bottom: bare.bottom + NAME } : bare;
  const widthOfSlot: SlotWidth = (slot) => assemblyWidth(slot, heights.scaleOf, block.mates);
  const { centres, halves, needed } = planes(block, heights, widthOfSlot);
  const outLeft = Math.max(46, widest(rows, (r) => r.outLeft) + EDGE);
  const outRight = Math.max(46, widest(rows, (r) => r.outRight) + EDGE);
  const inside = Math.max(needed, wantedWidth - NAMES - outLeft - outRight - 2 * WALL);
  const caseLeft = NAMES + outLeft + WALL;
  const caseRight = caseLeft + inside;
  const width = caseRight + WALL + outRight;
  const spare = inside - needed;
  const stages = [...centres.keys()];
  const plane = (stage: number) =>
    caseLeft + (centres.get(stage) ?? 0) + (spare * (stages.indexOf(stage) + 1)) / (stages.length + 1);
  const ruler: Ruler = { caseLeft, caseRight, plane, scaleOf: heights.scaleOf, widthOfSlot, block, stack };

  const shafts: PlacedShaft[] = [];
  const parts: PlacedPart[] = [];
  const holes: PlacedCase["holes"] = [];
  rows.forEach((row, r) => {
    const radius = heights.radii[r] ?? 6;
    const bore = heights.bores[r] ?? 12;
    const open = {
      left: row.wallLeft.length > 0 ? bore : radius + 2,
      right: row.wallRight.length > 0 ? bore : radius + 2,
    };
    const y = heights.centres[r] ?? 0;
    const first = r === 0 && row.shafts[0] === 0;
    const leaves = row.shafts.some((s) => stack.shafts[s]?.isOutput);
    const whole = {
      from: first || row.outLeft.length > 0 ? caseLeft - WALL - outLeft + EDGE : caseLeft - WALL,
      to: leaves || row.outRight.length > 0 ? width - EDGE : caseRight + WALL,
    };
    const axis: Axis = { radius, bore, y, row: r };
    const here = rowParts(row, axis, ruler);
    const overhung = endOfOverhung(row, here);
    if (overhung !== undefined) {
      whole.to = overhung;
      open.right = 0;
    }
    parts.push(...here);
    holes.push({ y, ...open });
    // Below what hides the name: all of the row, or what stands outside where two wheels fill the case.
    const isFaced = here.some((p) => p.isMirrored);
    const beside = isFaced ? here.filter((p) => p.x > caseRight) : here;
    const below = y + Math.max(radius, ...beside.map((p) => p.outer));
    const ends = endsOf(row, stack, whole, plane, halves, here);
    row.shafts.forEach((s, place) => {
      const shaft = stack.shafts[s];
      const [from, to] = ends[place] ?? [whole.from, whole.to];
      if (shaft) {
        shafts.push({
          name: shaft.name,
          y,
          radius,
          bore,
          holes: open,
          from,
          to,
          isIn: shaft.isIn,
          nameAt:
            place === 0
              ? { x: 4, y: y + 5 }
              : isFaced
                ? { x: caseRight + WALL + 6, y: below + 16 }
                : { x: from + 14, y: below + 16 },
        });
      }
    });
  });
  const positions = positionsOf(stack, parts, heights.bottom, (stage) =>
    centres.has(stage) ? plane(stage) : undefined,
  );
  return {
    width,
    height: Math.max(wantedHeight, heights.bottom + BOTTOM),
    wall: WALL,
    cases: [{ left: caseLeft, right: caseRight, top: heights.top, bottom: heights.bottom, holes }],
    shafts,
    parts,
    mates: matesOf(block, stack, heights, plane),
    positions,
    slides: slidesBetween(positions, stack),
    chains: chainsOf(rows, stack, heights, plane),
  };
}

/** Where a shaft ends whose last part is a bevel pinion: it does not run through the axis of the wheel. */
function endOfOverhung(row: Row, parts: PlacedPart[]): number | undefined {
  const beyond = row.right.length + row.wallRight.length + row.outRight.length;
  const pinion = parts.find((p) => p.item === row.inner.at(-1)?.items.at(-1));
  return beyond === 0 && pinion?.item.role === "BEVEL_PINION" ? pinion.x + pinion.width : undefined;
}

/** Where each shaft of an axis begins and ends: one stops in the stage, the next begins behind it. */
function endsOf(
  row: Row,
  stack: ShaftStackData,
  whole: { from: number; to: number },
  plane: (stage: number) => number,
  halves: Map<number, number>,
  parts: PlacedPart[],
): [number, number][] {
  let from = whole.from;
  return row.shafts.map((s, place) => {
    const gap = facingOn(s, stack, parts);
    if (gap && place < row.shafts.length - 1) {
      const start = from;
      from = gap.to;
      return [start, gap.from];
    }
    const joint = row.inner.find(
      (slot) => slot.shaft === s && stack.meetings.some((m) => m.stage === slot.stage && m.lie === "COAXIAL"),
    );
    if (place === row.shafts.length - 1 || !joint) {
      return [from, whole.to];
    }
    const start = from;
    const half = halves.get(joint.stage) ?? 0;
    from = plane(joint.stage) + half - 9;
    return [start, plane(joint.stage) + half / 2];
  });
}

/** Between two bevel wheels that face each other on shafts of their own, where the first shaft ends and the next begins. */
function facingOn(shaft: number, stack: ShaftStackData, parts: PlacedPart[]) {
  const second = stack.meetings.find((m) => m.drivenBy !== m.stage);
  const first = stack.meetings.find((m) => m.stage === second?.drivenBy && m.driven - 1 === shaft);
  const [left, right] = [first, second].map((m) =>
    parts.find((p) => p.item.stage === m?.stage && p.item.role === "BEVEL_WHEEL"),
  );
  return first && left && right ? { from: left.x + left.width + END, to: right.x - END } : undefined;
}

function matesOf(
  block: Block,
  stack: ShaftStackData,
  heights: Heights,
  plane: (stage: number) => number,
): PlacedMate[] {
  return block.mates
    .filter((m) => m.item.diameter > 0)
    .map((m) => {
      const scale = heights.scaleOf(m.meeting.stage);
      const partnerY = heights.centres[m.row] ?? 0;
      const off = m.meeting.centreDistance * scale;
      return {
        key: keyOf(m.item) ?? "",
        name: m.item.part,
        now: m.item.now,
        shaft: stack.shafts[m.shaft]?.name ?? "",
        x: plane(m.meeting.stage),
        y: m.isDriver ? partnerY - off : partnerY + off,
        radius: (m.item.diameter / 2) * scale,
        partnerY,
        hub: Math.min(12, ((m.item.diameter / 2) * scale) / 2.4),
      };
    });
}

/** Wheels that stand farther apart than they are large are joined by a chain. */
function chainsOf(
  rows: Row[],
  stack: ShaftStackData,
  heights: Heights,
  plane: (stage: number) => number,
): StackLayout["chains"] {
  return stack.meetings.flatMap((m) => {
    const ends = rows.flatMap((row, r) =>
      row.inner
        .filter((slot) => slot.stage === m.stage)
        .flatMap((slot) => slot.items.map((item) => ({ r, radius: item.diameter / 2 }))),
    );
    const [a, b] = ends;
    const apart = a && b && m.lie === "PARALLEL" && a.r !== b.r;
    return apart && m.centreDistance > a.radius + b.radius
      ? [{ x: plane(m.stage), from: heights.centres[a.r] ?? 0, to: heights.centres[b.r] ?? 0 }]
      : [];
  });
}

interface Ruler {
  caseLeft: number;
  caseRight: number;
  plane: (stage: number) => number;
  scaleOf: (stage: number) => number;
  widthOfSlot: SlotWidth;
  block: Block;
  stack: ShaftStackData;
}

/** Key of a step, or of a wheel of the papers that is in place; nothing for any other part in place. */
const keyOf = (item: StackItem) =>
  item.stepId ?? (item.stage > 0 ? `known-${item.stage}-${item.part}` : undefined);

function rowParts(row: Row, axis: Axis, ruler: Ruler): PlacedPart[] {
  const placed: PlacedPart[] = [];
  const keyed = (item: StackItem) => keyOf(item) ?? `known-${axis.row}-${item.part}`;
  const put = (item: StackItem, x: number) => placed.push(placePart(item, x, axis, keyed(item)));
  const rightwards = (items: StackItem[], from: number) => {
    let x = from;
    for (const item of items) {
      put(item, x);
      x += widthOf(item) + GAP;
    }
  };
  const leftwards = (items: StackItem[], from: number) => {
    let x = from;
    for (const item of [...items].reverse()) {
      x -= widthOf(item);
      put(item, x);
      x -= GAP;
    }
  };
  leftwards(row.outLeft, ruler.caseLeft - WALL - 2);
  rightwards(row.wallLeft, ruler.caseLeft - WALL);
  rightwards(row.left, ruler.caseLeft + GAP);
  let end = ruler.caseLeft + total(row.left) + EDGE;
  for (const slot of row.inner) {
    const wide = ruler.widthOfSlot(slot);
    if (slot.stage > 0) {
      const x = ruler.plane(slot.stage) - wide / 2;
      const meeting = ruler.stack.meetings.find((m) => m.stage === slot.stage);
      for (const part of placeSlot(
        slot,
        x,
        wide,
        axis,
        ruler.scaleOf(slot.stage),
        meeting,
        ruler.block.mates,
      )) {
        placed.push({
          ...part,
          key: keyed(part.item),
          labelY: part.item.number > 0 ? labelHeight(part, axis) : undefined,
        });
      }
      end = Math.max(end, x + wide + GAP);
    } else {
      rightwards(slot.items, end);
      end += wide + GAP;
    }
  }
  leftwards(row.right, ruler.caseRight - GAP);
  leftwards(row.wallRight, ruler.caseRight + WALL);
  rightwards(row.outRight, ruler.caseRight + WALL + 2);
  const seen = new Map<string, number>();
  return placed.map((part) => {
    const times = seen.get(part.key) ?? 0;
    seen.set(part.key, times + 1);
    return times > 0 ? { ...part, key: `${part.key}-${times}` } : part;
  });
}

function placePart(item: StackItem, x: number, axis: Axis, key: string): PlacedPart {
  const outer = outerRadius(item, axis);
  const part = { key, item, x, width: widthOf(item), y: axis.y, inner: axis.radius, outer };
  return { ...part, labelY: item.number > 0 ? labelHeight(part, axis) : undefined };
}

/** A gear carries its number inside its upper half, everything else above itself. */
function labelHeight(part: Omit<PlacedPart, "key" | "labelY">, axis: Axis): number {
  const isInside = part.item.stage > 0 && part.labelX === undefined;
  return isInside && part.outer - part.inner > 20
    ? axis.y - (part.outer + part.inner) / 2 + 4
    : axis.y - part.outer - 4;
}

function outerRadius(item: StackItem, axis: Axis): number {
  switch (item.kind) {
    case "BEARING":
      return axis.bore;
    case "COVER":
    case "HOUSING":
      return axis.bore + 5;
    case "SHIM":
    case "GASKET":
      return axis.bore + 3;
    case "GEAR":
      return axis.radius * 2.4;
    default:
      return Math.min(axis.radius * (RADII[item.kind] ?? 1.5), axis.bore + 8);
  }
}

/** Raises a number that would touch its neighbour's. */
function label(parts: PlacedPart[]): void {
  const numbered = parts.filter((p) => p.labelY !== undefined).sort((a, b) => a.x - b.x);
  const done: { x: number; y: number; half: number }[] = [];
  for (const part of numbered) {
    const x = part.labelX ?? part.x + part.width / 2;
    const half = String(part.item.number).length * DIGIT;
    let y = part.labelY ?? 0;
    while (done.some((d) => Math.abs(d.x - x) < d.half + half && Math.abs(d.y - y) < LABEL)) {
      y -= LABEL;
    }
    part.labelY = y;
    done.push({ x, y, half });
  }
}
