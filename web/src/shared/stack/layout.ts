import type { ShaftStackData, StackItem } from "../../api/types";

/** Where everything of the shaft stack stands on the sheet; plain arithmetic, no rule of the job. */
export interface StackLayout {
  width: number;
  height: number;
  caseBox: { left: number; right: number; top: number; bottom: number };
  wall: number;
  shafts: PlacedShaft[];
  parts: PlacedPart[];
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
  /** Height of the number above the part; undefined when it carries none. */
  labelY: number | undefined;
}

const NAMES = 96;
const GAP = 5;
const WALL = 24;
const EDGE = 14;
const TOP = 34;
const BOTTOM = 4;
const LABEL = 12;
/** Half the width of a printed digit, with a little air. */
const DIGIT = 4;

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
const RADII: Partial<Record<StackItem["kind"], number>> = {
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

function widthOf(item: StackItem): number {
  if (item.stage > 0 && item.faceWidthMm > 0) {
    return Math.min(76, Math.max(30, item.faceWidthMm * 0.95));
  }
  if (item.kind === "SHIM") {
    return 3 + 4 * Math.min(item.count, 5);
  }
  const one = WIDTHS[item.kind] ?? 18;
  return item.kind === "SPACER" ? one * Math.min(item.count, 3) : one;
}

const total = (items: StackItem[]) => items.reduce((sum, item) => sum + widthOf(item) + GAP, 0);
const isPaperGear = (item: StackItem) => item.stage > 0;

interface Rows {
  outLeft: StackItem[];
  wallLeft: StackItem[];
  left: StackItem[];
  gears: StackItem[];
  middle: StackItem[];
  right: StackItem[];
  wallRight: StackItem[];
  outRight: StackItem[];
}

function rowsOf(items: StackItem[]): Rows {
  const inside = items.filter((i) => i.zone === "INSIDE" && !isPaperGear(i));
  return {
    outLeft: items.filter((i) => i.zone === "OUTSIDE_LEFT"),
    wallLeft: items.filter((i) => i.zone === "WALL_LEFT"),
    left: inside.filter((i) => i.side === "LEFT"),
    gears: items.filter(isPaperGear),
    middle: inside.filter((i) => i.side === "MIDDLE"),
    right: inside.filter((i) => i.side === "RIGHT"),
    wallRight: items.filter((i) => i.zone === "WALL_RIGHT"),
    outRight: items.filter((i) => i.zone === "OUTSIDE_RIGHT"),
  };
}

const widest = (rows: Rows[], pick: (row: Rows) => StackItem[]) =>
  Math.max(0, ...rows.map((r) => total(pick(r))));

/** Centres of the mesh planes inside the case, measured from its left wall, and the width they need in all. */
function planes(rows: Rows[]): { centres: Map<number, number>; needed: number } {
  const cursor = rows.map((r) => total(r.left) + EDGE);
  const stages = [...new Set(rows.flatMap((r) => r.gears.map((g) => g.stage)))].sort((a, b) => a - b);
  const centres = new Map<number, number>();
  let edge = EDGE;
  for (const stage of stages) {
    const here = rows.flatMap((r, s) =>
      r.gears.filter((g) => g.stage === stage).map((g) => ({ s, w: widthOf(g) })),
    );
    const half = Math.max(...here.map((g) => g.w)) / 2;
    const centre = Math.max(edge + half, ...here.map((g) => (cursor[g.s] ?? 0) + g.w / 2));
    centres.set(stage, centre);
    edge = centre + half + GAP * 2;
    for (const g of here) {
      cursor[g.s] = centre + g.w / 2 + GAP;
    }
  }
  const needed = Math.max(
    edge + EDGE,
    ...rows.map((r, s) => (cursor[s] ?? 0) + total(r.middle) + total(r.right) + EDGE),
  );
  return { centres, needed };
}

/** Lays the stack out on a sheet of about the given size; a crowded one grows wider. */
export function layOut(stack: ShaftStackData, wantedWidth = 860, wantedHeight = 256): StackLayout {
  const rows = stack.shafts.map((s) => rowsOf(s.items));
  const outLeft = Math.max(46, widest(rows, (r) => r.outLeft) + EDGE);
  const outRight = Math.max(46, widest(rows, (r) => r.outRight) + EDGE);
  const { centres, needed } = planes(rows);
  const inside = Math.max(needed, wantedWidth - NAMES - outLeft - outRight - 2 * WALL);
  const caseLeft = NAMES + outLeft + WALL;
  const caseRight = caseLeft + inside;
  const width = caseRight + WALL + outRight;

  const heights = vertical(stack, rows, wantedHeight);
  const shafts: PlacedShaft[] = stack.shafts.map((shaft, s) => ({
    name: shaft.name,
    y: heights.centres[s] ?? 0,
    radius: heights.radii[s] ?? 6,
    bore: heights.bores[s] ?? 12,
    holes: {
      left: (rows[s]?.wallLeft.length ?? 0) > 0 ? (heights.bores[s] ?? 0) : (heights.radii[s] ?? 0) + 2,
      right: (rows[s]?.wallRight.length ?? 0) > 0 ? (heights.bores[s] ?? 0) : (heights.radii[s] ?? 0) + 2,
    },
    from: s === 0 || total(rows[s]?.outLeft ?? []) > 0 ? caseLeft - WALL - outLeft + EDGE : caseLeft - WALL,
    to: s === stack.shafts.length - 1 || total(rows[s]?.outRight ?? []) > 0 ? width - EDGE : caseRight + WALL,
    isIn: shaft.isIn,
  }));

  const spare = inside - needed;
  const parts = rows.flatMap((row, s) =>
    shaftParts(row, s, shafts, {
      caseLeft,
      caseRight,
      plane: (stage) =>
        caseLeft +
        (centres.get(stage) ?? 0) +
        (spare * ([...centres.keys()].indexOf(stage) + 1)) / (centres.size + 1),
      scaleOf: heights.scaleOf,
    }),
  );
  label(parts);
  return {
    width,
    height: Math.max(wantedHeight, heights.bottom + BOTTOM),
    caseBox: { left: caseLeft, right: caseRight, top: heights.top, bottom: heights.bottom },
    wall: WALL,
    shafts,
    parts,
  };
}

/** Height of a shaft, bore or cover that the papers say nothing of. */
const ROW = 76;

interface Heights {
  scaleOf: (stage: number) => number;
  centres: number[];
  radii: number[];
  bores: number[];
  top: number;
  bottom: number;
}

/** Heights of all shafts: those of the papers to scale, the others in even rows below them. */
function vertical(stack: ShaftStackData, rows: Rows[], height: number): Heights {
  const ofPapers = rows.reduce((last, row, s) => (row.gears.length > 0 ? s + 1 : last), 0);
  const papers =
    ofPapers > 1
      ? toScale({ ...stack, shafts: stack.shafts.slice(0, ofPapers) }, rows.slice(0, ofPapers), height)
      : undefined;
  const even = Math.max(ROW, papers ? 0 : (height - TOP - BOTTOM) / Math.max(rows.length, 1));
  const start = papers ? papers.bottom + 4 : TOP;
  const others = rows.slice(papers ? ofPapers : 0);
  const radius = Math.min(13, even * 0.14);
  return {
    scaleOf: papers?.scaleOf ?? (() => 1),
    centres: [...(papers?.centres ?? []), ...others.map((_, i) => start + even * (i + 0.56))],
    radii: [...(papers?.radii ?? []), ...others.map(() => radius)],
    bores: [...(papers?.bores ?? []), ...others.map(() => Math.min(radius * 2.35, even * 0.36))],
    top: TOP,
    bottom: others.length > 0 ? start + even * others.length + 4 : (papers?.bottom ?? height - BOTTOM),
  };
}

/**
 * Heights of the shafts of the papers. Distances go by the square root of the centre distances, so that a small first
 * stage stays readable beside a large last one; each stage is true to scale in itself, so its gears meet.
 */
function toScale(stack: ShaftStackData, rows: Rows[], height: number): Heights {
  const last = stack.shafts.length - 1;
  const tip = (s: number) => Math.max(1, ...(rows[s]?.gears ?? []).map((g) => g.tipDiameterMm / 2));
  const known = stack.shafts.slice(0, last).filter((s) => s.centreToNextMm > 0);
  // Where no pair of gears tells the distance, as beside a worm, it is drawn as the mean of the others.
  const mean = known.reduce((sum, s) => sum + s.centreToNextMm, 0) / Math.max(1, known.length);
  const roots = stack.shafts.slice(0, last).map((s) => Math.sqrt(Math.max(1, s.centreToNextMm || mean)));
  const usable = height - TOP - BOTTOM - 2 * EDGE;
  const share =
    tip(0) / (roots[0] ?? 1) + roots.reduce((a, b) => a + b, 0) + tip(last) / (roots[last - 1] ?? 1);
  const distances = roots.map((root) => (usable / share) * root);
  // A stage is to scale by the gap that its gears stand across; the pairs of a cluster share one.
  const gapOf = (stage: number) => rows.findIndex((row) => row.gears.some((g) => g.stage === stage));
  const scaleOf = (stage: number) => usable / share / (roots[gapOf(stage)] ?? 1);

  const centres = [TOP + EDGE + Math.max((tip(0) * usable) / share / (roots[0] ?? 1), 14)];
  for (const distance of distances) {
    centres.push((centres.at(-1) ?? 0) + distance);
  }
  const room = (s: number) =>
    Math.min(distances[s - 1] ?? Number.POSITIVE_INFINITY, distances[s] ?? Number.POSITIVE_INFINITY);
  const radii = rows.map((row, s) => {
    const smallest = Math.min(...row.gears.map((g) => (g.tipDiameterMm / 2) * scaleOf(g.stage)), 30);
    return Math.max(5, Math.min(smallest * 0.6, 13, room(s) * 0.16));
  });
  const bores = radii.map((r, s) => Math.min(r * 2.35, room(s) * 0.37));
  const lowest = (tip(last) * usable) / share / (roots[last - 1] ?? 1);
  const bottom = (centres[last] ?? 0) + Math.max(lowest, (bores[last] ?? 0) + 8) + EDGE;
  return { scaleOf, centres, radii, bores, top: TOP, bottom };
}

interface Ruler {
  caseLeft: number;
  caseRight: number;
  plane: (stage: number) => number;
  scaleOf: (stage: number) => number;
}

function shaftParts(row: Rows, s: number, shafts: PlacedShaft[], ruler: Ruler): PlacedPart[] {
  const shaft = shafts[s];
  if (!shaft) {
    return [];
  }
  const placed: PlacedPart[] = [];
  const put = (item: StackItem, x: number) =>
    placed.push(place(item, x, shaft, ruler.scaleOf, `${s}-${placed.length}`));
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
  for (const gear of row.gears) {
    const x = ruler.plane(gear.stage) - widthOf(gear) / 2;
    put(gear, x);
    end = Math.max(end, x + widthOf(gear) + GAP);
  }
  rightwards(row.middle, end);
  leftwards(row.right, ruler.caseRight - GAP);
  leftwards(row.wallRight, ruler.caseRight + WALL);
  rightwards(row.outRight, ruler.caseRight + WALL + 2);
  return placed;
}

function place(
  item: StackItem,
  x: number,
  shaft: PlacedShaft,
  scaleOf: Ruler["scaleOf"],
  key: string,
): PlacedPart {
  const outer = outerRadius(item, shaft, scaleOf);
  return {
    key: item.stepId ?? `known-${key}`,
    item,
    x,
    width: widthOf(item),
    y: shaft.y,
    inner: shaft.radius,
    outer,
    labelY: item.number > 0 ? labelHeight(item, shaft, outer) : undefined,
  };
}

/** A gear carries its number inside its upper half, everything else above itself. */
function labelHeight(item: StackItem, shaft: PlacedShaft, outer: number): number {
  return isPaperGear(item) && outer - shaft.radius > 20
    ? shaft.y - (outer + shaft.radius) / 2 + 4
    : shaft.y - outer - 4;
}

function outerRadius(item: StackItem, shaft: PlacedShaft, scaleOf: Ruler["scaleOf"]): number {
  if (isPaperGear(item)) {
    return Math.max(shaft.radius + 4, (item.tipDiameterMm / 2) * scaleOf(item.stage));
  }
  switch (item.kind) {
    case "BEARING":
      return shaft.bore;
    case "COVER":
    case "HOUSING":
      return shaft.bore + 5;
    case "SHIM":
    case "GASKET":
      return shaft.bore + 3;
    case "GEAR":
      return shaft.radius * 2.4;
    default:
      return Math.min(shaft.radius * (RADII[item.kind] ?? 1.5), shaft.bore + 8);
  }
}

/** Raises a number that would touch its neighbour's. */
function label(parts: PlacedPart[]): void {
  const numbered = parts.filter((p) => p.labelY !== undefined).sort((a, b) => a.x - b.x);
  const done: { x: number; y: number; half: number }[] = [];
  for (const part of numbered) {
    const x = part.x + part.width / 2;
    const half = String(part.item.number).length * DIGIT;
    let y = part.labelY ?? 0;
    while (done.some((d) => Math.abs(d.x - x) < d.half + half && Math.abs(d.y - y) < LABEL)) {
      y -= LABEL;
    }
    part.labelY = y;
    done.push({ x, y, half });
  }
}
