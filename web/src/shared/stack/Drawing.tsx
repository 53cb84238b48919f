import type { KeyboardEvent } from "react";
import type { StackItem } from "../../api/types";
import { t } from "../../wording/en";
import { Half, oneSided } from "./glyphs";
import type { PlacedCase, PlacedMate, PlacedPart, StackLayout } from "./placed";
import classes from "./ShaftStack.module.css";

/** Where a part stands in a list: something is open, all is answered, something is bad. */
export type Mark = "open" | "done" | "bad";
const SIGNS = { open: "", done: "✓", bad: "✗" };

interface DrawingProps {
  layout: StackLayout;
  chosen: string | undefined;
  /** Chooses a part by hand or key; missing where the picture is only looked at. */
  onChoose?: ((key: string | undefined) => void) | undefined;
  onMove?: ((event: KeyboardEvent, from: number) => void) | undefined;
  marks?: Map<string, Mark> | undefined;
}

/** What is on the sheet, without its frame. */
export function Drawing({ layout, chosen, onChoose, onMove, marks }: DrawingProps) {
  const isChosen = layout.parts.some((p) => p.key === chosen);
  return (
    <>
      <Patterns />
      <Cases layout={layout} />
      {layout.chains.map((c) => (
        <path
          key={c.x}
          d={`M${c.x - 6} ${c.from} V${c.to} M${c.x + 6} ${c.from} V${c.to}`}
          className={classes.chain}
        />
      ))}
      {layout.shafts.map((shaft) => (
        <g key={shaft.name} className={shaft.isIn ? classes.IN_PLACE : classes.ON_BENCH}>
          <rect
            x={shaft.from}
            y={shaft.y - shaft.radius}
            width={shaft.to - shaft.from}
            height={shaft.radius * 2}
            className={classes.shaft}
          />
          <line
            x1={shaft.from - 10}
            x2={shaft.to + 10}
            y1={shaft.y}
            y2={shaft.y}
            className={classes.centre}
          />
          <text x={shaft.nameAt.x} y={shaft.nameAt.y} className={classes.name}>
            {shaft.name.replace(" shaft", "")}
          </text>
        </g>
      ))}
      {layout.mates.map((mate) => (
        <MateCircle key={`${mate.key}-${mate.x}`} mate={mate} onChoose={onChoose} />
      ))}
      {layout.slides.map(({ y, from, to }) => (
        <path
          key={from}
          className={classes.slide}
          d={`M${from + 6} ${y - 4} L${from} ${y} L${from + 6} ${y + 4} M${from} ${y} H${to} M${to - 6} ${y - 4} L${to} ${y} L${to - 6} ${y + 4}`}
        />
      ))}
      {layout.positions.map((p) => (
        <text key={p.stage} x={p.x} y={p.y} className={classes.position}>
          {p.text}
        </text>
      ))}
      {layout.parts.map((part, index) => (
        <Part
          key={part.key}
          part={part}
          chosen={part.key === chosen}
          tabbable={isChosen ? part.key === chosen : index === 0}
          onChoose={onChoose && (() => onChoose(part.key === chosen ? undefined : part.key))}
          onKey={onMove && ((event) => onMove(event, index))}
        />
      ))}
      {/* Above all parts, so that none hides the number of one behind it. */}
      {layout.parts.map(
        (part) =>
          part.labelY !== undefined && (
            <text
              key={part.key}
              x={part.labelX ?? part.x + part.width / 2}
              y={part.labelY}
              className={classes.number}
              data-mark={marks?.get(part.key)}
              aria-hidden
            >
              {part.item.number}
              {SIGNS[marks?.get(part.key) ?? "open"]}
            </text>
          ),
      )}
    </>
  );
}

/** Everything that is known of a part in one line. */
export function words(item: StackItem): string {
  const facts = [item.count > 1 ? `${item.count} × ${item.part}` : item.part, t.now[item.now]];
  if (item.number > 0) {
    facts.unshift(`step ${item.number}`);
  }
  if (item.wayRound) {
    facts.push(item.wayRound);
  }
  if (item.tray && (item.now === "ON_BENCH" || item.now === "TO_RENEW")) {
    facts.push(`tray ${item.tray}`);
  }
  return facts.join(" · ");
}

function Part(p: {
  part: PlacedPart;
  chosen: boolean;
  tabbable: boolean;
  onChoose: (() => void) | undefined;
  onKey: ((event: KeyboardEvent) => void) | undefined;
}) {
  const { part } = p;
  const acts = p.onChoose && {
    role: "button",
    tabIndex: p.tabbable ? 0 : -1,
    "aria-label": words(part.item),
    "aria-pressed": p.chosen,
    onClick: p.onChoose,
    onKeyDown: p.onKey,
  };
  const hatch = part.item.now === "IN_PLACE" || part.item.now === "REFITTED" || part.item.now === "RENEWED";
  const fill = hatch ? `url(#hatch-${part.item.now})` : "var(--paper)";
  const middle = part.x + part.width / 2;
  return (
    <g
      data-key={part.key}
      className={`${classes.part} ${classes[part.item.now]} ${p.chosen ? classes.chosen : ""}`}
      {...acts}
    >
      <title>{words(part.item)}</title>
      <g transform={`translate(0 ${part.y})`}>
        <Half part={part} hatch={fill} />
        {!oneSided(part) && (
          <g transform="scale(1 -1)">
            <Half part={part} hatch={fill} />
          </g>
        )}
        {part.item.now === "TO_RENEW" && (
          <path
            className={classes.cross}
            d={`M${part.x - 2} ${-part.outer - 2} L${part.x + part.width + 2} ${part.outer + 2}`}
          />
        )}
        {part.item.wayRound !== "" && (
          <path
            className={classes.way}
            d={`M${middle - 4} ${(oneSided(part) ? part.inner : part.outer) + 8} h8 l-4 -6 z`}
          />
        )}
        {gearLabel(part) && (
          <GearName x={middle} y={(part.outer + part.inner) / 2 + 10} text={gearLabel(part)} />
        )}
        {touchBands(part).map(([from, to]) => (
          <rect
            key={from}
            x={part.x - 3}
            y={from - 3}
            width={part.width + 6}
            height={to - from + 6}
            className={classes.touch}
          />
        ))}
      </g>
    </g>
  );
}

