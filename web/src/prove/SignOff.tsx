import { Button, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { meQuery } from "../people/session";
import { Fault } from "../shared/Caution";
import { moment } from "../shared/format";
import { Panel } from "../shared/Panel";
import classes from "./Prove.module.css";

/** What still stands against signing, and the signature. */
export function SignOff({ view }: { view: JobView }) {
  const me = useQuery(meQuery);
  const [despite, setDespite] = useState("");
  const { keep, problem, busy } = useKeep(view.job.number);
  const against = view.route.againstSigning;
  const report = `/jobs/${view.job.number}/report`;

  if (view.job.signedAt) {
    return (
      <Panel title="Signed" aside={moment(view.job.signedAt)}>
        <p>
          By <b>{view.job.signedBy}</b>.
          {view.job.signedDespite && ` With something open: ${view.job.signedDespite}`}
        </p>
        <div className={classes.row}>
          <Button component={Link} to={report}>
            Read the report
          </Button>
          <Button
            component="a"
            variant="default"
            href={`/api/jobs/${view.job.number}/report.pdf`}
            target="_blank"
          >
            PDF
          </Button>
        </div>
      </Panel>
    );
  }
  const lead = me.data?.role === "LEAD";
  const never = against.filter((point) => point.weight === "NEVER");
  return (
    <Panel title="Sign off" aside={against.length === 0 ? "ready" : `${against.length} open`}>
      {against.length === 0 ? (
        <p>Nothing stands against it. The signature closes the job and keeps the report as it is now.</p>
      ) : (
        <>
          {never.length > 0 && (
            <>
              <p>Nobody signs while this is so:</p>
              <Points points={never} />
            </>
          )}
          {never.length < against.length && (
            <>
              <p>
                {never.length > 0 ? "A lead has to answer for this too:" : "This stands against signing:"}
              </p>
              <Points points={against.filter((point) => point.weight === "LEAD")} />
            </>
          )}
          {never.length > 0 ? null : lead ? (
            <TextInput
              label="As a lead, sign all the same because"
              value={despite}
              onChange={(e) => setDespite(e.currentTarget.value)}
            />
          ) : (
            <p>A lead can sign all the same, with a reason.</p>
          )}
        </>
      )}
      {problem && <Fault>{problem.detail}</Fault>}
      <div className={classes.row}>
        <Button
          size="lg"
          loading={busy}
          disabled={never.length > 0 || (against.length > 0 && !lead)}
          onClick={() => keep("POST", "/sign", { despite }, "signature")}
        >
          Sign as {me.data?.name}
        </Button>
        <Button component={Link} variant="default" size="lg" to={report}>
          Draft of the report
        </Button>
      </div>
    </Panel>
  );
}

function Points({ points }: { points: JobView["route"]["againstSigning"] }) {
  return (
    <ul className={classes.against}>
      {points.map((point) => (
        <li key={point.id}>{point.says}</li>
      ))}
    </ul>
  );
}
