import type { Condition, EnteredNumber, JobView, PartKind, StepRequest, StepView } from "../api/types";

/** A step as it is being typed. */
export interface StepFields {
  id: string;
  version: number | undefined;
  part: string;
  kind: PartKind;
  count: string;
  shaft: number;
  side: StepRequest["side"];
  /** "1-PINION", or empty. */
  gear: string;
  wayRound: string;
  fastened: boolean;
  screwCount: string;
  thread: string;
  screwLength: EnteredNumber;
  leftHand: boolean;
  torque: EnteredNumber;
  torqueSource: string;
  singleUse: boolean;
  tray: string;
  condition: Condition;
  note: string;
}

export const emptyStep = (tray = "", shaft = 0, side: StepFields["side"] = "LEFT"): StepFields => ({
  id: "",
  version: undefined,
  part: "",
  kind: "OTHER",
  count: "1",
  shaft,
  side,
  gear: "",
  wayRound: "",
  fastened: false,
  screwCount: "",
  thread: "",
  screwLength: { text: "", unit: "mm" },
  leftHand: false,
  torque: { text: "", unit: "N·m" },
  torqueSource: "",
  singleUse: false,
  tray,
  condition: "SOUND",
  note: "",
});

/** The fields of a kept step, or of a part known from the last rebuild. */
export function fieldsOf(given: StepRequest, id: string): StepFields {
  const f = given.fastening;
  return {
    ...emptyStep(given.tray, given.shaft, given.side),
    id,
    version: given.version,
    part: given.part,
    kind: given.kind,
    count: String(given.count),
    gear: given.gear ? `${given.gear.stage}-${given.gear.member}` : "",
    wayRound: given.wayRound,
    fastened: f !== undefined,
    screwCount: f ? String(f.count) : "",
    thread: f?.thread ?? "",
    screwLength: f?.length ?? { text: "", unit: "mm" },
    leftHand: f?.leftHand ?? false,
    torque: f?.torque ?? { text: "", unit: "N·m" },
    torqueSource: f?.torqueSource ?? "",
    singleUse: given.singleUse,
    condition: given.condition,
    note: given.note,
  };
}

/** Kinds common practice renews whenever they were disturbed; the box is ticked for them and can be cleared. */
const SINGLE_USE: PartKind[] = ["SEAL", "O_RING", "GASKET", "TAB_WASHER", "COTTER_PIN"];
export const isSingleUse = (kind: PartKind) => SINGLE_USE.includes(kind);

/** Words that give a kind away while the part is typed, most telling first. */
const HINTS: [RegExp, PartKind][] = [
  [/o-?ring/i, "O_RING"],
  [/tab washer/i, "TAB_WASHER"],
  [/cotter|split pin/i, "COTTER_PIN"],
  [/circlip|snap ring/i, "CIRCLIP"],
  [/bearing|race/i, "BEARING"],
  [/seal/i, "SEAL"],
  [/gasket/i, "GASKET"],
  [/shim/i, "SHIM"],
  [/spacer|distance ring/i, "SPACER"],
  [/plug/i, "PLUG"],
  [/coupling|pulley|sheave/i, "COUPLING"],
  [/cover|cap\b|flange|case half|lid/i, "COVER"],
  [/locknut|\bnut/i, "NUT"],
  [/washer/i, "WASHER"],
  [/\bkey\b/i, "KEY"],
  [/pinion|wheel|gear/i, "GEAR"],
  [/shaft/i, "SHAFT"],
  [/spring/i, "SPRING"],
  [/roller/i, "ROLLER"],
  [/\bball/i, "BALL"],
  [/\bpin\b|dowel/i, "PIN"],
  [/screw|bolt/i, "SCREW"],
];

export const guessKind = (part: string): PartKind | undefined =>
  HINTS.find(([words]) => words.test(part))?.[1];

const whole = (text: string): number => (/^\d{1,9}$/.test(text.trim()) ? Number(text.trim()) : Number.NaN);

/** The request; a count that is no whole number is told at its field instead of being sent. */
export function toRequest(f: StepFields): { request: StepRequest } | { faults: Record<string, string> } {
  const faults: Record<string, string> = {};
  const count = whole(f.count);
  if (Number.isNaN(count)) {
    faults.count =
      f.count.trim() === ""
        ? "Number of pieces is missing."
        : `“${f.count}” is not a whole number of pieces.`;
  }
  const screws = whole(f.screwCount);
  if (f.fastened && Number.isNaN(screws)) {
    faults["fastening.count"] = "How many screws? Enter a whole number.";
  }
  if (Object.keys(faults).length > 0) {
    return { faults };
  }
  const [stage, member] = f.gear.split("-");
  return {
    request: {
      version: f.version,
      part: f.part,
      kind: f.kind,
      count,
      shaft: f.shaft,
      side: f.side,
      gear:
        f.kind === "GEAR" && stage && member
          ? { stage: Number(stage), member: member as "PINION" | "WHEEL" }
          : undefined,
      wayRound: f.wayRound,
      fastening: f.fastened
        ? {
            count: screws,
            thread: f.thread,
            length: f.screwLength.text.trim() === "" ? undefined : f.screwLength,
            leftHand: f.leftHand,
            torque: f.torque.text.trim() === "" ? undefined : f.torque,
            torqueSource: f.torqueSource,
          }
        : undefined,
      singleUse: f.singleUse,
      tray: f.tray,
      condition: f.condition,
      note: f.note,
    },
  };
}

/** Gears of the papers that no step has taken off yet, as choices. */
export function gearChoices(
  view: JobView,
  editing: string,
): { value: string; label: string; shaft: number }[] {
  const off = new Set(
    view.steps
      .filter((s: StepView) => s.id !== editing && s.given.gear)
      .map((s) => `${s.given.gear?.stage}-${s.given.gear?.member}`),
  );
  return view.unit.stages
    .flatMap((s) => [
      { value: `${s.stage}-PINION`, label: `pinion ${s.stage}, z ${s.given.pinionTeeth}`, shaft: s.stage },
      { value: `${s.stage}-WHEEL`, label: `wheel ${s.stage}, z ${s.given.wheelTeeth}`, shaft: s.stage + 1 },
    ])
    .filter((c) => !off.has(c.value));
}
