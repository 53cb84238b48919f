import type {
  DrawerField,
  EnteredNumber,
  GearPosition,
  StageKind,
  StageRequest,
  UnitRequest,
  UnitView,
} from "../api/types";

/** What the register says of a unit, as it is being typed. */
export interface UnitFields {
  id: string;
  tag: string;
  name: string;
  kind: string;
  duty: UnitRequest["duty"];
  underWarranty: boolean;
  stages: StageRequest[];
  positions: GearPosition[];
  inputSpeedRpm: string;
  inputPower: EnteredNumber;
  /** Shafts and openings; not on this form, and kept as they are. */
  layout?: UnitRequest["layout"];
}

export const emptyUnit = (unit: "mm" | "in"): UnitFields => ({
  id: "",
  tag: "",
  name: "",
  kind: "",
  duty: "ENCLOSED_POWER",
  underWarranty: false,
  stages: [],
  positions: [],
  inputSpeedRpm: "",
  inputPower: { text: "", unit: unit === "mm" ? "kW" : "hp" },
});

/** The unit that a field is offered in first. */
const offered = (field: DrawerField, unit: "mm" | "in"): string => {
  const inch = field.units.find((u) => u === "in" || u === "DP");
  return (unit === "in" ? inch : undefined) ?? field.units[0] ?? "";
};

/** A stage of which nothing was read off the unit yet. */
export const startedStage = (kind: StageKind, unit: "mm" | "in"): StageRequest => ({
  kind: kind.kind,
  values: Object.fromEntries(kind.fields.map((f) => [f.name, { text: f.start, unit: offered(f, unit) }])),
});

type Row = Pick<UnitFields, "stages" | "positions">;

/** Positions go by the numbers of their stages; a stage that is gone is gone from them. */
const renumbered = (positions: GearPosition[], now: (was: number) => number | undefined) =>
  positions.map((p) => ({
    ...p,
    stages: p.stages
      .map(now)
      .filter((n) => n !== undefined)
      .sort((a, b) => a - b),
  }));

/** The row without one of its stages, counted from 0. */
export const withoutStage = ({ stages, positions }: Row, place: number): Row => ({
  stages: stages.filter((_, i) => i !== place),
  positions: renumbered(positions, (was) =>
    was === place + 1 ? undefined : was > place + 1 ? was - 1 : was,
  ),
});

/** The row with a stage and the one before it changed over. */
export const movedForward = ({ stages, positions }: Row, place: number): Row => {
  const moved = [...stages];
  const [stage] = moved.splice(place, 1);
  if (place < 1 || stage === undefined) {
    return { stages, positions };
  }
  moved.splice(place - 1, 0, stage);
  return {
    stages: moved,
    positions: renumbered(positions, (was) => (was === place ? place + 1 : was === place + 1 ? place : was)),
  };
};

/** A stage is put into a position or taken out of it; the load goes through them in their order. */
export const through = (position: GearPosition, stage: number, carries: boolean): GearPosition => ({
  ...position,
  stages: [...position.stages.filter((s) => s !== stage), ...(carries ? [stage] : [])].sort((a, b) => a - b),
});

/** A typed plain number, or what is wrong with it; comma and point are both decimal separators. */
export function plainNumber(text: string, what: string): { value: number } | { fault: string } {
  const trimmed = text.trim();
  if (trimmed === "") {
    return { fault: `${what} is missing.` };
  }
  if (!/^-?\d{1,9}([.,]\d{1,9})?$/.test(trimmed)) {
    return { fault: `“${trimmed.slice(0, 30)}” is not a number. Enter digits, for example 0.25.` };
  }
  return { value: Number(trimmed.replace(",", ".")) };
}

/** The request, or every fault by field when something typed is no number. */
export function toRequest(fields: UnitFields): { request: UnitRequest } | { faults: Record<string, string> } {
  const speed =
    fields.inputSpeedRpm.trim() === "" ? undefined : plainNumber(fields.inputSpeedRpm, "Input speed");
  if (speed && "fault" in speed) {
    return { faults: { inputSpeedRpm: speed.fault } };
  }
  const { inputSpeedRpm: _typed, positions, inputPower, ...same } = fields;
  return {
    request: {
      ...same,
      positions: positions.length === 0 ? undefined : positions,
      inputSpeedRpm: speed?.value,
      inputPower: inputPower.text.trim() === "" ? undefined : inputPower,
    },
  };
}

/** Papers that were kept, to be corrected. */
export const fromRequest = (request: UnitRequest, unit: "mm" | "in"): UnitFields => ({
  ...request,
  positions: request.positions ?? [],
  inputSpeedRpm: request.inputSpeedRpm === undefined ? "" : String(request.inputSpeedRpm),
  inputPower: request.inputPower ?? emptyUnit(unit).inputPower,
});

/** The papers as a unit shows them; each stage knows which it was, so that what was found on it goes with it. */
export const papersOf = (unit: UnitView): UnitRequest => ({
  id: unit.id,
  tag: unit.tag,
  name: unit.name,
  kind: unit.kind,
  duty: unit.duty,
  underWarranty: unit.underWarranty,
  stages: unit.stages.map((s) => ({ ...s.given, was: s.stage })),
  positions: unit.positions.length === 0 ? undefined : unit.positions,
  inputSpeedRpm: unit.inputSpeedRpm,
  inputPower: unit.inputPower,
  layout: unit.layout,
});
