import { NativeSelect } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { ProblemError } from "../api/problem";
import type { JobView, LeastStrip } from "../api/types";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import classes from "./Plan.module.css";
import { reachQuery } from "./queries";

/** The least that has to come off to reach one part, and the other ways to it. */
export function ReachPanel({ view, onChoose }: { view: JobView; onChoose: (id: string) => void }) {
  const [target, setTarget] = useState("");
  const answer = useQuery(reachQuery(view.job.number, view.touched, target));
  const why = answer.error instanceof ProblemError ? answer.error.problem.detail : undefined;
  return (
    <Panel title="Reach a part" aside="the least that has to come off">
      {view.steps.length === 0 ? (
        <p>Nothing is logged yet. The least strip is worked out from the steps of the strip.</p>
      ) : (
        <NativeSelect
          label="Part wanted"
          value={target}
          data={[
            { value: "", label: "choose a part" },
            ...view.steps.map((s) => ({ value: s.id as string, label: `${s.number} ${s.inWords}` })),
          ]}
          onChange={(e) => {
            setTarget(e.currentTarget.value);
            onChoose(e.currentTarget.value);
          }}
        />
      )}
      {why && <Fault>{why}</Fault>}
      {answer.data?.map((plan, i) => (
        <Way key={plan.choices.map((c) => c.part + c.way).join()} plan={plan} best={i === 0} view={view} />
      ))}
    </Panel>
  );
}

function Way({ plan, best, view }: { plan: LeastStrip; best: boolean; view: JobView }) {
  const number = (id: string) => view.steps.find((s) => s.id === id)?.number ?? "";
  return (
    <section className={classes.way} data-best={best}>
      <h3>
        {best ? (plan.isExact ? "Least strip" : "Best strip found") : "Another way"}
        <b className="num">
          {plan.minutes} min, {plan.choices.length} {plan.choices.length === 1 ? "step" : "steps"}
        </b>
        {!plan.isExact && <small>cannot be under {plan.boundMinutes} min</small>}
      </h3>
      <ol className={classes.chain}>
        {plan.choices.map((choice) => (
          <li key={choice.part}>
            <i>{number(choice.part)}</i> {choice.name}
            <small>
              {choice.way ? `${choice.way}, ` : ""}
              {choice.minutes} min
            </small>
          </li>
        ))}
      </ol>
    </section>
  );
}
