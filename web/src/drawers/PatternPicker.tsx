import type { DrawerEntries, EnteredNumber } from "../api/types";
import classes from "./Drawers.module.css";

interface Props {
  entries: DrawerEntries;
  set: (part: Record<string, EnteredNumber>) => void;
}

/** Where on a flank, 0 to 1 along the face from the near end and up from the root. */
const PLACES: Record<string, { words: string; spots: [number, number, number, number][] }> = {
  MIDDLE: { words: "middle", spots: [[0.5, 0.5, 0.26, 0.3]] },
  NEAR_END: { words: "near end", spots: [[0.15, 0.5, 0.13, 0.3]] },
  FAR_END: { words: "far end", spots: [[0.85, 0.5, 0.13, 0.3]] },
  TIP: { words: "tip", spots: [[0.5, 0.87, 0.36, 0.1]] },
  ROOT: { words: "root", spots: [[0.5, 0.13, 0.36, 0.1]] },
  BOTH_ENDS: {
    words: "both ends",
    spots: [
      [0.1, 0.5, 0.08, 0.32],
      [0.9, 0.5, 0.08, 0.32],
    ],
  },
  COMES_AND_GOES: {
    words: "comes and goes",
    spots: [
      [0.3, 0.4, 0.08, 0.12],
      [0.55, 0.65, 0.1, 0.12],
      [0.75, 0.35, 0.07, 0.1],
    ],
  },
};

/** Shape of the flank by kind of gear: corners near root, far root, far tip, near tip. */
const FLANKS: Record<string, [number, number][]> = {
  SPUR: [
    [10, 96],
    [170, 96],
    [170, 16],
    [10, 16],
  ],
  HELICAL: [
    [4, 96],
    [150, 96],
    [176, 16],
    [30, 16],
  ],
  STRAIGHT_BEVEL: [
    [10, 84],
    [170, 98],
    [170, 10],
    [10, 40],
  ],
  SPIRAL_BEVEL: [
    [10, 84],
    [170, 98],
    [170, 10],
    [10, 40],
  ],
  WORM: [
    [10, 96],
    [170, 96],
    [150, 16],
    [30, 16],
  ],
};

const ENDS: Record<string, [string, string]> = {
  SPUR: ["near end", "far end"],
  HELICAL: ["near end", "far end"],
  STRAIGHT_BEVEL: ["toe", "heel"],
  SPIRAL_BEVEL: ["toe", "heel"],
  WORM: ["entering", "leaving"],
};

/** The marking is chosen on two drawn flanks: tap where it shows. */
export function PatternPicker({ entries, set }: Props) {
  const kind = entries.fields.kind?.text ?? "SPUR";
  return (
    <div className={classes.flanks}>
      {(["drive", "coast"] as const).map((side) => (
        <Flank
          key={side}
          kind={kind}
          side={side}
          place={entries.fields[side]?.text ?? ""}
          onChoose={(place) => set({ [side]: { text: place, unit: "" } })}
        />
      ))}
    </div>
  );
}

function Flank(p: {
  kind: string;
  side: "drive" | "coast";
  place: string;
  onChoose: (place: string) => void;
}) {
  const corners = FLANKS[p.kind] ?? FLANKS.SPUR ?? [];
  const at = (along: number, up: number): [number, number] => {
    const [nearRoot, farRoot, farTip, nearTip] = corners as [
      [number, number],
      [number, number],
      [number, number],
      [number, number],
    ];
    const mix = (i: 0 | 1) =>
      nearRoot[i] * (1 - along) * (1 - up) +
      farRoot[i] * along * (1 - up) +
      farTip[i] * along * up +
      nearTip[i] * (1 - along) * up;
    return [mix(0), mix(1)];
  };
  const [near, far] = ENDS[p.kind] ?? ["near end", "far end"];
  const bow = p.kind === "SPIRAL_BEVEL" ? 14 : p.kind === "WORM" ? -16 : 0;
  const [a, b, c, d] = corners as [[number, number], [number, number], [number, number], [number, number]];
  const outline = `M${a}Q${(a[0] + b[0]) / 2} ${(a[1] + b[1]) / 2 - bow} ${b}L${c}Q${(c[0] + d[0]) / 2} ${(c[1] + d[1]) / 2 - bow} ${d}Z`;
  return (
    <figure className={classes.flank}>
      <figcaption>{p.side === "drive" ? "Drive flank" : "Coast flank"}</figcaption>
      <svg viewBox="0 0 180 112" aria-hidden="true">
        <path d={outline} className={classes.flankShape} />
        {PLACES[p.place]?.spots.map(([along, up, rx, ry]) => {
          const [x, y] = at(along, up);
          const [x2] = at(Math.min(1, along + rx), up);
          const [, y2] = at(along, Math.min(1, up + ry));
          return (
            <ellipse
              key={`${along}${up}`}
              cx={x}
              cy={y - bow * 0.4}
              rx={Math.abs(x2 - x)}
              ry={Math.abs(y2 - y)}
              className={classes.marking}
            />
          );
        })}
        <text x={2} y={110} className={classes.gridText}>
          {near}
        </text>
        <text x={178} y={110} textAnchor="end" className={classes.gridText}>
          {far}
        </text>
      </svg>
      <div className={classes.places} role="group" aria-label={`${p.side} flank shows it`}>
        {Object.entries(PLACES).map(([place, { words }]) => (
          <button
            key={place}
            type="button"
            aria-pressed={place === p.place}
            onClick={() => p.onChoose(place)}
          >
            {place === "NEAR_END" ? near : place === "FAR_END" ? far : words}
          </button>
        ))}
      </div>
    </figure>
  );
}
