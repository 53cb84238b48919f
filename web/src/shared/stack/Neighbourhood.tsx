import { useMemo } from "react";
import type { ShaftStackData } from "../../api/types";
import { Drawing } from "./Drawing";
import { layOut } from "./layout";
import classes from "./ShaftStack.module.css";

/** Width of what is shown around one part, in the picture's own size. */
const AROUND = 270;
const ABOVE_AND_BELOW = 46;
const LOWEST = 130;

/** The part in hand with what stands beside it on its shaft; nothing for a part that sits on no shaft. */
export function Neighbourhood({ stack, stepId }: { stack: ShaftStackData; stepId: string }) {
  const layout = useMemo(() => layOut(stack), [stack]);
  const part = layout.parts.find((p) => p.key === stepId);
  if (!part) {
    return null;
  }
  const row = layout.parts.filter((p) => p.y === part.y && p.outer > 0).sort((one, other) => one.x - other.x);
  const at = row.indexOf(part);
  const [left, right] = [row[at - 1]?.item.part, row[at + 1]?.item.part];
  const high = Math.max(LOWEST, 2 * (part.outer + ABOVE_AND_BELOW));
  const from = part.x + part.width / 2 - AROUND / 2;
  const where = [left && `left of it ${left}`, right && `right of it ${right}`].filter(Boolean).join(", ");
  return (
    <figure className={classes.around}>
      <svg
        viewBox={`${from} ${part.y - high / 2} ${AROUND} ${high}`}
        className={classes.svg}
        role="img"
        aria-label={`Where it sits: ${where || "alone on its shaft"}`}
      >
        <g style={{ pointerEvents: "none" }}>
          <Drawing layout={layout} chosen={stepId} />
        </g>
      </svg>
      <figcaption>
        <b>{left && `← ${left}`}</b>
        <b>{right && `${right} →`}</b>
      </figcaption>
    </figure>
  );
}
