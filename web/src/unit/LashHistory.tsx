import type { JobCard } from "../api/types";
import { day } from "../shared/format";
import classes from "./Unit.module.css";

const W = 560;
const H = 190;
const LEFT = 46;
const RIGHT = 70;
const TOP = 14;
const BOTTOM = 30;
const DASHES = ["", "7 4", "2 3", "9 3 2 3"];

/** Backlash of each mesh over the visits, as a small chart and in words. */
export function LashHistory({ jobs, format }: { jobs: JobCard[]; format: (mm: number) => string }) {
  const visits = jobs
    .filter((j) => j.signedAt && j.backlashMm.length > 0)
    .map((j) => ({ at: Date.parse(j.signedAt ?? ""), day: day(j.signedAt ?? ""), values: j.backlashMm }))
    .sort((a, b) => a.at - b.at);
  const first = visits[0];
  const last = visits.at(-1);
  if (!first || !last || visits.length < 2) {
    return <p>Two signed rebuilds are needed before anything can be compared.</p>;
  }
  const highest = Math.max(...visits.flatMap((v) => v.values)) * 1.15;
  const x = (at: number) => LEFT + ((at - first.at) / (last.at - first.at)) * (W - LEFT - RIGHT);
  const y = (mm: number) => H - BOTTOM - (mm / highest) * (H - TOP - BOTTOM);
  const meshes = first.values.map((_, mesh) => mesh);
  return (
    <>
      <svg viewBox={`0 0 ${W} ${H}`} className={classes.chart} aria-hidden="true">
        <line x1={LEFT} x2={W - RIGHT} y1={y(0)} y2={y(0)} className={classes.axis} />
        <line x1={LEFT} x2={LEFT} y1={TOP} y2={y(0)} className={classes.axis} />
        {[0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6]
          .filter((v) => v < highest)
          .map((v) => (
            <g key={v}>
              <line x1={LEFT - 4} x2={W - RIGHT} y1={y(v)} y2={y(v)} className={classes.grid1} />
              <text x={LEFT - 8} y={y(v) + 5} textAnchor="end">
                {v.toFixed(1)}
              </text>
            </g>
          ))}
        {meshes.map((mesh) => (
          <g key={mesh}>
            <polyline
              points={visits.map((v) => `${x(v.at)},${y(v.values[mesh] ?? 0)}`).join(" ")}
              className={classes.line}
              strokeDasharray={DASHES[mesh % DASHES.length]}
            />
            {visits.map((v) => (
              <circle key={v.at} cx={x(v.at)} cy={y(v.values[mesh] ?? 0)} r="4" className={classes.dot} />
            ))}
            <text x={W - RIGHT + 8} y={y(last.values[mesh] ?? 0) + 5}>
              stage {mesh + 1}
            </text>
          </g>
        ))}
        {visits.map((v) => (
          <text key={v.at} x={x(v.at)} y={H - 8} textAnchor="middle">
            {v.day.slice(-4)}
          </text>
        ))}
        <text x={4} y={TOP}>
          mm
        </text>
      </svg>
      <ul className={classes.words}>
        {meshes.map((mesh) => (
          <li key={mesh}>
            Stage {mesh + 1}: {format(first.values[mesh] ?? 0)} in {first.day.slice(-4)},{" "}
            {format(last.values[mesh] ?? 0)} in {last.day.slice(-4)}.
          </li>
        ))}
      </ul>
    </>
  );
}
