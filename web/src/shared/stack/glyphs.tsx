import type { PlacedPart } from "./placed";

/**
 * The upper half of a part in section, drawn about the centre line y = 0 with the outside up; the lower half is its
 * mirror image. Each kind has the outline a mechanic knows from a section drawing.
 */
export function Half({ part, hatch }: { part: PlacedPart; hatch: string }) {
  const { x, width: w, inner, outer } = part;
  const top = -outer;
  const h = outer - inner;
  const body = { x, y: top, width: w, height: h };
  if (part.item.role && part.item.role !== "DRIVER" && part.item.role !== "DRIVEN") {
    return <Wheel part={part} hatch={hatch} />;
  }
  switch (part.item.kind) {
    case "GEAR":
      return (
        <>
          <rect {...body} fill={hatch} />
          <line x1={x - 4} x2={x + w + 4} y1={top + h * 0.16} y2={top + h * 0.16} className="pitch" />
        </>
      );
    case "BEARING":
      return (
        <Bearing
          {...body}
          hatch={hatch}
          taper={/taper|roller/i.test(part.item.part)}
          outward={leansLeft(part)}
        />
      );
    case "COVER":
    case "HOUSING":
      return <path d={coverPath(part)} fill={hatch} />;
    case "WORM":
      return (
        <>
          <rect {...body} fill={hatch} />
          <path
            d={[0, 1, 2, 3, 4]
              .map((i) => `M${x + (w / 5) * i} ${-inner} L${x + (w / 5) * (i + 1)} ${top}`)
              .join(" ")}
            fill="none"
          />
        </>
      );
    case "RING_GEAR":
      return (
        <>
          <rect x={x} y={top} width={w} height={h * 0.4} fill={hatch} />
          <line x1={x - 4} x2={x + w + 4} y1={top + h * 0.34} y2={top + h * 0.34} className="pitch" />
        </>
      );
    case "CARRIER":
      return (
        <>
          <rect {...body} fill={hatch} />
          <rect x={x - 5} y={top + h * 0.3} width={w + 10} height={h * 0.26} fill="var(--paper)" />
        </>
      );
    case "CAM_DISC":
      return (
        <>
          <rect {...body} fill={hatch} />
          <circle cx={x + w / 2} cy={top + h * 0.5} r={Math.min(w, h) * 0.22} fill="var(--paper)" />
        </>
      );
    case "ECCENTRIC":
      return (
        <>
          <rect {...body} fill={hatch} />
          <line x1={x - 3} x2={x + w + 3} y1={-h * 0.3} y2={-h * 0.3} className="pitch" />
        </>
      );
    case "BUSH":
      return <rect {...body} fill={hatch} />;
    case "COLLET":
      return (
        <path
          d={`M${x} ${-inner} V${top} H${x + w * 0.4} V${-inner} Z M${x + w * 0.6} ${-inner} V${top} H${x + w} V${-inner} Z`}
          fill={hatch}
        />
      );
    case "PAWL":
      return (
        <path
          d={`M${x} ${-inner} L${x + w * 0.3} ${top} L${x + w} ${top + h * 0.35} L${x + w * 0.55} ${top + h * 0.45} L${x + w * 0.5} ${-inner} Z`}
          fill={hatch}
        />
      );
    case "PLUNGER":
      return (
        <path
          d={`M${x} ${top} H${x + w} V${-inner - h * 0.3} Q${x + w / 2} ${-inner + 3} ${x} ${-inner - h * 0.3} Z`}
          fill={hatch}
        />
      );
    case "FELT":
      return <rect {...body} fill={hatch} strokeDasharray="1.5 1.5" />;
    case "LEVER":
      return (
        <path
          d={`M${x + w * 0.3} ${-inner} L${x + w * 0.42} ${top} H${x + w * 0.58} L${x + w * 0.7} ${-inner} Z M${x + w * 0.15} ${top} a${w * 0.35} ${w * 0.35} 0 1 1 ${w * 0.7} 0 Z`}
          fill={hatch}
        />
      );
    case "COUPLING":
      return (
        <path
          d={`M${x} ${-inner} V${-inner - h * 0.45} H${x + w * 0.7} V${top} H${x + w} V${-inner} Z`}
          fill={hatch}
        />
      );
    case "SEAL":
      return (
        <>
          <path d={`M${x} ${top} H${x + w} M${x + w / 2} ${top} V${-inner - h * 0.4}`} fill="none" />
          <path
            d={`M${x + w / 2} ${-inner - h * 0.4} L${x + 2} ${-inner} L${x + w - 2} ${-inner - h * 0.25}`}
            fill="none"
          />
          <rect {...body} fill="transparent" />
        </>
      );
    case "SHIM":
      return <Leaves {...body} count={Math.min(part.item.count, 5)} />;
    case "GASKET":
      return <rect {...body} fill={hatch} strokeDasharray="2 2" />;
    case "O_RING":
      return <circle cx={x + w / 2} cy={-inner - w / 2} r={w / 2} fill={hatch} />;
    case "NUT":
      return (
        <path
          d={`M${x} ${-inner} V${top + 3} L${x + 3} ${top} H${x + w - 3} L${x + w} ${top + 3} V${-inner} Z M${x} ${-inner - h / 2} H${x + w}`}
          fill="none"
        />
      );
    case "TAB_WASHER":
      return (
        <path
          d={`M${x} ${-inner} V${top} L${x + w + 5} ${top - 3} M${x + w} ${-inner} V${top + 3} Z M${x} ${-inner} H${x + w}`}
          fill="none"
        />
      );
    case "KEY":
      return (
        <path
          d={`M${x} ${-inner * 0.5} V${-inner - 3} H${x + w} V${-inner * 0.5} Z M${x} ${-inner - 3} L${x + w} ${-inner * 0.5}`}
          fill="none"
        />
      );
    case "SPACER":
      return (
        <path
          d={`M${x} ${-inner} V${top} H${x + w} V${-inner} Z M${x} ${-inner} L${x + w} ${top}`}
          fill="none"
        />
      );
    case "CIRCLIP":
      return <rect x={x} y={top} width={w} height={outer - inner * 0.75} fill={hatch} />;
    case "SPRING":
      return <path d={springPath(x, w, -inner - h / 2, h / 2)} fill="none" />;
    case "BALL":
      return <circle cx={x + w / 2} cy={-inner - w / 2} r={w / 2} fill="none" />;
    case "ROLLER":
      return <rect x={x} y={-inner - 9} width={w} height={9} rx={2} fill="none" />;
    case "COTTER_PIN":
      return <path d={`M${x} ${-inner} q${w / 2} ${-h * 2} ${w} 0`} fill="none" />;
    default:
      return <rect {...body} fill="none" />;
  }
}

