import { Button, Checkbox, NativeSelect, TextInput } from "@mantine/core";
import type { JobView, PartKind } from "../api/types";
import { MeasureInput } from "../shared/MeasureInput";
import { t } from "../wording/en";
import type { DetailFields, LooseFields } from "./StepDetail.model";
import type { Kinds } from "./StepForm.model";
import classes from "./Strip.module.css";

interface Props {
  view: JobView;
  kinds: Kinds;
  value: DetailFields;
  errors: Record<string, string | undefined>;
  onChange: (part: Partial<DetailFields>) => void;
}

/** A kind that is seldom loose, and was noted so all the same. */
const plain = (kind: PartKind) => kind.toLowerCase().replaceAll("_", " ");

const FIRST_LOOSE = Object.keys(t.loose)[0] as PartKind;

const choices = (words: Record<string, string>, none?: string) => [
  ...(none === undefined ? [] : [{ value: "", label: none }]),
  ...Object.entries(words).map(([value, label]) => ({ value, label })),
];

/** What a careful mechanic notes beyond: folded away, group by group, and open where something is noted. */
export function StepMore({ view, kinds, value: d, errors, onChange }: Props) {
  const text = (field: keyof DetailFields, label: string, placeholder?: string) => (
    <TextInput
      label={label}
      placeholder={placeholder}
      value={String(d[field])}
      error={errors[`detail.${field}`]}
      onChange={(e) => onChange({ [field]: e.currentTarget.value })}
    />
  );
  return (
    <div className={classes.more}>
      <Group
        title="How it came off"
        noted={!!(d.tool || d.position || d.minutes || d.people || d.hard || d.stuckTo)}
      >
        {text("tool", "Tool", "hex 6, two-leg puller")}
        {text("position", "Unit lies", "left side up")}
        {text("area", "Where", "bench, press")}
        {text("minutes", "Minutes")}
        {text("people", "People it took")}
        {text("hard", "Why it was hard", "seized on the shaft")}
        {text("stuckTo", "Came off stuck to", "spacer")}
        {text("subassembly", "Part of subassembly", "cluster")}
        <Checkbox
          className={classes.all}
          label="Left together on purpose"
          checked={d.leftAssembled ?? false}
          onChange={(e) => onChange({ leftAssembled: e.currentTarget.checked })}
        />
      </Group>
      <Group
        title="What must be right when it goes back"
        noted={
          !!(
            d.matchMark ||
            d.matchedWith ||
            d.positions ||
            d.check ||
            d.facingMatters ||
            (d.goesOn !== "" && d.goesOn !== "UNSAID")
          )
        }
      >
        {text("matchMark", "Match mark", "2 punch dots")}
        {text("matchedWith", "Matched with", "cup of the same side")}
        {text("positions", "Positions it fits in", "4")}
        <NativeSelect
          label="What goes on it"
          data={choices(t.goesOn)}
          value={d.goesOn || "UNSAID"}
          onChange={(e) => onChange({ goesOn: e.currentTarget.value as DetailFields["goesOn"] })}
        />
        {text("check", "Check before going on", "spins free")}
        <Checkbox
          className={classes.all}
          label="Two different faces: which way round matters"
          checked={d.facingMatters ?? false}
          onChange={(e) => onChange({ facingMatters: e.currentTarget.checked })}
        />
      </Group>
      <Group title="Missing, wrong, or another part from now on" noted={d.standing !== ""}>
        <NativeSelect
          label="Does what came off go back?"
          data={choices(t.standing, "it goes back, or a new one of it")}
          value={d.standing}
          onChange={(e) => onChange({ standing: e.currentTarget.value as DetailFields["standing"] })}
        />
        {d.standing !== "" && (
          <>
            <TextInput
              label="What belongs there"
              placeholder={d.standing === "MISSING" ? "the same" : "shear pin 1/4 in, soft"}
              value={d.belongsPart}
              error={errors["detail.belongs.part"]}
              onChange={(e) => onChange({ belongsPart: e.currentTarget.value })}
            />
            <NativeSelect
              label="Its kind"
              data={[
                { value: "", label: "the same" },
                ...kinds.map((k) => ({ value: k.kind, label: k.words })),
              ]}
              value={d.belongsKind}
              onChange={(e) =>
                onChange({ belongsKind: e.currentTarget.value as DetailFields["belongsKind"] })
              }
            />
            <TextInput
              label="Why: the earlier repair, the kit"
              placeholder="hardened pin let the gear break"
              value={d.belongsBecause}
              error={errors["detail.belongs.because"]}
              onChange={(e) => onChange({ belongsBecause: e.currentTarget.value })}
            />
          </>
        )}
      </Group>
      <Group title="Setting, spring, loose parts" noted={!!(d.settingName || d.energy || d.loose.length > 0)}>
        {text("settingName", "Setting here", "stop screw")}
        {text("settingValue", "Stands at", "14.35 mm out")}
        <Checkbox
          className={classes.all}
          label="Must stand there again"
          checked={d.settingKeep}
          onChange={(e) => onChange({ settingKeep: e.currentTarget.checked })}
        />
        <NativeSelect
          label="Stored energy"
          data={choices(t.stored, "none")}
          value={d.energy}
          onChange={(e) => onChange({ energy: e.currentTarget.value as DetailFields["energy"] })}
        />
        {text("madeSafe", "How it was made safe", "long guide screws")}
        <Loose loose={d.loose} errors={errors} onChange={(loose) => onChange({ loose })} />
        {text("notOriginal", "Earlier repair did wrong", "hardened pin fitted")}
      </Group>
      <Group title="Sizes" noted={!!(d.shape || d.massKg || d.thickness.text || d.teeth)}>
        <NativeSelect
          label="Shape, for passing openings"
          data={choices({ ROUND: "round", BOX: "box" }, "not measured")}
          value={d.shape}
          onChange={(e) => {
            const shape = e.currentTarget.value as DetailFields["shape"];
            // Only a box has a height of its own.
            onChange(shape === "BOX" ? { shape } : { shape, height: { ...d.height, text: "" } });
          }}
        />
        {d.shape !== "" && d.steps.length > 0 && (
          <p className={classes.all}>
            {`A shaft of ${d.steps.length} steps: correct them on the picture under “Order and openings”.`}
          </p>
        )}
        {d.shape !== "" && d.steps.length === 0 && (
          <>
            <MeasureInput
              label={d.shape === "ROUND" ? "Largest diameter" : "Width"}
              units={["mm", "in"]}
              value={d.width}
              error={errors["detail.envelope.width"]}
              onChange={(width) => onChange({ width })}
            />
            {d.shape === "BOX" && (
              <MeasureInput
                label="Height"
                units={["mm", "in"]}
                value={d.height}
                error={errors["detail.envelope.height"]}
                onChange={(height) => onChange({ height })}
              />
            )}
            <MeasureInput
              label="Length"
              units={["mm", "in"]}
              value={d.length}
              error={errors["detail.envelope.length"]}
              onChange={(length) => onChange({ length })}
            />
          </>
        )}
        <MeasureInput
          label="Bore"
          units={["mm", "in"]}
          value={d.bore}
          error={errors["detail.bore"]}
          onChange={(bore) => onChange({ bore })}
        />
        <MeasureInput
          label="Thickness of one"
          units={["mm", "in", "thou"]}
          value={d.thickness}
          error={errors["detail.thickness"]}
          onChange={(thickness) => onChange({ thickness })}
        />
        {text("drawn", "Pieces by the drawing")}
        {text("massKg", "Mass, kg")}
        {text("teeth", "Teeth")}
        {view.unit.layout.openings.length > 0 && (
          <fieldset className={classes.openings}>
            <legend>Leaves by (none ticked: any opening)</legend>
            {view.unit.layout.openings.map((o) => (
              <Checkbox
                key={o.name}
                label={o.name}
                checked={d.leavesBy.includes(o.name)}
                onChange={(e) =>
                  onChange({
                    leavesBy: e.currentTarget.checked
                      ? [...d.leavesBy, o.name]
                      : d.leavesBy.filter((n) => n !== o.name),
                  })
                }
              />
            ))}
          </fieldset>
        )}
      </Group>
    </div>
  );
}

