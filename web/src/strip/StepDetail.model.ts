import type { DetailRequest, EnteredNumber, PartKind, StepRequest } from "../api/types";

type Fastening = NonNullable<StepRequest["fastening"]>;
export type Locking = NonNullable<Fastening["locking"]>;
export type Metal = NonNullable<Fastening["hole"]>["into"];
type Energy = NonNullable<DetailRequest["energy"]>["kind"];

const mm = (): EnteredNumber => ({ text: "", unit: "mm" });

/** What a careful mechanic notes beyond what came off and where, as it is being typed. */
export interface DetailFields {
  tool: string;
  position: string;
  area: string;
  minutes: string;
  matchMark: string;
  matchedWith: string;
  positions: string;
  goesOn: NonNullable<DetailRequest["goesOn"]>;
  facingMatters: boolean;
  check: string;
  hard: string;
  stuckTo: string;
  notOriginal: string;
  settingName: string;
  settingValue: string;
  settingKeep: boolean;
  energy: Energy | "";
  madeSafe: string;
  looseKind: PartKind | "";
  looseExpected: string;
  looseFound: string;
  shape: "" | "ROUND" | "BOX";
  width: EnteredNumber;
  height: EnteredNumber;
  length: EnteredNumber;
  leavesBy: string[];
  massKg: string;
  thickness: EnteredNumber;
  teeth: string;
  subassembly: string;
  leftAssembled: boolean;
}

export const emptyDetail = (): DetailFields => ({
  tool: "",
  position: "",
  area: "",
  minutes: "",
  matchMark: "",
  matchedWith: "",
  positions: "",
  goesOn: "UNSAID",
  facingMatters: false,
  check: "",
  hard: "",
  stuckTo: "",
  notOriginal: "",
  settingName: "",
  settingValue: "",
  settingKeep: true,
  energy: "",
  madeSafe: "",
  looseKind: "",
  looseExpected: "",
  looseFound: "",
  shape: "",
  width: mm(),
  height: mm(),
  length: mm(),
  leavesBy: [],
  massKg: "",
  thickness: mm(),
  teeth: "",
  subassembly: "",
  leftAssembled: false,
});

const shown = (value: number | undefined) => (value === undefined ? "" : String(value));

export function detailFields(d: DetailRequest | undefined): DetailFields {
  const empty = emptyDetail();
  if (!d) {
    return empty;
  }
  const loose = d.loose?.[0];
  return {
    ...empty,
    tool: d.tool ?? "",
    position: d.position ?? "",
    area: d.area ?? "",
    minutes: shown(d.minutes),
    matchMark: d.matchMark ?? "",
    matchedWith: d.matchedWith ?? "",
    positions: shown(d.positions),
    goesOn: d.goesOn ?? "UNSAID",
    facingMatters: d.facingMatters ?? false,
    check: d.check ?? "",
    hard: d.hard ?? "",
    stuckTo: d.stuckTo ?? "",
    notOriginal: d.notOriginal ?? "",
    settingName: d.setting?.name ?? "",
    settingValue: d.setting?.value ?? "",
    settingKeep: d.setting?.mustKeep ?? true,
    energy: d.energy?.kind ?? "",
    madeSafe: d.energy?.madeSafe ?? "",
    looseKind: loose?.kind ?? "",
    looseExpected: shown(loose?.expected),
    looseFound: shown(loose?.found),
    shape: d.envelope?.shape ?? "",
    width: d.envelope?.width ?? mm(),
    height: d.envelope?.height ?? mm(),
    length: d.envelope?.length ?? mm(),
    leavesBy: d.leavesBy ?? [],
    massKg: shown(d.massKg),
    thickness: d.thickness ?? mm(),
    teeth: shown(d.teeth),
    subassembly: d.subassembly ?? "",
    leftAssembled: d.leftAssembled ?? false,
  };
}

const NUMBER = /^\d{1,9}([.,]\d{1,6})?$/;

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

/** The request; undefined when nothing was noted. Faults are added to those of the step. */
export function detailRequest(d: DetailFields, faults: Record<string, string>): DetailRequest | undefined {
  const request: DetailRequest = {
    tool: words(d.tool),
    position: words(d.position),
    area: words(d.area),
    minutes: optional(d.minutes, "minutes", "minutes", faults),
    matchMark: words(d.matchMark),
    matchedWith: words(d.matchedWith),
    positions: optional(d.positions, "positions", "positions", faults),
    goesOn: d.goesOn === "UNSAID" ? undefined : d.goesOn,
    facingMatters: d.facingMatters || undefined,
    check: words(d.check),
    hard: words(d.hard),
    stuckTo: words(d.stuckTo),
    notOriginal: words(d.notOriginal),
    setting: words(d.settingName)
      ? { name: d.settingName.trim(), value: d.settingValue.trim(), mustKeep: d.settingKeep }
      : undefined,
    energy: d.energy === "" ? undefined : { kind: d.energy, madeSafe: d.madeSafe.trim() },
    loose:
      d.looseKind === ""
        ? undefined
        : [
            {
              kind: d.looseKind,
              expected: optional(d.looseExpected, "looseExpected", "a count", faults),
              found: optional(d.looseFound, "looseFound", "a count", faults),
            },
          ],
    envelope:
      d.shape === ""
        ? undefined
        : {
            shape: d.shape,
            width: d.width,
            height: d.shape === "BOX" ? d.height : undefined,
            length: d.length,
          },
    leavesBy: d.leavesBy.length > 0 ? d.leavesBy : undefined,
    massKg: optional(d.massKg, "massKg", "kilograms", faults),
    thickness: number(d.thickness),
    teeth: optional(d.teeth, "teeth", "teeth", faults),
    subassembly: words(d.subassembly),
    leftAssembled: d.leftAssembled || undefined,
  };
  return Object.values(request).some((value) => value !== undefined) ? request : undefined;
}
