import type { ReactNode } from "react";
import classes from "./Drawers.module.css";

/** A number from 0 to 1 that looks random and is always the same for i. */
const scatter = (i: number): number => {
  const wild = Math.sin((i + 1) * 12.9898) * 43758.5453;
  return wild - Math.floor(wild);
};

/** Repeatable scatter of spots, so that a picture looks alike every time. */
function spots(count: number, x0: number, y0: number, w: number, h: number, r: number): ReactNode {
  return Array.from({ length: count }, (_, i) => {
    const a = scatter(i);
    const b = scatter(i + 500);
    return (
      <ellipse
        // biome-ignore lint/suspicious/noArrayIndexKey: a fixed scatter
        key={i}
        cx={x0 + a * w}
        cy={y0 + b * h}
        rx={r * (0.6 + ((i * 17) % 10) / 14)}
        ry={r * (0.5 + ((i * 23) % 10) / 16)}
      />
    );
  });
}

const lines = (count: number, x0: number, y0: number, w: number, h: number, slant = 0): string =>
  Array.from({ length: count }, (_, i) => {
    const x = x0 + (w * (i + 0.5)) / count;
    const from = y0 + ((i * 29) % 17) / 17 / 4;
    return `M${x} ${from + h * (((i * 31) % 11) / 40)}l${slant} ${h * (0.6 + ((i * 13) % 7) / 20)}`;
  }).join("");

/** What each mode looks like on a flank 84 wide and 50 high: tip above, root below, pitch line across. */
const LOOKS: Record<string, ReactNode> = {
  POLISHING: <path className={classes.shine} d="M12 44L34 6M26 44L48 6M52 44L74 6" />,
  ABRASION: <path className={classes.scratch} d={lines(20, 4, 3, 76, 44)} />,
  NORMAL_WEAR: (
    <>
      <rect className={classes.wornBand} x={2} y={4} width={80} height={17} />
      <rect className={classes.wornBand} x={2} y={30} width={80} height={17} />
    </>
  ),
  CORROSION: <g className={classes.rust}>{spots(38, 3, 3, 78, 44, 2.6)}</g>,
  SCUFFING: (
    <>
      <rect className={classes.tornBand} x={14} y={3} width={22} height={20} />
      <rect className={classes.tornBand} x={44} y={28} width={28} height={19} />
      <path className={classes.scratch} d={`${lines(11, 14, 3, 22, 20)}${lines(13, 44, 28, 28, 19)}`} />
    </>
  ),
  MICROPITTING: <g className={classes.matt}>{spots(90, 8, 27, 68, 18, 1.5)}</g>,
  INITIAL_PITTING: <g className={classes.pit}>{spots(12, 20, 23, 44, 9, 1.5)}</g>,
  PROGRESSIVE_PITTING: <g className={classes.pit}>{spots(30, 6, 26, 72, 19, 3)}</g>,
  SPALLING: <path className={classes.crater} d="M18 26L34 22L52 25L60 32L50 43L30 44L20 37Z" />,
  CASE_CRUSHING: (
    <path
      className={classes.crack}
      d="M4 30L20 28L34 32L52 27L66 31L80 28M20 28L26 38L40 42L52 27M66 31L70 40"
    />
  ),
  ROLLING: (
    <>
      <path className={classes.lip} d="M2 4Q12 -2 22 4Q34 -3 44 4Q56 -2 66 4Q74 -1 82 4V8H2Z" />
      <path className={classes.crack} d="M2 26H82" />
    </>
  ),
  RIPPLING: (
    <path
      className={classes.scratch}
      d={[9, 15, 21, 27, 33, 39, 45].map((y) => `M4 ${y}q10 -4 19 0t19 0t19 0t19 0`).join("")}
    />
  ),
  BENDING_CRACK: <path className={classes.crack} d="M6 46Q24 42 42 44T78 42" />,
  BROKEN_TOOTH: (
    <>
      <path className={classes.gone} d="M2 2H82V30L66 34L54 28L40 35L24 29L12 34L2 30Z" />
      <path className={classes.beach} d="M30 48A14 12 0 0 1 58 48M22 48A22 16 0 0 1 66 48" />
    </>
  ),
  CHIPPED_END: <path className={classes.gone} d="M58 2H82V32L70 26L64 12Z" />,
  FEATHER_EDGE: (
    <path className={classes.lip} d="M2 6L8 1L14 5L22 0L30 5L38 1L46 5L54 0L62 5L70 1L76 5L82 1V7H2Z" />
  ),
  INDENTED: (
    <>
      <circle className={classes.crater} cx={30} cy={20} r={5} />
      <circle className={classes.rim} cx={30} cy={20} r={8} />
      <circle className={classes.crater} cx={58} cy={34} r={4} />
      <circle className={classes.rim} cx={58} cy={34} r={6.5} />
    </>
  ),
  MELTED: <path className={classes.wornBand} d="M2 12Q20 2 34 16T62 12T82 18V34Q66 44 50 34T20 38T2 30Z" />,
};

/** One flank, tip up, with what a mode leaves on it. */
export function WearFlank({ mode }: { mode: string }) {
  return (
    <svg viewBox="0 0 84 50" aria-hidden="true" className={classes.wearFlank}>
      <rect x={1} y={1} width={82} height={48} className={classes.flankShape} />
      <path d="M2 25H82" className={classes.pitchLine} />
      {LOOKS[mode]}
    </svg>
  );
}
