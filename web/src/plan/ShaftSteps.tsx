import { Button, Checkbox } from "@mantine/core";
import { useState } from "react";
import { MeasureInput } from "../shared/MeasureInput";
import { emptySection, type SectionFields } from "./Case.model";
import classes from "./Plan.module.css";

interface Props {
  steps: SectionFields[];
  errors: Record<string, string | undefined>;
  onChange: (steps: SectionFields[]) => void;
}

const MOST = 12;

/** The steps of a shaft from left to right: each with its diameter, its length, and the bore of the inner wall in which it runs. */
export function ShaftSteps({ steps, errors, onChange }: Props) {
  const change = (place: number, part: Partial<SectionFields>) =>
    onChange(steps.map((s, i) => (i === place ? { ...s, ...part } : s)));
  // Most shafts run in the outer walls only: the fields wait until somebody says that there is one inside.
  const [inWalls, setInWalls] = useState(steps.some((s) => s.wallBore.text.trim() !== ""));
  const showWalls = (shown: boolean) => {
    setInWalls(shown);
    if (!shown) {
      onChange(steps.map((s) => ({ ...s, wallBore: emptySection().wallBore })));
    }
  };
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
            {inWalls && (
              <MeasureInput
                label={`Inner wall at step ${i + 1}, bore`}
                hint="empty where it runs in none"
                units={["mm", "in"]}
                value={step.wallBore}
                error={errors[`detail.envelope.steps[${i}].wallBore`]}
                onChange={(wallBore) => change(i, { wallBore })}
              />
            )}
          </div>
        </div>
      ))}
      <Checkbox
        label="It runs in an inner wall of the case"
        checked={inWalls}
        onChange={(e) => showWalls(e.currentTarget.checked)}
      />
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
