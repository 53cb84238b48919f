import { Button, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ProblemError } from "../api/problem";
import type { JobView, PlanRun, RebuildPlan, RebuildSequence, WhyHere } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault, Remark } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import { Lanes } from "./Lanes";
import classes from "./Plan.module.css";
import { breakOff, planQuery } from "./queries";

const minutesOf = (text: string) =>
  /^\d{1,4}([.,]\d)?$/.test(text.trim()) ? Number(text.replace(",", ".")) : undefined;

/** The rebuild as logged, with the fewest changes, and with two mechanics; one of them is chosen. */
export function PlanPanel({ view }: { view: JobView }) {
  const [costs, setCosts] = useState({ toolChange: "1", flip: "2", move: "1.5" });
  const read = {
    toolChange: minutesOf(costs.toolChange),
    flip: minutesOf(costs.flip),
    move: minutesOf(costs.move),
  };
  const [run, setRun] = useState<PlanRun>();
  const plan = useQuery(
    planQuery(
      view.job.number,
      view.touched,
      { toolChange: read.toolChange ?? 1, flip: read.flip ?? 2, move: read.move ?? 1.5 },
      setRun,
    ),
  );
  const { keep, problem, busy } = useKeep(view.job.number);
  const choose = (steps: string[]) =>
    keep("PUT", "/plan/order", { version: view.order?.version, steps }, "order of the rebuild");
  const chosen = (view.order?.steps.length ?? 0) > 0;
  const signed = isClosed(view);

  return (
    <Panel
      title="Order of the rebuild"
      aside={chosen ? `planned order, chosen by ${view.order?.chosenBy}` : "the strip turned round"}
    >
      {problem && <Fault>{problem.detail}</Fault>}
      {plan.error instanceof ProblemError && <Fault>{plan.error.problem.detail}</Fault>}
      <div className={classes.costs}>
        {(
          [
            ["toolChange", "Change of tool"],
            ["flip", "Turning the unit over"],
            ["move", "Move to another place"],
          ] as const
        ).map(([field, label]) => (
          <TextInput
            key={field}
            label={`${label}, min`}
            inputMode="decimal"
            value={costs[field]}
            error={read[field] === undefined ? "Minutes, for example 1.5" : undefined}
            onChange={(e) => setCosts({ ...costs, [field]: e.currentTarget.value })}
          />
        ))}
      </div>
      {plan.isFetching && <Waiting job={view.job.number} run={run} />}
      {plan.data && (
        <Answer plan={plan.data} view={view} onUse={signed ? undefined : choose} busy={busy}>
          {!signed && (
            <div className={classes.actions}>
              <Button
                size="lg"
                loading={busy}
                disabled={!plan.data.planned}
                onClick={() => plan.data?.planned && choose(plan.data.planned.order)}
              >
                Use the planned order
              </Button>
              <Button
                size="lg"
                variant="default"
                loading={busy}
                disabled={!chosen}
                onClick={() => choose([])}
              >
                Back to the strip turned round
              </Button>
            </div>
          )}
        </Answer>
      )}
    </Panel>
  );
}

/** That it is being worked out, how far it is, and a way to end the wait. */
function Waiting({ job, run }: { job: number; run: PlanRun | undefined }) {
  const [ended, setEnded] = useState(false);
  return (
    <div className={classes.waiting} role="status">
      <span>Working out the order{run ? `: ${run.doing}` : ""}…</span>
      {run && (
        <>
          <progress value={run.begun} max={run.parts + 1} aria-label="How far the plan is" />
          <Button
            variant="default"
            disabled={ended}
            onClick={() => {
              setEnded(true);
              void breakOff(job, run);
            }}
          >
            Take the best so far
          </Button>
        </>
      )}
    </div>
  );
}

interface AnswerProps {
  plan: RebuildPlan;
  view: JobView;
  onUse: ((steps: string[]) => void) | undefined;
  busy: boolean;
  children: React.ReactNode;
}

/** What taking back or correcting each thing of a contradiction would leave. */
function Relaxations({ of }: { of: RebuildPlan["relaxations"] }) {
  const oneIsEnough = of.some((r) => r.minutes !== undefined);
  return (
    <>
      <Remark>
        {oneIsEnough
          ? "What is left when one of these is taken back or corrected:"
          : "No single statement frees it: more than one has to go."}
      </Remark>
      <ul className={classes.frees} aria-label="What each of them would free">
        {of.map((r) => (
          <li key={r.givenUp}>
            <b>{r.minutes === undefined ? "No order yet" : `An order of ${round(r.minutes)} min`}</b>, were it
            not that {r.givenUp}.{r.next && <small>{r.next}</small>}
          </li>
        ))}
      </ul>
    </>
  );
}

