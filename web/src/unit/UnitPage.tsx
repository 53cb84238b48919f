import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { ProblemError } from "../api/problem";
import { OpenJob } from "../floor/OpenJob";
import { jobsOfUnitQuery } from "../job/bench";
import { UnitPlaces } from "../place/UnitPlaces";
import { Fault } from "../shared/Caution";
import { day, fixed, length } from "../shared/format";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { t } from "../wording/en";
import { LashHistory } from "./LashHistory";
import { unitQuery } from "./queries";
import classes from "./Unit.module.css";

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
  const open = jobs.data?.find((j) => !j.signedAt);
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
          <Button onClick={() => setOpening(true)}>Open a job</Button>
        )}
      </header>
      <div className={classes.grid}>
        <Panel title="Papers" aside={u.kind}>
          {u.stages.length > 0 && (
            <div className={classes.scroll}>
              <table className={classes.table}>
                <thead>
                  <tr>
                    <th>stage</th>
                    <th>pinion</th>
                    <th>wheel</th>
                    <th className={classes.n}>ratio</th>
                    <th className={classes.n}>centre distance</th>
                    <th className={classes.n}>pitch line</th>
                  </tr>
                </thead>
                <tbody>
                  {u.stages.map((s) => (
                    <tr key={s.stage}>
                      <td>{s.stage}</td>
                      <td>{s.pinion}</td>
                      <td>{s.wheel}</td>
                      <td className={classes.n}>{fixed(s.ratio, 3, preferences.decimal)}</td>
                      <td className={classes.n}>
                        {s.given.centreDistance.text} {s.given.centreDistance.unit}
                      </td>
                      <td className={classes.n}>
                        {s.pitchLineVelocityMPerS === 0
                          ? "–"
                          : `${fixed(s.pitchLineVelocityMPerS, 2, preferences.decimal)} m/s`}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
          {u.drive.length > 0 && (
            <div className={classes.scroll}>
              <table className={classes.table}>
                <thead>
                  <tr>
                    <th>in order</th>
                    <th className={classes.n}>ratio</th>
                    <th className={classes.n}>input min⁻¹</th>
                    <th className={classes.n}>input N·m</th>
                    <th className={classes.n}>mesh Hz</th>
                    <th className={classes.n}>same teeth Hz</th>
                  </tr>
                </thead>
                <tbody>
                  {u.drive.map((at, i) => (
                    // biome-ignore lint/suspicious/noArrayIndexKey: stages are told apart by their place
                    <tr key={i}>
                      <td>{at.words}</td>
                      <td className={classes.n}>{fixed(Math.abs(at.ratio), 3, preferences.decimal)}</td>
                      <td className={classes.n}>
                        {at.inputRpm === 0 ? "–" : fixed(Math.abs(at.inputRpm), 1, preferences.decimal)}
                      </td>
                      <td className={classes.n}>
                        {at.inputTorqueNm > 0 ? fixed(at.inputTorqueNm, 1, preferences.decimal) : "–"}
                      </td>
                      <td className={classes.n}>
                        {at.meshHz > 0 ? fixed(at.meshHz, 1, preferences.decimal) : "–"}
                      </td>
                      <td className={classes.n}>
                        {at.huntingHz > 0 ? fixed(at.huntingHz, 3, preferences.decimal) : "–"}
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
          <p>
            {u.drive.length === 0 ? (
              "What is inside is not known yet"
            ) : (
              <>
                Ratio <b>{fixed(u.ratio, 3, preferences.decimal)}</b>,{" "}
                {u.inputSpeedRpm === undefined || u.outputSpeedRpm === undefined
                  ? "speed not known"
                  : `${fixed(u.inputSpeedRpm, 0)} to ${fixed(u.outputSpeedRpm, 1, preferences.decimal)} min⁻¹`}
                , output turns {u.turnsTheSameWay ? "the same way as" : "against"} the input
              </>
            )}
            {u.inputPower ? `, ${u.inputPower.text} ${u.inputPower.unit}` : ""}. Limits for:{" "}
            {t.duties[u.duty]}
            {u.underWarranty ? ". Under warranty." : "."}
          </p>
          <Link to={`/units/${u.id}/papers`} className={classes.correct}>
            Correct the papers
          </Link>
        </Panel>
        <UnitPlaces unitId={u.id} />
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
                    {job.signedAt ? `signed, ${job.signedBy}` : job.next && t.stations[job.next]}
                  </span>
                </Link>
              </li>
            ))}
          </ul>
        </Panel>
        <Panel title="Backlash after each rebuild" aside="mean, along the working circle">
          <LashHistory jobs={jobs.data ?? []} format={(mm) => length(mm, preferences)} />
        </Panel>
      </div>
      <OpenJob opened={opening} onClose={() => setOpening(false)} unitId={u.id} />
    </>
  );
}
