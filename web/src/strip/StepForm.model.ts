import type { Condition, JobView, PartKind, StepRequest, StepView } from "../api/types";
import { type HeldFields, heldAt, heldFields, heldRequest } from "./Held.model";
import { type DetailFields, detailFields, detailRequest, emptyDetail } from "./StepDetail.model";

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
  /** Sets of screws, nuts or studs; empty when nothing was undone. */
  held: HeldFields[];
  detail: DetailFields;
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
  held: [],
  detail: emptyDetail(),
  singleUse: false,
  tray,
  condition: "NOT_SAID",
  note: "",
});

/** The fields of a kept step, or of a part known from the last rebuild. */
export function fieldsOf(given: StepRequest, id: string): StepFields {
  return {
    ...emptyStep(given.tray, given.shaft, given.side),
    id,
    version: given.version,
    part: given.part,
    kind: given.kind,
    count: String(given.count),
    gear: given.gear ? `${given.gear.stage}-${given.gear.member}` : "",
    wayRound: given.wayRound,
    held: given.fastening ? [given.fastening, ...(given.detail?.alsoHeldBy ?? [])].map(heldFields) : [],
    detail: detailFields(given.detail),
    singleUse: given.singleUse,
    condition: given.condition,
    note: given.note,
  };
}

/** What the server knows of the kinds of part: their words, and which common practice renews. */
export type Kinds = { kind: PartKind; words: string; singleUse: boolean; hint: string }[];

/** What changes with the kind: only a gear is one of the papers. */
export const ofKind = (kinds: Kinds, kind: PartKind): Partial<StepFields> => ({
  kind,
  singleUse: isSingleUse(kinds, kind),
  ...(kind === "GEAR" ? {} : { gear: "" }),
});

export const isSingleUse = (kinds: Kinds, kind: PartKind) =>
  kinds.some((k) => k.kind === kind && k.singleUse);

/** The kind that the words give away: of several the one named last, before any "of the …". */
export function guessKind(kinds: Kinds, part: string): PartKind | undefined {
  const thing = part.split(/\b(?:of|for|in|on|from|under|behind|with|to)\b|,|\(/)[0] ?? part;
  return furthest(kinds, thing) ?? furthest(kinds, part);
}

function furthest(kinds: Kinds, text: string): PartKind | undefined {
  let best: PartKind | undefined;
  let end = -1;
  for (const { kind, hint } of kinds) {
    for (const found of text.matchAll(new RegExp(hint, "giu"))) {
      if (found.index + found[0].length > end) {
        end = found.index + found[0].length;
        best = kind;
      }
    }
  }
  return best;
}

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
  const [first, ...further] = f.held.map((set, place) => heldRequest(set, heldAt(place), faults));
  const detail = detailRequest(f.detail, further, f.held.length > 0, faults);
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
      gear: stage && member ? { stage: Number(stage), member: member as "PINION" | "WHEEL" } : undefined,
      wayRound: f.wayRound,
      fastening: first,
      singleUse: f.singleUse,
      tray: f.tray,
      condition: f.condition,
      note: f.note,
      detail,
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
    .flatMap(({ stage, pair }) =>
      pair
        ? [
            {
              value: `${stage}-PINION`,
              label: `pinion ${stage}, z ${pair.pinionTeeth}`,
              shaft: pair.pinionShaft,
            },
            {
              value: `${stage}-WHEEL`,
              label: `wheel ${stage}, z ${pair.wheelTeeth}`,
              shaft: pair.wheelShaft,
            },
          ]
        : [],
    )
    .filter((c) => !off.has(c.value));
}
