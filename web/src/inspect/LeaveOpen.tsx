import { Button, TextInput } from "@mantine/core";
import { type FormEvent, useState } from "react";
import type { LeftRequest, LeftView, PlanLine } from "../api/types";
import { useKeep } from "../job/bench";
import { Fault } from "../shared/Caution";
import { t } from "../wording/en";
import classes from "./Inspect.module.css";
import { NOT_NEEDED, NOT_POSSIBLE } from "./plan.model";

interface Props {
  job: number;
  line: PlanLine;
  /** What was said before of the same check, to be corrected. */
  before: LeftView | undefined;
  onDone: () => void;
}

/** Why a check is not made. It closes nothing that holds, stops or carries the load. */
export function LeaveOpen({ job, line, before, onDone }: Props) {
  const { keep, problem, busy } = useKeep(job);
  const [why, setWhy] = useState<LeftRequest["why"] | undefined>(before?.given.why);
  const [remark, setRemark] = useState(before?.given.remark ?? "");
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (!why) {
      return;
    }
    const body = {
      version: before?.given.version,
      stepId: line.stepId,
      stage: line.stage,
      check: line.check,
      why,
      remark,
    };
    if (await keep("PUT", `/left-open/${before?.id ?? crypto.randomUUID()}`, body, `left: ${line.part}`)) {
      onDone();
    }
  };
  const choice = (reasons: LeftRequest["why"][], label: string) => (
    <div role="group" aria-label={label} className={classes.words}>
      <span>{label}:</span>
      {reasons.map((key) => (
        <button key={key} type="button" aria-pressed={why === key} onClick={() => setWhy(key)}>
          {t.left[key]}
        </button>
      ))}
    </div>
  );
  return (
    <form onSubmit={submit} className={classes.leave} aria-label="Why it is not made">
      {problem && <Fault>{problem.detail}</Fault>}
      {choice(NOT_POSSIBLE, "Not possible")}
      {choice(NOT_NEEDED, "Not needed")}
      <div className={classes.note}>
        <TextInput
          label="Note"
          placeholder="which tool, what covers it"
          value={remark}
          onChange={(e) => setRemark(e.currentTarget.value)}
        />
        <Button type="submit" loading={busy} disabled={!why}>
          Keep that it is not made
        </Button>
      </div>
    </form>
  );
}
