import { Button } from "@mantine/core";
import { useRef } from "react";
import { Link, useParams } from "react-router";
import classes from "./Report.module.css";

/** The report as it prints, with the way to paper and to PDF. */
export function ReportPage() {
  const { number = "" } = useParams();
  const frame = useRef<HTMLIFrameElement>(null);
  const source = `/api/jobs/${encodeURIComponent(number)}/report`;
  return (
    <div className={classes.root}>
      <header className={classes.bar}>
        <Link to={`/jobs/${number}/prove`}>Back to job {number}</Link>
        <Button variant="default" onClick={() => frame.current?.contentWindow?.print()}>
          Print
        </Button>
        <Button component="a" href={`${source}.pdf`} target="_blank" rel="noreferrer">
          PDF
        </Button>
      </header>
      <main className={classes.paper}>
        <iframe ref={frame} title={`Report of job ${number}`} src={source} />
      </main>
    </div>
  );
}
