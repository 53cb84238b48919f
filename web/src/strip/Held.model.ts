import type { EnteredNumber, StepRequest } from "../api/types";

type FasteningRequest = NonNullable<StepRequest["fastening"]>;
export type Locking = NonNullable<FasteningRequest["locking"]>;
export type Metal = NonNullable<FasteningRequest["hole"]>["into"];

/** One set of screws, nuts or studs as it is being typed. */
export interface HeldFields {
  count: string;
  thread: string;
  length: EnteredNumber;
  leftHand: boolean;
  torque: EnteredNumber;
  torqueSource: string;
  /** How tight, where no figure is meant. */
  byFeel: string;
  drive: string;
  /** Empty while nobody looked; "NONE" is a statement. */
  locking: Locking | "";
  /** Empty while the hole is not measured. */
  hole: "" | "BLIND" | "THROUGH";
  grip: EnteredNumber;
  depth: EnteredNumber;
  free: EnteredNumber;
  behind: string;
  into: Metal;
}

const mm = (): EnteredNumber => ({ text: "", unit: "mm" });

export const emptyHeld = (): HeldFields => ({
  count: "",
  thread: "",
  length: mm(),
  leftHand: false,
  torque: { text: "", unit: "N·m" },
  torqueSource: "",
  byFeel: "",
  drive: "",
  locking: "",
  hole: "",
  grip: mm(),
  depth: mm(),
  free: mm(),
  behind: "",
  into: "GREY_IRON",
});

export const heldFields = (f: FasteningRequest): HeldFields => ({
  count: String(f.count),
  thread: f.thread,
  length: f.length ?? mm(),
  leftHand: f.leftHand,
  torque: f.torque ?? { text: "", unit: "N·m" },
  torqueSource: f.torqueSource,
  byFeel: f.byFeel ?? "",
  drive: f.drive ?? "",
  locking: f.locking ?? "",
  hole: f.hole ? (f.hole.through ? "THROUGH" : "BLIND") : "",
  grip: f.hole?.grip ?? mm(),
  depth: f.hole?.thread ?? mm(),
  free: f.hole?.free ?? mm(),
  behind: f.hole?.behind ?? "",
  into: f.hole?.into ?? "GREY_IRON",
});

const typed = (entered: EnteredNumber) => (entered.text.trim() === "" ? undefined : entered);
const words = (text: string) => (text.trim() === "" ? undefined : text);

/** Where the faults of a set are told: the first is the step's own, the further ones stand among its details. */
export const heldAt = (place: number) => (place === 0 ? "fastening." : `detail.alsoHeldBy[${place - 1}].`);

/** The request; a count that is none is told at its field. */
export function heldRequest(h: HeldFields, at: string, faults: Record<string, string>): FasteningRequest {
  const count = /^\d{1,9}$/.test(h.count.trim()) ? Number(h.count.trim()) : Number.NaN;
  if (Number.isNaN(count)) {
    faults[`${at}count`] = "How many screws? Enter a whole number.";
  }
  return {
    count,
    thread: h.thread,
    length: typed(h.length),
    leftHand: h.leftHand,
    torque: typed(h.torque),
    torqueSource: h.torqueSource,
    byFeel: words(h.byFeel),
    drive: words(h.drive),
    locking: h.locking === "" ? undefined : h.locking,
    hole:
      h.hole === ""
        ? undefined
        : {
            grip: h.grip,
            thread: h.depth,
            through: h.hole === "THROUGH",
            free: typed(h.free),
            behind: h.behind,
            into: h.into,
          },
  };
}
