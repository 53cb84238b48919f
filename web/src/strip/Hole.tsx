import { NativeSelect, TextInput } from "@mantine/core";
import { MeasureInput } from "../shared/MeasureInput";
import { t } from "../wording/en";
import type { HeldFields } from "./Held.model";

type HoleFields = Pick<HeldFields, "hole" | "grip" | "depth" | "free" | "behind" | "into">;

interface Props {
  value: HoleFields;
  /** Where its faults are told. */
  at: string;
  errors: Record<string, string | undefined>;
  onChange: (part: Partial<HoleFields>) => void;
}

/** The hole a screw goes into: measured once, it tells what every look-alike would do in it. */
export function Hole({ value: h, at, errors, onChange }: Props) {
  return (
    <>
      <NativeSelect
        label="Its hole"
        value={h.hole}
        data={[
          { value: "", label: "not measured" },
          { value: "BLIND", label: "blind" },
          { value: "THROUGH", label: "goes through" },
        ]}
        onChange={(e) => {
          const hole = e.currentTarget.value as HoleFields["hole"];
          // Only behind a hole that goes through is there room.
          onChange(hole === "THROUGH" ? { hole } : { hole, free: { ...h.free, text: "" } });
        }}
      />
      {h.hole !== "" && (
        <>
          <MeasureInput
            label="Clamped thickness"
            units={["mm", "in"]}
            value={h.grip}
            error={errors[`${at}hole.grip`]}
            onChange={(grip) => onChange({ grip })}
          />
          <MeasureInput
            label={h.hole === "BLIND" ? "Depth of thread" : "Wall"}
            units={["mm", "in"]}
            value={h.depth}
            error={errors[`${at}hole.thread`]}
            onChange={(depth) => onChange({ depth })}
          />
          {h.hole === "THROUGH" && (
            <>
              <MeasureInput
                label="Free room behind"
                units={["mm", "in"]}
                value={h.free}
                error={errors[`${at}hole.free`]}
                onChange={(free) => onChange({ free })}
              />
              <TextInput
                label="What is behind"
                placeholder="cluster gear"
                value={h.behind}
                onChange={(e) => onChange({ behind: e.currentTarget.value })}
              />
            </>
          )}
          <NativeSelect
            label="Thread cut in"
            value={h.into}
            data={Object.entries(t.metals).map(([value, label]) => ({ value, label }))}
            onChange={(e) => onChange({ into: e.currentTarget.value as HoleFields["into"] })}
          />
        </>
      )}
    </>
  );
}
