import type { DrawerAnswer } from "../api/types";
import { length } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import classes from "./Drawers.module.css";

type Picture = NonNullable<DrawerAnswer["sump"]>;

const WIDE = 540;
const HIGH = 300;
const EDGE = 14;
const LABEL = 170;

/** The section of a sump to scale, the oil in it and its line. */
export function SumpPicture({ picture }: { picture: Picture }) {
  const { preferences } = usePreferences();
  const xs = picture.outline.map((c) => c.x);
  const ys = picture.outline.map((c) => c.y);
  const low = Math.min(...xs);
  const high = Math.max(...ys);
  const wide = Math.max(...xs) - low;
  const scale = Math.min((WIDE - 2 * EDGE - LABEL) / wide, (HIGH - 2 * EDGE) / high);
  const x = (mm: number) => EDGE + (mm - low) * scale;
  const y = (mm: number) => EDGE + (high - mm) * scale;
  const points = (corners: Picture["oil"]) => corners.map((c) => `${x(c.x)},${y(c.y)}`).join(" ");
  const line = y(picture.levelMm);
  const told = length(picture.levelMm, preferences, 1);
  return (
    <figure className={classes.chart}>
      <svg
        viewBox={`0 0 ${WIDE} ${2 * EDGE + high * scale}`}
        role="img"
        aria-label={`Section of the sump, oil up to ${told}`}
      >
        <polygon points={points(picture.oil)} className={classes.oilFill} />
        <polygon points={points(picture.outline)} className={classes.case} />
        <line
          x1={x(low) - 6}
          x2={x(low) + wide * scale + 8}
          y1={line}
          y2={line}
          className={classes.oilLine}
        />
        <text x={x(low) + wide * scale + 12} y={line + 5} className={classes.oilName}>
          {told}
        </text>
      </svg>
      <figcaption>The inside of the sump to scale, with the oil line.</figcaption>
    </figure>
  );
}
