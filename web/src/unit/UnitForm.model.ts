import type { EnteredNumber, OtherStage, StageRequest, UnitRequest } from "../api/types";

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
}

export const emptyStage = (unit: "mm" | "in"): StageFields => ({
  pinionTeeth: "",
  wheelTeeth: "",
  module: { text: "", unit: unit === "mm" ? "module" : "DP" },
  pressureAngleDeg: "20",
  helixAngleDeg: "0",
  pinionHand: "NONE",
  pinionShift: "0",
  wheelShift: "0",
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
  stages: [emptyStage(unit)],
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
  const stages = fields.stages.map((s, i) => ({
    pinionTeeth: read(`stages[${i}].pinionTeeth`, s.pinionTeeth, "Number of teeth", true),
    wheelTeeth: read(`stages[${i}].wheelTeeth`, s.wheelTeeth, "Number of teeth", true),
    module: s.module,
    pressureAngleDeg: read(`stages[${i}].pressureAngleDeg`, s.pressureAngleDeg, "Pressure angle"),
    helixAngleDeg: read(`stages[${i}].helixAngleDeg`, s.helixAngleDeg, "Helix angle"),
    pinionHand: s.pinionHand,
    pinionShift: read(`stages[${i}].pinionShift`, s.pinionShift, "Profile shift"),
    wheelShift: read(`stages[${i}].wheelShift`, s.wheelShift, "Profile shift"),
    faceWidth: s.faceWidth,
    centreDistance: s.centreDistance,
  }));
  const inputSpeedRpm = read("inputSpeedRpm", fields.inputSpeedRpm, "Input speed");
  if (Object.keys(faults).length > 0) {
    return { faults };
  }
  const { id, tag, name, kind, duty, underWarranty, inputPower } = fields;
  return {
    request: {
      id,
      tag,
      name,
      kind,
      duty,
      underWarranty,
      stages,
      otherStages: fields.otherStages,
      inputSpeedRpm,
      inputPower: inputPower.text.trim() === "" ? undefined : inputPower,
    },
  };
}
