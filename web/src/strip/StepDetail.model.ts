import type { DetailRequest, EnteredNumber, PartKind, StepRequest } from "../api/types";

type Fastening = NonNullable<StepRequest["fastening"]>;
type Standing = NonNullable<DetailRequest["belongs"]>["standing"];
type Screws = NonNullable<DetailRequest["screws"]>;
type Arrangement = Screws["arrangement"];
type Energy = NonNullable<DetailRequest["energy"]>["kind"];

const mm = (): EnteredNumber => ({ text: "", unit: "mm" });

/** One kind of small parts that lie loose, as it is being typed. */
export interface LooseFields {
  kind: PartKind;
  expected: string;
  found: string;
}

/** How the screws of a part stand, as it is being typed; a circle while nobody says otherwise. */
export interface ScrewsFields {
  arrangement: "" | Arrangement;
  across: string;
  up: string;
  pitchAcross: EnteredNumber;
  pitchUp: EnteredNumber;
  places: { across: EnteredNumber; up: EnteredNumber }[];
}

export const onACircle = (): ScrewsFields => ({
  arrangement: "",
  across: "",
  up: "",
  pitchAcross: mm(),
  pitchUp: mm(),
  places: [],
});

/** What a careful mechanic notes beyond what came off and where, as it is being typed. */
export interface DetailFields {
  tool: string;
  position: string;
  area: string;
  minutes: string;
  people: string;
  matchMark: string;
  matchedWith: string;
  positions: string;
  /** Empty while nothing was noted; "UNSAID" is a statement. */
  goesOn: NonNullable<DetailRequest["goesOn"]> | "";
  facingMatters: boolean | undefined;
  check: string;
  hard: string;
  stuckTo: string;
  notOriginal: string;
  settingName: string;
  settingValue: string;
  settingKeep: boolean;
  energy: Energy | "";
  madeSafe: string;
  loose: LooseFields[];
  shape: "" | "ROUND" | "BOX";
  width: EnteredNumber;
  height: EnteredNumber;
  length: EnteredNumber;
  /** Steps of a shaft from left to right; none for a part of one thickness. */
  steps: { diameter: EnteredNumber; length: EnteredNumber }[];
  bore: EnteredNumber;
  seat: string;
  drawn: string;
  leavesBy: string[];
  massKg: string;
  thickness: EnteredNumber;
  teeth: string;
  subassembly: string;
  leftAssembled: boolean | undefined;
  /** Empty when what came off goes back. */
  standing: Standing | "";
  belongsPart: string;
  belongsKind: PartKind | "";
  belongsBecause: string;
  screws: ScrewsFields;
}

export const emptyDetail = (): DetailFields => ({
  tool: "",
  position: "",
  area: "",
  minutes: "",
  people: "",
  matchMark: "",
  matchedWith: "",
  positions: "",
  goesOn: "",
  facingMatters: undefined,
  check: "",
  hard: "",
  stuckTo: "",
  notOriginal: "",
  settingName: "",
  settingValue: "",
  settingKeep: true,
  energy: "",
  madeSafe: "",
  loose: [],
  shape: "",
  width: mm(),
  height: mm(),
  length: mm(),
  steps: [],
  bore: mm(),
  seat: "",
  drawn: "",
  leavesBy: [],
  massKg: "",
  thickness: mm(),
  teeth: "",
  subassembly: "",
  leftAssembled: undefined,
  standing: "",
  belongsPart: "",
  belongsKind: "",
  belongsBecause: "",
  screws: onACircle(),
});

const shown = (value: number | undefined) => (value === undefined ? "" : String(value));

export function detailFields(d: DetailRequest | undefined): DetailFields {
  const empty = emptyDetail();
  if (!d) {
    return empty;
  }
  return {
    ...empty,
    tool: d.tool ?? "",
    position: d.position ?? "",
    area: d.area ?? "",
    minutes: shown(d.minutes),
    people: shown(d.people),
    matchMark: d.matchMark ?? "",
    matchedWith: d.matchedWith ?? "",
    positions: shown(d.positions),
    goesOn: d.goesOn ?? "",
    facingMatters: d.facingMatters,
    check: d.check ?? "",
    hard: d.hard ?? "",
    stuckTo: d.stuckTo ?? "",
    notOriginal: d.notOriginal ?? "",
    settingName: d.setting?.name ?? "",
    settingValue: d.setting?.value ?? "",
    settingKeep: d.setting?.mustKeep ?? true,
    energy: d.energy?.kind ?? "",
    madeSafe: d.energy?.madeSafe ?? "",
    loose: (d.loose ?? []).map((l) => ({ kind: l.kind, expected: shown(l.expected), found: shown(l.found) })),
    shape: d.envelope?.shape ?? "",
    width: d.envelope?.width ?? mm(),
    height: d.envelope?.height ?? mm(),
    length: d.envelope?.length ?? mm(),
    steps: d.envelope?.steps ?? [],
    bore: d.bore ?? mm(),
    seat: shown(d.seat),
    drawn: shown(d.drawn),
    leavesBy: d.leavesBy ?? [],
    massKg: shown(d.massKg),
    thickness: d.thickness ?? mm(),
    teeth: shown(d.teeth),
    subassembly: d.subassembly ?? "",
    leftAssembled: d.leftAssembled,
    standing: d.belongs?.standing ?? "",
    belongsPart: d.belongs?.part ?? "",
    belongsKind: d.belongs?.kind ?? "",
    belongsBecause: d.belongs?.because ?? "",
    screws: {
      arrangement: d.screws?.arrangement ?? "",
      across: shown(d.screws?.across),
      up: shown(d.screws?.up),
      pitchAcross: d.screws?.pitchAcross ?? mm(),
      pitchUp: d.screws?.pitchUp ?? mm(),
      places: d.screws?.places ?? [],
    },
  };
}

