import { Button, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView, StepAnswerRequest, StepAnswerView, StepLine } from "../api/types";
import { drawersQuery } from "../drawers/queries";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Caution, Fault } from "../shared/Caution";
import { moment } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import { Panel } from "../shared/Panel";
import { useDraft } from "../shared/useDraft";
import classes from "./Steps.module.css";
import { answerOf, emptyFields, labelOf, nextStep, STATES, unitsOf } from "./step.model";

interface Props {
  view: JobView;
  title: string;
  lines: StepLine[];
  /** Opens what works out the next move. */
  onMove?: () => void;
  /** Opens a drawer that works something out for a step. */
  onWork?: (drawer: string) => void;
  /** What is not asked of this kind of unit, and why. */
  notAsked?: string[];
}

/** Steps in their order; the one in hand unfolds, with its target, its caution and its tries. */
export function StepList({ view, title, lines, onMove, onWork, notAsked = [] }: Props) {
  const [chosen, setChosen] = useState<string | undefined>(() => nextStep(lines)?.id);
  const open = lines.filter((l) => l.state === "OPEN").length;
  return (
    <Panel title={title} aside={open === 0 ? "all answered" : `${open} of ${lines.length} open`}>
      <ol className={classes.steps} aria-label={title}>
        {lines.map((line) => (
          <li key={line.id} data-state={line.state}>
            <button
              type="button"
              aria-expanded={line.id === chosen}
              onClick={() => setChosen(line.id === chosen ? undefined : line.id)}
            >
              <span>{line.id}</span>
              <b>{line.what}</b>
              <em>{STATES[line.state]}</em>
              {line.says && <small>{line.says}</small>}
            </button>
            {line.id === chosen && (
              <Step
                key={line.id}
                view={view}
                line={line}
                onMove={onMove}
                onWork={onWork}
                onDone={() => setChosen(nextStep(lines.filter((l) => l.id !== line.id))?.id)}
              />
            )}
          </li>
        ))}
      </ol>
      {notAsked.map((n) => (
        <p key={n} className={classes.soft}>
          Not asked, {n}.
        </p>
      ))}
    </Panel>
  );
}

const SHOWN = ["value", "uncertainty", "least", "most", "remark"];

function Step({
  view,
  line,
  onMove,
  onWork,
  onDone,
}: {
  view: JobView;
  line: StepLine;
  onMove: (() => void) | undefined;
  onWork: ((drawer: string) => void) | undefined;
  onDone: () => void;
}) {
  const draft = useDraft(`step.${view.job.id}.${line.id}`, emptyFields(line));
  const { keep, problem, busy } = useKeep(view.job.number);
  const [more, setMore] = useState(false);
  const f = draft.value;
  const errors = fieldErrors(problem);
  const closed = isClosed(view);
  const say = async (result: StepAnswerRequest["result"]) => {
    const kept = await keep(
      "PUT",
      `/steps-of-procedure/${crypto.randomUUID()}`,
      answerOf(line, result, f),
      `${line.id} ${STATES[result === "DONE" ? "PASSED" : "OPEN"]}`,
    );
    if (kept) {
      draft.clear();
      onDone();
    }
  };
  const elsewhereMeasured = line.by === "RUN" || (line.by === "BACKLASH" && view.meshes.length > 0);
  return (
    <div className={classes.step}>
      {line.caution && <Caution>{line.caution}</Caution>}
      {line.target && (
        <p>
          <b>Target</b> {line.target}.
        </p>
      )}
      {line.doneWhen && (
        <p>
          <b>Done when</b> {line.doneWhen}.
        </p>
      )}
      {line.limit && (
        <p>
          <b>Limit</b> {line.measured} {line.limit}.
        </p>
      )}
      <p className={classes.soft}>
        {line.nobody ? "Nobody signs without it. " : "A lead may sign without it, with a reason. "}
        {line.after.length > 0 && `After ${line.after.join(", ")}. `}Source: {line.source}.
      </p>
      {elsewhereMeasured && (
        <p>
          {line.by === "RUN"
            ? "Enter the temperatures of the run beside; their verdict stands here."
            : "Measure the backlash below; its verdict stands here."}
        </p>
      )}
      {problem && elsewhere(problem, SHOWN) && <Fault>{elsewhere(problem, SHOWN)}</Fault>}
      {!closed && !elsewhereMeasured && (
        <>
          <div className={classes.fields}>
            {(line.unit !== "" || line.by === "VALUE") && (
              <MeasureInput
                label={labelOf(line)}
                units={unitsOf(line)}
                value={f.value}
                error={errors.value}
                onChange={(value) => draft.change({ value })}
                onEnter={() => void say("DONE")}
              />
            )}
            <TextInput
              label="Note"
              placeholder="what was moved, who saw it"
              value={f.remark}
              error={errors.remark}
              onChange={(e) => draft.change({ remark: e.currentTarget.value })}
            />
          </div>
          {(line.unit !== "" || line.by === "VALUE") && (
            <button
              type="button"
              className={classes.more}
              aria-expanded={more}
              onClick={() => setMore(!more)}
            >
              {more ? "−" : "+"} Uncertainty, the maker’s limit
            </button>
          )}
          {more && (
            <div className={classes.limits}>
              {(
                [
                  ["uncertainty", "Good to ±"],
                  ["least", "Maker’s least"],
                  ["most", "Maker’s most"],
                ] as const
              ).map(([name, label]) => (
                <TextInput
                  key={name}
                  label={label}
                  inputMode="decimal"
                  value={f[name]}
                  error={errors[name]}
                  onChange={(e) => draft.change({ [name]: e.currentTarget.value })}
                />
              ))}
            </div>
          )}
          {errors.result && <Fault>{errors.result}</Fault>}
          <div className={classes.actions}>
            <Button onClick={() => void say("DONE")} loading={busy}>
              {line.by === "VALUE" ? "Keep the reading" : "Done"}
            </Button>
            <Button variant="default" onClick={() => void say("FAILED")} disabled={busy}>
              Not as it should be
            </Button>
            <Button variant="default" onClick={() => void say("NOT_POSSIBLE")} disabled={busy}>
              Not possible here
            </Button>
            <Button variant="default" onClick={() => void say("NOT_FITTED")} disabled={busy}>
              Has none, or undisturbed
            </Button>
          </div>
        </>
      )}
      {onWork && <Helpers step={line.id} view={view} onWork={closed ? undefined : onWork} />}
      <Moves line={line} onMove={closed ? undefined : onMove} />
      <Tries tries={line.tries} view={view} />
    </div>
  );
}

