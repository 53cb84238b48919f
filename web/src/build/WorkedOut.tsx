import type { JobView } from "../api/types";
import classes from "./Build.module.css";

/** What was worked out at Set for the part in hand: its pack, its preload, its torque. The last word of each drawer stands. */
export function WorkedOut({ view, stepId }: { view: JobView; stepId: string }) {
  const part = view.steps.find((step) => step.id === stepId)?.given.part.toLowerCase();
  const last = new Map(
    view.answers
      .filter(({ given }) => given.station === "SET")
      .filter(({ given }) =>
        given.about?.stepId
          ? given.about.stepId === stepId
          : !given.about && given.subject.trim().toLowerCase() === part,
      )
      .map((answer) => [answer.given.drawer, answer]),
  );
  return (
    last.size > 0 && (
      <ul className={classes.worked} aria-label="Worked out at Set">
        {[...last.values()].map((answer) => (
          <li key={answer.id}>
            <small>{answer.title.toLowerCase()}</small>
            {answer.answer.sentence}
          </li>
        ))}
      </ul>
    )
  );
}
