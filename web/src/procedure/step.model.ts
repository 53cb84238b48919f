import type { EnteredNumber, StepAnswerRequest, StepLine } from "../api/types";

/** An answer to a step as it is being typed. */
export interface StepFields {
  value: EnteredNumber;
  uncertainty: string;
  least: string;
  most: string;
  remark: string;
}

/** Units a value can be read in; what has no other unit is a bare number. */
export const unitsOf = (line: StepLine): string[] =>
  line.unit === "mm" ? ["mm", "in", "thou"] : line.unit === "N·m" ? ["N·m", "lbf·ft", "lbf·in"] : [""];

/** What is read, with its unit where the field has none to choose. */
export const labelOf = (line: StepLine): string => {
  const name = line.measured || "Reading";
  return unitsOf(line)[0] === "" && line.unit !== "" ? `${name}, ${line.unit}` : name;
};

export const emptyFields = (line: StepLine): StepFields => ({
  value: { text: "", unit: unitsOf(line)[0] ?? "" },
  uncertainty: "",
  least: "",
  most: "",
  remark: "",
});

const number = (text: string, unit: string) => (text.trim() === "" ? undefined : { text: text.trim(), unit });

/** A new try; the last one counts and all stay. */
export const answerOf = (
  line: StepLine,
  result: StepAnswerRequest["result"],
  f: StepFields,
): StepAnswerRequest => ({
  step: line.id,
  result,
  value: number(f.value.text, f.value.unit),
  uncertainty: number(f.uncertainty, f.value.unit),
  least: number(f.least, f.value.unit),
  most: number(f.most, f.value.unit),
  remark: f.remark,
});

export const STATES = {
  OPEN: "open",
  PASSED: "done",
  DOUBTFUL: "doubtful",
  FAILED: "failed",
  NOT_POSSIBLE: "not possible",
  NOT_NEEDED: "not needed",
} as const;

/** The first step that is open and whose forerunners are done, else the first that is open. */
export const nextStep = (lines: StepLine[]): StepLine | undefined => {
  const open = lines.filter((l) => l.state === "OPEN");
  const done = new Set(lines.filter((l) => l.state !== "OPEN").map((l) => l.id));
  const listed = new Set(lines.map((l) => l.id));
  return open.find((l) => l.after.every((a) => done.has(a) || !listed.has(a))) ?? open[0];
};
