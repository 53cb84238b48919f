import { Autocomplete, Button, Checkbox, NativeSelect, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { MeasureInput } from "../shared/MeasureInput";
import { t } from "../wording/en";
import { emptyHeld, type HeldFields, heldAt } from "./Held.model";
import { Hole } from "./Hole";
import { feelsQuery } from "./queries";
import classes from "./Strip.module.css";

interface Props {
  sets: HeldFields[];
  errors: Record<string, string | undefined>;
  onChange: (sets: HeldFields[]) => void;
}

/** What held a part: any number of sets of screws, nuts or studs, tightened in one order. */
export function Held({ sets, errors, onChange }: Props) {
  return (
    <>
      <Checkbox
        label="Held by screws, a nut or studs"
        checked={sets.length > 0}
        onChange={(e) => onChange(e.currentTarget.checked ? [emptyHeld()] : [])}
      />
      {sets.map((set, place) => (
        <HeldSet
          // biome-ignore lint/suspicious/noArrayIndexKey: a set has no name but its place
          key={place}
          name={sets.length > 1 ? `Set ${place + 1} of ${sets.length}` : ""}
          value={set}
          at={heldAt(place)}
          errors={errors}
          onChange={(part) => onChange(sets.map((s, i) => (i === place ? { ...s, ...part } : s)))}
          onRemove={place === 0 ? undefined : () => onChange(sets.filter((_, i) => i !== place))}
        />
      ))}
      {sets.length > 0 && (
        <Button variant="default" onClick={() => onChange([...sets, emptyHeld()])}>
          Another set of screws on this part
        </Button>
      )}
    </>
  );
}

function HeldSet({
  name,
  value: h,
  at,
  errors,
  onChange,
  onRemove,
}: {
  name: string;
  value: HeldFields;
  at: string;
  errors: Record<string, string | undefined>;
  onChange: (part: Partial<HeldFields>) => void;
  onRemove: (() => void) | undefined;
}) {
  const feels = useQuery(feelsQuery).data ?? [];
  return (
    <fieldset className={classes.fastened}>
      {name && <legend>{name}</legend>}
      <TextInput
        label="How many"
        inputMode="numeric"
        value={h.count}
        error={errors[`${at}count`]}
        onChange={(e) => onChange({ count: e.currentTarget.value })}
      />
      <TextInput
        label="Thread"
        placeholder="M8, 3/8-16"
        value={h.thread}
        error={errors[`${at}thread`]}
        onChange={(e) => onChange({ thread: e.currentTarget.value })}
      />
      <MeasureInput
        label="Length"
        units={["mm", "in"]}
        value={h.length}
        error={errors[`${at}length`]}
        onChange={(length) => onChange({ length })}
      />
      <MeasureInput
        label="Torque"
        units={["N·m", "lbf·ft", "lbf·in"]}
        value={h.torque}
        error={errors[`${at}torque`]}
        onChange={(torque) => onChange({ torque })}
      />
      {h.torque.text !== "" && (
        <TextInput
          label="Torque from"
          placeholder="maker’s sheet"
          value={h.torqueSource}
          error={errors[`${at}torqueSource`]}
          onChange={(e) => onChange({ torqueSource: e.currentTarget.value })}
        />
      )}
      <Autocomplete
        label="How tight, without a figure"
        placeholder="finger tight"
        data={feels}
        value={h.byFeel}
        error={errors[`${at}byFeel`]}
        onChange={(byFeel) => onChange({ byFeel })}
      />
      <TextInput
        label="Drive"
        placeholder="hex 6"
        value={h.drive}
        error={errors[`${at}drive`]}
        onChange={(e) => onChange({ drive: e.currentTarget.value })}
      />
      <NativeSelect
        label="Locked by"
        value={h.locking}
        data={[
          { value: "", label: "not noted" },
          ...Object.entries(t.locking).map(([value, label]) => ({ value, label })),
        ]}
        onChange={(e) => onChange({ locking: e.currentTarget.value as HeldFields["locking"] })}
      />
      <Hole value={h} at={at} errors={errors} onChange={onChange} />
      <Checkbox
        className={classes.all}
        label="Left-hand thread: clockwise loosens"
        checked={h.leftHand}
        onChange={(e) => onChange({ leftHand: e.currentTarget.checked })}
      />
      {onRemove && (
        <Button variant="default" onClick={onRemove}>
          Take this set out
        </Button>
      )}
    </fieldset>
  );
}
