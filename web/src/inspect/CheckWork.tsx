import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import type { JobView, PlanLine } from "../api/types";
import { Panel } from "../shared/Panel";
import { CheckCard } from "./CheckCard";
import { FoundOnPart } from "./FoundOnPart";
import classes from "./Inspect.module.css";
import { PlanList } from "./PlanList";
import { keyOf, linesFor, nextAfter } from "./plan.model";
import { checksQuery } from "./queries";

/** A job that was signed before there was a plan shows what was found all the same. */
function FoundBefore({ view }: { view: JobView }) {
  return (
    <>
      <p>Signed before checks were planned. What was found:</p>
      <ul>
        {view.seen.map((f) => (
          <li key={f.id}>
            {view.steps.find((s) => s.id === f.given.stepId)?.given.part}: {f.given.word} ({f.given.check},{" "}
            {f.by})
          </li>
        ))}
      </ul>
    </>
  );
}

interface Props {
  view: JobView;
  station: "INSPECT" | "SET";
  title: string;
  says: string;
  /** Step that is picked in the picture. */
  picked: string | undefined;
  onPick: (stepId: string | undefined) => void;
  /** Stands above the check in hand. */
  children?: ReactNode;
}

/** The list of checks and the one in hand, side by side. */
export function CheckWork({ view, station, title, says, picked, onPick, children }: Props) {
  const checks = useQuery(checksQuery);
  const lines = linesFor(view, station === "SET");
  const [chosen, setChosen] = useState<string | undefined>(() => {
    const first = nextAfter(lines, undefined) ?? lines[0];
    return first && keyOf(first);
  });
  const ofPicked = picked === undefined ? undefined : lines.filter((l) => l.stepId === picked);
  const inHand =
    (ofPicked && !ofPicked.some((l) => keyOf(l) === chosen)
      ? (nextAfter(ofPicked, undefined) ?? ofPicked[0])
      : undefined) ?? lines.find((l) => keyOf(l) === chosen);
  const next = nextAfter(lines, inHand && keyOf(inHand));
  const choose = (line: PlanLine) => {
    setChosen(keyOf(line));
    onPick(picked === undefined ? undefined : line.stepId);
  };
  const check = checks.data?.find((c) => c.id === inHand?.check);
  const goOn = () => {
    if (next) {
      setChosen(keyOf(next));
      onPick(undefined);
    }
  };
  if (lines.length === 0) {
    return (
      <>
        {children}
        {station === "INSPECT" && (
          <Panel title={title}>
            {view.plan ? (
              <p>Nothing has come off yet. What you take off at Strip is looked at here.</p>
            ) : (
              <FoundBefore view={view} />
            )}
          </Panel>
        )}
      </>
    );
  }
  return (
    <div className={classes.work}>
      <PlanList
        title={title}
        says={says}
        lines={lines}
        checks={checks.data ?? []}
        chosen={inHand}
        onChoose={choose}
        only={picked}
        onAll={() => onPick(undefined)}
      />
      <div className={classes.right}>
        {children}
        {inHand && check && (
          <>
            <CheckCard
              key={keyOf(inHand)}
              view={view}
              station={station}
              line={inHand}
              check={check}
              next={next}
              onNext={goOn}
            />
            <FoundOnPart view={view} line={inHand} />
          </>
        )}
      </div>
    </div>
  );
}
