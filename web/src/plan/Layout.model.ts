import type { EnteredNumber, OpeningRequest, UnitLayout } from "../api/types";

/** An opening as it is being typed: the height is of a rectangle, and waits while it is round. */
export type OpeningFields = Omit<OpeningRequest, "height"> & { height: EnteredNumber };

const blank = (): EnteredNumber => ({ text: "", unit: "mm" });

export const emptyOpening = (): OpeningFields => ({
  name: "",
  shape: "ROUND",
  width: blank(),
  height: blank(),
  closedBy: "",
});

/** The layout with one opening more; the others, and all else, stay as they are. */
export const withOpening = (layout: UnitLayout, { height, ...opening }: OpeningFields): UnitLayout => ({
  ...layout,
  openings: [...layout.openings, opening.shape === "RECTANGLE" ? { ...opening, height } : opening],
});

export const withoutOpening = (layout: UnitLayout, taken: OpeningRequest): UnitLayout => ({
  ...layout,
  openings: layout.openings.filter((o) => o !== taken),
});

/** The layout with the names of shafts, bores and covers, one a line. */
export const withAxes = (layout: UnitLayout, lines: string): UnitLayout => ({
  ...layout,
  axes: lines
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== ""),
});
