import { useEffect, useState } from "react";
import type { StationProps } from "../job/JobPage";
import classes from "./Build.module.css";
import { BuildCard } from "./BuildCard";
import { LedgerPanel } from "./LedgerPanel";

/** The rebuild: one card at a time, and the ledger at the end. */
export function BuildStation({ view, onChoose }: StationProps) {
  const fitted = new Set(view.fittings.filter((f) => f.given.done).map((f) => f.stepId as string));
  const firstOpen = view.rebuild.findIndex((c) => !fitted.has(c.stepId));
  const [place, setPlace] = useState(firstOpen < 0 ? view.rebuild.length : firstOpen);
  const last = view.rebuild.length;
  const card = view.rebuild[place];
  const stepId = card?.stepId;

  useEffect(() => onChoose(stepId), [stepId, onChoose]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : undefined;
      if (target && /INPUT|TEXTAREA|SELECT/.test(target.tagName)) {
        return;
      }
      if (target?.closest("svg")) {
        return;
      }
      if (event.key === "ArrowRight") {
        setPlace((p) => Math.min(p + 1, last));
      } else if (event.key === "ArrowLeft") {
        setPlace((p) => Math.max(p - 1, 0));
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [last]);

  if (last === 0) {
    return <p>Nothing has come off, so there is nothing to put back. The cards are made from the strip.</p>;
  }
  const next = () => {
    const open = view.rebuild.findIndex((c, i) => i > place && !fitted.has(c.stepId));
    setPlace(open < 0 ? last : open);
  };
  return (
    <>
      <nav className={classes.cards} aria-label="Cards of the rebuild">
        {view.rebuild.map((c, i) => (
          <button
            key={c.stepId}
            type="button"
            aria-current={i === place ? "step" : undefined}
            aria-label={`Card ${c.place}, ${c.title}, ${fitted.has(c.stepId) ? "fitted" : "open"}`}
            data-fitted={fitted.has(c.stepId)}
            onClick={() => setPlace(i)}
          >
            {fitted.has(c.stepId) ? "✓" : c.place}
          </button>
        ))}
        <button
          type="button"
          aria-current={place === last ? "step" : undefined}
          className={classes.ledgerButton}
          onClick={() => setPlace(last)}
        >
          Ledger
        </button>
      </nav>
      {card ? (
        <BuildCard
          key={card.stepId}
          view={view}
          card={card}
          fitting={view.fittings.find((f) => f.stepId === card.stepId)}
          onNext={next}
          onBack={() => setPlace(Math.max(place - 1, 0))}
        />
      ) : (
        <LedgerPanel view={view} onOpen={(id) => setPlace(view.rebuild.findIndex((c) => c.stepId === id))} />
      )}
    </>
  );
}
