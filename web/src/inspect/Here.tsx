import { useState } from "react";
import type { JobView } from "../api/types";
import classes from "./Inspect.module.css";

/** What of the watch list bites at the part in hand; the rest stands behind a count. */
export function Here({ view, stepId }: { view: JobView; stepId: string | undefined }) {
  const [all, setAll] = useState(false);
  const loud = view.watch.filter((w) => w.weight !== "NOTE");
  const here = loud.filter((w) => w.stepId === stepId);
  const rest = loud.filter((w) => w.stepId !== stepId);
  if (here.length === 0 && rest.length === 0) {
    return null;
  }
  return (
    <aside className={classes.here} aria-label="Watch list">
      {here.map((w) => (
        <p key={w.title}>
          <b>Here: {w.title}</b> <small>step {w.number}</small> {w.consequence}
        </p>
      ))}
      {rest.length > 0 && (
        <button type="button" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? "Fold the watch list" : `${rest.length} ${here.length > 0 ? "more " : ""}on the watch list`}
        </button>
      )}
      {all &&
        rest.map((w) => (
          <p key={w.title + w.stepId}>
            <b>{w.title}</b> <small>step {w.number}</small> {w.consequence}
          </p>
        ))}
    </aside>
  );
}