const NUMBER = /^\d{1,9}([.,]\d{1,17})?$/;

/** A number that need not be there; what is typed and is none is told at its field. */
function optional(
  text: string,
  field: string,
  what: string,
  faults: Record<string, string>,
): number | undefined {
  const typed = text.trim();
  if (typed === "") {
    return undefined;
  }
  if (!NUMBER.test(typed)) {
    faults[`detail.${field}`] = `“${text}” is not a number for ${what}.`;
    return undefined;
  }
  return Number(typed.replace(",", "."));
}

const words = (text: string) => (text.trim() === "" ? undefined : text.trim());
const number = (entered: EnteredNumber) => (entered.text.trim() === "" ? undefined : entered);

/** What was typed for another arrangement stays: the server takes what belongs to the chosen one. */
function screwsRequest(s: ScrewsFields, faults: Record<string, string>): Screws | undefined {
  return s.arrangement === ""
    ? undefined
    : {
        arrangement: s.arrangement,
        across: optional(s.across, "screws.across", "screws across", faults),
        up: optional(s.up, "screws.up", "screws up", faults),
        pitchAcross: number(s.pitchAcross),
        pitchUp: number(s.pitchUp),
        places: s.places.length > 0 ? s.places : undefined,
      };
}

/**
 * The request; undefined when nothing was noted. Faults are added to those of the step.
 *
 * @param further sets of screws beside the first
 * @param isHeld  true where screws hold it
 */
export function detailRequest(
  d: DetailFields,
  further: Fastening[],
  isHeld: boolean,
  faults: Record<string, string>,
): DetailRequest | undefined {
  const request: DetailRequest = {
    tool: words(d.tool),
    position: words(d.position),
    area: words(d.area),
    minutes: optional(d.minutes, "minutes", "minutes", faults),
    people: optional(d.people, "people", "people", faults),
    matchMark: words(d.matchMark),
    matchedWith: words(d.matchedWith),
    positions: optional(d.positions, "positions", "positions", faults),
    goesOn: d.goesOn === "" ? undefined : d.goesOn,
    facingMatters: d.facingMatters,
    check: words(d.check),
    hard: words(d.hard),
    stuckTo: words(d.stuckTo),
    notOriginal: words(d.notOriginal),
    setting: words(d.settingName + d.settingValue)
      ? { name: d.settingName.trim(), value: d.settingValue.trim(), mustKeep: d.settingKeep }
      : undefined,
    energy: d.energy === "" ? undefined : { kind: d.energy, madeSafe: d.madeSafe.trim() },
    loose:
      d.loose.length === 0
        ? undefined
        : d.loose.map((l, i) => ({
            kind: l.kind,
            expected: optional(l.expected, `loose[${i}].expected`, "a count", faults),
            found: optional(l.found, `loose[${i}].found`, "a count", faults),
          })),
    envelope:
      d.shape === ""
        ? undefined
        : {
            shape: d.shape,
            width: d.steps.length > 0 ? number(d.width) : d.width,
            height: number(d.height),
            length: d.steps.length > 0 ? number(d.length) : d.length,
            steps: d.steps.length > 0 ? d.steps : undefined,
          },
    bore: number(d.bore),
    seat: optional(d.seat, "seat", "a step of the shaft", faults),
    drawn: optional(d.drawn, "drawn", "a count", faults),
    leavesBy: d.leavesBy.length > 0 ? d.leavesBy : undefined,
    massKg: optional(d.massKg, "massKg", "kilograms", faults),
    thickness: number(d.thickness),
    teeth: optional(d.teeth, "teeth", "teeth", faults),
    subassembly: words(d.subassembly),
    leftAssembled: d.leftAssembled,
    belongs:
      d.standing === ""
        ? undefined
        : {
            standing: d.standing,
            part: words(d.belongsPart),
            kind: d.belongsKind === "" ? undefined : d.belongsKind,
            because: words(d.belongsBecause),
          },
    alsoHeldBy: further.length > 0 ? further : undefined,
    screws: isHeld ? screwsRequest(d.screws ?? onACircle(), faults) : undefined,
  };
  return Object.values(request).some((value) => value !== undefined) ? request : undefined;
}
