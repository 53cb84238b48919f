import { Button, NativeSelect, TextInput } from "@mantine/core";
import { type FormEvent, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView, StatementRequest, StepView } from "../api/types";
import { useKeep } from "../job/bench";
import { Fault } from "../shared/Caution";
import classes from "./Plan.module.css";

interface Props {
  view: JobView;
  one: StepView;
  other: StepView;
  onSaid: () => void;
}

/** What holds two parts in an order: which must be off first, whether it matters, or whether a third opens the way too. */
export function Between({ view, one, other, onSaid }: Props) {
  const [what, setWhat] = useState("");
  const [third, setThird] = useState("");
  const [reason, setReason] = useState("");
  const [missing, setMissing] = useState("");
  const { keep, problem, busy } = useKeep(view.job.number);
  const errors = fieldErrors(problem);
  const a = one.inWords;
  const b = other.inWords;
  const sentences: [string, string][] = [
    ["ONE", `${a} must be off before ${b}`],
    ["OTHER", `${b} must be off before ${a}`],
    ["FREE", `${a} and ${b} come off in any order`],
    ["EITHER", `${b} comes off when ${a} is off, or when another part is: either is enough`],
  ];
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (what === "" || (what === "EITHER" && third === "")) {
      setMissing(what === "" ? "Choose one of the sentences." : "Choose the other part that opens the way.");
      return;
    }
    setMissing("");
    const kind = (what === "ONE" || what === "OTHER" ? "MUST" : what) as StatementRequest["kind"];
    const [first, then] = what === "OTHER" ? [other.id, one.id] : [one.id, other.id];
    const body = {
      kind,
      first,
      then,
      orElse: what === "EITHER" ? third : undefined,
      reason,
    };
    if (await keep("PUT", `/statements/${crypto.randomUUID()}`, body, "what blocks what")) {
      onSaid();
    }
  };
  return (
    <form className={classes.say} onSubmit={submit} aria-label="Say what blocks what">
      {missing && <Fault>{missing}</Fault>}
      {problem && <Fault>{elsewhere(problem, ["reason"]) ?? problem.detail}</Fault>}
      <fieldset className={classes.sentences}>
        <legend>{`${a} and ${b}`}</legend>
        {sentences.map(([value, label]) => (
          <label key={value}>
            <input type="radio" name="between" checked={what === value} onChange={() => setWhat(value)} />
            {label}
          </label>
        ))}
      </fieldset>
      {what === "EITHER" && (
        <NativeSelect
          label="the other part that opens the way"
          value={third}
          data={[
            { value: "", label: "choose a part" },
            ...view.steps
              .filter((s) => s.id !== one.id && s.id !== other.id)
              .map((s) => ({ value: s.id as string, label: `${s.number} ${s.inWords}` })),
          ]}
          onChange={(e) => setThird(e.currentTarget.value)}
        />
      )}
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
