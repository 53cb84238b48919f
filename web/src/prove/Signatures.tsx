import { Button, Textarea } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { fieldErrors } from "../api/problem";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { meQuery } from "../people/session";
import { Caution } from "../shared/Caution";
import { moment } from "../shared/format";
import classes from "./Prove.module.css";

/** The signatures of a job with their papers, and the way to correct the one that stands. */
export function Signatures({ view }: { view: JobView }) {
  const all = view.signatures ?? [];
  const last = all.at(-1);
  const earlier = all.filter((s) => s !== last || !view.job.signedAt);
  return (
    <>
      {all.some((s) => !s.isWhole) && (
        <Caution>
          What was sealed was changed outside of this app: data or papers are not what was signed. Compare
          with the paper that was handed out, and with a backup.
        </Caution>
      )}
      {view.job.revision > 1 && (
        <p>
          Revision {view.job.revision}, opened again by {view.job.correctedBy}: {view.job.correctedWhy}
        </p>
      )}
      {last && view.job.signedAt && (
        <p className={classes.digest}>
          <small>Sealed data, SHA-256: {last.digest.match(/.{1,8}/g)?.join(" ")}</small>
        </p>
      )}
      {earlier.length > 0 && (
        <ul aria-label="Signed before">
          {earlier.map((s) => (
            <li key={s.number}>
              <a
                href={`/api/jobs/${view.job.number}/report.pdf?revision=${s.number}`}
                target="_blank"
                rel="noreferrer"
              >
                Revision {s.number}
              </a>
              , signed {s.signedAt && moment(s.signedAt)} by {s.signedBy}
            </li>
          ))}
        </ul>
      )}
      {view.job.signedAt && <Correct view={view} />}
    </>
  );
}

/** For a lead: opens the job again; what was signed stays. */
function Correct({ view }: { view: JobView }) {
  const me = useQuery(meQuery);
  const [why, setWhy] = useState<string>();
  const { keep, problem, busy } = useKeep(view.job.number);
  if (me.data?.role !== "LEAD") {
    return null;
  }
  if (why === undefined) {
    return (
      <Button variant="default" onClick={() => setWhy("")}>
        Something in it is wrong
      </Button>
    );
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void keep("POST", "/correct", { version: view.job.version, why }, "job opened again");
      }}
    >
      <Textarea
        autoFocus
        rows={2}
        label="What is wrong in it?"
        description="The job is opened again as its next revision. What was signed stays as it is; this stands on every later paper."
        value={why}
        maxLength={300}
        error={fieldErrors(problem).why ?? problem?.detail}
        onChange={(e) => setWhy(e.currentTarget.value)}
      />
      <div className={classes.row}>
        <Button type="submit" loading={busy} disabled={why.trim() === ""}>
          Open it again
        </Button>
        <Button variant="default" onClick={() => setWhy(undefined)}>
          Leave it as it is
        </Button>
      </div>
    </form>
  );
}
