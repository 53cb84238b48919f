import { Button, NativeSelect } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { request } from "../api/http";
import type { OtherStage, StageKind } from "../api/types";
import { FieldInput } from "../drawers/FieldInput";
import { Panel } from "../shared/Panel";
import classes from "./Unit.module.css";

interface Props {
  stages: OtherStage[];
  /** How many parallel stages there are, to say where one stands among them. */
  parallel: number;
  errors: Record<string, string | undefined>;
  onChange: (stages: OtherStage[]) => void;
}

/** Worm, bevel, planetary, ring, chain, cycloidal and friction stages of a unit. */
export function OtherStages({ stages, parallel, errors, onChange }: Props) {
  const kinds = useQuery({
    queryKey: ["stage-kinds"],
    queryFn: () => request<StageKind[]>("GET", "/api/units/stage-kinds"),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const started = (kind: StageKind): OtherStage => ({
    after: parallel,
    kind: kind.kind,
    values: Object.fromEntries(kind.fields.map((f) => [f.name, { text: f.start, unit: f.units[0] ?? "" }])),
  });
  const change = (place: number, part: Partial<OtherStage>) =>
    onChange(stages.map((s, i) => (i === place ? { ...s, ...part } : s)));
  return (
    <>
      {stages.map((stage, place) => {
        const kind = kinds.data?.find((k) => k.kind === stage.kind);
        return (
          // biome-ignore lint/suspicious/noArrayIndexKey: stages are told apart by their place
          <Panel key={place} title={`Another stage: ${kind?.words ?? stage.kind}`}>
            <div className={classes.fields}>
              {parallel > 0 && (
                <NativeSelect
                  label="It stands"
                  value={String(stage.after)}
                  data={Array.from({ length: parallel + 1 }, (_, i) => ({
                    value: String(i),
                    label: i === 0 ? "at the input" : `behind parallel stage ${i}`,
                  }))}
                  onChange={(e) => change(place, { after: Number(e.currentTarget.value) })}
                />
              )}
              {kind?.fields.map((field) => (
                <FieldInput
                  key={field.name}
                  field={field}
                  value={stage.values[field.name] ?? { text: "", unit: field.units[0] ?? "" }}
                  error={errors[`otherStages[${place}].${field.name}`]}
                  onChange={(value) => change(place, { values: { ...stage.values, [field.name]: value } })}
                />
              ))}
            </div>
            <Button variant="default" onClick={() => onChange(stages.filter((_, i) => i !== place))}>
              Take this stage away
            </Button>
          </Panel>
        );
      })}
      <NativeSelect
        label="Add a stage of another kind"
        value=""
        data={[
          { value: "", label: "worm, bevel, planetary, ring, chain, cycloidal, friction, or teeth only" },
          ...(kinds.data ?? []).map((k) => ({ value: k.kind, label: k.words })),
        ]}
        onChange={(e) => {
          const kind = kinds.data?.find((k) => k.kind === e.currentTarget.value);
          if (kind) {
            onChange([...stages, started(kind)]);
          }
        }}
      />
    </>
  );
}
