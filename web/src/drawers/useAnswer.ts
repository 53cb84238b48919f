import { useEffect, useRef, useState } from "react";
import { request } from "../api/http";
import { type Problem, ProblemError } from "../api/problem";
import type { DrawerAnswer, DrawerEntries } from "../api/types";

interface State {
  answer?: DrawerAnswer | undefined;
  problem?: Problem | undefined;
  /** True where the server could not be reached: there will be no answer until something is entered. */
  silent?: boolean;
}

/**
 * What a drawer says of the entries. Asked at once; while a question is under way only the latest next one is kept, so a
 * slider never runs ahead of the server and never waits for answers nobody needs.
 *
 * @param entries undefined asks nothing
 * @param stamp   changes when the answer rests on something else that changed, as on what the shelf holds
 */
export function useAnswer(drawer: string, entries: DrawerEntries | undefined, stamp = 0): State {
  const [state, setState] = useState<State>({});
  const busy = useRef(false);
  const next = useRef<string | undefined>(undefined);
  const text = entries === undefined ? undefined : JSON.stringify(entries);

  // biome-ignore lint/correctness/useExhaustiveDependencies: the stamp asks the same question again
  useEffect(() => {
    let gone = false;
    const ask = async (body: string) => {
      busy.current = true;
      try {
        const answer = await request("POST", `/api/drawers/${drawer}`, JSON.parse(body));
        if (!gone) {
          setState({ answer });
        }
      } catch (fault) {
        if (!gone) {
          setState(fault instanceof ProblemError ? { problem: fault.problem } : { silent: true });
        }
      } finally {
        busy.current = false;
        const waiting = next.current;
        next.current = undefined;
        if (waiting !== undefined && !gone) {
          void ask(waiting);
        }
      }
    };
    if (text === undefined) {
      next.current = undefined;
      setState({});
    } else if (busy.current) {
      next.current = text;
    } else {
      void ask(text);
    }
    return () => {
      // An answer under way to a question that was replaced still shows: it is only one step behind.
      gone = false;
    };
  }, [drawer, text, stamp]);
  return state;
}