/** Drawn once: a part at one place of the circumference, and a thread, whose turns pass behind its axis. */
export const oneSided = (part: PlacedPart) =>
  part.item.role ? part.item.role === "WORM" || part.item.role === "SCREW" : isAtOnePlace(part);

const isAtOnePlace = (part: PlacedPart) =>
  ["KEY", "BALL", "SPRING", "ROLLER", "PIN", "COTTER_PIN", "PAWL", "PLUNGER", "LEVER"].includes(
    part.item.kind,
  );

const leansLeft = (part: PlacedPart) => part.item.side === "LEFT";

/** Rings hatched while it is in the unit, rolling body plain: a ball, or a taper roller that leans with its side. */
function Bearing(p: {
  x: number;
  y: number;
  width: number;
  height: number;
  hatch: string;
  taper: boolean;
  outward: boolean;
}) {
  const ring = p.height * 0.27;
  const middle = p.height - 2 * ring;
  const lean = p.outward ? 1.5 : -1.5;
  return (
    <>
      <rect x={p.x} y={p.y} width={p.width} height={p.height} fill="var(--paper)" />
      {p.hatch.startsWith("url") && (
        <>
          <rect x={p.x} y={p.y} width={p.width} height={ring} fill={p.hatch} />
          <rect x={p.x} y={p.y + p.height - ring} width={p.width} height={ring} fill={p.hatch} />
        </>
      )}
      {p.taper ? (
        <path
          d={`M${p.x + 4} ${p.y + ring - lean} L${p.x + p.width - 4} ${p.y + ring + lean} V${p.y + ring + middle + lean} L${p.x + 4} ${p.y + ring + middle - lean} Z`}
          fill="var(--paper)"
        />
      ) : (
        <circle
          cx={p.x + p.width / 2}
          cy={p.y + p.height / 2}
          r={Math.max(2.5, middle / 2)}
          fill="var(--paper)"
        />
      )}
    </>
  );
}

