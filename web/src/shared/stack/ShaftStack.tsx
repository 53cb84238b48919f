import { IconMinus, IconPlus, IconPrinter } from "@tabler/icons-react";
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from "react";
import type { ShaftStackData, StackItem } from "../../api/types";
import { t } from "../../wording/en";
import { Drawing, type Mark, words } from "./Drawing";
import { layOut, WIDEST } from "./layout";
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
            minWidth: `max(${(layout.width > WIDEST ? 1000 : 520) * zoom}px, var(--least-share) * ${Math.min(layout.width, WIDEST) * zoom}px)`,
            maxHeight: zoom > 1 || scrolls ? "none" : Math.max(270, Math.min(layout.height, 310)),
          }}
          role="group"
          aria-label="Parts on their shafts"
        >
          <Drawing layout={layout} chosen={chosen} onChoose={onChoose} onMove={move} marks={marks} />
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

function Facts({ item }: { item: StackItem | undefined }) {
  return (
    <p className={classes.facts} role="status">
      {item ? words(item) : "Tap a part to see what is known of it."}
    </p>
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
