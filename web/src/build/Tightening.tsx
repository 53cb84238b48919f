import { Button } from "@mantine/core";
import type { Card } from "../api/types";
import classes from "./Build.module.css";
import { FEW, onTheSheet, progress } from "./tightening.model";

/** The screws of a part where they stand, each with its place in the order; ticked one by one, round by round. */
export function Tightening({
  card,
  ticked,
  onTick,
}: {
  card: Card;
  ticked: number;
  /** Missing where nothing is to be ticked any more. */
  onTick?: ((ticked: number) => void) | undefined;
}) {
  const sheet = onTheSheet(card.screws);
  const p = progress(card, ticked);
  const few = card.tightening.length <= FEW;
  const round = card.rounds[p.round];
  return (
    <section className={classes.tightening} aria-label="Tighten screw by screw">
      <div
        className={classes.screws}
        style={{ width: sheet.width, height: sheet.height }}
        data-few={few}
        role="img"
        aria-label={`Tighten in this order: ${card.tightening.join(", ")}`}
      >
        {sheet.at.map((at, i) => {
          const screw = i + 1;
          const state = p.isTight(screw) ? "tight" : screw === p.next && p.isBegun ? "next" : "waits";
          return (
            <span key={screw} className={classes.screw} data-state={state} style={{ left: at.x, top: at.y }}>
              {card.tightening.indexOf(screw) + 1}
            </span>
          );
        })}
      </div>
      {card.rounds.length > 0 && (
        <div className={classes.rounds}>
          <ol>
            {card.rounds.map((words, i) => (
              <li key={words} aria-current={p.isBegun && !p.isDone && i === p.round ? "step" : undefined}>
                {words}
              </li>
            ))}
          </ol>
          {onTick && p.next !== undefined && (
            <Button size="md" onClick={() => onTick(ticked + 1)}>
              {p.isBegun
                ? `${card.tightening.indexOf(p.next) + 1} is tight: ${round}`
                : `Tick them one by one: 1 is ${round}`}
            </Button>
          )}
          {onTick && p.isBegun && (
            <Button size="xs" variant="default" onClick={() => onTick(ticked - 1)}>
              Take one tick back
            </Button>
          )}
          {p.isDone && (
            <p className={classes.note}>
              All {card.tightening.length} screws, {card.rounds.length} rounds, one by one.
            </p>
          )}
        </div>
      )}
    </section>
  );
}
