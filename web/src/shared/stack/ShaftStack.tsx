import { IconMinus, IconPlus, IconPrinter } from "@tabler/icons-react";
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from "react";
import type { ShaftStackData, StackItem } from "../../api/types";
import { t } from "../../wording/en";
import { Half, oneSided } from "./glyphs";
import { layOut, type PlacedCase, type PlacedMate, type PlacedPart, type StackLayout } from "./layout";
import classes from "./ShaftStack.module.css";

interface Props {
  stack: ShaftStackData;
  /** Key of the chosen part: its step id, or the key of a part in place. */
  chosen: string | undefined;
  onChoose: (key: string | undefined) => void;
  /** What is told of parts by their keys beside their numbers. */
  marks?: Map<string, Mark>;
  /** True where something else wants the height. */
  low?: boolean;
}

const TALLEST = 440;

/** Where a part stands in a list: something is open, all is answered, something is bad. */
export type Mark = "open" | "done" | "bad";
const SIGNS = { open: "", done: "✓", bad: "✗" };

/** What sits on which shaft and where each part is now: the picture at the head of every job. */
export function ShaftStack({ stack, chosen, onChoose, marks, low }: Props) {
  const layout = useMemo(() => layOut(stack), [stack]);
  const group = useRef<SVGSVGElement>(null);
  const [zoom, setZoom] = useState(1);
  const frame = useRef<HTMLDivElement>(null);
  // Many shafts are not shrunk until their numbers cannot be read: the picture keeps its size and scrolls.
  const scrolls = low || layout.height > TALLEST;
  // A low window on a tall picture follows the chosen part.
  useEffect(() => {
    const box = frame.current;
    const part = chosen && group.current?.querySelector(`[data-key="${CSS.escape(chosen)}"]`);
    if (scrolls && box && part) {
      const [outer, inner] = [box.getBoundingClientRect(), part.getBoundingClientRect()];
      box.scrollTop += (inner.top + inner.bottom) / 2 - (outer.top + outer.bottom) / 2;
      box.scrollLeft += (inner.left + inner.right) / 2 - (outer.left + outer.right) / 2;
    }
  }, [chosen, scrolls]);
  const chosenPart = layout.parts.find((p) => p.key === chosen);
  const housing = stack.housing.find((i) => i.stepId !== undefined && i.stepId === chosen);

  const move = (event: KeyboardEvent, from: number) => {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    const next =
      by === undefined ? undefined : layout.parts[(from + by + layout.parts.length) % layout.parts.length];
    if (next) {
      event.preventDefault();
      onChoose(next.key);
      group.current?.querySelector<SVGGElement>(`[data-key="${next.key}"]`)?.focus();
    } else if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      onChoose(layout.parts[from]?.key);
    }
  };

  return (
    <section className={classes.root} aria-label="Shaft stack" data-printable="stack">
      <div
        ref={frame}
        className={low ? classes.lowScroll : scrolls ? classes.tallScroll : classes.scroll}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a wide picture scrolls sideways on a narrow screen
        tabIndex={0}
        role="group"
        aria-label="Picture of the shafts"
      >
        <svg
          ref={group}
          viewBox={`0 0 ${layout.width} ${layout.height}`}
          className={classes.svg}
          style={{
            width: `${zoom * 100}%`,
            minWidth: (layout.width > 1000 ? 1000 : 620) * zoom,
            maxHeight: zoom > 1 || scrolls ? "none" : Math.max(270, Math.min(layout.height, 310)),
          }}
          role="group"
          aria-label="Parts on their shafts"
        >
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
              tabbable={chosenPart ? part.key === chosen : index === 0}
              onChoose={() => onChoose(part.key === chosen ? undefined : part.key)}
              onKey={(event) => move(event, index)}
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
        </svg>
      </div>
      <div className={classes.below} data-below>
        <Legend stack={stack} />
        <span className={classes.zoom}>
          <button
            type="button"
            aria-label="Smaller picture"
            disabled={zoom === 1}
            onClick={() => setZoom(Math.max(1, zoom - 0.5))}
          >
            <IconMinus size={20} aria-hidden />
          </button>
          <button
            type="button"
            aria-label="Larger picture"
            disabled={zoom === 3}
            onClick={() => setZoom(Math.min(3, zoom + 0.5))}
          >
            <IconPlus size={20} aria-hidden />
          </button>
          <button type="button" aria-label="Print the picture" onClick={() => printOnly("stack")}>
            <IconPrinter size={20} aria-hidden />
          </button>
        </span>
        {stack.housing.length > 0 && (
          <p className={classes.housing}>
            <b>housing</b>
            {stack.housing.map((item) => (
              <button
                type="button"
                key={item.stepId ?? item.part}
                className={`${classes.chip} ${classes[item.now]}`}
                aria-pressed={item.stepId === chosen && chosen !== undefined}
                onClick={() => onChoose(item.stepId === chosen ? undefined : item.stepId)}
              >
                {item.number > 0 ? `${item.number} ` : ""}
                {item.part}
              </button>
            ))}
          </p>
        )}
        {stack.meetings.some((m) => m.inWords !== "" && !m.isToSize) && (
          <p className={classes.facts}>
            {`Not to size, from counted teeth: stage ${stack.meetings
              .filter((m) => m.inWords !== "" && !m.isToSize)
              .map((m) => m.stage)
              .join(", ")}.`}
          </p>
        )}
        <Facts item={chosenPart?.item ?? housing} />
      </div>
    </section>
  );
}

