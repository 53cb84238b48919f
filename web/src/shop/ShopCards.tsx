import { Button } from "@mantine/core";
import { type UseQueryOptions, useQuery, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import { TakenAway } from "../shared/TakenAway";
import { useWrite } from "../shared/useWrite";
import { t } from "../wording/en";
import type { CardOf } from "./card.model";
import classes from "./Shop.module.css";
import { type Card, useCard } from "./useCard";

type Kept<C> = { id: string; given: C };

interface Props<C extends CardOf, V extends Kept<C>> {
  title: string;
  aside: string;
  /** What "Add …" says. */
  add: string;
  path: string;
  query: UseQueryOptions<V[], Error, V[], string[]>;
  /** True when its day is past. */
  over: (kept: V) => boolean;
  /** The row of a card: three short texts and when it is due. */
  row: (kept: V) => ReactNode;
  fresh: () => C;
  /** The fields of a card, and the card as it is kept already. */
  fields: (card: Card<C>, kept?: V) => ReactNode;
  /** Names of the fields, for two people on one card. */
  labels: Record<string, string>;
}

/** Cards of things the shop owns; each opens in its place, is kept as a whole, and can be put away and had back. */
export function ShopCards<C extends CardOf, V extends Kept<C>>(props: Props<C, V>) {
  const { title, aside, add, path, query, over, row, fresh, fields, labels } = props;
  const cards = useQuery(query);
  const client = useQueryClient();
  const [open, setOpen] = useState<string>();
  const [away, setAway] = useState<Kept<C>>();
  const { send, problem } = useWrite<V[]>((all) => {
    client.setQueryData(query.queryKey, all);
    setAway(undefined);
  });
  const card = (kept?: V) => (
    <OpenCard
      path={path}
      queryKey={query.queryKey}
      id={kept?.id}
      given={kept?.given ?? fresh()}
      fields={(card) => fields(card, kept)}
      labels={labels}
      onDone={() => setOpen(undefined)}
      onAway={kept && (() => setAway(kept))}
    />
  );
  return (
    <section className={classes.section}>
      <Panel title={title} aside={aside}>
        {cards.isError && <Fault>The cards cannot be fetched. Check the connection.</Fault>}
        {away && (
          <TakenAway
            what={away.given.name}
            onPutBack={() =>
              // Putting away was one change, so the version that stands there is one further.
              send("PUT", `${path}/${away.id}`, { ...away.given, version: Number(away.given.version) + 1 })
            }
          />
        )}
        {problem && <Fault>{problem.detail}</Fault>}
        <ul className={classes.cards}>
          {cards.data?.map((kept) => (
            <li key={kept.id} data-overdue={over(kept)}>
              <button
                type="button"
                aria-expanded={open === kept.id}
                onClick={() => setOpen(open === kept.id ? undefined : kept.id)}
              >
                {row(kept)}
              </button>
              {open === kept.id && card(kept)}
            </li>
          ))}
        </ul>
        {open === "new" ? (
          card()
        ) : (
          <Button variant="default" onClick={() => setOpen("new")}>
            {add}
          </Button>
        )}
      </Panel>
    </section>
  );
}

interface OpenProps<C> {
  path: string;
  queryKey: readonly unknown[];
  id: string | undefined;
  given: C;
  fields: (card: Card<C>) => ReactNode;
  labels: Record<string, string>;
  onDone: () => void;
  onAway: (() => void) | undefined;
}

function OpenCard<C extends CardOf>({ fields, onAway, ...options }: OpenProps<C>) {
  const card = useCard<C>(options);
  return (
    <div className={classes.card}>
      {card.stray}
      {fields(card)}
      <div className={classes.buttons}>
        <Button onClick={card.keep}>{t.actions.keep}</Button>
        <Button variant="default" onClick={card.leave}>
          Leave it
        </Button>
        {onAway && (
          <Button
            variant="default"
            onClick={async () => {
              if (await card.putAway()) {
                onAway();
              }
            }}
          >
            Put away
          </Button>
        )}
      </div>
    </div>
  );
}