function Answer({ plan, view, onUse, busy, children }: AnswerProps) {
  if (plan.contradiction) {
    return (
      <>
        {/* The station tells it above while it is the job's own contradiction. */}
        {plan.contradiction.says !== view.contradiction && <Fault>{plan.contradiction.says}</Fault>}
        <Relaxations of={plan.relaxations} />
      </>
    );
  }
  return (
    <>
      <dl className={classes.compare}>
        <Figure label="Strip turned round" plan={plan.asLogged} none="a constraint forbids it" />
        <Figure label="Planned" plan={plan.planned} none="" best />
        {plan.withTwo && (
          <div>
            <dt>Two mechanics</dt>
            <dd className="num">{round(plan.withTwo.minutes)} min</dd>
            <dd>
              <small>
                {plan.withTwo.isExact
                  ? "nothing is quicker"
                  : `cannot be under ${round(plan.withTwo.boundMinutes)} min`}
              </small>
            </dd>
          </div>
        )}
      </dl>
      {!plan.isFinished && (
        <Remark>It was broken off: these are the best orders until then, with what nothing can beat.</Remark>
      )}
      {children}
      <Others plan={plan} onUse={onUse} busy={busy} />
      <Trapped plan={plan} view={view} />
      {plan.asks.length > 0 && <Remark>{plan.asks.join(" ")}</Remark>}
      {plan.planned && <Order plan={plan.planned} why={plan.why} view={view} />}
      {plan.withTwo && <Lanes plan={plan.withTwo} view={view} />}
    </>
  );
}

const round = (minutes: number) => Math.round(minutes * 10) / 10;
const name = (view: JobView, id: string) =>
  view.steps.find((s) => s.id === id)?.inWords ?? "a step that is gone";

function Figure(p: { label: string; plan: RebuildSequence | undefined; none: string; best?: boolean }) {
  return (
    <div data-best={p.best}>
      <dt>{p.label}</dt>
      <dd className="num">{p.plan ? `${round(p.plan.minutes)} min` : p.none}</dd>
      {p.plan && (
        <dd>
          <small>
            {p.plan.changes.tools} tool changes, {p.plan.changes.flips} turned over, {p.plan.changes.moves}{" "}
            moves
            {p.best &&
              (p.plan.isExact
                ? "; nothing is quicker"
                : `; cannot be under ${round(p.plan.boundMinutes)} min`)}
          </small>
        </dd>
      )}
    </div>
  );
}

/** Parts that pass no opening on record. */
function Trapped({ plan, view }: { plan: RebuildPlan; view: JobView }) {
  const sentences = view.steps.flatMap((s) => plan.trapped[s.id] ?? []);
  return sentences.length === 0 ? null : <Fault>{sentences.join(" ")}</Fault>;
}

/** Other orders that take hardly longer: fewer turns of the unit for more changes of tool, or the other way round. */
function Others({ plan, onUse, busy }: { plan: RebuildPlan; onUse: AnswerProps["onUse"]; busy: boolean }) {
  if (plan.others.length === 0 || !plan.planned) {
    return null;
  }
  const least = plan.planned.minutes;
  return (
    <section aria-label="Hardly longer">
      <h3>Hardly longer, with other changes</h3>
      <ul className={classes.others}>
        {plan.others.map((o) => (
          <li key={o.order.join()}>
            <span>
              <b className="num">{round(o.minutes)} min</b>
              {o.minutes > least ? ` (${round(o.minutes - least)} more)` : " (the same)"}: {o.changes.tools}{" "}
              tool changes, {o.changes.flips} turned over, {o.changes.moves} moves
            </span>
            {onUse && (
              <Button variant="default" disabled={busy} onClick={() => onUse(o.order)}>
                Use this one
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Why a step stands where it stands, and what would move it. */
function Why({ why, view }: { why: WhyHere | undefined; view: JobView }) {
  if (!why) {
    return null;
  }
  const { after, before, earliest, latest, saves } = why;
  if (!after && !before && saves === 0) {
    return <small className={classes.why}>nothing holds it here</small>;
  }
  return (
    <details className={classes.why}>
      <summary>why here</summary>
      <ul>
        {after && (
          <li>
            not before {name(view, after.first)}: {after.reason}
          </li>
        )}
        {before && (
          <li>
            not behind {name(view, before.then)}: {before.reason}
          </li>
        )}
        <li>
          {earliest === latest
            ? "It can stand nowhere else while the others keep their order."
            : saves > 0
              ? `It could stand anywhere from ${earliest} to ${latest}; here it saves ${round(saves)} min of changes.`
              : `It could as well stand elsewhere from ${earliest} to ${latest}.`}
        </li>
      </ul>
    </details>
  );
}

/** The planned order, with the tool and the position where they change, and why each step stands there. */
function Order({ plan, why, view }: { plan: RebuildSequence; why: WhyHere[]; view: JobView }) {
  let tool = "";
  let position = "";
  return (
    <ol className={classes.order} aria-label="Planned order">
      {plan.order.map((id) => {
        const step = view.steps.find((s) => s.id === id);
        const detail = step?.given.detail;
        const newTool = detail?.tool && detail.tool !== tool ? detail.tool : "";
        const newPosition = detail?.position && detail.position !== position ? detail.position : "";
        tool = newTool || tool;
        position = newPosition || position;
        return (
          <li key={id}>
            {(newTool || newPosition) && (
              <em>{[newPosition && `unit ${newPosition}`, newTool].filter(Boolean).join(" · ")}</em>
            )}
            <div className={classes.place}>
              <span>
                {step?.inWords} <small>{step?.where}</small>
              </span>
              <Why why={why.find((w) => w.task === id)} view={view} />
            </div>
          </li>
        );
      })}
    </ol>
  );
}