/** Where a finger finds a part: what is hollow leaves its middle to what stands in it. */
function touchBands({ item, inner, outer }: PlacedPart): [number, number][] {
  const hollow = ["PLANET", "RING", "RING_PINS", "DISC"].includes(item.role ?? "");
  return hollow
    ? [
        [-outer, -inner],
        [inner, outer],
      ]
    : [[-outer, outer]];
}

/** A wheel of a shaft that crosses this one, seen along its axis; the wheel itself stands on its own shaft. */
function MateCircle({ mate, onChoose }: { mate: PlacedMate; onChoose: ((key: string) => void) | undefined }) {
  const across = mate.y === mate.partnerY;
  const below = mate.y > mate.partnerY;
  const textY = across ? mate.y - mate.radius + 16 : mate.y + (below ? mate.radius * 0.5 : -mate.radius - 5);
  return (
    // biome-ignore lint/a11y: the wheel itself, on its own shaft, is the button; this is how it looks from here
    <g className={`${classes.mate} ${classes[mate.now]}`} onClick={() => onChoose?.(mate.key)}>
      <title>{`${mate.name}, on the ${mate.shaft}, seen along its axis`}</title>
      <circle cx={mate.x} cy={mate.y} r={mate.radius} />
      <circle cx={mate.x} cy={mate.y} r={mate.radius * 0.93} className="pitch" />
      <circle cx={mate.x} cy={mate.y} r={mate.hub} />
      <path
        d={`M${mate.x - mate.radius - 6} ${mate.y} H${mate.x + mate.radius + 6} M${mate.x} ${mate.y - mate.radius - 6} V${mate.y + mate.radius + 6}`}
        className={classes.centre}
      />
      <text x={mate.x} y={textY} className={classes.position}>
        {mate.shaft.replace(" shaft", "")}
      </text>
    </g>
  );
}

/** What is written into a gear: its teeth, or its name where that is no wider than the gear; empty where there is no room. */
function gearLabel({ item, outer, inner, width }: PlacedPart): string {
  const teeth = /z \d+/.exec(item.part)?.[0] ?? "";
  const name = item.part.replace(/ shaft/, "");
  if ((item.kind !== "GEAR" && item.role === undefined) || outer - inner <= 22) {
    return "";
  }
  return teeth || (name.length * 6.4 <= width ? name : "");
}

function GearName({ x, y, text }: { x: number; y: number; text: string }) {
  const width = text.length * 6.4 + 8;
  return (
    <>
      <rect x={x - width / 2} y={y - 16} width={width} height={13} className={classes.plate} />
      <text x={x} y={y - 6} className={classes.gear}>
        {text}
      </text>
    </>
  );
}

/** Each case in section: two walls with their holes left open, floor and roof. */
function Cases({ layout }: { layout: StackLayout }) {
  const bars = (box: PlacedCase, side: "left" | "right") => {
    const edges = [box.top, ...box.holes.flatMap((h) => [h.y - h[side], h.y + h[side]]), box.bottom];
    return Array.from(
      { length: edges.length / 2 },
      (_, i) => [edges[2 * i] ?? 0, edges[2 * i + 1] ?? 0] as const,
    );
  };
  return (
    <g className={classes.case}>
      {layout.cases.map((box) => (
        <g key={`${box.left}-${box.top}`}>
          {(["left", "right"] as const).map((side) =>
            bars(box, side).map(([from, to]) => (
              <rect
                key={`${side}-${from}`}
                x={side === "left" ? box.left - layout.wall : box.right}
                y={from}
                width={layout.wall}
                height={Math.max(0, to - from)}
              />
            )),
          )}
          <rect x={box.left} y={box.top} width={box.right - box.left} height={7} />
          <rect x={box.left} y={box.bottom - 7} width={box.right - box.left} height={7} />
        </g>
      ))}
    </g>
  );
}

function Patterns() {
  const lines: [string, string][] = [
    ["IN_PLACE", "var(--ink-soft)"],
    ["REFITTED", "var(--blue)"],
    ["RENEWED", "var(--good)"],
    ["case", "var(--rule)"],
  ];
  return (
    <defs>
      {lines.map(([name, colour]) => (
        <pattern
          key={name}
          id={`hatch-${name}`}
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform={name === "case" ? "rotate(-45)" : "rotate(45)"}
        >
          <rect width="5" height="5" fill="var(--paper)" />
          <line x1="0" y1="0" x2="0" y2="5" stroke={colour} strokeWidth={name === "RENEWED" ? 2 : 1} />
        </pattern>
      ))}
    </defs>
  );
}
