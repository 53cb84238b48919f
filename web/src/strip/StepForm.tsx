import { Button, Checkbox, NativeSelect, TextInput } from "@mantine/core";
import { type FormEvent, useRef, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { Condition, JobView, PartKind } from "../api/types";
import { useKeep } from "../job/bench";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { useDraft } from "../shared/useDraft";
import { t } from "../wording/en";
import { Held } from "./Held";
import { Screws } from "./Screws";
import { emptyDetail, onACircle } from "./StepDetail.model";
import {
  emptyStep,
  gearChoices,
  guessKind,
  type Kinds,
  ofKind,
  type StepFields,
  toRequest,
} from "./StepForm.model";
import { StepMore } from "./StepMore";
import classes from "./Strip.module.css";

interface Props {
  view: JobView;
  /** A kept step that is being changed; undefined for a new one. */
  editing: StepFields | undefined;
  /** Step that a new one comes right after; undefined puts it at the end. */
  after?: string | undefined;
  kinds: Kinds;
  shut: boolean;
  /** @param kept true when the step was kept, false when the form was left */
  onDone: (kept: boolean) => void;
}

const SHOWN = ["part", "count", "wayRound", "tray", "note", "shaft", "gear", "fastening", "detail"];
const LABELS = {
  part: "What came off",
  count: "Pieces",
  shaft: "Shaft",
  side: "Side",
  wayRound: "Way round",
  fastening: "Fastening",
  tray: "Tray",
  condition: "As found",
  note: "Note",
};

const FEWEST_IN_A_PATTERN = 3;

/** Screws of all sets together, as far as their number is typed. */
const screwsOf = (f: StepFields) =>
  f.held.reduce((sum, h) => sum + (/^\d{1,3}$/.test(h.count.trim()) ? Number(h.count) : 0), 0);

/** What came off, how many, from which shaft, which way round, and what held it. */
export function StepForm({ view, editing, after, kinds, shut, onDone }: Props) {
  const draft = useDraft<StepFields>(`step.${view.job.id}.${editing?.id ?? "new"}`, editing ?? emptyStep());
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const [faults, setFaults] = useState<Record<string, string>>({});
  const first = useRef<HTMLInputElement>(null);
  // A draft of an earlier version of the app may lack a detail.
  const f = {
    ...draft.value,
    held: draft.value.held ?? [],
    detail: { ...emptyDetail(), ...draft.value.detail },
  };
  const errors = { ...fieldErrors(problem), ...faults };
  const gears = gearChoices(view, editing?.id ?? "");

  const typePart = (part: string) => {
    const kind = guessKind(kinds, part);
    draft.change(kind && kind !== f.kind ? { part, ...ofKind(kinds, kind) } : { part });
  };
  const chooseGear = (gear: string) => {
    const choice = gears.find((g) => g.value === gear);
    draft.change(
      choice
        ? { gear, shaft: choice.shaft, side: "MIDDLE", part: f.part || choice.label.split(",")[0] || "" }
        : { gear },
    );
  };

  const save = async (version = f.version) => {
    const read = toRequest({ ...f, version });
    setFaults("faults" in read ? read.faults : {});
    if ("faults" in read) {
      return;
    }
    const id = f.id || crypto.randomUUID();
    const where = after && !f.id ? `?after=${after}` : "";
    if (await keep("PUT", `/steps/${id}${where}`, read.request, `step: ${f.part}`)) {
      draft.clear(emptyStep(f.tray, f.shaft, f.side));
      onDone(true);
      first.current?.focus();
    }
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void save();
  };

  const stray = problem?.status === 409 ? undefined : elsewhere(problem, SHOWN);
  const shafts = [
    ...view.unit.shafts.map((name, i) => ({ value: i + 1, name })),
    { value: 0, name: "housing" },
  ];
  return (
    <form
      className={classes.form}
      onSubmit={submit}
      aria-label={editing?.id ? `Change step ${editing.part}` : "New step"}
    >
      <fieldset disabled={shut} className={classes.fields}>
        {stray && <Fault>{stray}</Fault>}
        <div className={classes.line}>
          <TextInput
            ref={first}
            size="lg"
            label={f.id ? "Changing this step" : "What came off"}
            placeholder="oil seal, wheel …"
            value={f.part}
            error={errors.part}
            autoComplete="off"
            onChange={(e) => typePart(e.currentTarget.value)}
          />
          <Button type="submit" size="lg" loading={busy} disabled={shut}>
            {f.id ? "Keep the change" : "Keep ↵"}
          </Button>
        </div>
        <div className={classes.two}>
          <TextInput
            label="Pieces"
            inputMode="numeric"
            value={f.count}
            error={errors.count}
            onChange={(e) => draft.change({ count: e.currentTarget.value })}
          />
          <NativeSelect
            label="Kind"
            value={f.kind}
            data={kinds.map((k) => ({ value: k.kind, label: k.words }))}
            onChange={(e) => draft.change(ofKind(kinds, e.currentTarget.value as PartKind))}
          />
        </div>
        {f.kind === "GEAR" && (
          <NativeSelect
            label="Which gear of the papers"
            value={f.gear}
            error={errors.gear}
            data={[{ value: "", label: "none of them" }, ...gears]}
            onChange={(e) => chooseGear(e.currentTarget.value)}
          />
        )}
        <Choice
          label="Shaft"
          value={f.shaft}
          options={shafts.map((s) => ({ value: s.value, label: s.name.replace(" shaft", "") }))}
          onChange={(shaft) => draft.change({ shaft })}
        />
        {errors.shaft && <Fault>{errors.shaft}</Fault>}
        {f.shaft > 0 && (
          <Choice
            label="Side"
            value={f.side}
            options={(["LEFT", "MIDDLE", "RIGHT"] as const).map((s) => ({ value: s, label: t.sides[s] }))}
            onChange={(side) => draft.change({ side })}
          />
        )}
        <div className={classes.two}>
          <TextInput
            label="Way round"
            placeholder="chamfer inward"
            value={f.wayRound}
            error={errors.wayRound}
            onChange={(e) => draft.change({ wayRound: e.currentTarget.value })}
          />
          <TextInput
            label="Tray or bag"
            value={f.tray}
            error={errors.tray}
            onChange={(e) => draft.change({ tray: e.currentTarget.value })}
          />
        </div>
        <Held sets={f.held} errors={errors} onChange={(held) => draft.change({ held })} />
        {screwsOf(f) >= FEWEST_IN_A_PATTERN && (
          <Screws
            value={f.detail.screws ?? onACircle()}
            count={screwsOf(f)}
            errors={errors}
            onChange={(screws) => draft.change({ detail: { ...f.detail, screws } })}
          />
        )}
        <div className={classes.two}>
          <NativeSelect
            label="As found"
            value={f.condition}
            data={Object.entries(t.conditions).map(([value, label]) => ({ value, label }))}
            onChange={(e) => draft.change({ condition: e.currentTarget.value as Condition })}
          />
          <TextInput
            label="Note"
            value={f.note}
            error={errors.note}
            onChange={(e) => draft.change({ note: e.currentTarget.value })}
          />
        </div>
        <Checkbox
          label="Single use: a new one goes in"
          checked={f.singleUse}
          onChange={(e) => draft.change({ singleUse: e.currentTarget.checked })}
        />
        <StepMore
          view={view}
          kinds={kinds}
          value={f.detail}
          errors={errors}
          onChange={(part) => draft.change({ detail: { ...f.detail, ...part } })}
        />
        <Button
          variant="default"
          onClick={() => {
            draft.clear(editing ?? emptyStep(f.tray, f.shaft, f.side));
            onDone(false);
          }}
        >
          {f.id ? t.actions.cancel : "Back to the line"}
        </Button>
      </fieldset>
      <Conflict
        problem={problem}
        mine={{
          ...f,
          detail: undefined,
          held: undefined,
          fastening: f.held.map((h) => `${h.count} × ${h.thread}`).join(" and "),
        }}
        theirs={(current) => theirStep(current)}
        labels={LABELS}
        onKeepMine={save}
        onTakeTheirs={() => {
          draft.clear();
          clearProblem();
          onDone(false);
        }}
      />
    </form>
  );
}

function theirStep(current: unknown): Record<string, unknown> {
  const { given, fastening } = current as { given: Record<string, unknown>; fastening?: string };
  return { ...given, fastening: fastening ?? "" };
}

function Choice<T extends string | number>(p: {
  label: string;
  value: T;
  options: { value: T; label: string }[];
  onChange: (value: T) => void;
}) {
  return (
    <div className={classes.choice} role="radiogroup" aria-label={p.label}>
      <span className={classes.choiceLabel}>{p.label}</span>
      <div>
        {p.options.map((option) => (
          <label key={option.value} data-chosen={option.value === p.value}>
            <input
              type="radio"
              name={p.label}
              checked={option.value === p.value}
              onChange={() => p.onChange(option.value)}
            />
            {option.label}
          </label>
        ))}
      </div>
    </div>
  );
}
