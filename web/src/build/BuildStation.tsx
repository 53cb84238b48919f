import { useEffect, useRef, useState } from "react";
import { BesideDocuments } from "../document";
import { PutBack } from "../done";
import type { StationProps } from "../job/station";
import { PlanPanel } from "../plan";
import { TryItYourself } from "../receive";
import { Fault } from "../shared/Caution";
import classes from "./Build.module.css";
import { BuildCard } from "./BuildCard";
import { LedgerPanel } from "./LedgerPanel";

/** The rebuild: one card at a time, and the ledger at the end. */
export function BuildStation({ view, onChoose }: StationProps) {
  const fitted = new Set(view.fittings.filter((f) => f.given.done).map((f) => f.stepId as string));
  const firstOpen = view.rebuild.findIndex((c) => !fitted.has(c.stepId));
  const [place, setPlace] = useState(firstOpen < 0 ? view.rebuild.length : firstOpen);
  const row = useRef<HTMLSpanElement>(null);
  const [planning, setPlanning] = useState(false);
  const last = view.rebuild.length;
  const go = (to: number) => {
    setPlanning(false);
    setPlace(to);
  };
  const card = view.rebuild[place];
  const stepId = card?.stepId;

  useEffect(() => onChoose(stepId), [stepId, onChoose]);
  useEffect(() => {
    row.current?.children[place]?.scrollIntoView({ block: "nearest", inline: "center" });
  }, [place]);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : undefined;
      if (target && /INPUT|TEXTAREA|SELECT/.test(target.tagName)) {
        return;
      }
      if (target?.closest("svg")) {
        return;
      }
      if (planning) {
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
  }, [last, planning]);

  if (last === 0) {
    return (
      <>
        <p>Nothing has come off, so there is nothing to put back. The cards are made from the strip.</p>
        <PutBack view={view} />
      </>
    );
  }
  const next = () => {
    const open = view.rebuild.findIndex((c, i) => i > place && !fitted.has(c.stepId));
    setPlace(open < 0 ? last : open);
  };
  return (
    <>
      <TryItYourself view={view} />
      {view.contradiction && <Fault>{view.contradiction}</Fault>}
      <nav className={classes.cards} aria-label="Cards of the rebuild">
        <span className={classes.cardRow} ref={row}>
          {view.rebuild.map((c, i) => (
            <button
              key={c.stepId}
              type="button"
              aria-current={i === place && !planning ? "step" : undefined}
              aria-label={`Card ${c.place}, ${c.title}, ${fitted.has(c.stepId) ? "fitted" : "open"}`}
              data-fitted={fitted.has(c.stepId)}
              onClick={() => go(i)}
            >
              {fitted.has(c.stepId) ? "✓" : c.place}
            </button>
          ))}
        </span>
        <button
          type="button"
          aria-current={place === last && !planning ? "step" : undefined}
          className={classes.ledgerButton}
          onClick={() => go(last)}
        >
          Ledger
        </button>
        <button
          type="button"
          aria-current={planning ? "step" : undefined}
          className={classes.ledgerButton}
          onClick={() => setPlanning(true)}
        >
          Order
        </button>
      </nav>
      {planning ? (
        <PlanPanel view={view} />
      ) : card ? (
        <div className={classes.room}>
          <BuildCard
            key={card.stepId}
            view={view}
            card={card}
            fitting={view.fittings.find((f) => f.stepId === card.stepId)}
            onNext={next}
            onBack={() => setPlace(Math.max(place - 1, 0))}
          />
        </div>
      ) : (
        <>
          <LedgerPanel
            view={view}
            onOpen={(id) => setPlace(view.rebuild.findIndex((c) => c.stepId === id))}
          />
          <PutBack view={view} />
        </>
      )}
      <BesideDocuments view={view} />
    </>
  );
}
