import type { EnteredNumber } from "../api/types";
import classes from "./Measuring.module.css";
import type { Subject } from "./pad.model";

/** A small drawing that shows where to put the tool. */
export function Where({
  subject,
  radius,
  teeth,
}: {
  subject: Subject;
  radius: EnteredNumber;
  teeth: string;
}) {
  return subject.kind === "SPAN" ? (
    <figure className={classes.where}>
      <svg viewBox="0 0 150 92" aria-hidden="true">
        <path
          className={classes.gearLine}
          d="M20 88 C24 70 27 66 30 58 h10 C43 68 44 72 48 78 C54 72 55 66 58 54 h11 C72 66 73 72 77 78 C82 72 84 66 86 54 h11 C100 66 101 70 105 78 C109 72 112 66 115 58 h10 C128 68 130 72 134 88"
        />
        <path className={classes.tool} d="M29 80 V22 M126 80 V22" />
        <path className={classes.dim} d="M29 14 H126 M35 10 l-6 4 l6 4 M120 10 l6 4 l-6 4" />
        <text x="77" y="11" textAnchor="middle">
          W
        </text>
      </svg>
      <figcaption>
        Jaws square over {teeth || "k"} teeth, at three places round the gear; wipe the flanks first.
      </figcaption>
    </figure>
  ) : (
    <figure className={classes.where}>
      <svg viewBox="0 0 150 92" aria-hidden="true">
        <path className={classes.gearLine} d="M8 90 A92 92 0 0 1 142 90" />
        <path className={classes.gearLine} d="M62 50 C64 40 66 34 69 28 h12 C84 34 86 40 88 50" />
        <path className={classes.tool} d="M86 40 H112" />
        <circle className={classes.tool} cx="128" cy="40" r="15" fill="none" />
        <path className={classes.tool} d="M128 40 L136 31" />
        <path className={classes.dim} d="M75 90 V40 M71 46 l4 -6 l4 6" />
        <text x="64" y="78" textAnchor="end">
          R
        </text>
      </svg>
      <figcaption>
        {subject.member === "WHEEL" ? "Pinion" : "Wheel"} locked. Stylus on a flank along the tangent, R{" "}
        {radius.text || "…"} {radius.unit} from the centre; rock, read, go on a quarter turn. Four or more.
      </figcaption>
    </figure>
  );
}
