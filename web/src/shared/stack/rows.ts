import type { ShaftStackData, StackItem, StackMeeting } from "../../api/types";

/** A place along a row: one part, or the wheels of a stage, which stand in the plane of that stage in every row. */
export interface Slot {
  /** 0 for a part that belongs to no stage. */
  stage: number;
  items: StackItem[];
  /** The shaft whose parts these are, 0 first. */
  shaft: number;
}

/** What lies in one axis: a shaft, or several one behind the other with the stages that join them. */
export interface Row {
  /** Its shafts from left to right; none for the axis of a wheel that is seen end on. */
  shafts: number[];
  outLeft: StackItem[];
  wallLeft: StackItem[];
  left: StackItem[];
  inner: Slot[];
  right: StackItem[];
  wallRight: StackItem[];
  outRight: StackItem[];
}

/** A wheel of a crossing shaft as it is seen from this one. */
export interface Mate {
  item: StackItem;
  meeting: StackMeeting;
  /** Row of this case in which its partner stands. */
  row: number;
  /** The shaft it sits on. */
  shaft: number;
  /** True for the driver of the stage, which is drawn above what it drives. */
  isDriver: boolean;
}

/** Shafts that lie side by side, in a case of their own on the sheet. */
export interface Block {
  rows: Row[];
  mates: Mate[];
}

/** The stage whose bevel pinion drives the wheel of this one too, from between the two. */
const facing = (m: StackMeeting, meetings: StackMeeting[]) =>
  m.drivenBy === m.stage ? undefined : meetings.find((o) => o.stage === m.drivenBy);

const isPaperWheel = (item: StackItem) => item.role !== undefined && item.role !== null;

/** Sorts the shafts into cases and axes: what crosses is drawn in a case beside, what lies in one axis in one row. */
export function blocksOf(stack: ShaftStackData): Block[] {
  const count = stack.shafts.length;
  const axis = sets(count);
  const side = sets(count);
  const known = stack.meetings.filter((m) => m.driver <= count && m.driven <= count);
  for (const m of known) {
    if (m.lie === "COAXIAL") {
      axis.join(m.driver - 1, m.driven - 1);
    }
    // What one pinion drives on either side of it lies in one axis.
    const first = facing(m, known);
    if (first) {
      axis.join(first.driven - 1, m.driven - 1);
      side.join(first.driven - 1, m.driven - 1);
    }
    if (m.lie === "COAXIAL" || m.lie === "PARALLEL") {
      side.join(m.driver - 1, m.driven - 1);
    }
  }
  // What the papers do not join stands below the first shafts.
  const joined = new Set(known.flatMap((m) => [m.driver - 1, m.driven - 1]));
  for (let s = 0; s < count; s++) {
    if (!joined.has(s)) {
      side.join(0, s);
    }
  }
  const blocks = grouped(count, side.of).map((shafts) => ({
    rows: grouped(count, axis.of)
      .filter((line) => shafts.includes(line[0] ?? 0))
      .map((line) => rowOf(stack, line, known)),
    mates: [] as Mate[],
  }));
  // A pinion between two wheels is seen once from them, and they are seen as one from its shaft.
  for (const m of known.filter((k) => (k.lie === "CROSSING" || k.lie === "SKEW") && !facing(k, known))) {
    addMates(blocks, stack, m);
  }
  return blocks;
}

function addMates(blocks: Block[], stack: ShaftStackData, meeting: StackMeeting): void {
  for (const isDriver of [true, false]) {
    const [own, other] = isDriver ? [meeting.driven, meeting.driver] : [meeting.driver, meeting.driven];
    const block = blocks.find((b) => b.rows.some((r) => r.shafts.includes(own - 1)));
    const item = stack.shafts[other - 1]?.items.find((i) => i.stage === meeting.stage && isPaperWheel(i));
    if (block && item) {
      const row = block.rows.findIndex((r) => r.shafts.includes(own - 1));
      block.mates.push({ item, meeting, row, shaft: other - 1, isDriver });
    }
  }
}

function rowOf(stack: ShaftStackData, line: number[], meetings: StackMeeting[]): Row {
  const row: Row = {
    shafts: line,
    outLeft: [],
    wallLeft: [],
    left: [],
    inner: [],
    right: [],
    wallRight: [],
    outRight: [],
  };
  line.forEach((s, place) => {
    const items = stack.shafts[s]?.items ?? [];
    const inside = items.filter((i) => i.zone === "INSIDE" && !isPaperWheel(i));
    const of = (zone: StackItem["zone"]) => items.filter((i) => i.zone === zone);
    const free = (list: StackItem[]) => {
      row.inner.push(...list.map((i) => ({ stage: 0, items: [i], shaft: s })));
    };
    const isFirst = place === 0;
    const isLast = place === line.length - 1;
    const left = inside.filter((i) => i.side === "LEFT");
    const right = inside.filter((i) => i.side === "RIGHT");
    if (isFirst) {
      row.outLeft = of("OUTSIDE_LEFT");
      row.wallLeft = of("WALL_LEFT");
      row.left = left;
    } else {
      free([...of("OUTSIDE_LEFT"), ...of("WALL_LEFT"), ...left]);
    }
    row.inner.push(...stagesOn(items).map((own) => ({ ...own, shaft: s })));
    free(inside.filter((i) => i.side === "MIDDLE"));
    if (isLast) {
      row.right = right;
      row.wallRight = of("WALL_RIGHT");
      row.outRight = of("OUTSIDE_RIGHT");
    } else {
      free([...right, ...of("WALL_RIGHT"), ...of("OUTSIDE_RIGHT")]);
    }
    // The stages that join this shaft with the next of its axis, in a row where one follows the other.
    const next = line[place + 1];
    for (const m of meetings) {
      if (m.lie === "COAXIAL" && next !== undefined && joins(m, s, next)) {
        row.inner.push({ stage: m.stage, items: m.members, shaft: s });
      }
    }
  });
  for (const m of meetings) {
    const first = facing(m, meetings);
    const into = row.inner.find((slot) => slot.stage === first?.stage);
    const own = row.inner.find((slot) => slot.stage === m.stage);
    if (into && own) {
      into.items = [...into.items, ...own.items];
      row.inner = row.inner.filter((slot) => slot !== own);
    }
  }
  return row;
}

const joins = (m: StackMeeting, a: number, b: number) =>
  (m.driver - 1 === a && m.driven - 1 === b) || (m.driver - 1 === b && m.driven - 1 === a);

function stagesOn(items: StackItem[]): { stage: number; items: StackItem[] }[] {
  const stages = [...new Set(items.filter(isPaperWheel).map((i) => i.stage))].sort((a, b) => a - b);
  return stages.map((stage) => ({
    stage,
    items: items.filter((i) => isPaperWheel(i) && i.stage === stage),
  }));
}

/** Numbers that belong together, those of a set in rising order, the sets by their first. */
function grouped(count: number, of: (n: number) => number): number[][] {
  const found = new Map<number, number[]>();
  for (let n = 0; n < count; n++) {
    const key = of(n);
    found.set(key, [...(found.get(key) ?? []), n]);
  }
  return [...found.values()];
}

function sets(count: number) {
  const of = Array.from({ length: count }, (_, i) => i);
  return {
    of: (n: number) => of[n] ?? n,
    join(a: number, b: number) {
      const [from, to] = [of[b] ?? b, of[a] ?? a];
      of.forEach((set, i) => {
        if (set === from) {
          of[i] = to;
        }
      });
    },
  };
}
