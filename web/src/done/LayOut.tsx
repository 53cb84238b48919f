import { Checkbox } from "@mantine/core";
import { useState } from "react";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import classes from "./Done.module.css";

/** What to lay out before the first screw; open while nothing has come off. */
export function LayOut({ view }: { view: JobView }) {
  const { keep, problem } = useKeep(view.job.number);
  const { layOut } = view;
  // A tick stands at once; the server's answer takes its place.
  const [ticking, setTicking] = useState<Record<string, boolean>>({});
  const tick = async (line: JobView["layOut"][number], out: boolean) => {
    setTicking((now) => ({ ...now, [line.id]: out }));
    await keep("PUT", "/laid-out", { version: line.version, what: line.what, out }, `laid out: ${line.what}`);
    setTicking(({ [line.id]: _done, ...rest }) => rest);
  };
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
                  checked={ticking[line.id] ?? line.out}
                  disabled={isClosed(view)}
                  label={line.what}
                  description={line.because}
                  onChange={(e) => void tick(line, e.currentTarget.checked)}
                />
              ))}
          </fieldset>
        ))}
      </div>
    </details>
  );
}
