import { describe, expect, it } from "vitest";
import type { ShaftStackData, StackItem, StackMeeting } from "../../api/types";
import { layOut } from "./layout";
import type { StackLayout } from "./placed";

/** Drawings of what is no pair on parallel shafts, checked as drawings: by what touches, lies in line and stays on the sheet. */

const wheel = (
  role: StackItem["role"],
  diameter: number,
  stage = 1,
  more: Partial<StackItem> = {},
): StackItem => ({
  number: 0,
  part: `${role} ${stage}`,
  kind: "GEAR",
  count: 1,
  zone: "INSIDE",
  side: "MIDDLE",
  stage,
  role,
  diameter,
  width: 0,
  now: "IN_PLACE",
  wayRound: "",
  tray: "",
  ...more,
});

const meeting = (more: Partial<StackMeeting>): StackMeeting => ({
  stage: 1,
  lie: "PARALLEL",
  drivenBy: more.stage ?? 1,
  driver: 1,
  driven: 2,
  centreDistance: 0,
  isToSize: true,
  inWords: "",
  positions: [],
  members: [],
  ...more,
});

const shaft = (name: string, ...items: StackItem[]) => ({
  name,
  isIn: true,
  isOutput: /output|slow|drum/.test(name),
  items,
});

// m 4, one start, 40 teeth, d1 40: a = (40 + 160)/2 = 100.
const wormBox: ShaftStackData = {
  housing: [],
  meetings: [meeting({ lie: "SKEW", centreDistance: 100 })],
  shafts: [shaft("worm shaft", wheel("WORM", 48)), shaft("wheel shaft", wheel("WORM_WHEEL", 168))],
};

// m 4, z 16/32 at 90°: outer diameters 64 and 128, R = √(32² + 64²).
const bevelBox: ShaftStackData = {
  housing: [],
  meetings: [meeting({ lie: "CROSSING" })],
  shafts: [
    shaft("input shaft", wheel("BEVEL_PINION", 64, 1, { width: 20 })),
    shaft("output shaft", wheel("BEVEL_WHEEL", 128, 1, { width: 20 })),
  ],
};

// The same pinion between two such wheels, each on an output shaft of its own.
const twinBox: ShaftStackData = {
  housing: [],
  meetings: [
    meeting({ lie: "CROSSING" }),
    meeting({ lie: "CROSSING", stage: 2, drivenBy: 1, driver: 1, driven: 3 }),
  ],
  shafts: [
    shaft("input shaft", wheel("BEVEL_PINION", 64, 1, { width: 20 })),
    shaft("left output", wheel("BEVEL_WHEEL", 128, 1, { width: 20 })),
    shaft("right output", wheel("BEVEL_WHEEL", 128, 2, { width: 20 })),
  ],
};

const set = (stage: number) => [
  wheel("SUN", 26, stage),
  wheel("PLANET", 26, stage, { count: 3 }),
  wheel("RING", 74, stage),
  wheel("CARRIER", 50, stage),
];

const winch: ShaftStackData = {
  housing: [],
  meetings: [
    meeting({ lie: "COAXIAL", centreDistance: 24, members: set(1) }),
    meeting({ stage: 2, lie: "COAXIAL", driver: 2, driven: 3, centreDistance: 24, members: set(2) }),
  ],
  shafts: [shaft("input shaft"), shaft("first sun shaft"), shaft("drum shaft"), shaft("pawl plate")],
};

const cycloidal: ShaftStackData = {
  housing: [],
  meetings: [
    meeting({
      lie: "COAXIAL",
      members: [
        wheel("ECCENTRIC", 11.6),
        wheel("DISC", 29, 1, { part: "upper disc", number: 1, stepId: "a" }),
        wheel("DISC", 29, 1, { part: "lower disc", number: 2, stepId: "b" }),
        wheel("RING_PINS", 32),
      ],
    }),
  ],
  shafts: [shaft("high-speed shaft"), shaft("slow-speed shaft")],
};

// A bevel stage whose output drives a pair of spur gears: 20 and 60 teeth of module 2.
const bevelHelical: ShaftStackData = {
  housing: [],
  meetings: [
    meeting({ lie: "CROSSING" }),
    meeting({ stage: 2, driver: 2, driven: 3, centreDistance: 80, positions: ["low"] }),
  ],
  shafts: [
    shaft("input shaft", wheel("BEVEL_PINION", 64)),
    shaft("intermediate shaft", wheel("BEVEL_WHEEL", 128), wheel("DRIVER", 44, 2)),
    shaft("output shaft", wheel("DRIVEN", 124, 2)),
  ],
};

