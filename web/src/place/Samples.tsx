import { Button } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { DrawerEntries, EnteredNumber, SampleSeries, SampleView } from "../api/types";
import { Answer } from "../drawers/Answer";
import { drawersQuery } from "../drawers/queries";
import { Sheet } from "../drawers/Sheet";
import { entriesFrom } from "../drawers/sheet.model";
import { Fault } from "../shared/Caution";
import { DayInput } from "../shared/DayInput";
import { day, fixed } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { TakenAway } from "../shared/TakenAway";
import { useDraft } from "../shared/useDraft";
import { useIntoView } from "../shared/useIntoView";
import { useWrite } from "../shared/useWrite";
import { Verdict } from "../shared/Verdict";
import { t } from "../wording/en";
import classes from "./Place.module.css";
import { placeKeys, samplesQuery } from "./queries";

/** Oil samples of a place over the years: each judged against those before it, each figure with its run. */
export function Samples({ placeId }: { placeId: string }) {
  const series = useQuery(samplesQuery(placeId));
  const [adding, setAdding] = useState(false);
  const client = useQueryClient();
  const [correcting, setCorrecting] = useState<SampleView>();
  const [away, setAway] = useState<SampleView>();
  const take = (answer: SampleSeries) => {
    client.setQueryData(placeKeys.samples(placeId), answer);
    setAway(undefined);
  };
  const { send, problem } = useWrite<SampleSeries>(take);
  const path = (sample: SampleView) => `/api/places/${placeId}/samples/${sample.id}`;
  const takeAway = async (sample: SampleView) => {
    if (await send("DELETE", `${path(sample)}?version=${sample.given.version}`)) {
      setAway(sample);
    }
  };
  const newest = [...(series.data?.samples ?? [])].reverse();
  return (
    <Panel title="Oil samples" aside={newest.length > 0 ? `${newest.length} on record` : undefined}>
      {newest.length === 0 && (
        <p className={classes.soft}>
          No sample yet. From five of the same fill on, each new one is judged against this box’s own history.
        </p>
      )}
      {problem && <Fault>{problem.detail}</Fault>}
      {away && (
        <TakenAway
          what={`the sample of ${day(away.given.takenOn)}`}
          onPutBack={() =>
            // Taking it away was one change, so the version that stands there is one further.
            send("PUT", path(away), { ...away.given, version: Number(away.given.version) + 1 })
          }
        />
      )}
      {series.data && series.data.lines.length > 0 && (
        <div className={classes.lines}>
          {series.data.lines.map((line) => (
            <Line key={line.name} line={line} />
          ))}
        </div>
      )}
      {newest.map((sample) => (
        <details key={sample.id} className={classes.sample}>
          <summary>
            <b>{day(sample.given.takenOn)}</b>
            <span>{sample.given.meter?.text} h</span>
            <Verdict verdict={sample.answer.verdict} small />
            <span className={classes.soft}>{sample.answer.sentence}</span>
          </summary>
          <Answer answer={sample.answer} entries={sample.given.entries} />
          <div className={classes.row}>
            <Button variant="default" onClick={() => setCorrecting(sample)}>
              {t.actions.change}
            </Button>
            <Button variant="default" onClick={() => void takeAway(sample)}>
              {t.actions.remove}
            </Button>
          </div>
        </details>
      ))}
      {adding || correcting ? (
        <SampleSheet
          key={correcting?.id}
          placeId={placeId}
          kept={correcting}
          next={series.data?.next}
          onDone={() => {
            setAdding(false);
            setCorrecting(undefined);
          }}
          take={take}
        />
      ) : (
        <Button variant="default" onClick={() => setAdding(true)}>
          Enter a sample
        </Button>
      )}
    </Panel>
  );
}

interface SheetProps {
  placeId: string;
  /** The sample that is corrected; missing for a new one. */
  kept: SampleView | undefined;
  /** What a new one starts with. */
  next: SampleSeries["next"] | undefined;
  onDone: () => void;
  take: (answer: SampleSeries) => void;
}

