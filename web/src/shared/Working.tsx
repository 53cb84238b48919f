import type { WorkingData } from "../api/types";
import { t } from "../wording/en";
import classes from "./Working.module.css";

/** Formula, numbers put in, source, and what other schools say; folded away until wanted. */
export function Working({ working, title = t.actions.working }: { working: WorkingData; title?: string }) {
  return (
    <details className={classes.root}>
      <summary>{title}</summary>
      <dl>
        {working.lines.map((line) => (
          <div key={line.formula + line.numbers} className={classes.line}>
            <dt>{line.formula}</dt>
            <dd>{line.numbers}</dd>
          </div>
        ))}
      </dl>
      <p className={classes.source}>Source: {working.source}.</p>
      {working.schools.length > 0 && (
        <>
          <p className={classes.head}>Others say</p>
          <ul>
            {working.schools.map((school) => (
              <li key={school}>{school}</li>
            ))}
          </ul>
        </>
      )}
    </details>
  );
}
