import type { EnteredNumber, OtherStage, StageRequest, UnitRequest, UnitView } from "../api/types";

/** Fields of one stage as typed. */
export interface StageFields {
  pinionTeeth: string;
  wheelTeeth: string;
  module: EnteredNumber;
  pressureAngleDeg: string;
  helixAngleDeg: string;
  pinionHand: StageRequest["pinionHand"];
  pinionShift: string;
  wheelShift: string;
  faceWidth: EnteredNumber;
  centreDistance: EnteredNumber;
}

export interface UnitFields {
  id: string;
  tag: string;
  name: string;
  kind: string;
  duty: UnitRequest["duty"];
  underWarranty: boolean;
  stages: StageFields[];
  otherStages: OtherStage[];
  inputSpeedRpm: string;
  inputPower: EnteredNumber;
  /** Shafts and openings; not on this form, and kept as they are. */
  layout?: UnitRequest["layout"];
}

export const emptyStage = (unit: "mm" | "in"): StageFields => ({
  pinionTeeth: "",
  wheelTeeth: "",
  module: { text: "", unit: unit === "mm" ? "module" : "DP" },
  pressureAngleDeg: "",
  helixAngleDeg: "",
  pinionHand: "NONE",
  pinionShift: "",
  wheelShift: "",
  faceWidth: { text: "", unit },
  centreDistance: { text: "", unit },
});

export const emptyUnit = (unit: "mm" | "in"): UnitFields => ({
  id: "",
  tag: "",
  name: "",
  kind: "",
  duty: "ENCLOSED_POWER",
  underWarranty: false,
  stages: [],
  otherStages: [],
  inputSpeedRpm: "",
  inputPower: { text: "", unit: unit === "mm" ? "kW" : "hp" },
});

/** A typed plain number, or what is wrong with it; comma and point are both decimal separators. */
export function plainNumber(
  text: string,
  what: string,
  whole = false,
): { value: number } | { fault: string } {
  const trimmed = text.trim();
  if (trimmed === "") {
    return { fault: `${what} is missing.` };
  }
  if (!/^-?\d{1,9}([.,]\d{1,9})?$/.test(trimmed)) {
    return {
      fault: `“${trimmed.slice(0, 30)}” is not a number. Enter digits, for example ${whole ? "24" : "0.25"}.`,
    };
  }
  const value = Number(trimmed.replace(",", "."));
  if (whole && !Number.isInteger(value)) {
    return { fault: `${what} ${trimmed} is not a whole number.` };
  }
  return { value };
}

/** The request, or every fault by field when something typed is no number. */
export function toRequest(fields: UnitFields): { request: UnitRequest } | { faults: Record<string, string> } {
  const faults: Record<string, string> = {};
  const read = (field: string, text: string, what: string, whole = false): number => {
    const result = plainNumber(text, what, whole);
    if ("fault" in result) {
      faults[field] = result.fault;
      return 0;
    }
    return result.value;
  };
  /** What is usually nothing, a shift or a helix, may stay empty. */
  const orNothing = (field: string, text: string, what: string): number =>
    text.trim() === "" ? 0 : read(field, text, what);
  const stages = fields.stages.map((s, i) => ({
    pinionTeeth: read(`stages[${i}].pinionTeeth`, s.pinionTeeth, "Number of teeth", true),
    wheelTeeth: read(`stages[${i}].wheelTeeth`, s.wheelTeeth, "Number of teeth", true),
    module: s.module,
    pressureAngleDeg: read(`stages[${i}].pressureAngleDeg`, s.pressureAngleDeg, "Pressure angle"),
    helixAngleDeg: orNothing(`stages[${i}].helixAngleDeg`, s.helixAngleDeg, "Helix angle"),
    pinionHand: s.pinionHand,
    pinionShift: orNothing(`stages[${i}].pinionShift`, s.pinionShift, "Profile shift"),
    wheelShift: orNothing(`stages[${i}].wheelShift`, s.wheelShift, "Profile shift"),
    faceWidth: s.faceWidth,
    centreDistance: s.centreDistance,
  }));
  const inputSpeedRpm =
    fields.inputSpeedRpm.trim() === ""
      ? undefined
      : read("inputSpeedRpm", fields.inputSpeedRpm, "Input speed");
  if (Object.keys(faults).length > 0) {
    return { faults };
  }
  const { id, tag, name, kind, duty, underWarranty, inputPower, layout } = fields;
  return {
    request: {
      id,
      tag,
      name,
      kind,
      duty,
      underWarranty,
      stages,
      otherStages: fields.otherStages.length === 0 ? undefined : fields.otherStages,
      inputSpeedRpm,
      inputPower: inputPower.text.trim() === "" ? undefined : inputPower,
      layout,
    },
  };
}

/** Papers that were kept, to be corrected. */
export const fromRequest = (request: UnitRequest, unit: "mm" | "in"): UnitFields => ({
  ...request,
  stages: request.stages.map((s) => ({
    ...s,
    pinionTeeth: String(s.pinionTeeth),
    wheelTeeth: String(s.wheelTeeth),
    pressureAngleDeg: String(s.pressureAngleDeg),
    helixAngleDeg: String(s.helixAngleDeg),
    pinionShift: String(s.pinionShift),
    wheelShift: String(s.wheelShift),
  })),
  otherStages: request.otherStages ?? [],
  inputSpeedRpm: request.inputSpeedRpm === undefined ? "" : String(request.inputSpeedRpm),
  inputPower: request.inputPower ?? emptyUnit(unit).inputPower,
});

/** The papers as a unit shows them. */
export const papersOf = (unit: UnitView): UnitRequest => ({
  id: unit.id,
  tag: unit.tag,
  name: unit.name,
  kind: unit.kind,
  duty: unit.duty,
  underWarranty: unit.underWarranty,
  stages: unit.stages.map((s) => s.given),
  otherStages: unit.otherStages,
  inputSpeedRpm: unit.inputSpeedRpm,
  inputPower: unit.inputPower,
  layout: unit.layout,
});