function SampleSheet({ placeId, kept, next, onDone, take }: SheetProps) {
  const drawers = useQuery(drawersQuery);
  const drawer = drawers.data?.find((d) => d.name === "oil-sample");
  const [id] = useState(() => kept?.id ?? crypto.randomUUID());
  const room = useIntoView<HTMLDivElement>(drawer !== undefined);
  const draftKey = `sample.${kept?.id ?? placeId}`;
  const head = useDraft<{ takenOn: string; meter: EnteredNumber }>(`${draftKey}.head`, {
    takenOn: kept?.given.takenOn ?? "",
    meter: kept?.given.meter ?? { text: "", unit: "" },
  });
  const { takenOn, meter } = head.value;
  const { send, problem } = useWrite<SampleSeries>(take);
  const errors = fieldErrors(problem);
  const stray = elsewhere(problem, ["takenOn", "meter"]);
  if (!drawer) {
    return null;
  }
  const keep = async (entries: DrawerEntries) => {
    const done = await send("PUT", `/api/places/${placeId}/samples/${id}`, {
      version: kept?.given.version,
      takenOn: takenOn || undefined,
      meter,
      entries,
    });
    if (done) {
      head.clear();
      onDone();
    }
    return done;
  };
  return (
    <div className={classes.sheet} ref={room}>
      <div className={classes.named}>
        <DayInput
          label="Drawn on"
          value={takenOn}
          error={errors.takenOn}
          onChange={(takenOn) => head.change({ takenOn })}
        />
        <MeasureInput
          label="Hours on the meter"
          units={[""]}
          value={meter}
          error={errors.meter}
          onChange={(value) => head.change({ meter: value })}
        />
        <Button variant="default" onClick={onDone}>
          Leave it
        </Button>
      </div>
      {stray && <Fault>{stray}</Fault>}
      <Sheet
        drawer={{ ...drawer, examples: [] }}
        draftKey={draftKey}
        start={entriesFrom(drawer, kept?.judged ?? next)}
        keep={keep}
        keepLabel="Keep the sample"
      />
    </div>
  );
}

const WIDE = 300;
const HIGH = 96;

/** One figure through the years; samples of the oil that is in now are filled, the limit to act is drawn where it is near. */
function Line({ line }: { line: SampleSeries["lines"][number] }) {
  const { preferences } = usePreferences();
  const hours = line.points.map((p) => p.hours);
  const values = line.points.map((p) => p.value);
  const top = Math.max(...values, Math.min(line.watch, 1.5 * Math.max(...values))) || 1;
  const from = Math.min(...hours);
  const span = Math.max(...hours) - from || 1;
  const x = (h: number) => 8 + ((h - from) / span) * (WIDE - 16);
  const y = (v: number) => HIGH - 10 - (v / top) * (HIGH - 24);
  const last = line.points.at(-1);
  const runs = [...new Set(line.points.map((p) => p.fillsAgo))].map((fill) =>
    line.points.filter((p) => p.fillsAgo === fill),
  );
  return (
    <figure className={classes.line}>
      <figcaption>
        <b>{line.name}</b>
        <span>
          {last ? fixed(last.value, Number.isInteger(last.value) ? 0 : 1, preferences.decimal) : ""}{" "}
          {line.unit}
        </span>
      </figcaption>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        role="img"
        aria-label={`${line.name}: ${values.join(", ")} ${line.unit}`}
      >
        {line.watch <= top && (
          <line x1={0} x2={WIDE} y1={y(line.watch)} y2={y(line.watch)} className={classes.limit} />
        )}
        {runs.map((run) => (
          <polyline
            key={run[0]?.hours}
            points={run.map((p) => `${x(p.hours)},${y(p.value)}`).join(" ")}
            className={classes.run}
          />
        ))}
        {line.points.map((p) => (
          <circle
            key={p.hours}
            cx={x(p.hours)}
            cy={y(p.value)}
            r={4}
            className={p.fillsAgo === 0 ? classes.now : classes.before}
          />
        ))}
      </svg>
      <small>{line.trend || "too few of this fill for a trend"}</small>
    </figure>
  );
}
