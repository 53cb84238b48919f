import { Button, NativeSelect } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { request } from "../api/http";
import type { StageRequest } from "../api/types";
import { FieldInput } from "../drawers/FieldInput";
import { Panel } from "../shared/Panel";
import classes from "./Unit.module.css";
import { movedForward, startedStage, type UnitFields, withoutStage } from "./UnitForm.model";

interface Props {
  fields: UnitFields;
  /** Unit in which lengths are offered first. */
  unit: "mm" | "in";
  errors: Record<string, string | undefined>;
  change: (part: Partial<UnitFields>) => void;
}

/** Every stage of a unit from the input on, each described by what its kind asks for. */
export function StagesForm({ fields, unit, errors, change }: Props) {
  const kinds = useQuery({
    queryKey: ["stage-kinds"],
    queryFn: () => request("GET", "/api/units/stage-kinds"),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const { stages } = fields;
  const enter = (place: number, values: StageRequest["values"]) =>
    change({ stages: stages.map((s, i) => (i === place ? { ...s, values } : s)) });
  return (
    <>
      {stages.map((stage, place) => {
        const kind = kinds.data?.find((k) => k.kind === stage.kind);
        return (
          <Panel
            // biome-ignore lint/suspicious/noArrayIndexKey: stages are told apart by their place
            key={place}
            title={`Stage ${place + 1}: ${kind?.words ?? stage.kind}`}
            aside={place === 0 ? "at the input" : undefined}
          >
            <div className={classes.fields}>
              {kind?.fields.map((field) => (
                <FieldInput
                  key={field.name}
                  field={field}
                  value={stage.values[field.name] ?? { text: field.start, unit: field.units[0] ?? "" }}
                  error={errors[`stages[${place}].${field.name}`]}
                  onChange={(value) => enter(place, { ...stage.values, [field.name]: value })}
                />
              ))}
            </div>
            <div className={classes.order}>
              <Button
                variant="default"
                aria-label={`Take stage ${place + 1} away`}
                onClick={() => change(withoutStage(fields, place))}
              >
                Take it away
              </Button>
              {place > 0 && (
                <Button
                  variant="default"
                  aria-label={`Put stage ${place + 1} before stage ${place}`}
                  onClick={() => change(movedForward(fields, place))}
                >
                  Put it before stage {place}
                </Button>
              )}
            </div>
          </Panel>
        );
      })}
      <NativeSelect
        label={stages.length === 0 ? "Add a stage" : "Add another stage, behind the last"}
        value=""
        data={[
          { value: "", label: "what turns in it" },
          ...(kinds.data ?? []).map((k) => ({ value: k.kind, label: k.words })),
        ]}
        onChange={(e) => {
          const kind = kinds.data?.find((k) => k.kind === e.currentTarget.value);
          if (kind) {
            change({ stages: [...stages, startedStage(kind, unit)] });
          }
        }}
      />
    </>
  );
}
