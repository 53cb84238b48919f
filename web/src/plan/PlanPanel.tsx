import { Button, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ProblemError } from "../api/problem";
import type { JobView, RebuildPlan, RebuildSequence } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault, Remark } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import { Lanes } from "./Lanes";
import classes from "./Plan.module.css";
import { planQuery } from "./queries";

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
  const plan = useQuery(
    planQuery(view.job.number, view.touched, {
      toolChange: read.toolChange ?? 1,
      flip: read.flip ?? 2,
      move: read.move ?? 1.5,
    }),
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
      {plan.isPending && <Remark>Working out the order…</Remark>}
      {plan.data && (
        <Answer plan={plan.data} view={view}>
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

function Answer({ plan, view, children }: { plan: RebuildPlan; view: JobView; children: React.ReactNode }) {
  if (plan.contradiction) {
    return (
      <>
        <Fault>{plan.contradiction.says}</Fault>
        <Remark>
          {plan.contradiction.frees.length > 0
            ? "Any one of these, taken back, leaves an order:"
            : "No single statement frees it: more than one has to go."}
        </Remark>
        <ul className={classes.frees}>
          {plan.contradiction.frees.map((b) => (
            <li key={b.first + b.then}>
              {name(view, b.first)} before {name(view, b.then)}: {b.reason}
            </li>
          ))}
        </ul>
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
      {children}
      <Trapped plan={plan} view={view} />
      {plan.planned && <Order plan={plan.planned} befores={plan.befores} view={view} />}
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

/** Why a step stands where it stands: what has to go in after it, as the strip, the bench or an opening says. */
function Why({ id, befores, view }: { id: string; befores: RebuildPlan["befores"]; view: JobView }) {
  const reasons = befores.filter((b) => b.then === id);
  if (reasons.length === 0) {
    return <small className={classes.why}>nothing holds it here</small>;
  }
  return (
    <details className={classes.why}>
      <summary>why here</summary>
      <ul>
        {reasons.map((b) => (
          <li key={b.first + b.then}>
            before {name(view, b.first)}: {b.reason}
          </li>
        ))}
      </ul>
    </details>
  );
}

/** The planned order, with the tool and the position where they change, and why each step stands there. */
function Order({
  plan,
  befores,
  view,
}: {
  plan: RebuildSequence;
  befores: RebuildPlan["befores"];
  view: JobView;
}) {
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
              <Why id={id} befores={befores} view={view} />
            </div>
          </li>
        );
      })}
    </ol>
  );
}
