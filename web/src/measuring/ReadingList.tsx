import { IconX } from "@tabler/icons-react";
import type { EnteredNumber } from "../api/types";
import classes from "./Measuring.module.css";

interface Props {
  readings: EnteredNumber[];
  faults: (string | undefined)[];
  onRemove: (place: number) => void;
}

/** Readings so far, exactly as typed; a tap takes one out. */
export function ReadingList({ readings, faults, onRemove }: Props) {
  return (
    <ol className={classes.readings} aria-label="Readings">
      {readings.map((reading, place) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: readings are told apart by their place only
        <li key={place} data-bad={faults[place] !== undefined}>
          <button
            type="button"
            onClick={() => onRemove(place)}
            aria-label={`Take out reading ${place + 1}, ${reading.text} ${reading.unit}`}
          >
            <small>{place + 1}</small>
            {reading.text}
            <IconX size={14} aria-hidden />
          </button>
        </li>
      ))}
    </ol>
  );
}
