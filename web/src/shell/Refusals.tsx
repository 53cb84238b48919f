import { Button } from "@mantine/core";
import { outbox, useOutbox } from "../job/bench";
import { Fault } from "../shared/Caution";
import classes from "./Shell.module.css";

/** Writes that waited on this device and were refused when the line came back; nothing of them is lost. */
export function Refusals() {
  const { refused } = useOutbox();
  if (refused.length === 0) {
    return null;
  }
  return (
    <section className={classes.refusals} aria-label="Not accepted">
      {refused.map((refusal) => (
        <div key={refusal.write.id}>
          <Fault>
            <b>{refusal.write.label}</b>, entered while there was no connection, was not accepted:{" "}
            {refusal.problem.detail}
          </Fault>
          <details>
            <summary>What was entered</summary>
            <pre>{JSON.stringify(refusal.write.body, null, 1)}</pre>
          </details>
          <Button variant="default" onClick={() => outbox.forget(refusal)}>
            I have seen it
          </Button>
        </div>
      ))}
    </section>
  );
}
