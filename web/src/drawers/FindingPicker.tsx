import type { DrawerEntries, DrawerField, EnteredNumber } from "../api/types";
import classes from "./Drawers.module.css";
import { WearFlank } from "./WearFlank";

interface Props {
  field: DrawerField | undefined;
  entries: DrawerEntries;
  set: (part: Record<string, EnteredNumber>) => void;
}

/** What is seen is chosen by its picture; the ring below shows which teeth. */
export function FindingPicker({ field, entries, set }: Props) {
  const mode = entries.fields.mode?.text ?? "";
  return (
    <div className={classes.findings}>
      <div className={classes.modes} role="group" aria-label="It looks like">
        {field?.choices.map((choice) => (
          <button
            key={choice.value}
            type="button"
            aria-pressed={choice.value === mode}
            onClick={() => set({ mode: { text: choice.value, unit: "" } })}
          >
            <WearFlank mode={choice.value} />
            {choice.words}
          </button>
        ))}
      </div>
      <ToothRing
        teeth={Number(entries.fields.teeth?.text)}
        first={Number(entries.fields.firstTooth?.text)}
        hit={Number(entries.fields.teethHit?.text)}
      />
    </div>
  );
}

const R = 62;

/** The teeth of the gear by number, the damaged ones marked. */
function ToothRing({ teeth, first, hit }: { teeth: number; first: number; hit: number }) {
  if (!(teeth >= 4 && teeth <= 200)) {
    return null;
  }
  const step = (2 * Math.PI) / teeth;
  const tooth = (k: number): string => {
    const middle = k * step - Math.PI / 2;
    const corner = (share: number, radius: number) =>
      `${(80 + radius * Math.cos(middle + share * step)).toFixed(2)} ${(80 + radius * Math.sin(middle + share * step)).toFixed(2)}`;
    return `M${corner(-0.32, R - 7)}L${corner(-0.16, R + 6)}L${corner(0.16, R + 6)}L${corner(0.32, R - 7)}Z`;
  };
  const isHit = (k: number) => (k - (first - 1) + teeth) % teeth < hit;
  return (
    <figure className={classes.ring}>
      <svg viewBox="0 0 160 160" role="img" aria-label={`${hit} damaged teeth from tooth ${first} on`}>
        <circle cx={80} cy={80} r={R - 8} className={classes.metalLine} />
        {Array.from({ length: teeth }, (_, k) => k).map((k) => (
          <path key={k} d={tooth(k)} className={isHit(k) ? classes.hitTooth : classes.soundTooth} />
        ))}
        <text x={80} y={30 + 14} textAnchor="middle" className={classes.letter}>
          1
        </text>
        <text x={80} y={84} textAnchor="middle" className={classes.letter}>
          {hit} of {teeth}
        </text>
      </svg>
      <figcaption>Tooth 1 is the marked one; count clockwise seen from the hub side.</figcaption>
    </figure>
  );
}
