import type { EnteredNumber, OpeningRequest, UnitLayout } from "../api/types";

export type Faces = NonNullable<OpeningRequest["faces"]>;

/** Which way an opening looks, on the picture. */
export const FACES: Record<Faces, string> = {
  UNSAID: "not said",
  LEFT: "left, along the shafts",
  RIGHT: "right, along the shafts",
  TOP: "top, across the shafts",
  BOTTOM: "bottom, across the shafts",
  FRONT: "front, across the shafts",
  BACK: "back, across the shafts",
};

/** An opening as it is being typed: the height is of a rectangle, and waits while it is round. */
export type OpeningFields = Omit<OpeningRequest, "height" | "faces" | "shaft" | "depth"> & {
  height: EnteredNumber;
  faces: Faces;
  shaft: number;
  depth: EnteredNumber;
};

const blank = (): EnteredNumber => ({ text: "", unit: "mm" });

export const emptyOpening = (faces: Faces = "UNSAID"): OpeningFields => ({
  name: "",
  shape: "ROUND",
  width: blank(),
  height: blank(),
  closedBy: "",
  faces,
  shaft: 0,
  depth: blank(),
});

export const fieldsOfOpening = (opening: OpeningRequest): OpeningFields => ({
  ...opening,
  height: opening.height ?? blank(),
  faces: opening.faces ?? "UNSAID",
  shaft: opening.shaft ?? 0,
  depth: opening.depth ?? blank(),
});

const asEntered = ({ height, faces, shaft, depth, ...opening }: OpeningFields): OpeningRequest => ({
  ...opening,
  ...(opening.shape === "RECTANGLE" && { height }),
  ...(faces !== "UNSAID" && { faces }),
  ...(shaft > 0 && { shaft }),
  ...(depth.text.trim() !== "" && { depth }),
});

/** The layout with one opening more, or with another in the place of one; the others, and all else, stay as they are. */
export const withOpening = (
  layout: UnitLayout,
  fields: OpeningFields,
  instead?: OpeningRequest,
): UnitLayout => ({
  ...layout,
  openings: instead
    ? layout.openings.map((o) => (o === instead ? asEntered(fields) : o))
    : [...layout.openings, asEntered(fields)],
});

export const withoutOpening = (layout: UnitLayout, taken: OpeningRequest): UnitLayout => ({
  ...layout,
  openings: layout.openings.filter((o) => o !== taken),
});

/** "side hole Ø80 mm" or "top opening 40 × 110 mm". */
export const sizeOf = (o: OpeningRequest) =>
  o.shape === "ROUND"
    ? `Ø${o.width.text} ${o.width.unit}`
    : `${o.width.text} × ${o.height?.text ?? "?"} ${o.width.unit}`;

/** The layout with the names of shafts, bores and covers, one a line. */
export const withAxes = (layout: UnitLayout, lines: string): UnitLayout => ({
  ...layout,
  axes: lines
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== ""),
});
