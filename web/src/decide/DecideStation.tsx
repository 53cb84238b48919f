import { Button, TextInput } from "@mantine/core";
import { useState } from "react";
import { Link } from "react-router";
import type { DecisionView, Disposition, StepView } from "../api/types";
import { UnitChanges } from "../change";
import { Causes } from "../diagnosis";
import { RepairEnds } from "../inspect";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import type { StationProps } from "../job/station";
import { PartsToBuy } from "../parts";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { SplitForm } from "../strip/SplitForm";
import { t } from "../wording/en";
import classes from "./Decide.module.css";
import { LookedAt } from "./LookedAt";

const REUSE_OR_RENEW = "cost-reuse-or-renew";
const CHOICES: Disposition[] = ["REUSE", "DRESS", "RENEW"];

/** Reuse, dress or renew for every part that came off. */
export function DecideStation({ view, chosen, onChoose }: StationProps) {
  const { keep, problem, busy } = useKeep(view.job.number);
  // What somebody is deciding otherwise just now is not taken along.
  const [writing, setWriting] = useState<string[]>([]);
  const offered = view.decisions.filter((d) => !d.decided && d.proposed && !writing.includes(d.stepId));
  const open = offered.length;
  const toMeasure = view.decisions.filter((d) => !d.decided && !d.proposed).length;
  const signed = isClosed(view);
  if (view.decisions.length === 0) {
    return (
      <>
        <p>Nothing has come off yet. What you take off at Strip is decided here.</p>
        <UnitChanges view={view} />
      </>
    );
  }
  return (
    <>
      {problem && problem.status !== 409 && <Fault>{problem.detail}</Fault>}
      <RepairEnds view={view} decides />
      <div className={classes.head}>
        <p>
          {open > 0 && `${open} ${open === 1 ? "proposal waits" : "proposals wait"} for you. `}
          {toMeasure > 0 &&
            `${toMeasure} ${toMeasure === 1 ? "part has" : "parts have"} to be looked at or measured first. `}
          {open + toMeasure + writing.length === 0 && "Every part is decided."}
        </p>
        {open > 0 && !signed && (
          <Button
            loading={busy}
            onClick={() =>
              keep(
                "POST",
                "/decisions/accept",
                { steps: offered.map((d) => d.stepId) },
                `${open} proposals taken`,
              )
            }
          >
            {open === 1 ? "Take the proposal" : `Take the ${open} proposals`}
          </Button>
        )}
      </div>
      <LookedAt view={view} />
      <ul className={classes.parts}>
        {view.decisions.map((part) => (
          <PartRow
            key={part.stepId}
            part={part}
            job={view.job.number}
            step={view.steps.find((s) => s.id === part.stepId)}
            money={view.answers
              .filter((a) => a.given.drawer === REUSE_OR_RENEW && a.given.about?.stepId === part.stepId)
              .map((a) => a.answer.sentence)}
            signed={signed}
            chosen={part.stepId === chosen}
            onChoose={() => onChoose(part.stepId)}
            onWriting={(on) =>
              setWriting((now) => [...now.filter((id) => id !== part.stepId), ...(on ? [part.stepId] : [])])
            }
          />
        ))}
      </ul>
      <Causes view={view} ends />
      <PartsToBuy view={view} />
      <UnitChanges view={view} />
    </>
  );
}

