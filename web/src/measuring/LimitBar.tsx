import classes from "./Measuring.module.css";

interface Props {
  value: number;
  uncertainty: number;
  /** Smallest and largest reading. */
  from: number;
  to: number;
  least: number;
  mostNew: number;
  renew: number;
  unit: string;
}

const W = 420;
const H = 74;
/** Room two tick labels need side by side. */
const APART = 96;
const ROW = 16;
const SIDE = 14;

/** The reading with its uncertainty on a scale with the band of a new pair and the renewal limit. */
export function LimitBar({ value, uncertainty, from, to, least, mostNew, renew, unit }: Props) {
  const highest = Math.max(renew * 1.15, to * 1.1, value + uncertainty);
  const x = (v: number) => SIDE + (Math.max(0, v) / highest) * (W - 2 * SIDE);
  const digits = unit === "%" ? 0 : 2;
  // The band of a new pair is narrow: its two labels lean away from each other.
  const ticks: [number, string, "start" | "middle" | "end"][] = [
    [least, least === 0 ? "0" : "least", x(least) < 74 ? "start" : "end"],
    [mostNew, unit === "%" ? "watch" : "new to", least === 0 ? "middle" : "start"],
    [renew, "renew", x(renew) > W - 50 ? "end" : "middle"],
  ];
  const narrow = x(mostNew) - x(least) < APART && least > 0 && x(least) < 74;
  return (
    <svg viewBox={`0 0 ${W} ${narrow ? H + ROW : H}`} className={classes.bar} aria-hidden="true">
      <rect x={x(least)} y={34} width={x(mostNew) - x(least)} height={14} className={classes.bandNew} />
      <rect x={x(renew)} y={34} width={W - SIDE - x(renew)} height={14} className={classes.bandRenew} />
      <line x1={SIDE} x2={W - SIDE} y1={48} y2={48} className={classes.scale} />
      {ticks.map(([v, label, anchor], place) => (
        <g key={label}>
          <line
            x1={x(v)}
            x2={x(v)}
            y1={34}
            y2={narrow && place === 1 ? 54 + ROW : 54}
            className={classes.scale}
          />
          <text
            x={x(v) + (anchor === "start" ? 3 : anchor === "end" ? -3 : 0)}
            y={narrow && place === 1 ? 68 + ROW : 68}
            textAnchor={anchor}
          >
            {v === 0 ? "0" : `${label} ${v.toFixed(digits)}`}
          </text>
        </g>
      ))}
      <line x1={x(from)} x2={x(to)} y1={41} y2={41} className={classes.spread} />
      <line
        x1={x(value - uncertainty)}
        x2={x(value + uncertainty)}
        y1={26}
        y2={26}
        className={classes.reach}
      />
      <path d={`M${x(value)} 47 l-6 -14 h12 z`} className={classes.marker} />
      <text
        x={x(value)}
        y={18}
        textAnchor={x(value) > W - 60 ? "end" : x(value) < 60 ? "start" : "middle"}
        className={classes.markerText}
      >
        {value.toFixed(unit === "%" ? 1 : 3)} {unit}
      </text>
    </svg>
  );
}
