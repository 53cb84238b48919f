import type { EnteredNumber, JobView, MeasurementRequest, Mesh } from "../api/types";

/** What is being measured. */
export interface Subject {
  kind: "BACKLASH" | "SPAN";
  stage: number;
  member: "PINION" | "WHEEL";
}

/** The pad as it is being filled. */
export interface PadFields {
  id: string;
  unit: string;
  readings: EnteredNumber[];
  radius: EnteredNumber;
  tilt: EnteredNumber;
  teethSpanned: string;
  resolution: EnteredNumber;
  maxError: EnteredNumber;
  makersBacklash: EnteredNumber;
  makersWearPercent: string;
  referenceSpan: EnteredNumber;
  makersReference: string;
  remark: string;
  /** The instrument of the shop; empty where none of it was used. */
  instrument: string;
}

export function initialPad(view: JobView, subject: Subject): PadFields {
  const pair = view.unit.stages.find((s) => s.stage === subject.stage)?.pair;
  const wheel = subject.member === "WHEEL";
  const radius = (wheel ? pair?.wheelWorkingRadiusMm : pair?.pinionWorkingRadiusMm) ?? 0;
  const teeth = (wheel ? pair?.wheelTeethToSpan : pair?.pinionTeethToSpan) ?? 0;
  return {
    id: "",
    unit: "mm",
    readings: [],
    radius: { text: radius.toFixed(1), unit: "mm" },
    tilt: { text: "", unit: "°" },
    teethSpanned: teeth > 0 ? String(teeth) : "",
    resolution: { text: "0.01", unit: "mm" },
    maxError: { text: subject.kind === "SPAN" ? "0.02" : "0.01", unit: "mm" },
    makersBacklash: { text: "", unit: "mm" },
    makersWearPercent: "",
    referenceSpan: { text: "", unit: "mm" },
    makersReference: "",
    remark: "",
    instrument: "",
  };
}

export function subjectWords(subject: Subject, mesh: Mesh): string {
  const [pinion, wheel] = /z (\d+)\/(\d+)/.exec(mesh.words)?.slice(1) ?? ["", ""];
  const gear =
    subject.member === "WHEEL"
      ? `wheel ${subject.stage}, z ${wheel}`
      : `pinion ${subject.stage}, z ${pinion}`;
  return subject.kind === "SPAN" ? `Span of ${gear}` : `Backlash of ${mesh.words}, dial on ${gear}`;
}

/** A pasted column, or one line with semicolons or tabs, as readings. */
export const pasted = (text: string): string[] =>
  text
    .split(/[\r\n\t;]+/)
    .map((part) => part.trim())
    .filter((part) => part !== "");

const given = (number: EnteredNumber) => (number.text.trim() === "" ? undefined : number);

export function toRequest(
  f: PadFields,
  station: "INSPECT" | "SET",
  subject: Subject,
): { request: MeasurementRequest } | { faults: Record<string, string> } {
  const span = subject.kind === "SPAN";
  const faults: Record<string, string> = {};
  const teeth = f.teethSpanned.trim();
  if (span && !/^\d{1,4}$/.test(teeth)) {
    faults.teethSpanned =
      teeth === "" ? "Number of teeth spanned is missing." : `“${teeth}” is not a whole number of teeth.`;
  }
  const percent = f.makersWearPercent.trim().replace(",", ".");
  if (percent !== "" && !/^\d{1,3}(\.\d{1,4})?$/.test(percent)) {
    faults.makersWearPercent = `“${f.makersWearPercent}” is not a number. Enter per cent, for example 12.`;
  }
  if (Object.keys(faults).length > 0) {
    return { faults };
  }
  return {
    request: {
      station,
      ...subject,
      teethSpanned: span ? Number(teeth) : undefined,
      radius: span ? undefined : f.radius,
      tilt: span ? undefined : given(f.tilt),
      resolution: f.resolution,
      maxError: f.maxError,
      makersBacklash: span ? undefined : given(f.makersBacklash),
      makersWearPercent: span && percent !== "" ? Number(percent) : undefined,
      referenceSpan: span ? given(f.referenceSpan) : undefined,
      makersReference: f.makersReference,
      remark: f.remark,
      readings: f.readings,
      ...(f.instrument && { instrument: f.instrument }),
    },
  };
}
