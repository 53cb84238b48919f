import { Button, Checkbox, NativeSelect } from "@mantine/core";
import { type FormEvent, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView, StepView } from "../api/types";
import { useKeep } from "../job/bench";
import { Fault } from "../shared/Caution";
import { MeasureInput } from "../shared/MeasureInput";
import { type SizeFields, sizesOf, withSizes } from "./Case.model";
import classes from "./Plan.module.css";
import { ShaftSteps } from "./ShaftSteps";

interface Props {
  view: JobView;
  step: StepView;
  onDone: () => void;
}

/** The sizes of one part, as far as the way out hangs on them: the steps of a shaft, the bore of a hub. */
export function PartSizes({ view, step, onDone }: Props) {
  const isShaft = step.given.kind === "SHAFT";
  const [f, setFields] = useState<SizeFields>(() => sizesOf(step));
  // What somebody else keeps meanwhile is not written over: the server tells.
  const [seen] = useState(step.given.version);
  const change = (part: Partial<SizeFields>) => setFields({ ...f, ...part });
  const { keep, problem, busy } = useKeep(view.job.number);
  const errors = fieldErrors(problem);
  const shaft = view.steps.find((s) => s.given.kind === "SHAFT" && s.given.shaft === step.given.shaft);
  const seats = shaft?.given.detail?.envelope?.steps ?? [];
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const request = withSizes(step, f, seen);
    if (await keep("PUT", `/steps/${step.id}`, request, `sizes: ${step.given.part}`)) {
      onDone();
    }
  };
  return (
    <form className={classes.say} onSubmit={submit} aria-label={`Sizes of ${step.inWords}`}>
      <p className={classes.soft}>
        Sizes of <b>{step.inWords}</b>, as far as its way out hangs on them. To say which of two parts is off
        first, tap the other one too.
      </p>
      {problem && <Fault>{elsewhere(problem, Object.keys(errors)) ?? problem.detail}</Fault>}
      <NativeSelect
        label="Shape"
        value={f.shape}
        data={[
          { value: "", label: "not measured" },
          { value: "ROUND", label: isShaft ? "round, of one thickness" : "round" },
          ...(isShaft ? [{ value: "STEPPED", label: "shaft with steps" }] : []),
          { value: "BOX", label: "box" },
        ]}
        onChange={(e) => change({ shape: e.currentTarget.value as SizeFields["shape"] })}
      />
      {f.shape === "STEPPED" && (
        <ShaftSteps steps={f.steps} errors={errors} onChange={(steps) => change({ steps })} />
      )}
      {(f.shape === "ROUND" || f.shape === "BOX") && (
        <>
          <MeasureInput
            label={f.shape === "ROUND" ? "Largest diameter" : "Width"}
            units={["mm", "in"]}
            value={f.width}
            error={errors["detail.envelope.width"]}
            onChange={(width) => change({ width })}
          />
          {f.shape === "BOX" && (
            <MeasureInput
              label="Height"
              units={["mm", "in"]}
              value={f.height}
              error={errors["detail.envelope.height"]}
              onChange={(height) => change({ height })}
            />
          )}
          <MeasureInput
            label="Length"
            units={["mm", "in"]}
            value={f.length}
            error={errors["detail.envelope.length"]}
            onChange={(length) => change({ length })}
          />
        </>
      )}
      {!isShaft && step.given.shaft > 0 && (
        <MeasureInput
          label="Bore"
          hint="of a hub or ring on a shaft"
          units={["mm", "in"]}
          value={f.bore}
          error={errors["detail.bore"]}
          onChange={(bore) => change({ bore })}
        />
      )}
      {!isShaft && seats.length > 1 && (
        <NativeSelect
          label={`Sits on the ${shaft?.inWords}`}
          value={f.seat}
          data={[
            { value: "", label: "told by its bore" },
            ...seats.map((s, i) => ({
              value: String(i + 1),
              label: `step ${i + 1}: Ø${s.diameter.text} ${s.diameter.unit}`,
            })),
          ]}
          onChange={(e) => change({ seat: e.currentTarget.value })}
        />
      )}
      {view.unit.layout.openings.length > 0 && (
        <fieldset className={classes.sections}>
          <legend>Goes out by (none ticked: by any that it passes)</legend>
          {view.unit.layout.openings.map((o) => (
            <Checkbox
              key={o.name}
              label={o.name}
              checked={f.leavesBy.includes(o.name)}
              onChange={(e) =>
                change({
                  leavesBy: e.currentTarget.checked
                    ? [...f.leavesBy, o.name]
                    : f.leavesBy.filter((n) => n !== o.name),
                })
              }
            />
          ))}
        </fieldset>
      )}
      <Button type="submit" loading={busy}>
        Keep the sizes
      </Button>
    </form>
  );
}
