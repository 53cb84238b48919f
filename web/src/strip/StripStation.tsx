import { Button } from "@mantine/core";
import { IconArrowBackUp } from "@tabler/icons-react";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import type { StepRequest, StepView } from "../api/types";
import { useKeep } from "../job/bench";
import type { StationProps } from "../job/JobPage";
import { Fault, Remark } from "../shared/Caution";
import { t } from "../wording/en";
import { StepForm } from "./StepForm";
import { fieldsOf, type StepFields } from "./StepForm.model";
import classes from "./Strip.module.css";

/** The teardown in order, as it happens. */
export function StripStation({ view, chosen, onChoose }: StationProps) {
  const [editing, setEditing] = useState<StepFields>();
  const { keep, problem, busy } = useKeep(view.job.number);
  const shut = view.route.stops.find((s) => s.station === "STRIP")?.state === "SHUT";
  const signed = view.job.signedAt !== undefined;

  const undo = () => keep("POST", "/steps/undo", undefined, "undo");
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement && /INPUT|TEXTAREA|SELECT/.test(event.target.tagName);
      if (event.key.toLowerCase() === "u" && !typing && !event.ctrlKey && !event.metaKey && !event.altKey) {
        void keep("POST", "/steps/undo", undefined, "undo");
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [keep]);

  const takeOff = (known: StepRequest) => {
    const { version: _old, ...fresh } = known;
    return keep(
      "PUT",
      `/steps/${crypto.randomUUID()}`,
      { ...fresh, condition: "SOUND", note: "" },
      `step: ${known.part}`,
    );
  };

  return (
    <>
      {shut && !signed && (
        <Remark>
          <span>
            Strip is shut: {view.route.stops[1]?.says.replace("shut: ", "").replace("shut until", "until")}.{" "}
            <Link to={`/jobs/${view.job.number}/receive`}>Go to Receive</Link>
          </span>
        </Remark>
      )}
      {problem && <Fault>{problem.detail}</Fault>}
      <div className={classes.grid}>
        <div>
          {!signed && (
            <StepForm
              key={editing?.id ?? "new"}
              view={view}
              editing={editing}
              shut={shut}
              onDone={() => setEditing(undefined)}
            />
          )}
        </div>
        <div className={classes.logColumn}>
          {view.known.length > 0 && !signed && (
            <Known parts={view.known} shafts={view.unit.shafts} disabled={shut || busy} onTakeOff={takeOff} />
          )}
          <section aria-label="Steps">
            <header className={classes.logHead}>
              <h2>Off so far</h2>
              <Button
                variant="default"
                leftSection={<IconArrowBackUp size={20} />}
                onClick={undo}
                disabled={!view.undoable || signed}
                title={view.undoable}
              >
                {t.actions.undo}
                {view.undoable ? `: ${view.undoable}` : ""}
              </Button>
            </header>
            {view.steps.length === 0 && (
              <p>Nothing yet. Type what comes off first, and keep it with Enter.</p>
            )}
            <ol className={classes.log}>
              {[...view.steps].reverse().map((step) => (
                <StepRow
                  key={step.id}
                  step={step}
                  chosen={step.id === chosen}
                  signed={signed}
                  onChoose={() => onChoose(step.id === chosen ? undefined : step.id)}
                  onEdit={() => setEditing(fieldsOf(step.given, step.id))}
                  onRemove={() =>
                    keep(
                      "DELETE",
                      `/steps/${step.id}?version=${step.given.version}`,
                      undefined,
                      `remove ${step.given.part}`,
                    )
                  }
                />
              ))}
            </ol>
          </section>
        </div>
      </div>
    </>
  );
}

function Known(p: {
  parts: StepRequest[];
  shafts: string[];
  disabled: boolean;
  onTakeOff: (part: StepRequest) => void;
}) {
  return (
    <section aria-label="Known from the last rebuild" className={classes.known}>
      <h3>Next off, as last time</h3>
      <ul>
        {p.parts.slice(0, 4).map((part) => (
          <li key={`${part.part}${part.shaft}${part.side}`}>
            <button type="button" disabled={p.disabled} onClick={() => p.onTakeOff(part)}>
              {part.count > 1 ? `${part.count} × ` : ""}
              {part.part}
              <small>
                {part.shaft === 0 ? "housing" : `${p.shafts[part.shaft - 1]}, ${t.sides[part.side]}`}
              </small>
            </button>
          </li>
        ))}
      </ul>
      {p.parts.length > 4 && <p>and {p.parts.length - 4} more known parts</p>}
    </section>
  );
}

function StepRow(p: {
  step: StepView;
  chosen: boolean;
  signed: boolean;
  onChoose: () => void;
  onEdit: () => void;
  onRemove: () => void;
}) {
  const { step } = p;
  const facts = [
    step.where,
    step.given.wayRound,
    step.given.condition === "SOUND" ? "" : t.conditions[step.given.condition],
  ]
    .filter(Boolean)
    .join(" · ");
  return (
    <li className={p.chosen ? classes.rowChosen : classes.row}>
      <button type="button" className={classes.rowMain} onClick={p.onChoose} aria-pressed={p.chosen}>
        <span className={classes.rowNumber}>{step.number}</span>
        <span>
          <b>{step.inWords}</b>
          <small>{facts}</small>
          {step.given.note && <small>{step.given.note}</small>}
        </span>
        <span className={classes.fastening}>
          {step.fastening}
          {step.given.tray && <small>tray {step.given.tray}</small>}
        </span>
      </button>
      {!p.signed && (
        <span className={classes.rowActions}>
          <button type="button" onClick={p.onEdit} aria-label={`Change step ${step.number}`}>
            {t.actions.change}
          </button>
          <button type="button" onClick={p.onRemove} aria-label={`Remove step ${step.number}`}>
            {t.actions.remove}
          </button>
        </span>
      )}
    </li>
  );
}
