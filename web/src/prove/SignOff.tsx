import { Button, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { fieldErrors } from "../api/problem";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { meQuery } from "../people/session";
import { Caution, Fault } from "../shared/Caution";
import { moment } from "../shared/format";
import { Panel } from "../shared/Panel";
import classes from "./Prove.module.css";
import { Signatures } from "./Signatures";

/** What a lead says who signs although something stands against it. */
const REASON = [
  ["risk", "The risk that is taken", "what may happen, and how likely"],
  ["restriction", "Until then", "half load, no people under it"],
  ["nextLook", "Looked at again", "a date, or hours run"],
  ["toldBy", "Who told the customer", "name"],
] as const;

const WITNESS = ["witness", "Second person", "who looked at it with you"] as const;

/** What still stands against signing, and the signature. */
export function SignOff({ view }: { view: JobView }) {
  const me = useQuery(meQuery);
  const [despite, setDespite] = useState({
    risk: "",
    restriction: "",
    nextLook: "",
    toldBy: "",
    witness: "",
  });
  const { keep, problem, busy } = useKeep(view.job.number);
  const errors = fieldErrors(problem);
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
        <Signatures view={view} />
      </Panel>
    );
  }
  if (view.job.putAway) {
    return (
      <Panel title="Sign off">
        <p>This job was put away and is signed by nobody.</p>
      </Panel>
    );
  }
  const lead = me.data?.role === "LEAD";
  const never = against.filter((point) => point.weight === "NEVER");
  return (
    <Panel title="Sign off" aside={against.length === 0 ? "ready" : `${against.length} open`}>
      <Signatures view={view} />
      {view.procedure?.notReleased && <Caution>{view.procedure.notReleased}</Caution>}
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
            <div className={classes.reason} role="group" aria-label="As a lead, sign all the same">
              {[...REASON, ...(against.some((p) => p.id === "second-person") ? [WITNESS] : [])].map(
                ([name, label, placeholder]) => (
                  <TextInput
                    key={name}
                    label={label}
                    placeholder={placeholder}
                    value={despite[name]}
                    error={errors[`despite.${name}`]}
                    onChange={(e) => setDespite({ ...despite, [name]: e.currentTarget.value })}
                  />
                ),
              )}
            </div>
          ) : (
            <p>A lead can sign all the same, and says why, until when, and who told the customer.</p>
          )}
        </>
      )}
      {problem && Object.keys(errors).length === 0 && <Fault>{problem.detail}</Fault>}
      <div className={classes.row}>
        <Button
          size="lg"
          loading={busy}
          disabled={never.length > 0 || (against.length > 0 && !lead)}
          onClick={() => keep("POST", "/sign", against.length === 0 ? {} : { despite }, "signature")}
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
