import { Button, TextInput } from "@mantine/core";
import { type FormEvent, useState } from "react";
import type { StepView } from "../api/types";
import type { Keeping } from "../job/bench";
import classes from "./Strip.module.css";

interface Props {
  step: StepView;
  keeping: Keeping;
  onDone: () => void;
}

const whole = (text: string) => (/^\d{1,4}$/.test(text.trim()) ? Number(text.trim()) : undefined);

/** A part first counted as one that turns out to be two. */
export function SplitForm({ step, keeping, onDone }: Props) {
  const [part, setPart] = useState(step.given.part);
  const [count, setCount] = useState("1");
  const [keepCount, setKeepCount] = useState(String(Math.max(1, step.given.count - 1)));
  const [asked, setAsked] = useState(false);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    setAsked(true);
    const body = {
      version: step.given.version ?? 0,
      newId: crypto.randomUUID(),
      part,
      count: whole(count) ?? 0,
      keepCount: whole(keepCount) ?? 0,
    };
    if (await keeping.keep("POST", `/steps/${step.id}/split`, body, `split ${step.given.part}`)) {
      onDone();
    }
  };
  const bad = (text: string) => (asked && whole(text) === undefined ? "A whole number." : undefined);
  return (
    <form className={classes.split} onSubmit={submit} aria-label={`Split step ${step.number}`}>
      <TextInput
        label={`Stays ${step.given.part}`}
        inputMode="numeric"
        value={keepCount}
        error={bad(keepCount)}
        onChange={(e) => setKeepCount(e.currentTarget.value)}
      />
      <TextInput label="The other part" value={part} onChange={(e) => setPart(e.currentTarget.value)} />
      <TextInput
        label="Pieces of it"
        inputMode="numeric"
        value={count}
        error={bad(count)}
        onChange={(e) => setCount(e.currentTarget.value)}
      />
      <Button type="submit" loading={keeping.busy}>
        Split
      </Button>
      <Button variant="default" onClick={onDone}>
        Leave it
      </Button>
    </form>
  );
}
