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

/** Parts that nobody said anything of: silence is not soundness, so each is ticked by the one who looked at it. */
export function LookedAt({ view }: { view: JobView }) {
  const me = useQuery(meQuery);
  const { keep, problem, busy } = useKeep(view.job.number);
  const [ticked, setTicked] = useState<string[]>([]);
  // Measured is not looked at: that it is whole has to be said.
  const unseen = view.decisions.filter(
    (d) => d.open.length > 0 && d.proposed !== "RENEW" && d.decided !== "RENEW",
  );
  const together = unseen.filter((d) => !d.strict);
  const alone = unseen.filter((d) => d.strict);
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
      <p className={classes.lead}>
        Nobody said how these were found. Tick what you looked at yourself and found sound; anything else is
        said at its step.
      </p>
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
          These hold, stop or carry the load, and are looked at one by one:{" "}
          <Link to={`/jobs/${view.job.number}/inspect`}>
            {alone.map((d) => `${d.part} (${d.number})`).join(", ")}
          </Link>
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
