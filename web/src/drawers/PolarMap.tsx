import type { DrawerAnswer } from "../api/types";
import classes from "./Drawers.module.css";

type Map = NonNullable<DrawerAnswer["map"]>;

const SIZE = 360;
const C = SIZE / 2;
const INNER = 34;
const OUTER = 132;

/** Backlash round one turn: readings, the wave through them, the tight spot, and what does not belong. */
export function PolarMap({ map }: { map: Map }) {
  const values = map.places.flatMap((p) => [p.backlashMm, p.waveMm]);
  const low = Math.min(0, ...values);
  const high = Math.max(...values) * 1.08 || 1;
  const r = (mm: number) => INNER + ((mm - low) / (high - low)) * (OUTER - INNER);
  const at = (deg: number, radius: number): [number, number] => {
    const t = ((deg - 90) * Math.PI) / 180;
    return [C + radius * Math.cos(t), C + radius * Math.sin(t)];
  };
  const wave = map.wave.map((p) => at(p.angleDeg, r(p.backlashMm)).join(" "));
  const ring = niceStep(high);
  const rings = Array.from({ length: Math.floor(high / ring) }, (_, i) => (i + 1) * ring);
  const [tx, ty] = at(map.tightestAtDeg, r(map.meanMm - map.amplitudeMm));
  const [lx, ly] = at(map.tightestAtDeg, OUTER + 14);
  const labelX = Math.min(SIZE - 70, Math.max(70, lx));
  return (
    <figure className={classes.polar}>
      <svg viewBox={`0 0 ${SIZE} ${SIZE}`} role="img" aria-label={map.findings.join(" ")}>
        <circle cx={C} cy={C} r={INNER} className={classes.hub} />
        {rings.map((mm) => (
          <g key={mm}>
            <circle cx={C} cy={C} r={r(mm)} className={classes.grid} />
            <text x={at(12, r(mm))[0]} y={at(12, r(mm))[1] + 4} className={classes.gridText}>
              {mm.toFixed(2)}
            </text>
          </g>
        ))}
        {[0, 90, 180, 270].map((deg) => {
          const [x1, y1] = at(deg, INNER);
          const [x2, y2] = at(deg, OUTER + 8);
          const [x, y] = at(deg, OUTER + 24);
          return (
            <g key={deg}>
              <line x1={x1} y1={y1} x2={x2} y2={y2} className={classes.centre} />
              <text x={x} y={y + 5} textAnchor="middle" className={classes.degree}>
                {deg}°
              </text>
            </g>
          );
        })}
        <path d={`M${wave.join("L")}Z`} className={classes.wave} />
        {map.places.map((place) => {
          const [x, y] = at(place.angleDeg, r(place.backlashMm));
          return place.setAside ? (
            <g key={place.angleDeg} className={classes.aside}>
              <path d={`M${x - 7} ${y - 7}l14 14m0 -14l-14 14`} />
              <text
                x={x < C ? x - 11 : x + 11}
                y={y + (y < C ? -6 : 16)}
                textAnchor={x < C ? "end" : "start"}
              >
                {place.tooth > 0 ? `tooth ${place.tooth}` : `${place.angleDeg}°`}
              </text>
            </g>
          ) : (
            <circle key={place.angleDeg} cx={x} cy={y} r={5} className={classes.read} />
          );
        })}
        <path d={`M${tx} ${ty}L${lx} ${ly}`} className={classes.tight} />
        <text
          x={labelX}
          y={ly < C ? ly - 17 : ly + 13}
          textAnchor={lx < C - 40 ? "end" : lx > C + 40 ? "start" : "middle"}
          className={classes.tightText}
        >
          <tspan x={labelX}>tightest</tspan>
          <tspan x={labelX} dy="14">
            {map.smallestMm.toFixed(3)} mm
          </tspan>
        </text>
      </svg>
      <figcaption>
        Backlash in mm outward from the hub, 0° at the top, clockwise. Dots are readings.
      </figcaption>
    </figure>
  );
}

function niceStep(high: number): number {
  const raw = high / 3;
  const power = 10 ** Math.floor(Math.log10(raw));
  const share = raw / power;
  return (share < 1.5 ? 1 : share < 3.5 ? 2 : share < 7.5 ? 5 : 10) * power;
}