const all: [string, ShaftStackData][] = [
  ["worm", wormBox],
  ["bevel", bevelBox],
  ["planetary", winch],
  ["cycloidal", cycloidal],
  ["bevel and helical", bevelHelical],
];

const part = (layout: StackLayout, role: StackItem["role"], stage = 1) => {
  const found = layout.parts.find((p) => p.item.role === role && p.item.stage === stage);
  if (!found) {
    throw new Error(`no ${role} on the sheet`);
  }
  return found;
};
const mate = (layout: StackLayout, name: string) => {
  const found = layout.mates.find((m) => m.name === name);
  if (!found) {
    throw new Error(`no ${name} seen end on`);
  }
  return found;
};

describe("the picture true to its kind", () => {
  it.each(all)("keeps a %s box on the sheet, every wheel inside a case", (_, stack) => {
    const layout = layOut(stack);
    for (const p of layout.parts) {
      const box = layout.cases.find((c) => p.x >= c.left - 1 && p.x + p.width <= c.right + 1);
      expect(box, p.item.part).toBeDefined();
      expect(p.y - p.outer).toBeGreaterThanOrEqual((box?.top ?? 0) - 4);
      expect(p.y + p.outer).toBeLessThanOrEqual((box?.bottom ?? 0) + 4);
    }
    for (const m of layout.mates) {
      expect(m.y - m.radius).toBeGreaterThanOrEqual(0);
      expect(m.y + m.radius).toBeLessThanOrEqual(layout.height);
    }
    const keys = layout.parts.map((p) => p.key);
    expect(new Set(keys).size).toBe(keys.length);
    expect(layout.shafts.map((s) => s.name)).toEqual(stack.shafts.map((s) => s.name));
  });

  it("draws a worm along its axis with its wheel end on, and the other way round beside it", () => {
    const layout = layOut(wormBox);
    expect(layout.cases).toHaveLength(2);
    const [worm, gear] = [part(layout, "WORM"), part(layout, "WORM_WHEEL")];
    const [wheelSeen, wormSeen] = [mate(layout, "WORM_WHEEL 1"), mate(layout, "WORM 1")];
    // In either view tips reach 8 mm into each other, of 100 mm between the axes: two modules of 4 mm.
    for (const [one, other] of [
      [worm.y + worm.outer, wheelSeen.y - wheelSeen.radius],
      [wormSeen.y + wormSeen.radius, gear.y - gear.outer],
    ]) {
      expect(((one ?? 0) - (other ?? 0)) / (gear.y - worm.y)).toBeCloseTo(8 / 100);
    }
    expect(wheelSeen.y).toBeCloseTo(gear.y);
    expect(wormSeen.y).toBeCloseTo(worm.y);
    expect(wheelSeen.x).toBeCloseTo(worm.x + worm.width / 2);
  });

  it("lets a bevel pinion end on the rim of its wheel, axis on axis, and not run through it", () => {
    const layout = layOut(bevelBox);
    const pinion = part(layout, "BEVEL_PINION");
    const seen = mate(layout, "BEVEL_WHEEL 1");
    expect(seen.y).toBeCloseTo(pinion.y);
    // The heel stands 10 px in front of the boss and at the wheel's outer radius from its axis.
    expect(seen.x - (pinion.x + 10)).toBeCloseTo(seen.radius);
    expect(seen.radius / pinion.outer).toBeCloseTo(128 / 64);
    // Face 20 mm along a cone distance of √(32² + 64²) = 71.55 mm: the toe is smaller by that share.
    expect((pinion.second ?? 0) / pinion.outer).toBeCloseTo(1 - 20 / Math.hypot(32, 64));
    const [input, output] = layout.shafts;
    expect(input?.to).toBeLessThan(seen.x);
    expect(output?.to).toBeGreaterThan(mate(layout, "BEVEL_PINION 1").x);
    expect(layout.cases[0]?.holes[0]?.right).toBe(0);
  });

  it("draws planetary stages in one axis: sun in planet in ring, shaft behind shaft", () => {
    const layout = layOut(winch);
    expect(layout.cases).toHaveLength(1);
    for (const stage of [1, 2]) {
      const [sun, planet, ring, carrier] = (["SUN", "PLANET", "RING", "CARRIER"] as const).map((role) =>
        part(layout, role, stage),
      );
      expect(planet?.inner).toBeLessThan(sun?.outer ?? 0);
      expect(ring?.inner).toBeLessThan(planet?.outer ?? 0);
      expect(ring?.outer).toBeGreaterThan(planet?.outer ?? 0);
      expect(new Set([sun?.y, planet?.y, ring?.y, carrier?.y]).size).toBe(1);
      // The planet turns on its pin, midway between its two sides.
      expect(carrier?.second).toBeCloseTo(((planet?.inner ?? 0) + (planet?.outer ?? 0)) / 2);
      expect(carrier?.x).toBeLessThan(planet?.x ?? 0);
    }
    const numbered = structuredClone(winch);
    for (const m of numbered.meetings) {
      m.members.forEach((item, i) => {
        Object.assign(item, { number: 10 * m.stage + i, stepId: `${m.stage}-${i}` });
      });
    }
    for (const carrier of layOut(numbered).parts.filter((p) => p.item.role === "CARRIER")) {
      // Over its left plate, clear of the planets that hide its middle.
      expect(carrier.labelX).toBeLessThan(carrier.x + 10);
      expect(carrier.labelY).toBeLessThan(carrier.y - carrier.outer);
    }
    const [input, second, drum, pawls] = layout.shafts;
    expect(input?.y).toBe(second?.y);
    expect(second?.y).toBe(drum?.y);
    expect(input?.to).toBeLessThan(second?.to ?? 0);
    expect(second?.from).toBeLessThan(drum?.from ?? 0);
    expect(pawls?.y).toBeGreaterThan((drum?.y ?? 0) + part(layout, "RING").outer);
  });

  it("stands two cycloidal discs opposite each other on their eccentric, inside the ring of pins", () => {
    const layout = layOut(cycloidal);
    const discs = layout.parts.filter((p) => p.item.role === "DISC");
    const [pins, eccentric] = [part(layout, "RING_PINS"), part(layout, "ECCENTRIC")];
    expect(discs.map((d) => Math.sign(d.y - eccentric.y))).toEqual([-1, 1]);
    for (const disc of discs) {
      expect(disc.outer).toBeLessThan(pins.outer);
      expect(disc.inner).toBeGreaterThan(eccentric.outer - 4);
    }
    expect((discs[1]?.x ?? 0) - (discs[0]?.x ?? 0)).toBeGreaterThan(discs[0]?.width ?? 0);
    expect(layout.parts.filter((p) => p.labelY !== undefined)).toHaveLength(2);
  });

  it("draws two outputs in one axis, their wheels facing each other over the one pinion", () => {
    const layout = layOut(twinBox);
    expect(layout.cases).toHaveLength(2);
    const [input, left, right] = layout.shafts;
    expect(left?.y).toBe(right?.y);
    expect(left?.to).toBeLessThan(right?.from ?? 0);
    const [first, second] = [1, 2].map((stage) => part(layout, "BEVEL_WHEEL", stage));
    expect(first?.isMirrored).toBeUndefined();
    expect(second?.isMirrored).toBe(true);
    // The pinion stands in the middle between them; it is seen once from there, and they are seen as one wheel from its shaft.
    const pinion = layout.mates.find((m) => m.shaft === "input shaft");
    expect(pinion?.x).toBeCloseTo(((first?.x ?? 0) + (second?.x ?? 0) + (second?.width ?? 0)) / 2);
    expect(pinion?.radius).toBeLessThanOrEqual((second?.x ?? 0) - (pinion?.x ?? 0) + (second?.width ?? 0));
    expect(layout.mates.map((m) => m.shaft).sort()).toEqual(["input shaft", "left output"]);
    expect(layout.parts.filter((p) => p.item.role === "BEVEL_PINION")).toHaveLength(1);
    expect(part(layout, "BEVEL_PINION", 1).y).toBe(input?.y);
  });

  it("shows how far a cluster slides from the plane of one position to the next, and nothing where nothing slides", () => {
    const pair = (stage: number) => [wheel("DRIVER", 40, stage), wheel("DRIVEN", 80, stage)] as const;
    const [[a, b], [c, d], [e, f]] = [pair(1), pair(2), pair(3)];
    const cluster: ShaftStackData = {
      housing: [],
      meetings: [
        meeting({ positions: ["low"] }),
        meeting({ stage: 2, positions: ["high"] }),
        meeting({ stage: 3, driver: 2, driven: 3 }),
      ],
      shafts: [shaft("input", a, c), shaft("cluster", b, d, e), shaft("output", f)],
    };
    const { slides, positions } = layOut(cluster);
    expect(slides).toHaveLength(1);
    const [low, high] = positions;
    expect(slides[0]?.from).toBeGreaterThan(low?.x ?? 0);
    expect(slides[0]?.to).toBeLessThan(high?.x ?? 0);
    cluster.meetings = [meeting({}), meeting({ stage: 2, driver: 2, driven: 3 })];
    expect(layOut(cluster).slides).toEqual([]);
    cluster.meetings = [
      meeting({ positions: ["forward"] }),
      meeting({ stage: 2, driver: 2, driven: 3, positions: ["reverse"] }),
    ];
    expect(layOut(cluster).slides, "not between the same two shafts").toEqual([]);
  });

  it("names the positions of a reversing box under the wheel of each, and the clutch slides between them", () => {
    const reversing = structuredClone(twinBox);
    reversing.meetings = [
      meeting({ lie: "CROSSING", positions: ["forward"] }),
      meeting({ lie: "CROSSING", stage: 2, drivenBy: 1, driver: 1, driven: 2, positions: ["reverse"] }),
    ];
    reversing.shafts = [
      shaft("input shaft", wheel("BEVEL_PINION", 64, 1, { width: 20 })),
      shaft(
        "output shaft",
        wheel("BEVEL_WHEEL", 128, 1, { width: 20 }),
        wheel("BEVEL_WHEEL", 128, 2, { width: 20 }),
      ),
    ];
    const layout = layOut(reversing);
    const middle = (stage: number) => {
      const p = part(layout, "BEVEL_WHEEL", stage);
      return p.x + p.width / 2;
    };
    expect(layout.positions.map((p) => [p.text, p.x])).toEqual([
      ["forward", middle(1)],
      ["reverse", middle(2)],
    ]);
    expect(middle(1)).toBeLessThan(middle(2));
    const reach = Math.max(...layout.parts.map((p) => p.y + p.outer));
    expect(Math.min(...layout.positions.map((p) => p.y)) - 10, "below the wheels").toBeGreaterThan(reach);
    expect(layout.shafts).toHaveLength(2);
    expect(layout.shafts[1]?.to).toBeGreaterThan(middle(2));
  });

  it("lets every output leave the case, and no other shaft", () => {
    const twoOut = structuredClone(twinBox);
    twoOut.meetings = [meeting({}), meeting({ stage: 2, driver: 2, driven: 3 })];
    twoOut.shafts = [
      shaft("crank", wheel("DRIVER", 17)),
      shaft("left output", wheel("DRIVEN", 32), wheel("DRIVER", 20, 2)),
      shaft("right output", wheel("DRIVEN", 20, 2)),
      shaft("blind cover"),
    ];
    const { shafts, cases } = layOut(twoOut);
    const wall = (cases[0]?.right ?? 0) + 40;
    expect(shafts.map((s) => s.to > wall)).toEqual([false, true, true, false]);
  });

  it("goes on with parallel shafts behind a crossing, each stage meeting, and names what carries when", () => {
    const layout = layOut(bevelHelical);
    expect(layout.cases.map((c) => c.holes.length)).toEqual([1, 2]);
    const [pinion, gear] = [part(layout, "DRIVER", 2), part(layout, "DRIVEN", 2)];
    expect(pinion.x + pinion.width / 2).toBeCloseTo(gear.x + gear.width / 2);
    expect((pinion.outer + gear.outer - (gear.y - pinion.y)) / (gear.y - pinion.y)).toBeCloseTo(4 / 80);
    expect(layout.positions).toEqual([expect.objectContaining({ stage: 2, text: "low" })]);
    expect(layout.positions[0]?.x).toBeCloseTo(gear.x + gear.width / 2);
  });

  it("draws a chain between wheels that do not touch, none between gears that do", () => {
    const chain: ShaftStackData = {
      housing: [],
      meetings: [meeting({ centreDistance: 29.25 })],
      shafts: [shaft("crank", wheel("DRIVER", 17)), shaft("drum", wheel("DRIVEN", 32))],
    };
    const [crank, drum] = layOut(chain).shafts;
    expect(layOut(chain).chains).toEqual([{ x: expect.any(Number), from: crank?.y ?? 0, to: drum?.y ?? 0 }]);
    expect(layOut(bevelHelical).chains).toEqual([]);
  });

  it("shows a wheel that came off as off in both views", () => {
    const off = structuredClone(wormBox);
    const worm = off.shafts[0]?.items[0];
    if (worm) {
      Object.assign(worm, { now: "ON_BENCH", number: 7, stepId: "s7" });
    }
    expect(mate(layOut(off), "WORM 1")).toMatchObject({ now: "ON_BENCH", key: "s7" });
  });

  it("puts cases below each other where they would not fit beside", () => {
    const wide = structuredClone(wormBox);
    for (const s of wide.shafts) {
      s.items.push(
        ...Array.from({ length: 40 }, (_, i) =>
          wheel(undefined, 0, 0, { part: `washer ${i}`, kind: "WASHER", side: "LEFT" }),
        ),
      );
    }
    const [upper, lower] = layOut(wide).cases;
    expect(lower?.top).toBeGreaterThan(upper?.bottom ?? 0);
  });
});
