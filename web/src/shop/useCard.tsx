import { type QueryKey, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { request } from "../api/http";
import { elsewhere, fieldErrors, type Problem, ProblemError } from "../api/problem";
import { Fault } from "../shared/Caution";

interface Options<C> {
  path: string;
  queryKey: QueryKey;
  id: string | undefined;
  given: C;
  onDone: () => void;
}

/** A card of the shop while it is edited: an instrument's, a lubricant's. Kept or put away as a whole. */
export function useCard<C extends { version?: number }>({ path, queryKey, id, given, onDone }: Options<C>) {
  const client = useQueryClient();
  const [cardId] = useState(() => id ?? crypto.randomUUID());
  const [card, setCard] = useState<C>(given);
  const [problem, setProblem] = useState<Problem>();
  const send = async (method: "PUT" | "DELETE") => {
    try {
      const url = `${path}/${cardId}${method === "DELETE" ? `?version=${card.version}` : ""}`;
      const all = await request<unknown>(method, url, method === "PUT" ? card : undefined);
      client.setQueryData(queryKey, all);
      onDone();
    } catch (fault) {
      setProblem(
        fault instanceof ProblemError
          ? fault.problem
          : { status: 0, detail: "No connection: this card is not kept yet. Try again.", fields: [] },
      );
    }
  };
  const text = elsewhere(problem, Object.keys(card));
  const stray: ReactNode = text && <Fault>{text}</Fault>;
  return {
    card,
    change: (part: { [K in keyof C]?: C[K] | undefined }) => setCard({ ...card, ...part }),
    errors: fieldErrors(problem),
    stray,
    send,
  };
}
