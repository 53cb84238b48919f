import { Button } from "@mantine/core";
import { useQueryClient } from "@tanstack/react-query";
import type { JobView } from "../api/types";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import { useWrite } from "../shared/useWrite";
import { jobKeys } from "./bench";
import classes from "./Job.module.css";

/** That nothing is written to a job that was put away, and the way back. */
export function PutAwayNote({ view }: { view: JobView }) {
  const client = useQueryClient();
  const { send, problem, busy } = useWrite<JobView>((job) => {
    client.setQueryData(jobKeys.one(String(job.job.number)), job);
    void client.invalidateQueries({ queryKey: jobKeys.all });
  });
  const { number, version, putAway } = view.job;
  if (!putAway) {
    return null;
  }
  return (
    <div className={classes.signed}>
      Put away {day(putAway.at)} by {putAway.by}: {putAway.why}. Nothing is changed any more.{" "}
      <Button
        variant="default"
        size="compact-md"
        loading={busy}
        onClick={() => void send("POST", `/api/jobs/${number}/take-back?version=${version}`)}
      >
        Take it back
      </Button>
      {problem && <Fault>{problem.detail}</Fault>}
    </div>
  );
}
