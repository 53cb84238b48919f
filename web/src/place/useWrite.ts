import { useState } from "react";
import { type Method, request } from "../api/http";
import { type Problem, ProblemError } from "../api/problem";

/** Writes that belong to no job: what was refused stays on the screen with its reason, nothing entered is lost. */
export function useWrite<T>(onDone: (answer: T) => void) {
  const [problem, setProblem] = useState<Problem>();
  const [busy, setBusy] = useState(false);
  const send = async (method: Method, path: string, body?: unknown): Promise<boolean> => {
    setBusy(true);
    setProblem(undefined);
    try {
      onDone(await request<T>(method, path, body));
      return true;
    } catch (fault) {
      setProblem(
        fault instanceof ProblemError
          ? fault.problem
          : { status: 0, detail: "No connection: this is not kept yet. Try again.", fields: [] },
      );
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { send, problem, clear: () => setProblem(undefined), busy };
}