/** Drawers that work something out for this step, and what they said at Set. */
function Helpers({
  step,
  view,
  onWork,
}: {
  step: string;
  view: JobView;
  onWork: ((drawer: string) => void) | undefined;
}) {
  const helpers = useQuery(drawersQuery).data?.filter((d) => d.steps.includes(step)) ?? [];
  const names = new Set(helpers.map((d) => d.name));
  const worked = view.answers.filter((a) => a.given.station === "SET" && names.has(a.given.drawer));
  return (
    <>
      {onWork && helpers.length > 0 && (
        <fieldset className={classes.helpers}>
          <legend>Work it out</legend>
          {helpers.map((d) => (
            <button key={d.name} type="button" title={d.purpose} onClick={() => onWork(d.name)}>
              {d.title}
            </button>
          ))}
        </fieldset>
      )}
      {worked.length > 0 && (
        <ul className={classes.worked} aria-label="Worked out for it">
          {worked.map((a) => (
            <li key={a.id}>
              <b>{a.given.subject || a.title}</b>: {a.answer.sentence}{" "}
              <small>
                {a.title.toLowerCase()}, {a.keptBy}, {moment(a.keptAt)}
              </small>
            </li>
          ))}
        </ul>
      )}
    </>
  );
}

/** What may be moved for this step, and what that does to the rest. */
function Moves({ line, onMove }: { line: StepLine; onMove: (() => void) | undefined }) {
  if (line.moves.length === 0) {
    return null;
  }
  return (
    <details className={classes.moves}>
      <summary>What to move for it, and what that changes beside</summary>
      <ul>
        {line.moves.map((m) => (
          <li key={`${m.moved} ${m.stage}`}>
            <b>{m.words}</b>: {m.says}. <small>Also: {m.also}.</small>
          </li>
        ))}
      </ul>
      <p className={classes.soft}>
        Move one member at a time and read it again before the next: these are start values.
      </p>
      {onMove && (
        <Button variant="default" onClick={onMove}>
          Work out the next move
        </Button>
      )}
    </details>
  );
}

function Tries({ tries, view }: { tries: StepAnswerView[]; view: JobView }) {
  const { keep } = useKeep(view.job.number);
  if (tries.length === 0) {
    return null;
  }
  return (
    <ol className={classes.tries} aria-label="Tries">
      {tries.map((t) => (
        <li key={t.id}>
          {t.given.value && `${t.given.value.text} ${t.given.value.unit} `}
          {RESULTS[t.given.result]}
          {t.given.remark && <q>{t.given.remark}</q>}{" "}
          <small>
            {t.by}, {moment(t.at)}
          </small>
          {!isClosed(view) && (
            <button
              type="button"
              className={classes.more}
              onClick={() =>
                void keep(
                  "DELETE",
                  `/steps-of-procedure/${t.id}?version=${t.given.version}`,
                  undefined,
                  `take back: ${t.given.step}`,
                )
              }
            >
              Take it back
            </button>
          )}
        </li>
      ))}
    </ol>
  );
}

const RESULTS = {
  DONE: "done",
  FAILED: "not as it should be",
  NOT_POSSIBLE: "not possible here",
  NOT_FITTED: "has none, or undisturbed",
};
