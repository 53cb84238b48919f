import { Checkbox } from "@mantine/core";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import classes from "./Done.module.css";

/** What to lay out before the first screw; open while nothing has come off. */
export function LayOut({ view }: { view: JobView }) {
  const { keep, problem } = useKeep(view.job.number);
  const { layOut } = view;
  if (layOut.length === 0) {
    return null;
  }
  const groups = [...new Set(layOut.map((l) => l.group))];
  const ready = layOut.filter((l) => l.out).length;
  const untouched = view.steps.length === 0 && view.done.length === 0;
  return (
    <details className={classes.layOut} open={(untouched && !isClosed(view)) || undefined}>
      <summary>
        Lay out before the first screw: {ready} of {layOut.length} ready
      </summary>
      {problem && <Fault>{problem.detail}</Fault>}
      <div className={classes.layOutGroups}>
        {groups.map((group) => (
          <fieldset key={group}>
            <legend>{group}</legend>
            {layOut
              .filter((l) => l.group === group)
              .map((line) => (
                <Checkbox
                  key={line.id}
                  size="md"
                  checked={line.out}
                  disabled={isClosed(view)}
                  label={line.what}
                  description={line.because}
                  onChange={(e) =>
                    void keep(
                      "PUT",
                      "/laid-out",
                      { version: line.version, what: line.what, out: e.currentTarget.checked },
                      `laid out: ${line.what}`,
                    )
                  }
                />
              ))}
          </fieldset>
        ))}
      </div>
    </details>
  );
}
