import { Button, NativeSelect, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { type ClipboardEvent, useRef, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView, Mesh } from "../api/types";
import { instrumentsQuery } from "../drawers/queries";
import { useKeep, usePreview } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { day } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import { useDraft } from "../shared/useDraft";
import { t } from "../wording/en";
import classes from "./Measuring.module.css";
import { initialPad, type PadFields, pasted, type Subject, subjectWords, toRequest } from "./pad.model";
import { ReadingList } from "./ReadingList";
import { Result } from "./Result";
import { Where } from "./Where";

interface Props {
  view: JobView;
  station: "INSPECT" | "SET";
  subject: Subject;
  mesh: Mesh;
  /** Called when the measurement was kept. */
  onKept?: () => void;
}

const SHOWN = [
  "readings",
  "radius",
  "tilt",
  "teethSpanned",
  "resolution",
  "maxError",
  "makersBacklash",
  "makersWearPercent",
  "referenceSpan",
  "makersReference",
  "remark",
];

/** Readings go in here, one Enter each; what they mean stands beside them at once. */
export function MeasurePad({ view, station, subject, mesh, onKept }: Props) {
  const draft = useDraft<PadFields>(
    `pad.${view.job.id}.${station}.${subject.kind}.${subject.stage}.${subject.member}`,
    initialPad(view, subject),
  );
  const [typed, setTyped] = useState("");
  const [more, setMore] = useState(false);
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const reading = useRef<HTMLDivElement>(null);
  const f = draft.value;
  const span = subject.kind === "SPAN";
  const body = toRequest(f, station, subject);
  const preview = usePreview(
    `/api/jobs/${view.job.number}/preview/measurement`,
    "request" in body && f.readings.length >= (span ? 1 : 4) ? body.request : undefined,
  );
  const told = problem ?? preview.problem;
  const errors = { ...fieldErrors(told), ...("faults" in body ? body.faults : {}) };
  const readingFaults = [errors.readings, ...f.readings.map((_, i) => errors[`readings[${i}]`])].filter(
    Boolean,
  );

  const add = (texts: string[]) => {
    const fresh = texts.map((text) => text.trim()).filter((text) => text !== "");
    if (fresh.length > 0) {
      draft.change({ readings: [...f.readings, ...fresh.map((text) => ({ text, unit: f.unit }))] });
      setTyped("");
    }
    reading.current?.querySelector("input")?.focus();
  };
  const paste = (event: ClipboardEvent) => {
    const column = pasted(event.clipboardData.getData("text"));
    if (column.length > 1) {
      event.preventDefault();
      add(column);
    }
  };
  const save = async (version?: number) => {
    if (!("request" in body)) {
      return;
    }
    const id = f.id || crypto.randomUUID();
    draft.change({ id });
    const kept = await keep(
      "PUT",
      `/measurements/${id}`,
      { ...body.request, version },
      subjectWords(subject, mesh),
    );
    if (kept) {
      draft.clear({
        ...initialPad(view, subject),
        resolution: f.resolution,
        maxError: f.maxError,
        instrument: f.instrument,
        unit: f.unit,
      });
      onKept?.();
    }
  };

  const stray = told?.status === 409 ? undefined : elsewhere(told, SHOWN);
  const units = ["mm", "thou", "in"];
  return (
    <section className={classes.pad} aria-label={subjectWords(subject, mesh)}>
      <header className={classes.padHead}>
        <h2>{subjectWords(subject, mesh)}</h2>
      </header>
      <div className={classes.padGrid}>
        <div className={classes.inputs}>
          {stray && <Fault>{stray}</Fault>}
          <div className={classes.setup}>
            {span ? (
              <TextInput
                label="Teeth between the jaws"
                inputMode="numeric"
                value={f.teethSpanned}
                error={errors.teethSpanned}
                onChange={(e) => draft.change({ teethSpanned: e.currentTarget.value })}
              />
            ) : (
              <MeasureInput
                label="Stylus radius"
                units={["mm", "in"]}
                value={f.radius}
                error={errors.radius}
                onChange={(radius) => draft.change({ radius })}
              />
            )}
            <NativeSelect
              label="Readings in"
              data={units}
              value={f.unit}
              onChange={(e) => draft.change({ unit: e.currentTarget.value })}
            />
          </div>
          <div ref={reading} onPaste={paste} className={classes.reading}>
            <MeasureInput
              large
              label={`Reading ${f.readings.length + 1}`}
              units={[f.unit]}
              value={{ text: typed, unit: f.unit }}
              onChange={(v) => setTyped(v.text)}
              onEnter={() => add([typed])}
            />
            <Button size="lg" onClick={() => add([typed])} disabled={typed.trim() === ""}>
              Add ↵
            </Button>
          </div>
          <ReadingList
            readings={f.readings}
            faults={f.readings.map((_, i) => errors[`readings[${i}]`])}
            onRemove={(place) => draft.change({ readings: f.readings.filter((_, i) => i !== place) })}
          />
          {readingFaults.map((sentence) => (
            <Fault key={sentence}>{sentence}</Fault>
          ))}
          {!span && f.readings.length > 0 && f.readings.length < 4 && (
            <p className={classes.soft}>
              {4 - f.readings.length} more, evenly round the gear, before it means anything.
            </p>
          )}
          <button type="button" className={classes.more} aria-expanded={more} onClick={() => setMore(!more)}>
            {more ? "−" : "+"} Gauge, maker’s figure, tilt
          </button>
          {more && <More f={f} span={span} errors={errors} change={draft.change} />}
          <Button
            size="lg"
            onClick={() => save()}
            loading={busy}
            disabled={f.readings.length === 0 || isClosed(view)}
          >
            {t.actions.keep} the measurement
          </Button>
        </div>
        <div className={classes.answer} aria-live="polite">
          {!preview.answer && <Where subject={subject} radius={f.radius} teeth={f.teethSpanned} />}
          <Earlier mesh={mesh} station={station} span={span} />
          {preview.answer ? (
            <Result result={preview.answer} />
          ) : (
            <p className={classes.soft}>The verdict stands here as soon as there are readings enough.</p>
          )}
        </div>
      </div>
      <Conflict
        problem={problem}
        mine={"request" in body ? { ...body.request } : {}}
        theirs={(current) => (current as { given: Record<string, unknown> }).given}
        labels={{
          readings: "Readings",
          radius: "Stylus radius",
          teethSpanned: "Teeth spanned",
          remark: "Remark",
        }}
        onKeepMine={save}
        onTakeTheirs={() => {
          draft.clear(initialPad(view, subject));
          clearProblem();
        }}
      />
    </section>
  );
}

function More(p: {
  f: PadFields;
  span: boolean;
  errors: Record<string, string | undefined>;
  change: (part: Partial<PadFields>) => void;
}) {
  const { f, errors, change } = p;
  const instruments = useQuery(instrumentsQuery);
  const kinds = p.span ? ["CALIPER", "MICROMETER", "DISC_MICROMETER"] : ["DIAL_INDICATOR", "TEST_INDICATOR"];
  const chosen = instruments.data?.find((i) => i.id === f.instrument);
  return (
    <div className={classes.two}>
      <NativeSelect
        label="Instrument of the shop"
        description={chosen?.overdue ? `Calibration overdue since ${day(chosen.dueOn)}.` : undefined}
        data={[
          { value: "", label: "not on the list" },
          ...(instruments.data ?? [])
            .filter((i) => kinds.includes(i.kind))
            .map((i) => ({ value: i.id, label: i.overdue ? `${i.name} (overdue)` : i.name })),
        ]}
        value={chosen?.id ?? ""}
        onChange={(e) => {
          const card = instruments.data?.find((i) => i.id === e.currentTarget.value);
          change(
            card
              ? {
                  instrument: card.id,
                  resolution: card.given.resolution,
                  maxError: card.given.maxError,
                }
              : { instrument: "" },
          );
        }}
      />
      <span />
      <MeasureInput
        label="One division"
        units={["mm", "thou"]}
        value={f.resolution}
        error={errors.resolution}
        onChange={(resolution) => change({ resolution, instrument: "" })}
      />
      <MeasureInput
        label="Calibrated to ±"
        units={["mm", "thou"]}
        value={f.maxError}
        error={errors.maxError}
        onChange={(maxError) => change({ maxError, instrument: "" })}
      />
      {p.span ? (
        <>
          <MeasureInput
            label="Span when new, if known"
            units={["mm", "in"]}
            value={f.referenceSpan}
            error={errors.referenceSpan}
            onChange={(referenceSpan) => change({ referenceSpan })}
          />
          <MeasureInput
            label="Maker renews at"
            units={["%"]}
            value={{ text: f.makersWearPercent, unit: "%" }}
            error={errors.makersWearPercent}
            onChange={(v) => change({ makersWearPercent: v.text })}
          />
        </>
      ) : (
        <>
          <MeasureInput
            label="Maker’s largest backlash"
            units={["mm", "thou"]}
            value={f.makersBacklash}
            error={errors.makersBacklash}
            onChange={(makersBacklash) => change({ makersBacklash })}
          />
          <MeasureInput
            label="Stylus leans by"
            units={["°"]}
            value={f.tilt}
            error={errors.tilt}
            onChange={(tilt) => change({ tilt })}
            hint="out of the plane of rotation"
          />
        </>
      )}
      <TextInput
        label="Maker’s figure from"
        placeholder="manual, page"
        value={f.makersReference}
        error={errors.makersReference}
        onChange={(e) => change({ makersReference: e.currentTarget.value })}
      />
      <TextInput
        label="Remark"
        value={f.remark}
        error={errors.remark}
        onChange={(e) => change({ remark: e.currentTarget.value })}
      />
    </div>
  );
}

/** The value before, in sight while the new one is taken. */
function Earlier({ mesh, station, span }: { mesh: Mesh; station: "INSPECT" | "SET"; span: boolean }) {
  if (span) {
    return null;
  }
  const before = mesh.before?.result.backlash?.mean.circumferentialMm;
  const lines = [
    station === "SET" && before !== undefined ? `As found: ${before.toFixed(3)} mm` : undefined,
    mesh.last !== undefined ? `After the last rebuild: ${mesh.last.toFixed(3)} mm` : undefined,
  ].filter(Boolean);
  return lines.length > 0 ? <p className={classes.earlier}>{lines.join(" · ")}</p> : null;
}
