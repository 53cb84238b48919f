import { NativeSelect, TextInput } from "@mantine/core";
import { MeasureInput } from "../shared/MeasureInput";
import { t } from "../wording/en";
import type { ScrewsFields } from "./StepDetail.model";
import classes from "./Strip.module.css";

const mm = () => ({ text: "", unit: "mm" });

/** How the screws of all sets stand: it decides the order in which Build tightens them. */
export function Screws({
  value: s,
  count,
  errors,
  onChange,
}: {
  value: ScrewsFields;
  count: number;
  errors: Record<string, string | undefined>;
  onChange: (screws: ScrewsFields) => void;
}) {
  const at = "detail.screws.";
  const change = (part: Partial<ScrewsFields>) => onChange({ ...s, ...part });
  const places = Array.from({ length: count }, (_, i) => s.places[i] ?? { across: mm(), up: mm() });
  const arrange = (arrangement: ScrewsFields["arrangement"]) =>
    change({ arrangement, places: arrangement === "MEASURED" ? places : s.places });
  return (
    <fieldset className={classes.fastened}>
      <NativeSelect
        className={classes.all}
        label="The screws stand"
        description="Build draws them so, and which after which."
        value={s.arrangement || "CIRCLE"}
        error={errors["detail.screws"] ?? errors.screws}
        data={Object.entries(t.screws).map(([value, label]) => ({ value, label }))}
        onChange={(e) => arrange(e.currentTarget.value as ScrewsFields["arrangement"])}
      />
      {(s.arrangement === "FRAME" || s.arrangement === "ROWS") && (
        <>
          <TextInput
            label={s.arrangement === "FRAME" ? "Screws along the top" : "Screws in a row"}
            inputMode="numeric"
            value={s.across}
            error={errors[`${at}across`]}
            onChange={(e) => change({ across: e.currentTarget.value })}
          />
          <TextInput
            label={s.arrangement === "FRAME" ? "Down a side, with the corners" : "Rows"}
            inputMode="numeric"
            value={s.up}
            error={errors[`${at}up`]}
            onChange={(e) => change({ up: e.currentTarget.value })}
          />
          <MeasureInput
            label="From one to the next across"
            units={["mm", "in"]}
            value={s.pitchAcross}
            error={errors[`${at}pitchAcross`]}
            onChange={(pitchAcross) => change({ pitchAcross })}
          />
          <MeasureInput
            label="From one to the next down"
            units={["mm", "in"]}
            value={s.pitchUp}
            error={errors[`${at}pitchUp`]}
            onChange={(pitchUp) => change({ pitchUp })}
          />
        </>
      )}
      {s.arrangement === "MEASURED" &&
        places.map((place, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a screw has no name but its number
          <div key={i} className={classes.screwPlace}>
            <MeasureInput
              label={`Screw ${i + 1}, from the left`}
              units={["mm", "in"]}
              value={place.across}
              error={errors[`${at}places[${i}].across`]}
              onChange={(across) =>
                change({ places: places.map((p, k) => (k === i ? { ...p, across } : p)) })
              }
            />
            <MeasureInput
              label={`Screw ${i + 1}, from below`}
              units={["mm", "in"]}
              value={place.up}
              error={errors[`${at}places[${i}].up`]}
              onChange={(up) => change({ places: places.map((p, k) => (k === i ? { ...p, up } : p)) })}
            />
          </div>
        ))}
    </fieldset>
  );
}
