import { describe, expect, it } from "vitest";
import type { DrawerView } from "../api/types";
import { groups, hasDecimalCommas, initialEntries, readingsOf, stillMissing, toCsv } from "./sheet.model";

const field = (name: string, more: object = {}) => ({
  name,
  label: name,
  group: "g",
  kind: "QUANTITY" as const,
  units: ["mm"],
  start: "",
  optional: false,
  hint: "",
  choices: [],
  ...more,
});

const drawer = {
  name: "d",
  title: "d",
  purpose: "",
  section: "s",
  takes: "DIAL",
  examples: [],
  fields: [
    field("way", { kind: "CHOICE", start: "ARM", units: [] }),
    field("radius", { when: { field: "way", values: ["ARM"] } }),
    field("length", { when: { field: "way", values: ["LEVER"] } }),
    field("readings", { kind: "READINGS" }),
  ],
} as unknown as DrawerView;

describe("a drawer's sheet", () => {
  it("asks only for what the choice needs, and says what is missing", () => {
    const entries = initialEntries(drawer, { radius: { text: "60", unit: "mm" } });
    expect(groups(drawer, entries)[0]?.[1].map((f) => f.name)).toEqual(["way", "radius", "readings"]);
    expect(stillMissing(drawer, entries).map((f) => f.label)).toEqual(["readings"]);
    entries.fields.way = { text: "LEVER", unit: "" };
    expect(stillMissing(drawer, entries).map((f) => f.label)).toEqual(["length", "readings"]);
  });

  it("asks for nothing that rests on a field not asked for", () => {
    const chained = {
      ...drawer,
      fields: [
        field("shape", { kind: "CHOICE", start: "BOX", units: [] }),
        field("end", {
          kind: "CHOICE",
          start: "DISHED",
          units: [],
          when: { field: "shape", values: ["LYING"] },
        }),
        field("depth", { when: { field: "end", values: ["DISHED"] } }),
      ],
    } as unknown as DrawerView;
    const entries = initialEntries(chained);
    expect(stillMissing(chained, entries).map((f) => f.label)).toEqual([]);
    entries.fields.shape = { text: "LYING", unit: "" };
    expect(stillMissing(chained, entries).map((f) => f.label)).toEqual(["depth"]);
  });

  it("keeps the lists that the papers say", () => {
    const reading = { text: "12.5", unit: "mm" };
    expect(initialEntries(drawer, {}, { readings: [reading] }).readings.readings).toEqual([reading]);
  });

  it("reads a pasted line, a pasted column, and a file with headings and decimal commas", () => {
    expect(readingsOf("0.31 0.33\t0.32", false)).toEqual(["0.31", "0.33", "0.32"]);
    expect(readingsOf("angle,reading\n0,0.31\n90,0.33\n", false)).toEqual(["0.31", "0.33"]);
    const european = "0;0,31\n90;0,33";
    expect(hasDecimalCommas(european)).toBe(true);
    expect(readingsOf(european, true)).toEqual(["0,31", "0,33"]);
    expect(hasDecimalCommas("0,0.31\n90,0.33")).toBe(false);
  });

  it("keeps a reading that is no number, so that it is told and not lost", () => {
    expect(readingsOf("0.31\n3x\n0.32", false)).toEqual(["0.31", "3x", "0.32"]);
  });

  it("writes entries and results as CSV", () => {
    const entries = initialEntries(drawer);
    entries.readings.readings = [{ text: "0,31", unit: "mm" }];
    const csv = toCsv(drawer, entries, [{ label: "j_wt", value: 0.2, unit: "mm" }]);
    expect(csv).toContain('readings 1,"0,31",mm');
    expect(csv).toContain("j_wt,0.2,mm");
  });
});
