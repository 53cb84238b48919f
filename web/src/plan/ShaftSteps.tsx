import { Button } from "@mantine/core";
import type { EnteredNumber } from "../api/types";
import { MeasureInput } from "../shared/MeasureInput";
import { emptySection } from "./Case.model";
import classes from "./Plan.module.css";

interface Section {
  diameter: EnteredNumber;
  length: EnteredNumber;
}

interface Props {
  steps: Section[];
  errors: Record<string, string | undefined>;
  onChange: (steps: Section[]) => void;
}

const MOST = 12;

/** The steps of a shaft from left to right: each with its diameter and its length. */
export function ShaftSteps({ steps, errors, onChange }: Props) {
  const change = (place: number, part: Partial<Section>) =>
    onChange(steps.map((s, i) => (i === place ? { ...s, ...part } : s)));
  return (
    <fieldset className={classes.sections}>
      <legend>Steps of the shaft, from left to right; leave grooves and small shoulders out</legend>
      {steps.map((step, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a step has no name but its place
        <div key={i} className={classes.section}>
          <b>{i + 1}</b>
          <div className={classes.pair}>
            <MeasureInput
              label={`Diameter of step ${i + 1}`}
              units={["mm", "in"]}
              value={step.diameter}
              error={errors[`detail.envelope.steps[${i}].diameter`]}
              onChange={(diameter) => change(i, { diameter })}
            />
            <MeasureInput
              label={`Length of step ${i + 1}`}
              units={["mm", "in"]}
              value={step.length}
              error={errors[`detail.envelope.steps[${i}].length`]}
              onChange={(length) => change(i, { length })}
            />
          </div>
        </div>
      ))}
      <div className={classes.actions}>
        {steps.length < MOST && (
          <Button variant="default" onClick={() => onChange([...steps, emptySection()])}>
            One step more
          </Button>
        )}
        {steps.length > 1 && (
          <Button variant="default" onClick={() => onChange(steps.slice(0, -1))}>
            One step less
          </Button>
        )}
      </div>
    </fieldset>
  );
}
