import type { EnteredNumber, ProofRequest } from "../api/types";
import { versionField, versionSent } from "../shared/version";

/** The proof as it is being typed. */
export interface ProofFields {
  remark: string;
  ambient: EnteredNumber;
  hot: EnteredNumber;
  runMinutes: string;
  makersLimit: EnteredNumber;
  nextService: string;
  version: number;
}

export function proofFields(given: ProofRequest | undefined, degree: "°C" | "°F"): ProofFields {
  const blank = { text: "", unit: degree };
  return {
    remark: given?.remark ?? "",
    ambient: given?.ambient ?? blank,
    hot: given?.hot ?? blank,
    runMinutes: given?.runMinutes === undefined ? "" : String(given.runMinutes),
    makersLimit: given?.makersLimit ?? blank,
    nextService: given?.nextService ?? "",
    version: versionField(given?.version),
  };
}

const entered = (n: EnteredNumber) => (n.text.trim() === "" ? undefined : n);

/** The request; minutes that are no whole number are told at their field instead of being sent. */
export function toRequest(f: ProofFields): { request: ProofRequest } | { faults: Record<string, string> } {
  const minutes = f.runMinutes.trim();
  if (minutes !== "" && !/^\d{1,9}$/.test(minutes)) {
    return { faults: { runMinutes: `“${minutes}” is not a whole number of minutes.` } };
  }
  return {
    request: {
      version: versionSent(f.version),
      remark: f.remark,
      ambient: entered(f.ambient),
      hot: entered(f.hot),
      runMinutes: minutes === "" ? undefined : Number(minutes),
      makersLimit: entered(f.makersLimit),
      nextService: f.nextService === "" ? undefined : f.nextService,
    },
  };
}
