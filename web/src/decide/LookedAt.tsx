import { Button, Checkbox } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { meQuery } from "../people/session";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import classes from "./Decide.module.css";

/** Whether it is whole can be said of several at once; every other check is made on the part. */
const WHOLE = "ANY-1";

/** Parts that nobody said anything of: silence is not soundness, so each is ticked by the one who looked at it. */
export function LookedAt({ view }: { view: JobView }) {
  const me = useQuery(meQuery);
  const { keep, problem, busy } = useKeep(view.job.number);
  const [ticked, setTicked] = useState<string[]>([]);
  // Measured is not looked at: that it is whole has to be said.
  const unseen = view.decisions.filter(
    (d) => d.open.length > 0 && d.proposed !== "RENEW" && d.decided !== "RENEW",
  );
  const together = unseen.filter((d) => !d.strict && d.open.includes(WHOLE));
  const alone = unseen.filter((d) => !together.includes(d));
  if (unseen.length === 0 || isClosed(view)) {
    return null;
  }
  const chosen = together.filter((d) => ticked.includes(d.stepId));
  const say = async () => {
    const parts = chosen.map((d) => ({
      stepId: d.stepId,
      version: view.steps.find((s) => s.id === d.stepId)?.given.version ?? 0,
    }));
    if (await keep("POST", "/steps/looked-at", { parts }, `looked at: ${parts.length} parts`)) {
      setTicked([]);
    }
  };
  return (
    <Panel title="Not looked at yet" aside={`${unseen.length} ${unseen.length === 1 ? "part" : "parts"}`}>
      {together.length > 0 && (
        <p className={classes.lead}>
          Nobody said how these were found. Tick what you looked at yourself and found whole; their other
          checks stay open.
        </p>
      )}
      {problem && <Fault>{problem.detail}</Fault>}
      <div className={classes.unseen}>
        {together.map((d) => (
          <Checkbox
            key={d.stepId}
            label={`${d.part} (${d.number})`}
            checked={ticked.includes(d.stepId)}
            onChange={(e) =>
              setTicked(
                e.currentTarget.checked ? [...ticked, d.stepId] : ticked.filter((id) => id !== d.stepId),
              )
            }
          />
        ))}
      </div>
      {alone.length > 0 && (
        <p className={classes.lead}>
          Checks that must be made are open on:{" "}
          {alone.map((d, i) => (
            <span key={d.stepId}>
              {i > 0 && ", "}
              <Link to={`/jobs/${view.job.number}/inspect?step=${d.stepId}`}>
                {d.part} ({d.number}): {d.open.length}
              </Link>
            </span>
          ))}
          .
        </p>
      )}
      {together.length > 0 && (
        <Button loading={busy} disabled={chosen.length === 0} onClick={say}>
          {chosen.length === 0
            ? "Tick what you looked at"
            : `I looked at ${chosen.length === 1 ? "it" : `these ${chosen.length}`}: sound (${me.data?.name ?? ""})`}
        </Button>
      )}
    </Panel>
  );
}
