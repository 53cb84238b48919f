import { Button, NativeSelect } from "@mantine/core";
import { type ClipboardEvent, useRef, useState } from "react";
import type { DrawerField, EnteredNumber } from "../api/types";
import { ReadingList } from "../measuring/ReadingList";
import { Fault } from "../shared/Caution";
import { MeasureInput } from "../shared/MeasureInput";
import classes from "./Drawers.module.css";
import { hasDecimalCommas, readingsOf } from "./sheet.model";

interface Props {
  field: DrawerField;
  readings: EnteredNumber[];
  errors: Record<string, string | undefined>;
  onChange: (readings: EnteredNumber[]) => void;
}

/** Readings go in one Enter each; a pasted column or a CSV file goes in whole. */
export function Readings({ field, readings, errors, onChange }: Props) {
  const [typed, setTyped] = useState("");
  const [unit, setUnit] = useState(readings[0]?.unit ?? field.units[0] ?? "");
  const box = useRef<HTMLDivElement>(null);
  const file = useRef<HTMLInputElement>(null);

  const add = (texts: string[]) => {
    const fresh = texts.map((text) => text.trim()).filter((text) => text !== "");
    if (fresh.length > 0) {
      onChange([...readings, ...fresh.map((text) => ({ text, unit }))]);
      setTyped("");
    }
    box.current?.querySelector("input")?.focus();
  };
  const paste = (event: ClipboardEvent) => {
    const text = event.clipboardData.getData("text");
    const column = readingsOf(text, hasDecimalCommas(text));
    if (column.length > 1) {
      event.preventDefault();
      add(column);
    }
  };
  const load = async (chosen: File | undefined) => {
    if (chosen) {
      const text = await chosen.text();
      add(readingsOf(text, hasDecimalCommas(text)));
    }
    if (file.current) {
      file.current.value = "";
    }
  };
  const faults = readings.map((_, i) => errors[`${field.name}[${i}]`]);
  return (
    <div className={classes.wide}>
      <div className={classes.reading} ref={box} onPaste={paste}>
        <MeasureInput
          large
          label={`${field.label} ${readings.length + 1}`}
          units={[unit]}
          hint={field.hint || undefined}
          value={{ text: typed, unit }}
          onChange={(v) => setTyped(v.text)}
          onEnter={() => add([typed])}
        />
        {field.units.length > 1 && (
          <NativeSelect
            label="in"
            aria-label={`unit of ${field.label}`}
            data={field.units}
            value={unit}
            onChange={(e) => {
              const to = e.currentTarget.value;
              setUnit(to);
              onChange(readings.map((r) => ({ ...r, unit: to })));
            }}
          />
        )}
        <Button size="lg" onClick={() => add([typed])} disabled={typed.trim() === ""}>
          Add ↵
        </Button>
      </div>
      <ReadingList
        readings={readings}
        faults={faults}
        onRemove={(place) => onChange(readings.filter((_, i) => i !== place))}
      />
      {[errors[field.name], ...faults].filter(Boolean).map((sentence) => (
        <Fault key={sentence}>{sentence}</Fault>
      ))}
      <div className={classes.small}>
        <button type="button" className={classes.link} onClick={() => file.current?.click()}>
          From a CSV file
        </button>
        <input
          ref={file}
          type="file"
          accept=".csv,.txt,text/csv,text/plain"
          hidden
          aria-label={`CSV file for ${field.label}`}
          onChange={(e) => void load(e.currentTarget.files?.[0])}
        />
        <span>or paste a column into the field</span>
        {readings.length > 0 && (
          <button type="button" className={classes.link} onClick={() => onChange([])}>
            Clear
          </button>
        )}
      </div>
    </div>
  );
}
