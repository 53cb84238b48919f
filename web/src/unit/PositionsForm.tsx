import { Button, Checkbox, NativeSelect, TextInput } from "@mantine/core";
import type { GearPosition } from "../api/types";
import { Panel } from "../shared/Panel";
import classes from "./Unit.module.css";
import { through, type UnitFields } from "./UnitForm.model";

interface Props {
  fields: UnitFields;
  errors: Record<string, string | undefined>;
  change: (part: Partial<UnitFields>) => void;
}

const OUTPUTS = ["1", "2", "3", "4"];

/** Positions of the levers, or the ways to several outputs, each with the stages that carry the load in it. */
export function PositionsForm({ fields, errors, change }: Props) {
  const { positions, stages } = fields;
  const set = (place: number, position: GearPosition) =>
    change({ positions: positions.map((p, i) => (i === place ? position : p)) });
  return (
    <Panel title="Gear positions and outputs" aside="only with levers, or with two outputs">
      {positions.length === 0 && (
        <p>
          Every stage always carries the load, to one output. With levers, name each position and tick what it
          goes through; with two outputs, name the way to each and give each its own output.
        </p>
      )}
      {positions.map((position, place) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: positions are told apart by their place
        <fieldset key={place} className={classes.position}>
          <legend>Position {place + 1}</legend>
          <TextInput
            label="Name, as at the lever, or the output"
            value={position.name}
            error={errors[`positions[${place}].name`]}
            onChange={(e) => set(place, { ...position, name: e.currentTarget.value })}
          />
          <div className={classes.through}>
            {stages.map((_, i) => (
              <Checkbox
                // biome-ignore lint/suspicious/noArrayIndexKey: stages are told apart by their place
                key={i}
                label={`stage ${i + 1}`}
                checked={position.stages.includes(i + 1)}
                onChange={(e) => set(place, through(position, i + 1, e.currentTarget.checked))}
              />
            ))}
          </div>
          {positions.length > 1 && (
            <NativeSelect
              label="Leads to output"
              data={OUTPUTS}
              value={String(position.output ?? 1)}
              error={errors[`positions[${place}].output`]}
              onChange={(e) => {
                const output = Number(e.currentTarget.value);
                set(place, { ...position, output: output === 1 ? undefined : output });
              }}
            />
          )}
          <Button
            variant="default"
            aria-label={`Take position ${place + 1} away`}
            onClick={() => change({ positions: positions.filter((_, i) => i !== place) })}
          >
            Take it away
          </Button>
          {errors[`positions[${place}].stages`] && (
            <p className={classes.fault}>{errors[`positions[${place}].stages`]}</p>
          )}
        </fieldset>
      ))}
      <Button
        variant="default"
        onClick={() => change({ positions: [...positions, { name: "", stages: [] }] })}
      >
        Add a gear position
      </Button>
    </Panel>
  );
}