/** Flange outside, spigot towards the wall. */
function coverPath({ x, width: w, inner, outer, item }: PlacedPart): string {
  const plate = w * 0.5;
  const spigot = -outer + 5;
  const bottom = -inner - 1.5;
  return item.side === "RIGHT"
    ? `M${x} ${bottom} V${spigot} H${x + w - plate} V${-outer} H${x + w} V${bottom} Z`
    : `M${x + w} ${bottom} V${spigot} H${x + plate} V${-outer} H${x} V${bottom} Z`;
}

function Leaves(p: { x: number; y: number; width: number; height: number; count: number }) {
  const pitch = p.width / p.count;
  return (
    <>
      {Array.from({ length: p.count }, (_, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: leaves of one pack are told apart by their place only
        <rect key={i} x={p.x + i * pitch} y={p.y} width={pitch - 1.2} height={p.height} fill="none" />
      ))}
    </>
  );
}

/** A wheel of the papers that is no plain gear, in section. */
function Wheel({ part, hatch }: { part: PlacedPart; hatch: string }) {
  const { x, width: w, inner, outer, second = inner } = part;
  const body = { x, y: -outer, width: w, height: outer - inner };
  const pitch = (y: number) => <line x1={x - 4} x2={x + w + 4} y1={-y} y2={-y} className="pitch" />;
  switch (part.item.role) {
    case "BEVEL_PINION":
    case "BEVEL_WHEEL": {
      const boss = Math.min(10, w / 2);
      const hub = inner + (outer - inner) * 0.4;
      return (
        <g transform={part.isMirrored ? `translate(${2 * x + w} 0) scale(-1 1)` : undefined}>
          <path
            d={`M${x} ${-inner} V${-hub} L${x + boss} ${-outer} L${x + w} ${-second} V${-inner} Z`}
            fill={hatch}
          />
          <line x1={x + boss - 6} y1={-outer - 4} x2={x + w + 6} y2={-second + 4} className="pitch" />
        </g>
      );
    }
    case "WORM":
    case "SCREW": {
      const threads = Math.max(4, Math.round(w / 12));
      const step = w / threads;
      return (
        <>
          <rect x={x} y={-outer} width={w} height={2 * outer} fill="var(--paper)" />
          <path
            d={Array.from(
              { length: threads },
              (_, i) => `M${x + step * i} ${outer} L${x + step * (i + 0.7)} ${-outer}`,
            ).join(" ")}
            fill="none"
          />
          <path
            d={`M${x - 4} ${-outer * 0.84} H${x + w + 4} M${x - 4} ${outer * 0.84} H${x + w + 4}`}
            className="pitch"
          />
        </>
      );
    }
    case "WORM_WHEEL":
      return (
        <path
          d={`M${x} ${-inner} V${-outer - 4} Q${x + w / 2} ${-outer + 6} ${x + w} ${-outer - 4} V${-inner} Z`}
          fill={hatch}
        />
      );
    case "CARRIER":
      return (
        <>
          <rect x={x} y={-outer} width={9} height={outer - inner} fill={hatch} />
          <rect x={x + w - 9} y={-outer} width={9} height={outer - inner} fill={hatch} />
          <rect x={x} y={-second - 4} width={w} height={8} fill="var(--paper)" />
        </>
      );
    case "DISC": {
      const hole = Math.min(7, body.height * 0.16);
      const middle = -(inner + outer) / 2;
      return (
        <>
          <rect {...body} fill={hatch} />
          <rect x={x} y={middle - hole} width={w} height={2 * hole} fill="var(--paper)" />
        </>
      );
    }
    case "ECCENTRIC":
      return (
        <>
          <rect {...body} fill={hatch} />
          {pitch((inner + outer) / 2)}
        </>
      );
    case "RING":
      return (
        <>
          <rect {...body} fill={hatch} />
          {pitch(inner + 2)}
        </>
      );
    case "RING_PINS":
      return <rect {...body} rx={3} fill="var(--paper)" />;
    case "PLANET":
      return (
        <>
          <rect {...body} fill={hatch} />
          {pitch(outer - 2)}
          {pitch(inner + 2)}
        </>
      );
    default:
      return (
        <>
          <rect {...body} fill={hatch} />
          {pitch(outer - 2)}
        </>
      );
  }
}

function springPath(x: number, w: number, y: number, h: number): string {
  const step = w / 6;
  const points = Array.from({ length: 7 }, (_, i) => `${x + i * step} ${y + (i % 2 === 0 ? -h / 2 : h / 2)}`);
  return `M${points.join(" L")}`;
}
