import classes from "./Build.module.css";

const SIZE = 132;
const PLACES: Record<number, [number, number][]> = {};

/** Places on a circle, clockwise from the top, by halving known directions: no angle is computed on the screen. */
function places(count: number): [number, number][] {
  const known = PLACES[count];
  if (known) {
    return known;
  }
  const path = document.createElementNS("http://www.w3.org/2000/svg", "path");
  path.setAttribute("d", "M0 -46 A46 46 0 0 1 0 46 A46 46 0 0 1 0 -46");
  const length = path.getTotalLength();
  const found = Array.from({ length: count }, (_, i): [number, number] => {
    const at = path.getPointAtLength((length * i) / count);
    return [at.x, at.y];
  });
  PLACES[count] = found;
  return found;
}

/** The screws of a flange with the order in which they are tightened. */
export function TighteningRing({ order }: { order: number[] }) {
  const at = places(order.length);
  const turn = (screw: number) => order.indexOf(screw) + 1;
  return (
    <svg
      viewBox={`${-SIZE / 2} ${-SIZE / 2} ${SIZE} ${SIZE}`}
      width={SIZE}
      height={SIZE}
      className={classes.ring}
      role="img"
      aria-label={`Tighten crosswise: ${order.join(", ")}, numbered round the flange`}
    >
      <circle r={46} className={classes.boltCircle} />
      <path d="M-62 0 H62 M0 -62 V62" className={classes.boltCircle} />
      {at.map(([x, y], i) => (
        <g key={`${x},${y}`} data-first={turn(i + 1) === 1}>
          <circle cx={x} cy={y} r={order.length > 12 ? 9 : 13} className={classes.bolt} />
          <text x={x} y={y + 5}>
            {turn(i + 1)}
          </text>
        </g>
      ))}
    </svg>
  );
}
