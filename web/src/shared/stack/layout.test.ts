import { describe, expect, it } from "vitest";
import type { ShaftStackData, StackItem, StackMeeting } from "../../api/types";
import { layOut } from "./layout";
import type { PlacedCase } from "./placed";

const item = (part: string, more: Partial<StackItem>): StackItem => ({
  number: 0,
  part,
  kind: "OTHER",
  count: 1,
  zone: "INSIDE",
  side: "MIDDLE",
  stage: 0,
  diameter: 0,
  width: 0,
  now: "IN_PLACE",
  wayRound: "",
  tray: "",
  ...more,
});

const gear = (part: string, stage: number, diameter: number) =>
  item(part, { kind: "GEAR", stage, role: "DRIVER", diameter, width: 30 });

const meeting = (
  stage: number,
  driver: number,
  driven: number,
  centreDistance: number,
  more: Partial<StackMeeting> = {},
): StackMeeting => ({
  stage,
  lie: "PARALLEL",
  drivenBy: stage,
  driver,
  driven,
  centreDistance,
  isToSize: true,
  inWords: "",
  positions: [],
  members: [],
  ...more,
});

const reducer: ShaftStackData = {
  housing: [],
  meetings: [meeting(1, 1, 2, 86), meeting(2, 2, 3, 136.6)],
  shafts: [
    {
      name: "input shaft",
      isIn: true,
      isOutput: false,
      items: [
        item("cover", { kind: "COVER", zone: "OUTSIDE_LEFT", side: "LEFT", number: 1, stepId: "a" }),
        item("seal", { kind: "SEAL", zone: "OUTSIDE_LEFT", side: "LEFT", number: 2, stepId: "b" }),
        item("bearing", { kind: "BEARING", zone: "WALL_LEFT", side: "LEFT", number: 3, stepId: "c" }),
        gear("pinion 1", 1, 43),
      ],
    },
    {
      name: "intermediate shaft",
      isIn: true,
      isOutput: false,
      items: [gear("wheel 1", 1, 137), gear("pinion 2", 2, 70)],
    },
    { name: "output shaft", isIn: true, isOutput: true, items: [gear("wheel 2", 2, 215)] },
  ],
};

const find = (part: string, stack = reducer) => {
  const found = layOut(stack).parts.find((p) => p.item.part === part);
  if (!found) {
    throw new Error(`${part} is not on the sheet`);
  }
  return found;
};

