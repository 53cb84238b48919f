import { describe, expect, it } from "vitest";
import type { EnteredNumber, PlaceView } from "../api/types";
import { entriesOf } from "./entries";

const said = (text: string): EnteredNumber => ({ text, unit: "" });

const place = (old: string | undefined): PlaceView => ({
  id: "p",
  given: {
    name: "sump",
    entries: {
      fields: {
        sort: said("GEARS"),
        ...(old === undefined ? {} : { old: said(old), "old.base": said("ESTER") }),
      },
      readings: {},
    },
  },
  words: "gears",
  grease: false,
  level: true,
  wanted: "ISO VG 220",
  prefill: { fields: { old: said("YES"), "old.base": said("MINERAL"), velocity: said("2") }, readings: {} },
  samples: 0,
});

describe("the sheet of a place as it is asked now", () => {
  it("counts what was put in last as still in it", () => {
    const { fields } = entriesOf(place("NO"), false);
    expect(fields["old.base"]?.text).toBe("MINERAL");
    expect(fields.velocity).toBeUndefined();
  });

  it("counts nothing of it after a strip and wash", () => {
    expect(entriesOf(place(undefined), true).fields.old).toBeUndefined();
  });

  it("leaves what the sheet itself says of the old lubricant", () => {
    expect(entriesOf(place("YES"), false).fields["old.base"]?.text).toBe("ESTER");
  });
});
