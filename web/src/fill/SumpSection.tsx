import type { ShaftStackData } from "../api/types";
import classes from "./Fill.module.css";

interface Props {
  lengthMm: number;
  heightMm: number;
  shaftMm: number;
  levelMm: number;
  stack: ShaftStackData;
}

const W = 420;
const H = 200;
const PAD = 14;
/** Room at each side for the height of the line. */
const LABEL = 50;

/** The sump in section, to scale: shafts in one plane, their gears, and the oil line. */
export function SumpSection({ lengthMm, heightMm, shaftMm, levelMm, stack }: Props) {
  if (![lengthMm, heightMm, shaftMm, levelMm].every((v) => Number.isFinite(v) && v > 0)) {
    return null;
  }
  const tips = stack.shafts.map((s) => Math.max(0, ...s.items.map((i) => i.tipDiameterMm / 2)));
  const distances = stack.shafts.map((s) => s.centreToNextMm);
  const across = distances.reduce((a, b) => a + b, 0);
  const length = Math.max(lengthMm, across + (tips[0] ?? 0) + (tips.at(-1) ?? 0) + 20);
  const high = Math.max(heightMm, shaftMm + Math.max(...tips)) + 10;
  const scale = Math.min((W - 2 * PAD - 2 * LABEL) / length, (H - 2 * PAD) / high);
  const left = (W - length * scale) / 2;
  const floor = H - PAD;
  const y = (mm: number) => floor - mm * scale;
  let at = (length - across + (tips[0] ?? 0) - (tips.at(-1) ?? 0)) / 2;
  const centres = stack.shafts.map((_, s) => {
    const here = at;
    at += distances[s] ?? 0;
    return left + here * scale;
  });
  return (
    <svg
      viewBox={`0 0 ${W} ${H}`}
      className={classes.section}
      role="img"
      aria-label={`Sump in section, oil line ${levelMm} mm above the floor`}
    >
      <rect x={left} y={y(levelMm)} width={length * scale} height={levelMm * scale} className={classes.oil} />
      {centres.map((x, s) => (
        <g key={stack.shafts[s]?.name}>
          <circle cx={x} cy={y(shaftMm)} r={(tips[s] ?? 0) * scale} className={classes.wheel} />
          <path d={`M${x - 7} ${y(shaftMm)} h14 M${x} ${y(shaftMm) - 7} v14`} className={classes.cross} />
        </g>
      ))}
      <path
        d={`M${left} ${y(heightMm)} V${floor} H${left + length * scale} V${y(heightMm)}`}
        className={classes.walls}
      />
      <line x1={left} x2={left + length * scale} y1={y(levelMm)} y2={y(levelMm)} className={classes.line} />
      <text x={left + length * scale + 6} y={y(levelMm) + 5}>
        {levelMm.toFixed(0)} mm
      </text>
    </svg>
  );
}
