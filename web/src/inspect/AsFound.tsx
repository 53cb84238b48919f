import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Caution, Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import classes from "./Inspect.module.css";
import { worded } from "./parts.model";
import { asFound, keyOf } from "./plan.model";
import { checksQuery } from "./queries";

interface Props {
  view: JobView;
  /** Parts as they come off, or meshes before the unit is opened. */
  of: "PARTS" | "MESHES";
}

/** At Strip the part that has just come off; the log is wanted beside it. */
const FEW = { PARTS: 1, MESHES: 3 };

/** What cannot be repeated after washing or opening, asked at the moment: one tap each. */
export function AsFound({ view, of }: Props) {
  const checks = useQuery(checksQuery);
  const { keep, problem, busy } = useKeep(view.job.number);
  const [all, setAll] = useState(false);
  const lines = asFound(view, of, checks.data ?? []);
  if (lines.length === 0 || isClosed(view)) {
    return null;
  }
  const shown = all ? lines : lines.slice(0, FEW[of]);
  return (
    <Panel
      title={of === "PARTS" ? "Before it is washed" : "Before it is opened"}
      aside={`${lines.length} ${lines.length === 1 ? "look" : "looks"} that cannot be repeated`}
    >
      {problem && <Fault>{problem.detail}</Fault>}
      <ul className={classes.asFound}>
        {shown.map((line) => {
          const check = checks.data?.find((c) => c.id === line.check);
          return (
            check && (
              <li key={keyOf(line)}>
                <p>
                  <b>
                    {line.number || ""} {line.part}
                  </b>
                  : {worded(check.lookAt)} <small>{check.how}</small>
                </p>
                {check.caution && <Caution>{check.caution}</Caution>}
                <div className={classes.words} role="group" aria-label={`${line.part}: ${check.lookAt}`}>
                  {check.words.map((word) => (
                    <button
                      key={word.text}
                      type="button"
                      disabled={busy}
                      data-severity={word.severity}
                      onClick={() =>
                        void keep(
                          "PUT",
                          `/findings/${crypto.randomUUID()}`,
                          {
                            stepId: line.stepId,
                            stage: line.stage,
                            check: check.id,
                            look: "AS_FOUND",
                            word: word.text,
                            remark: "",
                          },
                          `${line.part}: ${word.text}`,
                        )
                      }
                    >
                      {word.text}
                    </button>
                  ))}
                  <Link to={`/jobs/${view.job.number}/inspect${line.stepId ? `?step=${line.stepId}` : ""}`}>
                    {check.measured ? "Measure it at Inspect" : "With a note, at Inspect"}
                  </Link>
                </div>
              </li>
            )
          );
        })}
      </ul>
      {lines.length > FEW[of] && (
        <button type="button" className={classes.fold} aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? "Fewer" : `${lines.length - FEW[of]} more`}
        </button>
      )}
    </Panel>
  );
}
