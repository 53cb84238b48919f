import { Button, Checkbox, NativeSelect, TextInput } from "@mantine/core";
import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { request } from "../api/http";
import { elsewhere, fieldErrors, type Problem, ProblemError } from "../api/problem";
import type { UnitView } from "../api/types";
import { Fault } from "../shared/Caution";
import { MeasureInput } from "../shared/MeasureInput";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { useDraft } from "../shared/useDraft";
import { t } from "../wording/en";
import { OtherStages } from "./OtherStages";
import { unitKeys } from "./queries";
import { StageFieldsForm } from "./StageFieldsForm";
import classes from "./Unit.module.css";
import { emptyStage, emptyUnit, type StageFields, toRequest, type UnitFields } from "./UnitForm.model";

const SHOWN = ["tag", "name", "kind", "stages", "inputSpeedRpm", "inputPower"];

/** Describes a unit from its plate and its gears. */
export default function NewUnitPage() {
  const { preferences } = usePreferences();
  const lengthUnit = preferences.system === "metric" ? "mm" : "in";
  const draft = useDraft<UnitFields>("new-unit", emptyUnit(lengthUnit));
  const [problem, setProblem] = useState<Problem>();
  const [faults, setFaults] = useState<Record<string, string>>({});
  const navigate = useNavigate();
  const client = useQueryClient();
  const fields = draft.value;
  const errors = { ...fieldErrors(problem), ...faults };

  const stage = (place: number, part: Partial<StageFields>) =>
    draft.change({ stages: fields.stages.map((s, i) => (i === place ? { ...s, ...part } : s)) });

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const id = fields.id || crypto.randomUUID();
    const read = toRequest({ ...fields, id });
    setProblem(undefined);
    setFaults("faults" in read ? read.faults : {});
    if ("faults" in read) {
      return;
    }
    draft.change({ id });
    try {
      const unit = await request<UnitView>("POST", "/api/units", read.request, id);
      draft.clear(emptyUnit(lengthUnit));
      await client.invalidateQueries({ queryKey: unitKeys.all });
      await navigate(`/units/${unit.id}`);
    } catch (fault) {
      setProblem(
        fault instanceof ProblemError
          ? fault.problem
          : { status: 0, detail: "No connection. What you typed is kept here: try again.", fields: [] },
      );
      if (fault instanceof ProblemError) {
        draft.change({ id: "" });
      }
    }
  };

  const stray = elsewhere(problem, SHOWN);
  return (
    <form className={classes.form} onSubmit={submit}>
      <h1>Describe a new unit</h1>
      {stray && <Fault>{stray}</Fault>}
      {Object.keys(errors).length > 0 && !stray && (
        <Fault>Something is not right yet; each field says what. Nothing you typed is lost.</Fault>
      )}
      <Panel title="What it is">
        <div className={classes.fields}>
          <TextInput
            label="Tag"
            placeholder="on the machine"
            value={fields.tag}
            error={errors.tag}
            onChange={(e) => draft.change({ tag: e.currentTarget.value })}
          />
          <TextInput
            className={classes.wide}
            label="Name"
            placeholder="what it is, where it stands"
            value={fields.name}
            error={errors.name}
            onChange={(e) => draft.change({ name: e.currentTarget.value })}
          />
          <TextInput
            className={classes.wide}
            label="Kind of gearbox"
            placeholder="two-stage helical, foot-mounted"
            value={fields.kind}
            error={errors.kind}
            onChange={(e) => draft.change({ kind: e.currentTarget.value })}
          />
          <NativeSelect
            label="Duty"
            description="sets the wear limits"
            inputWrapperOrder={["label", "input", "description", "error"]}
            value={fields.duty}
            data={Object.entries(t.duties).map(([value, label]) => ({ value, label }))}
            onChange={(e) => draft.change({ duty: e.currentTarget.value as UnitFields["duty"] })}
          />
          <TextInput
            label="Input speed"
            rightSection="min⁻¹"
            rightSectionWidth={60}
            inputMode="decimal"
            value={fields.inputSpeedRpm}
            error={errors.inputSpeedRpm}
            onChange={(e) => draft.change({ inputSpeedRpm: e.currentTarget.value })}
          />
          <MeasureInput
            label="Input power, if known"
            units={["kW", "hp"]}
            value={fields.inputPower}
            error={errors.inputPower}
            onChange={(inputPower) => draft.change({ inputPower })}
          />
          <Checkbox
            className={classes.wide}
            label="Under the maker's warranty: opening needs the warrantor's reference"
            checked={fields.underWarranty}
            onChange={(e) => draft.change({ underWarranty: e.currentTarget.checked })}
          />
        </div>
      </Panel>
      {fields.stages.map((s, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: stages are told apart by their place from the input
        <Panel key={i} title={`Stage ${i + 1}`} aside={i === 0 ? "from the input" : undefined}>
          <StageFieldsForm place={i} fields={s} errors={errors} onChange={(part) => stage(i, part)} />
        </Panel>
      ))}
      <OtherStages
        stages={fields.otherStages}
        parallel={fields.stages.length}
        errors={errors}
        onChange={(otherStages) => draft.change({ otherStages })}
      />
      <div className={classes.actions}>
        {fields.stages.length < 6 && (
          <Button
            variant="default"
            onClick={() => draft.change({ stages: [...fields.stages, emptyStage(lengthUnit)] })}
          >
            Add a stage
          </Button>
        )}
        {fields.stages.length > (fields.otherStages.length > 0 ? 0 : 1) && (
          <Button variant="default" onClick={() => draft.change({ stages: fields.stages.slice(0, -1) })}>
            Take the last stage away
          </Button>
        )}
        <Button type="submit">Keep the unit</Button>
      </div>
    </form>
  );
}
