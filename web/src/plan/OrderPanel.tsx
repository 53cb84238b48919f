import { Button, NativeSelect, TextInput } from "@mantine/core";
import { type FormEvent, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView, StatementRequest } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import { LayoutForm } from "./LayoutForm";
import classes from "./Plan.module.css";

type Kind = StatementRequest["kind"];

const KINDS: [Kind, string][] = [
  ["MUST", "must be off before"],
  ["FREE", "in any order with"],
  ["EITHER", "or another opens the way to"],
];

/** What the bench says about the order, the openings of the housing, and why there is no order when there is none. */
export function OrderPanel({ view }: { view: JobView }) {
  const signed = isClosed(view);
  return (
    <>
      <Panel title="What blocks what" aside={`${view.statements.length} said at the bench`}>
        <p className={classes.soft}>
          The log already tells what sat further out, what opened the case and what left first. Say here what
          it cannot know.
        </p>
        {view.contradiction && <Fault>{view.contradiction}</Fault>}
        <Said view={view} signed={signed} />
        {!signed && view.steps.length > 1 && <Say view={view} />}
      </Panel>
      <LayoutForm view={view} signed={signed} />
    </>
  );
}

function Said({ view, signed }: { view: JobView; signed: boolean }) {
  const { keep, problem, busy } = useKeep(view.job.number);
  return (
    <>
      {problem && <Fault>{problem.detail}</Fault>}
      <ul className={classes.said}>
        {view.statements.map((s) => (
          <li key={s.id}>
            <span>
              {s.says} <small>{s.saidBy}</small>
            </span>
            {!signed && (
              <Button
                variant="default"
                disabled={busy}
                onClick={() => keep("DELETE", `/statements/${s.id}`, undefined, "take back what was said")}
              >
                Take back
              </Button>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}

function Say({ view }: { view: JobView }) {
  const [kind, setKind] = useState<Kind>("MUST");
  const [first, setFirst] = useState("");
  const [then, setThen] = useState("");
  const [orElse, setOrElse] = useState("");
  const [reason, setReason] = useState("");
  const [missing, setMissing] = useState(false);
  const { keep, problem, busy } = useKeep(view.job.number);
  const errors = fieldErrors(problem);
  const steps = [
    { value: "", label: "choose a step" },
    ...view.steps.map((s) => ({ value: s.id as string, label: `${s.number} ${s.inWords}` })),
  ];
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const incomplete = !first || !then || (kind === "EITHER" && !orElse);
    setMissing(incomplete);
    if (incomplete) {
      return;
    }
    const body = { kind, first, then, orElse: kind === "EITHER" ? orElse : undefined, reason };
    if (await keep("PUT", `/statements/${crypto.randomUUID()}`, body, "what blocks what")) {
      setReason("");
      setFirst("");
      setThen("");
      setOrElse("");
    }
  };
  return (
    <form className={classes.say} onSubmit={submit} aria-label="Say what blocks what">
      {missing && <Fault>Choose the steps that this is about.</Fault>}
      {problem && <Fault>{elsewhere(problem, ["reason"]) ?? problem.detail}</Fault>}
      <NativeSelect
        label="Step"
        data={steps}
        value={first}
        onChange={(e) => setFirst(e.currentTarget.value)}
      />
      <NativeSelect
        label="is said to"
        data={KINDS.map(([value, label]) => ({ value, label }))}
        value={kind}
        onChange={(e) => setKind(e.currentTarget.value as Kind)}
      />
      {kind === "EITHER" && (
        <NativeSelect
          label="the other way"
          data={steps}
          value={orElse}
          onChange={(e) => setOrElse(e.currentTarget.value)}
        />
      )}
      <NativeSelect
        label={kind === "EITHER" ? "part reached" : "this step"}
        data={steps}
        value={then}
        onChange={(e) => setThen(e.currentTarget.value)}
      />
      <TextInput
        label="Because"
        placeholder="the yoke sits in its groove"
        value={reason}
        error={errors.reason}
        onChange={(e) => setReason(e.currentTarget.value)}
      />
      <Button type="submit" loading={busy}>
        Say it
      </Button>
    </form>
  );
}
