import { type QueryKey, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { elsewhere, fieldErrors, type Problem } from "../api/problem";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { useDraft } from "../shared/useDraft";
import { useWrite } from "../shared/useWrite";
import { type CardOf, cardRequest } from "./card.model";

interface Options<C> {
  path: string;
  queryKey: QueryKey;
  id: string | undefined;
  given: C;
  labels: Record<string, string>;
  onDone: () => void;
}

/** What a card of the shop offers to the fields on it. */
export interface Card<C> {
  card: C;
  change: (part: { [K in keyof C]?: C[K] | undefined }) => void;
  errors: Record<string, string | undefined>;
}

/** A card of the shop while it is edited: an instrument's, a lubricant's. Kept as a whole; what was typed outlives a reload. */
export function useCard<C extends CardOf>({ path, queryKey, id, given, labels, onDone }: Options<C>) {
  const client = useQueryClient();
  const [cardId] = useState(() => id ?? crypto.randomUUID());
  // Whole, so that what was emptied stays empty when the draft is read again.
  const draft = useDraft<{ whole: C }>(`card.${id ?? path}`, { whole: given });
  const card = draft.value.whole;
  const { send, problem, clear } = useWrite<unknown>((all) => {
    client.setQueryData(queryKey, all);
    draft.clear();
    onDone();
  });
  const url = `${path}/${cardId}`;
  const keep = (version = card.version) => send("PUT", url, cardRequest(card, version));
  const text = problem?.status === 409 ? undefined : elsewhere(problem, Object.keys(labels));
  const stray: ReactNode = (
    <>
      {text && <Fault>{text}</Fault>}
      <Conflict
        problem={problem}
        mine={card as Record<string, unknown>}
        theirs={() => standing<Record<string, unknown>>(problem)}
        labels={labels}
        onKeepMine={(version) => void keep(version)}
        onTakeTheirs={() => {
          draft.clear({ whole: standing(problem) ?? given });
          clear();
        }}
      />
    </>
  );
  return {
    card,
    change: (part: { [K in keyof C]?: C[K] | undefined }) => draft.change({ whole: { ...card, ...part } }),
    errors: fieldErrors(problem),
    stray,
    keep: () => void keep(),
    putAway: () => send("DELETE", `${url}?version=${card.version}`),
    leave: () => {
      draft.clear();
      onDone();
    },
  };
}

/** What the server says stands there now. */
const standing = <C,>(problem: Problem | undefined) => (problem?.current as { given: C } | undefined)?.given;
