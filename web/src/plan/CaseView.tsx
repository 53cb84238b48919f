import { type ReactNode, useEffect, useRef } from "react";
import type { JobView, OpeningRequest, StackItem } from "../api/types";
import { outlineOf } from "./Case.model";
import classes from "./CaseView.module.css";
import { type Faces, sizeOf } from "./Layout.model";

interface Props {
  view: JobView;
  /** Steps that were tapped, the first first. */
  parts: string[];
  /** Name of the opening in hand. */
  opening: string | undefined;
  onPart: (stepId: string) => void;
  onOpening: (opening: OpeningRequest) => void;
  onNew: ((faces: Faces) => void) | undefined;
  /** What is said of what was tapped: it stands under the row of the part tapped last, else under the top. */
  hand: ReactNode;
}

const WALLS = {
  LEFT: "left wall",
  RIGHT: "right wall",
  TOP: "top",
  BOTTOM: "bottom",
  FRONT: "front",
  BACK: "back",
  UNSAID: "nobody said where",
} as const;

/** The case with its openings in the walls, and what sits on each shaft from left to right. */
export function CaseView({ view, parts, opening, onPart, onOpening, onNew, hand }: Props) {
  const openings = view.unit.layout.openings;
  const wall = (faces: Faces) => (
    <div className={classes.wall} data-wall={faces} role="group" aria-label={WALLS[faces]}>
      <span className={classes.wallName}>{WALLS[faces]}</span>
      {openings
        .filter((o) => (o.faces ?? "UNSAID") === faces)
        .map((o) => (
          <button
            key={o.name}
            type="button"
            className={classes.opening}
            aria-pressed={o.name === opening}
            onClick={() => onOpening(o)}
          >
            {o.name}
            <small>{sizeOf(o)}</small>
            <small>{o.closedBy ? `closed by ${o.closedBy}` : "always open"}</small>
          </button>
        ))}
      {onNew && faces !== "UNSAID" && (
        <button
          type="button"
          className={classes.add}
          aria-label={`+ opening, ${WALLS[faces]}`}
          onClick={() => onNew(faces)}
        >
          + opening
        </button>
      )}
    </div>
  );
  const chip = (item: StackItem) => {
    const at = item.stepId ? parts.indexOf(item.stepId) : -1;
    return (
      <button
        key={item.stepId}
        type="button"
        className={classes.part}
        aria-pressed={at >= 0}
        data-place={at >= 0 ? at + 1 : undefined}
        onClick={() => item.stepId && onPart(item.stepId)}
      >
        <b>{item.number}</b> {item.part}
      </button>
    );
  };
  const logged = (items: StackItem[]) => items.filter((i) => i.stepId !== undefined);
  const last = parts.at(-1);
  const isHere = (items: StackItem[]) => last !== undefined && items.some((i) => i.stepId === last);
  return (
    <section className={classes.root} aria-label="The case and its openings">
      {wall("TOP")}
      {hand && last === undefined && <Hand>{hand}</Hand>}
      {wall("LEFT")}
      <ol className={classes.inside}>
        {view.stack.shafts
          .filter((shaft) => logged(shaft.items).length > 0)
          .map((shaft) => {
            const items = logged(shaft.items);
            const own = view.steps.find(
              (s) => s.given.kind === "SHAFT" && items.some((i) => i.stepId === s.id),
            );
            const outline = outlineOf(own);
            return (
              <li key={shaft.name} aria-label={shaft.name}>
                <span className={classes.shaft}>{shaft.name}</span>
                {outline && (
                  <svg
                    viewBox={outline.walls ? "0 -8 100 46" : "0 0 100 30"}
                    data-walled={outline.walls ? "" : undefined}
                    preserveAspectRatio="none"
                    className={classes.outline}
                    role="img"
                    aria-label={`Steps of the ${own?.inWords}${outline.walls && ", in inner walls"}`}
                  >
                    <path d={outline.shaft} />
                    {outline.walls && <path d={outline.walls} data-wall="" />}
                  </svg>
                )}
                <span className={classes.row}>{items.map(chip)}</span>
                {hand && isHere(items) && <Hand>{hand}</Hand>}
              </li>
            );
          })}
        {logged(view.stack.housing).length > 0 && (
          <li aria-label="housing">
            <span className={classes.shaft}>housing</span>
            <span className={classes.row}>{logged(view.stack.housing).map(chip)}</span>
            {hand && isHere(view.stack.housing) && <Hand>{hand}</Hand>}
          </li>
        )}
      </ol>
      {wall("RIGHT")}
      {wall("BOTTOM")}
      {wall("FRONT")}
      {wall("BACK")}
      {openings.some((o) => (o.faces ?? "UNSAID") === "UNSAID") && wall("UNSAID")}
    </section>
  );
}

/** Where it is said; brought into sight when it opens. */
function Hand({ children }: { children: ReactNode }) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Some browsers answer with a promise, which an effect must not hand back.
    void box.current?.scrollIntoView?.({ block: "nearest" });
  }, []);
  return (
    <div ref={box} className={classes.hand}>
      {children}
    </div>
  );
}
