import { Select } from "@mantine/core";
import { useEffect, useRef, useState } from "react";
import type { Check, PlanLine } from "../api/types";
import classes from "./Inspect.module.css";
import { worded } from "./parts.model";
import { grouped, isOpen, keyOf, tagOf, toneOf } from "./plan.model";

interface Props {
  title: string;
  /** How far it is. */
  says: string;
  lines: PlanLine[];
  checks: Check[];
  chosen: PlanLine | undefined;
  onChoose: (line: PlanLine) => void;
  /** A part that is picked in the picture: only its lines are shown. */
  only: string | undefined;
  onAll: () => void;
}

/** What to look at, in the order that ends a hopeless repair soonest. */
export function PlanList(p: Props) {
  const [should, setShould] = useState(false);
  const [doubt, setDoubt] = useState(false);
  const shown = p.only === undefined ? p.lines : p.lines.filter((line) => line.stepId === p.only);
  const { musts, shoulds, others } = grouped(shown);
  const list = useRef<HTMLDivElement>(null);
  const chosenKey = p.chosen && keyOf(p.chosen);
  useEffect(() => {
    const row =
      chosenKey && list.current?.querySelector<HTMLElement>(`[data-key="${CSS.escape(chosenKey)}"]`);
    const box = list.current;
    if (row && box) {
      const [outer, inner] = [box.getBoundingClientRect(), row.getBoundingClientRect()];
      if (inner.top < outer.top || inner.bottom > outer.bottom) {
        box.scrollTop += inner.top - outer.top - outer.height / 3;
      }
    }
  }, [chosenKey]);
  const rows = (lines: PlanLine[]) =>
    lines.map((line) => (
      <Row
        key={keyOf(line)}
        line={line}
        check={p.checks.find((c) => c.id === line.check)}
        chosen={keyOf(line) === chosenKey}
        onChoose={() => p.onChoose(line)}
      />
    ));
  const choices = [...musts, ...shoulds, ...others];
  return (
    <section className={classes.plan} aria-label={p.title}>
      <header>
        <h2>{p.title}</h2>
        <p>{p.says}</p>
        {p.only !== undefined && (
          <button type="button" className={classes.more} onClick={p.onAll}>
            This part only. Show all
          </button>
        )}
      </header>
      {/* On a narrow screen the list folds into one choice. */}
      <Select
        className={classes.narrow}
        label="Check"
        data={choices.map((line) => ({
          value: keyOf(line),
          label: `${line.number || ""} ${line.part}: ${lookAt(line, p.checks)} (${tagOf(line)})`.trim(),
        }))}
        value={chosenKey ?? null}
        allowDeselect={false}
        onChange={(key) => {
          const line = choices.find((l) => keyOf(l) === key);
          if (line) {
            p.onChoose(line);
          }
        }}
      />
      <div ref={list} className={classes.lines}>
        <ol aria-label="Must be answered">{rows(musts)}</ol>
        <Folded
          open={should}
          onToggle={() => setShould(!should)}
          words={`${shoulds.length} that should be, ${shoulds.filter(isOpen).length} open: printed when left`}
          count={shoulds.length}
        >
          {rows(shoulds)}
        </Folded>
        <Folded
          open={doubt}
          onToggle={() => setDoubt(!doubt)}
          words={`${others.length} more if in doubt`}
          count={others.length}
        >
          {rows(others)}
        </Folded>
      </div>
    </section>
  );
}

function Folded(p: {
  open: boolean;
  onToggle: () => void;
  words: string;
  count: number;
  children: React.ReactNode;
}) {
  if (p.count === 0) {
    return null;
  }
  return (
    <>
      <button type="button" className={classes.fold} aria-expanded={p.open} onClick={p.onToggle}>
        {p.open ? "−" : "+"} {p.words}
      </button>
      {p.open && <ol aria-label={p.words}>{p.children}</ol>}
    </>
  );
}

const lookAt = (line: PlanLine, checks: Check[]) =>
  worded(checks.find((c) => c.id === line.check)?.lookAt ?? line.check);

function Row(p: { line: PlanLine; check: Check | undefined; chosen: boolean; onChoose: () => void }) {
  const { line, check } = p;
  return (
    <li>
      <button
        type="button"
        data-key={keyOf(line)}
        aria-pressed={p.chosen}
        data-tone={toneOf(line)}
        onClick={p.onChoose}
      >
        <span>{line.number === 0 ? "↔" : line.number}</span>
        <b>{line.part}</b>
        <small>{check ? worded(check.lookAt) : line.check}</small>
        <em>{tagOf(line)}</em>
      </button>
    </li>
  );
}