function PartRow(p: {
  part: DecisionView;
  job: number;
  step: StepView | undefined;
  /** What reuse and renewal of it were reckoned to cost, as kept. */
  money: string[];
  signed: boolean;
  chosen: boolean;
  onChoose: () => void;
  /** Something else than the proposal is being decided here, or not any more. */
  onWriting: (on: boolean) => void;
}) {
  const { part } = p;
  const keeping = useKeep(p.job);
  const { keep, problem, clearProblem } = keeping;
  const [splitting, setSplitting] = useState(false);
  const several = (p.step?.given.count ?? 1) > 1;
  const [writing, write] = useState<{ disposition: Disposition; reason: string }>();
  const setWriting = (next: { disposition: Disposition; reason: string } | undefined) => {
    write(next);
    p.onWriting(next !== undefined);
  };
  const decide = async (disposition: Disposition, reason: string, version = part.version) => {
    if (
      await keep(
        "PUT",
        `/decisions/${part.stepId}`,
        { disposition, reason, version },
        `${t.dispositions[disposition]}: ${part.part}`,
      )
    ) {
      setWriting(undefined);
    }
  };
  const choose = (disposition: Disposition) => {
    p.onChoose();
    if (disposition === part.proposed) {
      void decide(disposition, part.proposedReason);
    } else if (disposition !== part.decided) {
      setWriting({ disposition, reason: "" });
    }
  };
  return (
    <li className={p.chosen ? classes.chosen : undefined}>
      <span className={classes.number}>{part.number}</span>
      <div className={classes.what}>
        <b>{part.part}</b>
        <small>
          {part.condition}. {part.decided ? part.reason : part.proposedReason}
          {part.decidedBy && ` (${part.decidedBy})`}
        </small>
        {p.money.map((sentence) => (
          <small key={sentence}>{sentence}</small>
        ))}
        {!p.signed && (
          <span className={classes.links}>
            {!part.decided && !part.proposed && (
              <Link to={`/jobs/${p.job}/inspect?step=${part.stepId}`} onClick={p.onChoose}>
                Look at it
              </Link>
            )}
            {part.decided !== "RENEW" && part.givesOut && (
              <Link to={`/drawers/cost-cheap-while-open?job=${p.job}`}>Cheap while open?</Link>
            )}
            {p.chosen && part.proposed !== "RENEW" && (
              <Link to={`/drawers/${REUSE_OR_RENEW}?job=${p.job}&step=${part.stepId}`}>What reuse costs</Link>
            )}
            {several && (
              <button type="button" aria-expanded={splitting} onClick={() => setSplitting(!splitting)}>
                Not all {p.step?.given.count} alike
              </button>
            )}
          </span>
        )}
      </div>
      <div
        className={classes.choices}
        role="group"
        aria-label={`Decision for step ${part.number}, ${part.part}`}
      >
        {CHOICES.map((choice) => (
          <button
            key={choice}
            type="button"
            disabled={p.signed}
            aria-pressed={part.decided === choice}
            data-proposed={!part.decided && part.proposed === choice}
            data-choice={choice}
            onClick={() => choose(choice)}
          >
            {t.dispositions[choice]} {!part.decided && part.proposed === choice && <small>proposed</small>}
          </button>
        ))}
      </div>
      {problem && problem.status !== 409 && (
        <div className={classes.full}>
          <Fault>{problem.detail}</Fault>
        </div>
      )}
      {splitting && p.step && (
        <div className={classes.full}>
          <SplitForm step={p.step} keeping={keeping} onDone={() => setSplitting(false)} />
        </div>
      )}
      {writing && (
        <form
          className={classes.full}
          onSubmit={(event) => {
            event.preventDefault();
            void decide(writing.disposition, writing.reason);
          }}
        >
          <TextInput
            autoFocus
            label={`Why ${t.dispositions[writing.disposition].toLowerCase()}?`}
            placeholder="one sentence for the next mechanic"
            value={writing.reason}
            onChange={(e) => setWriting({ ...writing, reason: e.currentTarget.value })}
          />
          <div className={classes.row}>
            <Button type="submit">{t.actions.keep}</Button>
            <Button variant="default" onClick={() => setWriting(undefined)}>
              {t.actions.cancel}
            </Button>
          </div>
        </form>
      )}
      <Conflict
        problem={problem}
        mine={{
          decided: writing?.disposition ?? part.proposed,
          reason: writing?.reason ?? part.proposedReason,
        }}
        theirs={(current) => current as Record<string, unknown>}
        labels={{ decided: "Decision", reason: "Reason" }}
        onKeepMine={(version) =>
          decide(
            writing?.disposition ?? part.proposed ?? "REUSE",
            writing?.reason || part.proposedReason,
            version,
          )
        }
        onTakeTheirs={() => {
          setWriting(undefined);
          clearProblem();
        }}
      />
    </li>
  );
}
