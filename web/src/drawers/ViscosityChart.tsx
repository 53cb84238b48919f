import type { DrawerAnswer } from "../api/types";
import { fixed } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import classes from "./Drawers.module.css";
import { spread } from "./spread";

type Chart = NonNullable<DrawerAnswer["chart"]>;
type Point = Chart["sump"];

const WIDE = 640;
const HIGH = 400;
const LEFT = 78;
const RIGHT = 96;
const TOP = 16;
const FOOT = 44;

/** An oil on the scale that makes it a straight line: where it works, where it starts, and what is wanted. */
export function ViscosityChart({ chart }: { chart: Chart }) {
  const { preferences } = usePreferences();
  const across = between(
    chart.temperatures.map((t) => t.place),
    LEFT,
    WIDE - RIGHT,
  );
  const up = between(
    chart.viscosities.map((v) => v.place),
    HIGH - FOOT,
    TOP,
  );
  const say = (p: Point) =>
    `${fixed(p.viscosity, p.viscosity < 100 ? 1 : 0, preferences.decimal)} mm²/s at ${fixed(p.temperatureDegC, 0, preferences.decimal)} °C`;
  const names = spread(chart.oils.map((oil) => up(oil.hot.up)));
  const [least, most] = chart.wanted ?? [];
  return (
    <figure className={classes.chart}>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        role="img"
        aria-label={`Viscosity chart. Works at ${say(chart.sump)}, starts at ${say(chart.start)}.`}
      >
        {chart.temperatures.map((t) => (
          <g key={t.value}>
            <line
              x1={across(t.place)}
              x2={across(t.place)}
              y1={TOP}
              y2={HIGH - FOOT}
              className={classes.grid}
            />
            <text x={across(t.place)} y={HIGH - FOOT + 18} textAnchor="middle" className={classes.degree}>
              {fixed(t.value, 0, preferences.decimal)}°
            </text>
          </g>
        ))}
        {chart.viscosities.map((v) => (
          <g key={v.value}>
            <line x1={LEFT} x2={WIDE - RIGHT} y1={up(v.place)} y2={up(v.place)} className={classes.grid} />
            <text x={LEFT - 8} y={up(v.place) + 4} textAnchor="end" className={classes.degree}>
              {v.value.toLocaleString("fr").replaceAll(/\s/g, " ")}
            </text>
          </g>
        ))}
        <text x={LEFT} y={HIGH - 6} className={classes.degree}>
          temperature, °C; viscosity, mm²/s
        </text>
        {least && most && (
          <rect
            x={LEFT}
            width={WIDE - RIGHT - LEFT}
            y={up(most.up)}
            height={up(least.up) - up(most.up)}
            className={classes.wanted}
          />
        )}
        <clipPath id="viscosity-chart">
          <rect x={LEFT} y={TOP} width={WIDE - RIGHT - LEFT} height={HIGH - FOOT - TOP} />
        </clipPath>
        {chart.oils.map((oil, i) => (
          <g key={oil.name}>
            <line
              clipPath="url(#viscosity-chart)"
              x1={across(oil.cold.across)}
              y1={up(oil.cold.up)}
              x2={across(oil.hot.across)}
              y2={up(oil.hot.up)}
              className={i === 0 ? classes.oil : classes.otherOil}
            />
            <text
              x={WIDE - RIGHT + 6}
              y={(names[i] ?? 0) + 4}
              className={i === 0 ? classes.oilName : classes.degree}
            >
              {short(oil.name)}
            </text>
          </g>
        ))}
        <Spot x={across(chart.sump.across)} y={up(chart.sump.up)} name="sump" />
        <Spot x={across(chart.start.across)} y={up(chart.start.up)} name="start" />
      </svg>
      <figcaption>
        Works at {say(chart.sump)}; starts at {say(chart.start)}.
        {least &&
          most &&
          ` Wanted in the sump: ${fixed(least.viscosity, 0, preferences.decimal)} to ${fixed(most.viscosity, 0, preferences.decimal)} mm²/s, the band.`}{" "}
        The thin lines:{" "}
        {chart.oils
          .slice(1)
          .map((oil) => oil.name)
          .join(", ")}
        .
      </figcaption>
    </figure>
  );
}

/** As much of a name as stands beside the chart. */
const short = (name: string) => (name.length > 15 ? `${name.slice(0, 14)}…` : name);

function Spot({ x, y, name }: { x: number; y: number; name: string }) {
  return (
    <g>
      <circle cx={x} cy={y} r={6} className={classes.spot} />
      <text x={x + 10} y={y - 8} className={classes.oilName}>
        {name}
      </text>
    </g>
  );
}

/** Spreads places over a stretch of the picture, first to last. */
function between(places: number[], from: number, to: number) {
  const low = Math.min(...places);
  const high = Math.max(...places);
  return (place: number) => from + ((place - low) / (high - low)) * (to - from);
}