describe("shaft stack on the sheet", () => {
  it("stands two gears in mesh in one plane, touching at their tips", () => {
    const [pinion, wheel] = [find("pinion 1"), find("wheel 1")];
    expect(pinion.x + pinion.width / 2).toBeCloseTo(wheel.x + wheel.width / 2);
    const gap = wheel.y - pinion.y - pinion.outer - wheel.outer;
    expect(gap).toBeLessThan(0);
    expect(gap).toBeGreaterThan(-8);
  });

  it("keeps the order from the outside inwards: cover, seal, wall, pinion", () => {
    const xs = ["cover", "seal", "bearing", "pinion 1"].map((part) => find(part).x);
    expect([...xs].sort((a, b) => a - b)).toEqual(xs);
  });

  it("keeps wheels of different planes apart, and everything on the sheet", () => {
    const layout = layOut(reducer);
    expect(find("wheel 1").x + find("wheel 1").width).toBeLessThan(find("wheel 2").x);
    for (const part of layout.parts) {
      expect(part.x).toBeGreaterThanOrEqual(0);
      expect(part.x + part.width).toBeLessThanOrEqual(layout.width);
      expect(part.y + part.outer).toBeLessThanOrEqual(layout.height);
      expect(part.y - part.outer).toBeGreaterThanOrEqual(0);
    }
  });

  it("never prints one number over another", () => {
    const labels = layOut(reducer).parts.filter((p) => p.labelY !== undefined);
    for (const a of labels) {
      for (const b of labels.filter((other) => other !== a)) {
        const apart =
          Math.abs(a.x + a.width / 2 - b.x - b.width / 2) >= 8 ||
          Math.abs((a.labelY ?? 0) - (b.labelY ?? 0)) >= 12;
        expect(apart).toBe(true);
      }
    }
  });

  it("leaves the hole of a wall as small as the shaft while no bearing is known there", () => {
    const [input] = layOut(reducer).shafts;
    expect(input?.holes.left).toBe(input?.bore);
    expect(input?.holes.right).toBeLessThan(input?.bore ?? 0);
  });

  it("packs parts of the right end against the right wall", () => {
    const shafts = structuredClone(reducer.shafts);
    shafts[2]?.items.push(
      item("spacer", { kind: "SPACER", side: "RIGHT" }),
      item("bearing", { kind: "BEARING", zone: "WALL_RIGHT", side: "RIGHT" }),
      item("seal", { kind: "SEAL", zone: "OUTSIDE_RIGHT", side: "RIGHT" }),
    );
    const stack = { ...reducer, shafts };
    const caseBox = layOut(stack).cases[0] as PlacedCase;
    expect(find("spacer", stack).x + find("spacer", stack).width).toBeLessThanOrEqual(caseBox.right);
    expect(find("spacer", stack).x).toBeGreaterThan(find("wheel 2", stack).x);
    const last = layOut(stack).parts.filter((p) => p.item.zone === "OUTSIDE_RIGHT");
    expect(last[0]?.x).toBeGreaterThan(caseBox.right);
  });

  it("grows wider instead of crowding a hundred parts", () => {
    const shafts = structuredClone(reducer.shafts);
    for (let i = 0; i < 100; i++) {
      shafts[1]?.items.push(
        item(`washer ${i}`, { kind: "WASHER", side: "LEFT", number: i + 1, stepId: `w${i}` }),
      );
    }
    const crowded = layOut({ ...reducer, shafts });
    expect(crowded.width).toBeGreaterThan(layOut(reducer).width);
    const washers = crowded.parts.filter((p) => p.item.kind === "WASHER").sort((a, b) => a.x - b.x);
    for (let i = 1; i < washers.length; i++) {
      const before = washers[i - 1];
      expect(washers[i]?.x ?? 0).toBeGreaterThan((before?.x ?? 0) + (before?.width ?? 0));
    }
  });

  it("gives shafts, bores and covers beyond the papers rows of their own", () => {
    const rows = Array.from({ length: 6 }, (_, s) => ({
      name: `shaft ${s + 1}`,
      isIn: true,
      isOutput: s === 5,
      items: Array.from({ length: 20 }, (_, i) =>
        item(`part ${s}-${i}`, {
          kind: i % 5 === 0 ? "GEAR" : "WASHER",
          side: i % 2 === 0 ? "LEFT" : "RIGHT",
          number: s * 20 + i + 1,
          stepId: `p${s}-${i}`,
        }),
      ),
    }));
    const layout = layOut({ housing: [], meetings: [], shafts: rows });
    expect(layout.parts).toHaveLength(120);
    layout.shafts.slice(1).forEach((shaft, s) => {
      const above = layout.parts.filter((p) => p.y === layout.shafts[s]?.y);
      const here = layout.parts.filter((p) => p.y === shaft.y);
      const bottom = Math.max(...above.map((p) => p.y + p.outer));
      const top = Math.min(...here.map((p) => p.y - p.outer));
      expect(top).toBeGreaterThan(bottom);
    });
    expect(Math.max(...layout.parts.map((p) => p.y + p.outer))).toBeLessThanOrEqual(layout.height);
  });

  it("draws both pairs of a cluster to the scale of the gap they share, behind a shaft without gears", () => {
    const cluster: ShaftStackData = {
      housing: [],
      meetings: [meeting(2, 2, 3, 90), meeting(3, 2, 3, 90)],
      shafts: [
        { name: "worm", isIn: true, isOutput: false, items: [] },
        {
          name: "cluster",
          isIn: true,
          isOutput: false,
          items: [gear("pinion 2", 2, 64), gear("pinion 3", 3, 94)],
        },
        {
          name: "output",
          isIn: true,
          isOutput: false,
          items: [gear("wheel 2", 2, 124), gear("wheel 3", 3, 94)],
        },
      ],
    };
    const placed = (part: string) => find(part, cluster);
    for (const stage of [2, 3]) {
      const [pinion, wheel] = [placed(`pinion ${stage}`), placed(`wheel ${stage}`)];
      expect(pinion.x + pinion.width / 2).toBeCloseTo(wheel.x + wheel.width / 2);
      // Tips 94 mm apart from the axes' 90 mm: they overlap by a tooth's depth and no more.
      const overlap = pinion.outer + wheel.outer - (wheel.y - pinion.y);
      expect(overlap / (wheel.y - pinion.y)).toBeCloseTo((94 - 90) / 90);
    }
    expect(placed("pinion 3").x).toBeGreaterThan(placed("pinion 2").x);
    const sheet = layOut(cluster);
    for (const part of sheet.parts) {
      expect(part.y - part.outer).toBeGreaterThanOrEqual(sheet.cases[0]?.top ?? 0);
      expect(part.y + part.outer).toBeLessThanOrEqual(sheet.cases[0]?.bottom ?? 0);
    }
  });
});
