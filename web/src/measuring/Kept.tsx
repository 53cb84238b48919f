import { Button } from "@mantine/core";
import type { JobView, MeasurementView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import { moment } from "../shared/format";
import { Verdict } from "../shared/Verdict";
import { t } from "../wording/en";
import classes from "./Measuring.module.css";
import { Result } from "./Result";

/** Measurements kept at a station, newest first. */
export function Kept({ view, station }: { view: JobView; station: "INSPECT" | "SET" }) {
  const { keep, problem } = useKeep(view.job.number);
  const here = view.measurements.filter((m) => m.given.station === station).reverse();
  if (here.length === 0) {
    return null;
  }
  return (
    <section aria-label="Kept measurements" className={classes.kept}>
      <h2>Kept</h2>
      {problem && <Fault>{problem.detail}</Fault>}
      {here.map((m) => (
        <details key={m.id}>
          <summary>
            <span>
              <b>{title(m)}</b>
              <small>
                {m.keptBy}, {moment(m.keptAt)}
              </small>
            </span>
            <Verdict verdict={m.result.verdict} zone={m.result.zone} small />
          </summary>
          <p className={classes.soft}>
            Read: {m.given.readings.map((r) => r.text).join("; ")} {m.given.readings[0]?.unit}
            {m.given.remark && `. ${m.given.remark}`}
          </p>
          <Result result={m.result} />
          {!isClosed(view) && (
            <Button
              variant="default"
              onClick={() =>
                keep(
                  "DELETE",
                  `/measurements/${m.id}?version=${m.given.version}`,
                  undefined,
                  `remove ${title(m)}`,
                )
              }
            >
              {t.actions.remove}
            </Button>
          )}
        </details>
      ))}
    </section>
  );
}

const title = (m: MeasurementView) =>
  m.given.kind === "SPAN"
    ? `Span over ${m.given.teethSpanned}, ${m.gear}`
    : `Backlash, stage ${m.given.stage}`;
