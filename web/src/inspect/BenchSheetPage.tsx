import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import type { Check, PlanLine } from "../api/types";
import { useJob } from "../job/bench";
import { t } from "../wording/en";
import classes from "./BenchSheet.module.css";
import { edgesInWords, worded } from "./parts.model";
import { grouped, isOpen, keyOf, tagOf } from "./plan.model";
import { checksQuery } from "./queries";

const BLANKS = [1, 2, 3, 4];

/** The whole plan on paper, with boxes for the words and lines for the readings; it is filled in from the sheet later. */
export function BenchSheetPage() {
  const { number = "" } = useParams();
  const job = useJob(number);
  const checks = useQuery(checksQuery);
  if (!job.data || !checks.data) {
    return <p>Opening…</p>;
  }
  const view = job.data;
  const { musts, shoulds } = grouped(view.plan?.checks ?? []);
  return (
    <div className={classes.root}>
      <header className={classes.bar}>
        <Link to={`/jobs/${number}/inspect`}>Back to job {number}</Link>
        <Button onClick={() => window.print()}>Print</Button>
      </header>
      <main className={classes.paper}>
        <h1>
          {view.unit.tag} · {view.unit.name}
        </h1>
        <p>
          Job {view.job.number} · {view.job.complaint} · Checks in this order. Tick what you found, write what
          you read. Looked at by ____________________ on ____________
        </p>
        <Sheet title="Must be answered" lines={musts} checks={checks.data} />
        <Sheet
          title="Should be answered; printed in the report when left"
          lines={shoulds}
          checks={checks.data}
        />
      </main>
    </div>
  );
}

function Sheet({ title, lines, checks }: { title: string; lines: PlanLine[]; checks: Check[] }) {
  if (lines.length === 0) {
    return null;
  }
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      <table>
        <thead>
          <tr>
            <th>part</th>
            <th>look at, how</th>
            <th>found</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => {
            const check = checks.find((c) => c.id === line.check);
            return (
              check && (
                <tr key={keyOf(line)}>
                  <td>
                    <b>{line.number || ""}</b> {line.part}
                  </td>
                  <td>
                    <b>{worded(check.lookAt)}</b> ({check.id}
                    {line.afterWork ? `, ${t.looks.AFTER_WORK.toLowerCase()}` : ""})
                    <br />
                    {check.how}
                  </td>
                  <td>{isOpen(line) ? <Boxes check={check} /> : <b>{tagOf(line)}</b>}</td>
                </tr>
              )
            );
          })}
        </tbody>
      </table>
    </section>
  );
}

function Boxes({ check }: { check: Check }) {
  return (
    <>
      {check.words.map((w) => (
        <span key={w.text} className={classes.box}>
          ☐ {w.text}
        </span>
      ))}
      {check.measured && (
        <>
          {BLANKS.map((n) => (
            <span key={n} className={classes.box}>
              ______
            </span>
          ))}
          <small>{edgesInWords(check.measured)}</small>
        </>
      )}
    </>
  );
}
