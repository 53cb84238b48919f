import { NativeSelect, TextInput } from "@mantine/core";
import type { DrawerField, EnteredNumber } from "../api/types";
import { MeasureInput } from "../shared/MeasureInput";

interface Props {
  field: DrawerField;
  value: EnteredNumber;
  error: string | undefined;
  onChange: (value: EnteredNumber) => void;
}

/** One described field, whatever its kind; readings have an input of their own. */
export function FieldInput({ field, value, error, onChange }: Props) {
  if (field.kind === "QUANTITY") {
    return (
      <MeasureInput
        label={field.label}
        hint={field.hint || undefined}
        units={field.units}
        error={error}
        value={value}
        onChange={onChange}
      />
    );
  }
  const common = {
    label: field.label,
    description: field.hint || undefined,
    inputWrapperOrder: ["label", "input", "description", "error"] as (
      | "label"
      | "input"
      | "description"
      | "error"
    )[],
    error,
    value: value.text,
  };
  return field.kind === "CHOICE" ? (
    <NativeSelect
      {...common}
      data={[
        ...(field.start === "" ? [{ value: "", label: "choose" }] : []),
        ...field.choices.map((c) => ({ value: c.value, label: c.words })),
      ]}
      onChange={(e) => onChange({ text: e.currentTarget.value, unit: "" })}
    />
  ) : (
    <TextInput
      {...common}
      inputMode={field.kind === "COUNT" ? "numeric" : "text"}
      autoComplete="off"
      onChange={(e) => onChange({ text: e.currentTarget.value, unit: "" })}
    />
  );
}
