import { Select } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { JobView, Look } from "../api/types";
import type { Wanted } from "../drawers/wanted.model";
import { isClosed } from "../job/closed";
import { Panel } from "../shared/Panel";
import { t } from "../wording/en";
import { ChecksOfPart } from "./ChecksOfPart";
import { FoundOnPart } from "./FoundOnPart";
import classes from "./Inspect.module.css";
import { isUnseen, startingPart, stateOf } from "./parts.model";
import { checksQuery } from "./queries";

interface Props {
  view: JobView;
  chosen: string | undefined;
  onChoose: (stepId: string | undefined) => void;
  onMeasure: (wanted: Wanted) => void;
}

/** How the server words that nobody said anything at Strip. */
const NOT_SAID = "not looked at";

const LOOKS: Look[] = ["AS_FOUND", "WASHED", "AFTER_WORK"];

/** Every part that came off, what is asked of it, and what was found. */
export function PartByPart({ view, chosen, onChoose, onMeasure }: Props) {
  const checks = useQuery(checksQuery);
  const [look, setLook] = useState<Look>("WASHED");
  // The part in hand stays in hand until somebody takes another, whatever is said of it.
  const [first] = useState(() => startingPart(view, undefined)?.stepId);
  const part = startingPart(view, chosen ?? first);
  const unseen = view.decisions.filter(isUnseen).length;
  if (!part) {
    return (
      <Panel title="Part by part">
        <p>Nothing has come off yet. What you take off at Strip is looked at here.</p>
      </Panel>
    );
  }
  return (
    <Panel
      title="Part by part"
      aside={unseen === 0 ? "every part looked at" : `${unseen} of ${view.decisions.length} not looked at`}
    >
      <div className={classes.parts}>
        <ul className={classes.list} aria-label="Parts to look at">
          {view.decisions.map((d) => (
            <li key={d.stepId}>
              <button
                type="button"
                aria-pressed={d.stepId === part.stepId}
                data-open={isUnseen(d)}
                onClick={() => onChoose(d.stepId)}
              >
                <span>{d.number}</span> <b>{d.part}</b> <small>{stateOf(d)}</small>
              </button>
            </li>
          ))}
        </ul>
        {/* On a narrow screen the list folds into one choice. */}
        <Select
          className={classes.narrow}
          label="Part"
          data={view.decisions.map((d) => ({
            value: d.stepId,
            label: `${d.number} ${d.part}: ${stateOf(d)}`,
          }))}
          value={part.stepId}
          allowDeselect={false}
          onChange={(stepId) => onChoose(stepId ?? undefined)}
        />
        <div className={classes.part}>
          <header>
            <h3>
              {part.number} · {part.part}
            </h3>
            <p>
              {part.condition !== NOT_SAID && `Noted at Strip: ${part.condition}. `}
              {part.proposedReason}
            </p>
          </header>
          {!isClosed(view) && (
            <div className={classes.looks} role="group" aria-label="When it is looked at">
              {LOOKS.map((l) => (
                <button key={l} type="button" aria-pressed={l === look} onClick={() => setLook(l)}>
                  {t.looks[l]}
                </button>
              ))}
            </div>
          )}
          {checks.data && (
            <ChecksOfPart
              key={part.stepId}
              view={view}
              part={part}
              checks={checks.data}
              look={look}
              onMeasure={(check) => onMeasure({ stepId: part.stepId, check, strict: part.strict })}
            />
          )}
          <FoundOnPart view={view} part={part} />
        </div>
      </div>
    </Panel>
  );
}
