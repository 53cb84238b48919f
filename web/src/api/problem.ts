/** A fault as the server tells it (RFC 9457), with the fields at fault. */
export interface Problem {
  status: number;
  detail: string;
  fields: FieldProblem[];
  /** Only for a conflict: what stands there now, who kept it and when. */
  current?: unknown;
  changedBy?: string;
  changedAt?: string;
}

export interface FieldProblem {
  field: string;
  sentence: string;
}

export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** The server could not be reached at all; nothing is known about the write. */
export class Unreachable extends Error {}

/** Sentences by field path, for the form that was refused. */
export function fieldErrors(problem: Problem | undefined): Record<string, string> {
  const errors: Record<string, string> = {};
  for (const fault of problem?.fields ?? []) {
    errors[fault.field] = errors[fault.field] ? `${errors[fault.field]} ${fault.sentence}` : fault.sentence;
  }
  return errors;
}

/** What is wrong but belongs to none of the fields a form shows; the form shows it at its top. */
export function elsewhere(problem: Problem | undefined, shown: string[]): string | undefined {
  if (!problem) {
    return undefined;
  }
  const stray = problem.fields.filter(
    (f) => !shown.some((s) => f.field === s || f.field.startsWith(`${s}[`) || f.field.startsWith(`${s}.`)),
  );
  if (problem.fields.length > 0 && stray.length === 0) {
    return undefined;
  }
  return stray.length > 0 ? stray.map((f) => f.sentence).join(" ") : problem.detail;
}
