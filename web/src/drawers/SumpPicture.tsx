import { useEffect, useId, useState } from "react";
import type { DrawerAnswer, EnteredNumber } from "../api/types";
import { length } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import classes from "./Drawers.module.css";
import { spread } from "./spread";

type Picture = NonNullable<DrawerAnswer["sump"]>;

const WIDE = 560;
const HIGH = 320;
const EDGE = 16;
const LABEL = 190;

interface Props {
  picture: Picture;
  /** Moves the level; missing where the picture is only shown. */
  set?: ((part: Record<string, EnteredNumber>) => void) | undefined;
}

/** The section of a sump to scale: gears, the oil in it, its line, and the marks of too low and too high. */
export function SumpPicture({ picture, set }: Props) {
  const { preferences } = usePreferences();
  const id = useId();
  // While it is moved the slider shows the hand, not yet the answer, which is one step behind.
  const [moved, setMoved] = useState<number>();
  useEffect(() => {
    setMoved((hand) => (hand === Math.round(picture.levelMm) ? undefined : hand));
  }, [picture.levelMm]);
  const xs = picture.outline.map((c) => c.x);
  const low = Math.min(...xs);
  const wide = Math.max(...xs) - low;
  const tops = picture.parts.map((p) => p.upMm + p.radiusMm);
  const high = Math.max(...picture.outline.map((c) => c.y), ...tops);
  const scale = Math.min((WIDE - 2 * EDGE - LABEL) / wide, (HIGH - 2 * EDGE) / high);
  const x = (mm: number) => EDGE + (mm - low) * scale;
  const y = (mm: number) => EDGE + (high - mm) * scale;
  const right = x(low + wide);
  const points = (corners: Picture["oil"]) => corners.map((c) => `${x(c.x)},${y(c.y)}`).join(" ");
  const told = length(picture.levelMm, preferences, 1);
  const marks = [
    { at: picture.highestMm, name: "too high above", kind: classes.markLine },
    { at: picture.hotMm, name: "hot", kind: classes.hotLine },
    { at: picture.lineMm, name: told, kind: classes.oilLine },
    { at: picture.lowestMm, name: "too low below", kind: classes.markLine },
  ].flatMap((m) => (m.at === undefined ? [] : [{ ...m, at: m.at }]));
  const places = spread(marks.map((m) => y(m.at)));
  return (
    <figure className={classes.chart}>
      <svg
        viewBox={`0 0 ${WIDE} ${2 * EDGE + high * scale}`}
        role="img"
        aria-label={`Section of the sump, oil up to ${told}`}
      >
        <polygon points={points(picture.oil)} className={classes.oilFill} />
        {picture.parts.map((p) => (
          <g key={p.name + p.acrossMm}>
            <circle cx={x(p.acrossMm)} cy={y(p.upMm)} r={p.radiusMm * scale} className={classes.inOil} />
            <path
              d={`M${x(p.acrossMm) - 8} ${y(p.upMm)}h16M${x(p.acrossMm)} ${y(p.upMm) - 8}v16`}
              className={classes.centre}
            />
          </g>
        ))}
        <polygon points={points(picture.outline)} className={classes.case} />
        {marks.map((m, i) => (
          <g key={m.name}>
            <line x1={x(low) - 6} x2={right + 8} y1={y(m.at)} y2={y(m.at)} className={m.kind} />
            <path d={`M${right + 8} ${y(m.at)}L${right + 20} ${places[i]}`} className={classes.markLeader} />
            <text x={right + 24} y={(places[i] ?? 0) + 5} className={classes.oilName}>
              {m.name}
            </text>
          </g>
        ))}
      </svg>
      {set && (
        <div className={classes.slide}>
          <label htmlFor={id}>Move the level</label>
          <input
            id={id}
            type="range"
            min={0}
            max={Math.floor(picture.heightMm)}
            step={1}
            value={moved ?? Math.round(picture.levelMm)}
            onChange={(e) => {
              setMoved(Number(e.currentTarget.value));
              set({
                levelMm: { text: e.currentTarget.value, unit: "mm" },
                plugMm: { text: "", unit: "mm" },
                litres: { text: "", unit: "L" },
              });
            }}
          />
        </div>
      )}
      <figcaption>The inside of the sump to scale, with the oil line.</figcaption>
    </figure>
  );
}
