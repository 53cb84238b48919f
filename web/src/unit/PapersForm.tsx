import { Button, Checkbox, NativeSelect, TextInput } from "@mantine/core";
import type { FormEvent } from "react";
import { elsewhere, fieldErrors, type Problem } from "../api/problem";
import { Fault } from "../shared/Caution";
import { MeasureInput } from "../shared/MeasureInput";
import { Panel } from "../shared/Panel";
import { t } from "../wording/en";
import { PositionsForm } from "./PositionsForm";
import { StagesForm } from "./StagesForm";
import classes from "./Unit.module.css";
import type { UnitFields } from "./UnitForm.model";

const SHOWN = ["tag", "name", "kind", "stages", "positions", "inputSpeedRpm", "inputPower"];

interface Props {
  title: string;
  action: string;
  fields: UnitFields;
  /** Unit in which lengths are offered first. */
  unit: "mm" | "in";
  problem: Problem | undefined;
  faults: Record<string, string>;
  change: (part: Partial<UnitFields>) => void;
  onSubmit: (event: FormEvent) => void;
}

/** The papers of a unit, of which only its kind, its tag and its name have to be known. */
export function PapersForm({ title, action, fields, unit, problem, faults, change, onSubmit }: Props) {
  const errors = { ...fieldErrors(problem), ...faults };
  const stray = problem?.status === 409 ? undefined : elsewhere(problem, SHOWN);
  return (
    <form className={classes.form} onSubmit={onSubmit}>
      <h1>{title}</h1>
      {stray && <Fault>{stray}</Fault>}
      {Object.keys(errors).length > 0 && !stray && (
        <Fault>Something is not right yet; each field says what. Nothing you typed is lost.</Fault>
      )}
      <Panel title="What it is">
        <div className={classes.fields}>
          <TextInput
            className={classes.wide}
            label="Kind of gearbox"
            description="In the words of the trade; it says what is looked at and how it is measured."
            inputWrapperOrder={["label", "input", "description", "error"]}
            placeholder="two-stage helical, foot-mounted"
            list="kinds-of-gearbox"
            value={fields.kind}
            error={errors.kind}
            onChange={(e) => change({ kind: e.currentTarget.value })}
          />
          <datalist id="kinds-of-gearbox">
            {t.unitKinds.map((kind) => (
              <option key={kind} value={kind} />
            ))}
          </datalist>
          <TextInput
            label="Tag"
            placeholder="on the machine"
            value={fields.tag}
            error={errors.tag}
            onChange={(e) => change({ tag: e.currentTarget.value })}
          />
          <TextInput
            className={classes.wide}
            label="Name"
            placeholder="what it is, where it stands"
            value={fields.name}
            error={errors.name}
            onChange={(e) => change({ name: e.currentTarget.value })}
          />
          <NativeSelect
            label="Duty"
            description="sets the wear limits"
            inputWrapperOrder={["label", "input", "description", "error"]}
            value={fields.duty}
            data={Object.entries(t.duties).map(([value, label]) => ({ value, label }))}
            onChange={(e) => change({ duty: e.currentTarget.value as UnitFields["duty"] })}
          />
          <TextInput
            label="Input speed, if known"
            rightSection="min⁻¹"
            rightSectionWidth={60}
            inputMode="decimal"
            value={fields.inputSpeedRpm}
            error={errors.inputSpeedRpm}
            onChange={(e) => change({ inputSpeedRpm: e.currentTarget.value })}
          />
          <MeasureInput
            label="Input power, if known"
            units={["kW", "hp"]}
            value={fields.inputPower}
            error={errors.inputPower}
            onChange={(inputPower) => change({ inputPower })}
          />
          <Checkbox
            className={classes.wide}
            label="Under the maker's warranty: opening needs the warrantor's reference"
            checked={fields.underWarranty}
            onChange={(e) => change({ underWarranty: e.currentTarget.checked })}
          />
        </div>
      </Panel>
      {fields.stages.length === 0 && (
        <p className={classes.lead}>
          Nothing of its inside has to be known yet: keep it as it is, and add what you count and measure when
          it is open. Open jobs follow the papers.
        </p>
      )}
      <StagesForm fields={fields} unit={unit} errors={errors} change={change} />
      {fields.stages.length > 1 && <PositionsForm fields={fields} errors={errors} change={change} />}
      <div className={classes.actions}>
        <Button type="submit">{action}</Button>
      </div>
    </form>
  );
}
