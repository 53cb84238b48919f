import { useRef, useState } from "react";
import type { Answer, Body } from "../api/described";
import { type Method, request } from "../api/http";
import { type Problem, ProblemError } from "../api/problem";

/** Only what answers with a T; an address that is not known while it is written answers with what its caller says. */
type Giving<M extends Method, S extends string, T> = string extends S
  ? unknown
  : [Answer<M, S>] extends [T]
    ? unknown
    : never;

/**
 * Writes that belong to no job: what was refused stays on the screen with its reason, nothing entered is lost. When an
 * answer was lost, the same words sent again bear the same identity, so that the server keeps them once.
 */
export function useWrite<T>(onDone: (answer: T) => void) {
  const [problem, setProblem] = useState<Problem>();
  const [busy, setBusy] = useState(false);
  const unanswered = useRef<{ words: string; id: string }>(undefined);
  const send = async <M extends Method, S extends string>(
    method: M,
    path: S & Giving<M, S, T>,
    body?: Body<M, S>,
  ): Promise<boolean> => {
    const words = JSON.stringify([method, path, body]);
    if (unanswered.current?.words !== words) {
      unanswered.current = { words, id: crypto.randomUUID() };
    }
    setBusy(true);
    setProblem(undefined);
    try {
      const answer = await request(method, path, body, unanswered.current.id);
      unanswered.current = undefined;
      onDone(answer as T);
      return true;
    } catch (fault) {
      if (fault instanceof ProblemError) {
        unanswered.current = undefined;
      }
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
