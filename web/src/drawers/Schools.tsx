import type { DrawerAnswer } from "../api/types";
import classes from "./Drawers.module.css";

type Data = NonNullable<DrawerAnswer["schools"]>;

const W = 460;
const ROW = 40;
const LEFT = 8;

/** What each school would have a new pair, as bands on one scale with the value; the first is the default. */
export function Schools({ schools, value }: { schools: Data; value?: number | undefined }) {
  const answering = schools.schools.filter((s) => s.fromMm >= 0);
  const high = Math.max(...answering.map((s) => s.toMm), value ?? 0) * 1.08 || 1;
  const x = (mm: number) => LEFT + (mm / high) * (W - 2 * LEFT);
  return (
    <details className={classes.schools}>
      <summary>What other schools say of a new pair</summary>
      <svg viewBox={`0 0 ${W} ${ROW * schools.schools.length + 6}`} aria-hidden="true">
        {schools.schools.map((school, i) => (
          <g key={school.name} transform={`translate(0 ${i * ROW})`}>
            <text x={LEFT} y={15} className={i === 0 ? classes.chosen : undefined}>
              {school.name}
              {i === 0 ? " (taken here)" : ""}
              {school.fromMm < 0
                ? ": outside its table"
                : `: ${school.fromMm.toFixed(3)} to ${school.toMm.toFixed(3)} mm`}
            </text>
            <line x1={LEFT} x2={W - LEFT} y1={30} y2={30} className={classes.grid} />
            {school.fromMm >= 0 && (
              <rect
                x={x(school.fromMm)}
                width={Math.max(2, x(school.toMm) - x(school.fromMm))}
                y={22}
                height={12}
                className={i === 0 ? classes.bandChosen : classes.band}
              />
            )}
            {value !== undefined && <path d={`M${x(value)} 36 v-16`} className={classes.valueLine} />}
          </g>
        ))}
      </svg>
      <ul>
        {schools.schools.map((school) => (
          <li key={school.name}>
            <b>{school.name}</b>: {school.note}.
          </li>
        ))}
      </ul>
      <p>{schools.why}</p>
    </details>
  );
}
