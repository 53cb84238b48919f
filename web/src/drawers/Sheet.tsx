import { Button, NativeSelect } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { type ReactNode, type RefObject, useRef, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { DrawerAnswer, DrawerEntries, DrawerField, DrawerView, EnteredNumber } from "../api/types";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import { useDraft } from "../shared/useDraft";
import { Answer } from "./Answer";
import classes from "./Drawers.module.css";
import { FieldInput } from "./FieldInput";
import { FromShelf } from "./FromShelf";
import { instrumentsQuery } from "./queries";
import { Readings } from "./Readings";
import { groups, initialEntries, stillMissing, suited, toCsv } from "./sheet.model";
import { ToolDrawing } from "./ToolDrawing";
import { useAnswer } from "./useAnswer";

interface Props {
  drawer: DrawerView;
  /** Under which name the draft of this sheet is kept on the device. */
  draftKey: string;
  /** What already stands in it: what was kept, or what the papers say. */
  start?: DrawerEntries | undefined;
  /** A sheet that describes a thing keeps its lists after it was kept; one that takes readings starts anew. */
  describes?: boolean;
  /** What can be done with an answer; gets entries, and empties the readings when it returns true. */
  keep?: ((entries: DrawerEntries, answer: DrawerAnswer) => Promise<boolean>) | undefined;
  keepLabel?: string;
}

/** One drawer opened: what it asks for at the left, what it answers at the right. */
export function Sheet({ drawer, draftKey, start, describes, keep, keepLabel }: Props) {
  const root = useRef<HTMLElement>(null);
  const instruments = useQuery(instrumentsQuery);
  const draft = useDraft<DrawerEntries>(draftKey, start ?? initialEntries(drawer));
  const entries = draft.value;
  const missing = stillMissing(drawer, entries);
  const { answer, problem } = useAnswer(drawer.name, missing.length === 0 ? entries : undefined);
  const errors = fieldErrors(problem);
  const shown = [
    ...drawer.fields.map((f) => f.name),
    ...Object.entries(entries.readings).flatMap(([name, list]) => list.map((_, i) => `${name}[${i}]`)),
  ];
  const stray = elsewhere(problem, shown);
  const tools = suited(drawer, instruments.data ?? []);

  const set = (part: Record<string, EnteredNumber>) =>
    draft.change({ fields: { ...entries.fields, ...part } });
  const setReadings = (name: string, list: EnteredNumber[]) =>
    draft.change({ readings: { ...entries.readings, [name]: list } });

  const shownGroups = groups(drawer, entries);
  // The tool is asked for once, where its readings or their uncertainty are entered.
  const readWith = shownGroups.find(([, fields]) => fields.some(isReadWithATool))?.[1];

  const input = (field: DrawerField) => {
    const value = entries.fields[field.name] ?? { text: "", unit: field.units[0] ?? "" };
    if (field.kind === "READINGS") {
      return (
        <div key={field.name} data-field={field.name} className={classes.wide}>
          <Readings
            field={field}
            readings={entries.readings[field.name] ?? []}
            errors={errors}
            onChange={(list) => setReadings(field.name, list)}
          />
        </div>
      );
    }
    return (
      <div key={field.name} data-field={field.name} className={isLong(field) ? classes.wide : undefined}>
        <FieldInput
          field={field}
          value={value}
          error={errors[field.name]}
          onChange={(v) => set({ [field.name]: v })}
        />
      </div>
    );
  };

  const csv = () => {
    const text = toCsv(drawer, entries, answer?.figures ?? []);
    const link = document.createElement("a");
    link.href = URL.createObjectURL(new Blob([text], { type: "text/csv" }));
    link.download = `${drawer.name}.csv`;
    link.click();
    URL.revokeObjectURL(link.href);
  };

  return (
    <section ref={root} className={classes.room} aria-label={drawer.title}>
      <div className={describes ? `${classes.sheet} ${classes.describing}` : classes.sheet}>
        <div className={classes.inputs}>
          {drawer.examples.length > 0 && (
            <div className={classes.examples}>
              <span>Try</span>
              {drawer.examples.map((example) => (
                <button
                  key={example.title}
                  type="button"
                  onClick={() =>
                    draft.change({
                      fields: { ...initialEntries(drawer).fields, ...example.entries.fields },
                      readings: { ...initialEntries(drawer).readings, ...example.entries.readings },
                    })
                  }
                >
                  {example.title}
                </button>
              ))}
              {draft.touched && (
                <button type="button" onClick={() => draft.clear(start ?? initialEntries(drawer))}>
                  start over
                </button>
              )}
            </div>
          )}
          {drawer.name === "shim-pack" && (
            <FromShelf
              onFill={(readings) => draft.change({ readings: { ...entries.readings, ...readings } })}
            />
          )}
          {shownGroups.map(([heading, fields]) => (
            <Group
              key={heading}
              heading={heading}
              folded={drawer.folded.includes(heading)}
              faulty={fields.some((f) => errors[f.name] !== undefined)}
            >
              {fields.map(input)}
              {fields === readWith && tools.length > 0 && (
                <NativeSelect
                  className={classes.wide}
                  label="Instrument"
                  error={errors.instrument}
                  data={[
                    { value: "", label: "not on the list: 0.01 mm, ± 0.01 mm" },
                    ...tools.map((i) => ({
                      value: i.id,
                      label: `${i.name}, ${i.given.resolution.text} ${i.given.resolution.unit}, ${
                        i.overdue
                          ? `calibration overdue since ${day(i.dueOn)}`
                          : `calibrated to ${day(i.dueOn)}`
                      }`,
                    })),
                  ]}
                  value={entries.instrument ?? ""}
                  onChange={(e) => draft.change({ instrument: e.currentTarget.value || undefined })}
                />
              )}
            </Group>
          ))}
        </div>
        <div className={classes.answer} aria-live="polite">
          {stray && <Fault>{stray}</Fault>}
          <ToolDrawing drawer={drawer} entries={entries} set={set} />
          {answer ? (
            <>
              <Answer answer={answer} entries={entries} set={set} />
              <div className={classes.actions}>
                {keep && (
                  <Button
                    size="lg"
                    onClick={async () => {
                      if (await keep(entries, answer)) {
                        draft.clear({
                          ...initialEntries(drawer, entries.fields, describes ? entries.readings : {}),
                          instrument: entries.instrument,
                        });
                      }
                    }}
                  >
                    {keepLabel ?? "Keep"}
                  </Button>
                )}
                <Button variant="default" onClick={csv}>
                  As CSV
                </Button>
              </div>
            </>
          ) : (
            <Missing fields={missing} root={root} waiting={!problem} />
          )}
        </div>
      </div>
    </section>
  );
}

const isReadWithATool = (field: DrawerField) =>
  field.kind === "READINGS" || /uncertainty[mu]m$/i.test(field.name);

/** A choice in so many words wants a line of its own. */
const LONG = 26;
const isLong = (field: DrawerField) => field.choices.some((c) => c.words.length >= LONG);

interface MissingProps {
  fields: DrawerField[];
  root: RefObject<HTMLElement | null>;
  /** True while an answer is on its way. */
  waiting: boolean;
}

/** What still has to be entered, each a way to its field. */
function Missing({ fields, root, waiting }: MissingProps) {
  if (fields.length === 0) {
    return <p className={classes.soft}>{waiting && "…"}</p>;
  }
  return (
    <div className={classes.missing}>
      <p className={classes.soft}>Still to enter; the answer then stands here at once:</p>
      {fields.map((field) => (
        <button
          key={field.name}
          type="button"
          onClick={() =>
            root.current
              ?.querySelector<HTMLElement>(`[data-field="${field.name}"] :is(input, select)`)
              ?.focus()
          }
        >
          {nameAmong(fields, field)}
        </button>
      ))}
    </div>
  );
}

/** What a field is called; where two are called alike, with its heading. */
function nameAmong(fields: DrawerField[], field: DrawerField): string {
  const alike = fields.filter((f) => f.label === field.label).length > 1;
  return (alike ? `${field.group}: ${field.label}` : field.label).toLowerCase();
}

interface GroupProps {
  heading: string;
  folded: boolean;
  /** A fault in a folded group unfolds it. */
  faulty: boolean;
  children: ReactNode;
}

/** Fields under one heading; those that are seldom needed stand folded. */
function Group({ heading, folded, faulty, children }: GroupProps) {
  const [open, setOpen] = useState(false);
  if (!folded) {
    return (
      <fieldset className={classes.group}>
        {heading && <legend>{heading}</legend>}
        {children}
      </fieldset>
    );
  }
  return (
    <details className={classes.folded} open={open || faulty} onToggle={(e) => setOpen(e.currentTarget.open)}>
      <summary>{heading}</summary>
      <fieldset className={classes.group} aria-label={heading}>
        {children}
      </fieldset>
    </details>
  );
}