interface LooseProps {
  loose: LooseFields[];
  errors: Record<string, string | undefined>;
  onChange: (loose: LooseFields[]) => void;
}

/** Balls, rollers, needles, springs that lie loose: any number of kinds, each with its counts. */
function Loose({ loose, errors, onChange }: LooseProps) {
  const change = (place: number, part: Partial<LooseFields>) =>
    onChange(loose.map((l, i) => (i === place ? { ...l, ...part } : l)));
  return (
    <>
      {loose.map((item, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: an item has no name but its place
        <fieldset key={i} className={classes.loose}>
          <legend>Loose items {loose.length > 1 && i + 1}</legend>
          <NativeSelect
            label="Kind"
            data={choices({ [item.kind]: plain(item.kind), ...t.loose }, "none: take this out")}
            value={item.kind}
            onChange={(e) =>
              e.currentTarget.value === ""
                ? onChange(loose.filter((_, place) => place !== i))
                : change(i, { kind: e.currentTarget.value as PartKind })
            }
          />
          {(["expected", "found"] as const).map((count) => (
            <TextInput
              key={count}
              label={count === "expected" ? "Should be" : "Found"}
              placeholder="24"
              inputMode="numeric"
              value={item[count]}
              error={errors[`detail.loose[${i}].${count}`]}
              onChange={(e) => change(i, { [count]: e.currentTarget.value })}
            />
          ))}
        </fieldset>
      ))}
      <Button
        className={classes.all}
        variant="default"
        onClick={() => onChange([...loose, { kind: FIRST_LOOSE, expected: "", found: "" }])}
      >
        {loose.length === 0 ? "Loose items" : "Another kind of loose items"}
      </Button>
    </>
  );
}

function Group({ title, noted, children }: { title: string; noted: boolean; children: React.ReactNode }) {
  return (
    <details className={classes.group} open={noted || undefined}>
      <summary>{title}</summary>
      <div className={classes.two}>{children}</div>
    </details>
  );
}
