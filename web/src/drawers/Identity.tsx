import type { DrawerAnswer } from "../api/types";
import { fixed } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import classes from "./Drawers.module.css";

type Data = NonNullable<DrawerAnswer["identity"]>;

/** Ranked answers with how likely each is and what it should measure. */
export function Identity({ identity }: { identity: Data }) {
  const { preferences } = usePreferences();
  const n = (value: number, decimals: number) => fixed(value, decimals, preferences.decimal);
  if (identity.candidates.length === 0) {
    return null;
  }
  return (
    <>
      <ol className={classes.candidates}>
        {identity.candidates.map((c) => (
          <li key={`${c.words}${c.teeth}`}>
            <div className={classes.likely}>
              <b>{c.words}</b>
              <span>z {c.teeth}</span>
              <span className={classes.share}>{n(100 * c.likelihood, c.likelihood > 0.1 ? 0 : 1)} %</span>
            </div>
            <div className={classes.meter} aria-hidden="true">
              <span style={{ width: `${100 * c.likelihood}%` }} />
            </div>
            <small>
              should measure: tips {n(c.expectedTipMm, 2)} mm
              {c.expectedShorterMm > 0 &&
                `, spans ${n(c.expectedShorterMm, 2)} and ${n(c.expectedLongerMm, 2)} mm`}
              ; {c.remark}
            </small>
          </li>
        ))}
      </ol>
      {identity.next && (
        <p className={classes.next}>
          <b>Measure next: {identity.next.what}.</b> The first would read {n(identity.next.firstMm, 2)} mm,
          the second {n(identity.next.secondMm, 2)} mm.
        </p>
      )}
    </>
  );
}
