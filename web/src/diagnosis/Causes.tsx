import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { Diagnosis, JobView } from "../api/types";
import { isClosed } from "../job/closed";
import { Remark } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import classes from "./Causes.module.css";
import { diagnosisQuery } from "./queries";

/** As many causes and looks as one takes in at once. */
const SHOWN = 4;

/** What it may be, from the complaint and all that was found so far: ranked, with what speaks for and against, and the look that tells most. */
export function Causes({ view }: { view: JobView }) {
  const { data } = useQuery({
    ...diagnosisQuery(view.job.number, view.touched),
    enabled: !isClosed(view),
  });
  const [all, setAll] = useState(false);
  if (isClosed(view) || !data?.causes) {
    return null;
  }
  const known = data.causes.some((cause) => cause.evidence.length > 0);
  if (!known) {
    return (
      <Panel title="What it may be">
        <p>{data.sentence}</p>
      </Panel>
    );
  }
  return (
    <Panel title="What it may be" aside="by judgement, one fault at a time">
      <p className={classes.sentence}>{data.sentence}</p>
      {data.notes.map((note) => (
        <Remark key={note}>{note}</Remark>
      ))}
      <ol className={classes.causes} aria-label="Causes, likeliest first">
        {data.causes.slice(0, all ? undefined : SHOWN).map((cause) => (
          <Cause key={cause.id} cause={cause} />
        ))}
      </ol>
      <button type="button" className={classes.more} aria-expanded={all} onClick={() => setAll(!all)}>
        {all ? "Only the likeliest" : `All ${data.causes.length} that are thought of`}
      </button>
      {!data.isEnough && (
        <>
          <h3>What tells the most for its minutes</h3>
          <ol className={classes.next} aria-label="What to look at next">
            {data.next.slice(0, SHOWN).map((test) => (
              <li key={test.id}>
                {test.test}, {test.minutes} min
                <WhereMade view={view} checks={test.checks} />
              </li>
            ))}
          </ol>
        </>
      )}
    </Panel>
  );
}

/** Where a look is made in this job; nothing where no part that came off is asked it. */
function WhereMade({ view, checks }: { view: JobView; checks: string[] }) {
  const asked = checks.filter((id) => view.plan?.checks.some((line) => line.check === id));
  return (
    asked.length > 0 && (
      <>
        {" · "}
        <Link to={`/jobs/${view.job.number}/inspect`}>{asked.join(", ")} at Inspect</Link>
      </>
    )
  );
}

function Cause({ cause }: { cause: Diagnosis["causes"][number] }) {
  const percent = Math.round(100 * cause.probability);
  const words = (list: Diagnosis["causes"][number]["evidence"]) => list.map((e) => e.says).join("; ");
  // Under half a deciban it speaks neither way.
  const pro = cause.evidence.filter((e) => e.decibans > 0.5);
  const contra = cause.evidence.filter((e) => e.decibans < -0.5);
  return (
    <li>
      <span className={classes.share} aria-hidden>
        <i style={{ width: `${Math.max(1, percent)}%` }} />
      </span>
      <b>
        {cause.cause} <em>{percent < 1 ? "under 1" : percent} %</em>
      </b>
      {pro.length > 0 && <small>For: {words(pro)}.</small>}
      {contra.length > 0 && <small>Against: {words(contra)}.</small>}
      <small>Put right with it: {cause.putRight}.</small>
    </li>
  );
}
