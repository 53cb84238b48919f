import { NativeSelect, TextInput } from "@mantine/core";
import { MeasureInput } from "../shared/MeasureInput";
import classes from "./Unit.module.css";
import type { StageFields } from "./UnitForm.model";

interface Props {
  place: number;
  fields: StageFields;
  errors: Record<string, string>;
  onChange: (part: Partial<StageFields>) => void;
}

/** One stage: two gears that share module, pressure angle, helix and face width. */
export function StageFieldsForm({ place, fields, errors, onChange }: Props) {
  const error = (name: keyof StageFields) => errors[`stages[${place}].${name}`];
  const plain = (
    name: "pinionTeeth" | "wheelTeeth" | "pressureAngleDeg" | "helixAngleDeg" | "pinionShift" | "wheelShift",
    label: string,
    unit?: string,
  ) => (
    <TextInput
      label={label}
      inputMode="decimal"
      value={fields[name]}
      error={error(name)}
      rightSection={unit}
      onChange={(e) => onChange({ [name]: e.currentTarget.value })}
    />
  );
  return (
    <div className={classes.fields}>
      {plain("pinionTeeth", "Pinion teeth")}
      {plain("wheelTeeth", "Wheel teeth")}
      <MeasureInput
        label="Module or pitch"
        units={["module", "DP"]}
        value={fields.module}
        error={error("module")}
        onChange={(module) => onChange({ module })}
      />
      {plain("pressureAngleDeg", "Pressure angle", "°")}
      <TextInput
        label="Helix angle"
        description="0 or empty for a spur gear"
        inputWrapperOrder={["label", "input", "description", "error"]}
        inputMode="decimal"
        value={fields.helixAngleDeg}
        error={error("helixAngleDeg")}
        rightSection="°"
        onChange={(e) => onChange({ helixAngleDeg: e.currentTarget.value })}
      />
      <NativeSelect
        label="Hand of the pinion"
        value={fields.pinionHand}
        error={error("pinionHand")}
        data={[
          { value: "NONE", label: "spur, no hand" },
          { value: "LEFT", label: "left" },
          { value: "RIGHT", label: "right" },
        ]}
        onChange={(e) => onChange({ pinionHand: e.currentTarget.value as StageFields["pinionHand"] })}
      />
      <MeasureInput
        label="Face width"
        units={["mm", "in"]}
        value={fields.faceWidth}
        error={error("faceWidth")}
        onChange={(faceWidth) => onChange({ faceWidth })}
      />
      <MeasureInput
        label="Centre distance"
        units={["mm", "in"]}
        value={fields.centreDistance}
        error={error("centreDistance")}
        onChange={(centreDistance) => onChange({ centreDistance })}
      />
      {plain("pinionShift", "Profile shift, pinion")}
      {plain("wheelShift", "Profile shift, wheel")}
    </div>
  );
}
