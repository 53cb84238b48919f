import { Input, NativeSelect } from "@mantine/core";
import { type ReactNode, useId } from "react";
import type { EnteredNumber } from "../api/types";
import classes from "./MeasureInput.module.css";

interface Props {
  label: string;
  value: EnteredNumber;
  onChange: (value: EnteredNumber) => void;
  /** Units the tool may show; a single one is shown without a choice. */
  units: string[];
  error?: string | undefined;
  hint?: ReactNode;
  /** Called when Enter is pressed in the field. */
  onEnter?: () => void;
  large?: boolean;
  disabled?: boolean;
}

/** The one way a measured number is entered: kept as typed, point or comma, with its unit beside it. */
export function MeasureInput({
  label,
  value,
  onChange,
  units,
  error,
  hint,
  onEnter,
  large,
  disabled,
}: Props) {
  const id = useId();
  return (
    <Input.Wrapper
      size="md"
      id={id}
      label={label}
      description={hint}
      error={error}
      inputWrapperOrder={["label", "input", "description", "error"]}
    >
      <div className={classes.root}>
        <Input
          size="md"
          id={id}
          className={classes.number}
          classNames={large ? { input: classes.large } : undefined}
          value={value.text}
          inputMode="decimal"
          autoComplete="off"
          error={error !== undefined}
          aria-invalid={error !== undefined}
          aria-describedby={error ? `${id}-error` : hint ? `${id}-description` : undefined}
          disabled={disabled}
          onChange={(e) => onChange({ ...value, text: e.currentTarget.value })}
          onKeyDown={(e) => {
            if (e.key === "Enter" && onEnter) {
              e.preventDefault();
              onEnter();
            }
          }}
          rightSectionWidth={units.length === 1 ? 14 + 9 * (units[0]?.length ?? 0) : undefined}
          rightSection={units.length === 1 ? <span className={classes.unit}>{units[0]}</span> : undefined}
          rightSectionPointerEvents="none"
        />
        {units.length > 1 && (
          <NativeSelect
            className={classes.units}
            style={{ width: 70 + 9 * Math.max(...units.map((u) => u.length)) }}
            aria-label={`unit of ${label}`}
            data={units}
            value={value.unit}
            disabled={disabled}
            onChange={(e) => onChange({ ...value, unit: e.currentTarget.value })}
          />
        )}
      </div>
    </Input.Wrapper>
  );
}