/** Prints one part of the screen; the style sheet hides the rest while the mark is on the page. */
function printOnly(what: string) {
  document.body.dataset.print = what;
  window.addEventListener("afterprint", () => delete document.body.dataset.print, { once: true });
  window.print();
}

function words(item: StackItem): string {
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

function Facts({ item }: { item: StackItem | undefined }) {
  return (
    <p className={classes.facts} role="status">
      {item ? words(item) : "Tap a part to see what is known of it."}
    </p>
  );
}

function Part(p: {
  part: PlacedPart;
  chosen: boolean;
  tabbable: boolean;
  onChoose: () => void;
  onKey: (event: KeyboardEvent) => void;
}) {
  const { part } = p;
  const hatch = part.item.now === "IN_PLACE" || part.item.now === "REFITTED" || part.item.now === "RENEWED";
  const fill = hatch ? `url(#hatch-${part.item.now})` : "var(--paper)";
  const middle = part.x + part.width / 2;
  return (
    <g
      data-key={part.key}
      role="button"
      tabIndex={p.tabbable ? 0 : -1}
      aria-label={words(part.item)}
      aria-pressed={p.chosen}
      className={`${classes.part} ${classes[part.item.now]} ${p.chosen ? classes.chosen : ""}`}
      onClick={p.onChoose}
      onKeyDown={p.onKey}
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
function MateCircle({ mate, onChoose }: { mate: PlacedMate; onChoose: (key: string) => void }) {
  const across = mate.y === mate.partnerY;
  const below = mate.y > mate.partnerY;
  const textY = across ? mate.y - mate.radius + 16 : mate.y + (below ? mate.radius * 0.5 : -mate.radius - 5);
  return (
    // biome-ignore lint/a11y: the wheel itself, on its own shaft, is the button; this is how it looks from here
    <g className={`${classes.mate} ${classes[mate.now]}`} onClick={() => onChoose(mate.key)}>
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

const STATES = ["IN_PLACE", "ON_BENCH", "TO_RENEW", "REFITTED", "RENEWED"] as const;

function Legend({ stack }: { stack: ShaftStackData }) {
  const all = [
    ...stack.shafts.flatMap((s) => s.items),
    ...stack.meetings.flatMap((m) => m.members),
    ...stack.housing,
  ];
  return (
    <ul className={classes.legend}>
      {STATES.filter((now) => all.some((i) => i.now === now)).map((now) => (
        <li key={now}>
          <svg width="22" height="16" aria-hidden="true" className={classes[now]}>
            <rect
              x="2"
              y="2"
              width="18"
              height="12"
              fill={now === "ON_BENCH" || now === "TO_RENEW" ? "var(--paper)" : `url(#hatch-${now})`}
            />
            {now === "TO_RENEW" && <path className={classes.cross} d="M2 2 L20 14" />}
          </svg>
          {t.now[now]} <b>{all.filter((i) => i.now === now).length}</b>
        </li>
      ))}
    </ul>
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
