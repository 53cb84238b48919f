import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { ProblemError } from "../api/problem";
import { ChangesOfUnit } from "../change";
import { DocumentsPanel } from "../document";
import { OpenJob } from "../floor/OpenJob";
import { jobsOfUnitQuery } from "../job/bench";
import { BillOfParts } from "../parts";
import { UnitPlaces } from "../place/UnitPlaces";
import { Fault } from "../shared/Caution";
import { day, length } from "../shared/format";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { t } from "../wording/en";
import { LashHistory } from "./LashHistory";
import { OutOfTheWay } from "./OutOfTheWay";
import { unitQuery } from "./queries";
import classes from "./Unit.module.css";
import { UnitPapers } from "./UnitPapers";

/** One unit: its papers, its jobs, and how its backlash went over the years. */
export default function UnitPage() {
  const { id = "" } = useParams();
  const unit = useQuery(unitQuery(id));
  const jobs = useQuery(jobsOfUnitQuery(id));
  const { preferences } = usePreferences();
  const [opening, setOpening] = useState(false);

  if (unit.isError) {
    return (
      <Fault>
        {unit.error instanceof ProblemError ? unit.error.problem.detail : "The unit cannot be fetched."}{" "}
        <Link to="/units">All units</Link>
      </Fault>
    );
  }
  if (!unit.data) {
    return <p>Opening…</p>;
  }
  const u = unit.data;
  const open = jobs.data?.find((j) => !j.signedAt && !j.putAway);
  return (
    <>
      <header className={classes.head}>
        <h1>
          {u.tag} · {u.name}
        </h1>
        {open ? (
          <Button component={Link} to={`/jobs/${open.number}`}>
            Go on with job {open.number}
          </Button>
        ) : (
          !u.putAway && <Button onClick={() => setOpening(true)}>Open a job</Button>
        )}
      </header>
      <div className={classes.grid}>
        <Panel title="Papers" aside={u.kind}>
          <UnitPapers unit={u} />
          <Link to={`/units/${u.id}/papers`} className={classes.correct}>
            Correct the papers
          </Link>
        </Panel>
        <UnitPlaces unitId={u.id} />
        <BillOfParts unitId={u.id} />
        <Panel title="Jobs">
          {jobs.data?.length === 0 && <p>No job yet on this unit.</p>}
          <ul className={classes.jobs}>
            {jobs.data?.map((job) => (
              <li key={job.number}>
                <Link to={`/jobs/${job.number}`}>
                  <b>{job.number}</b>
                  <span>{day(job.openedAt)}</span>
                  <span>{job.complaint}</span>
                  <span className={classes.soft}>
                    {job.signedAt
                      ? `signed, ${job.signedBy}`
                      : job.putAway
                        ? `put away, ${job.putAway.by}`
                        : job.next && t.stations[job.next]}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </Panel>
        <Panel title="Backlash after each rebuild" aside="mean, along the working circle">
          <LashHistory jobs={jobs.data ?? []} format={(mm) => length(mm, preferences)} />
        </Panel>
        <DocumentsPanel unitId={u.id} />
        <ChangesOfUnit unitId={u.id} />
      </div>
      <OutOfTheWay unit={u} jobs={jobs.data ?? []} />
      <OpenJob opened={opening} onClose={() => setOpening(false)} unitId={u.id} />
    </>
  );
}
