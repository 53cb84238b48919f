import { IconAlertTriangle } from "@tabler/icons-react";
import type { JobView } from "../api/types";
import classes from "./Build.module.css";

/** Warnings of the watch list at the moment they bite: on the card of the part they are about. */
export function Bites({ view, stepId }: { view: JobView; stepId: string }) {
  const bites = view.watch.filter((w) => w.stepId === stepId && w.weight === "DANGER");
  if (bites.length === 0) {
    return null;
  }
  return (
    <ul className={classes.bites} aria-label="Watch now">
      {bites.map((bite) => (
        <li key={bite.title}>
          <IconAlertTriangle size={22} aria-label="Danger" />
          <span>
            <b>{bite.title}</b> {bite.consequence}
          </span>
        </li>
      ))}
    </ul>
  );
}
