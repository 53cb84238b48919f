import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { JobCard } from "../api/types";
import { openJobsQuery, signedJobsQuery } from "../job/bench";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import { t } from "../wording/en";
import classes from "./Floor.module.css";
import { OpenJob } from "./OpenJob";

/** All jobs and what each waits for. */
export function FloorPage() {
  const open = useQuery(openJobsQuery);
  const signed = useQuery(signedJobsQuery);
  const [opening, setOpening] = useState(false);

  return (
    <>
      <header className={classes.head}>
        <h1>Floor</h1>
        <Button onClick={() => setOpening(true)}>Open a job</Button>
      </header>
      {open.isError && <Fault>The open jobs cannot be fetched. Check the connection.</Fault>}
      <section aria-label="Open jobs">
        <h2>On the bench</h2>
        {open.data?.length === 0 && (
          <p>Nothing is open. Open a job when a unit comes in: it leads from Receive to a signed report.</p>
        )}
        <ul className={classes.jobs}>
          {open.data?.map((job) => (
            <OpenCard key={job.number} job={job} />
          ))}
        </ul>
      </section>
      <section aria-label="Signed jobs">
        <h2>Signed</h2>
        {signed.data?.length === 0 && <p>No job has been signed yet.</p>}
        <ul className={classes.signed}>
          {signed.data?.map((job) => (
            <li key={job.number}>
              <Link to={`/jobs/${job.number}`}>
                <span className={classes.number}>{job.number}</span>
                <b>{job.tag}</b>
                <span>{job.complaint}</span>
                <span className={classes.soft}>
                  {job.signedAt && day(job.signedAt)}, {job.signedBy}
                </span>
              </Link>
            </li>
          ))}
        </ul>
      </section>
      <OpenJob opened={opening} onClose={() => setOpening(false)} />
    </>
  );
}

function OpenCard({ job }: { job: JobCard }) {
  return (
    <li>
      <Link to={`/jobs/${job.number}`} className={classes.card}>
        <span className={classes.title}>
          <b>{job.tag}</b> {job.unit}
        </span>
        <span className={classes.soft}>
          Job {job.number} · since {day(job.openedAt)} · {job.openedBy}
        </span>
        <span className={classes.complaint}>{job.complaint}</span>
        <span className={classes.waits}>
          {job.next && <b>{t.stations[job.next]}:</b>} {job.says}
        </span>
        <span className={classes.stops} role="img" aria-label="State of the eight stations">
          {job.stops.map((stop) => (
            <span
              key={stop.station}
              className={classes[stop.state]}
              title={`${t.stations[stop.station]}: ${stop.says}`}
            >
              {t.stations[stop.station]}
            </span>
          ))}
        </span>
      </Link>
    </li>
  );
}
