import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import type { FillRequest, FillView, PlaceAtJob, PlaceRequest } from "../api/types";
import { MeasuringRoom } from "../drawers/MeasuringRoom";
import { lubricantsQuery } from "../drawers/queries";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import type { StationProps } from "../job/station";
import { FILL_LABELS, FillForm } from "../place/FillForm";
import classes from "../place/Place.module.css";
import { PlaceAway } from "../place/PlaceAway";
import { PlaceBench } from "../place/PlaceBench";
import { PlaceSheet } from "../place/PlaceSheet";
import { placeKeys, placesQuery } from "../place/queries";
import { Apart, Starts } from "../place/UnitPlaces";
import { Conflict } from "../shared/Conflict";
import { forgetDraft } from "../shared/drafts";
import { moment } from "../shared/format";
import { Panel } from "../shared/Panel";

/** Every lubricated place of the unit for itself: what goes there and how much, and what went in. */
export function FillStation({ view }: StationProps) {
  const unitId = view.unit.id;
  const places = useQuery(placesQuery(unitId));
  const [chosen, setChosen] = useState<string>();
  const [start, setStart] = useState<PlaceRequest>();
  const [describing, setDescribing] = useState(false);
  const signed = isClosed(view);
  // Somebody else may have described a place, filled one or drawn from a can: what stands beside the job follows it.
  const client = useQueryClient();
  const { touched } = view;
  // biome-ignore lint/correctness/useExhaustiveDependencies: each write to the job asks again
  useEffect(() => {
    void client.invalidateQueries({ queryKey: placeKeys.ofUnit(unitId) });
    void client.invalidateQueries({ queryKey: lubricantsQuery.queryKey });
  }, [client, unitId, touched]);
  if (!places.data) {
    return <p>Opening…</p>;
  }
  const first = view.places.find((p) => p.takes && !p.fill) ?? view.places[0];
  const atJob = view.places.find((p) => p.id === chosen) ?? first;
  const place = places.data.places.find((p) => p.id === atJob?.id);
  return (
    <>
      <nav className={classes.tabs} aria-label="Lubricated places">
        {view.places.map((p) => (
          <button
            key={p.id}
            type="button"
            aria-pressed={p.id === atJob?.id && !start}
            onClick={() => {
              setChosen(p.id);
              setStart(undefined);
              setDescribing(false);
            }}
          >
            <b>{p.name}</b>
            <small>{state(p)}</small>
          </button>
        ))}
      </nav>
      {view.places.length === 0 && !start && (
        <p className={classes.soft}>
          This unit has no lubricated place yet. Describe each once: sump, bearings, pawls, screw. The next
          job finds it here.
        </p>
      )}
      <PlaceAway unitId={unitId} />
      {start ? (
        <PlaceSheet unitId={unitId} start={start} onDone={() => setStart(undefined)} />
      ) : (
        place &&
        atJob &&
        (describing ? (
          <PlaceSheet unitId={unitId} place={place} onDone={() => setDescribing(false)} />
        ) : (
          <PlaceBench
            key={`${place.id} ${place.given.version}`}
            unitId={unitId}
            place={place}
            washed
            onDescribe={signed ? undefined : () => setDescribing(true)}
            heed={<Apart found={places.data.apart} place={atJob.name} />}
          >
            <AtThisJob view={view} atJob={atJob} />
          </PlaceBench>
        ))
      )}
      {!signed && !start && <Starts suggested={places.data.suggested} onStart={setStart} />}
      <div className={classes.below}>
        <MeasuringRoom view={view} station="FILL" />
      </div>
    </>
  );
}

const state = (p: PlaceAtJob) => {
  if (!p.takes) {
    return "nothing goes there";
  }
  if (!p.fill) {
    return "still to fill";
  }
  return p.fill.given.kind === "LEFT" ? "left as it is" : `filled, ${p.fill.can}`;
};

/** What was done at one place at this job. */
function AtThisJob({ view, atJob }: { view: StationProps["view"]; atJob: PlaceAtJob }) {
  const client = useQueryClient();
  const places = useQuery(placesQuery(view.unit.id));
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const [sent, setSent] = useState<FillRequest>();
  const place = places.data?.places.find((p) => p.id === atJob.id);
  if (!place) {
    return null;
  }
  const send = async (request: FillRequest) => {
    setSent(request);
    const done = await keep("PUT", `/places/${atJob.id}/fill`, request, `fill of ${atJob.name}`);
    if (done) {
      void client.invalidateQueries({ queryKey: placeKeys.ofUnit(view.unit.id) });
      void client.invalidateQueries({ queryKey: lubricantsQuery.queryKey });
    }
    return done;
  };
  return (
    <Panel
      title={atJob.name}
      aside={
        atJob.fill
          ? `${atJob.fill.keptBy}, ${moment(atJob.fill.keptAt)}`
          : atJob.takes
            ? "not filled yet"
            : "nothing goes there"
      }
    >
      {isClosed(view) ? (
        <Done fill={atJob.fill} />
      ) : (
        <FillForm
          place={place}
          note={view.receive.oilAsFound || undefined}
          kept={atJob.fill}
          atJob
          draftKey={`fill.${view.job.id}.${atJob.id}`}
          problem={problem}
          busy={busy}
          send={send}
        />
      )}
      <Conflict
        problem={problem}
        mine={(sent ?? {}) as unknown as Record<string, unknown>}
        theirs={(current) => (current as { given: Record<string, unknown> }).given}
        labels={FILL_LABELS}
        onKeepMine={(version) => sent && void send({ ...sent, version })}
        onTakeTheirs={() => {
          forgetDraft(`fill.${view.job.id}.${atJob.id}`);
          clearProblem();
        }}
      />
    </Panel>
  );
}

/** What was done, on a job that is signed. */
function Done({ fill }: { fill: FillView | undefined }) {
  if (!fill) {
    return <p className={classes.soft}>Nothing was kept for this place.</p>;
  }
  const { given } = fill;
  const told: [string, string | undefined][] = [
    ["done", given.kind === "LEFT" ? "left as it was" : "filled"],
    ["from", fill.can],
    ["that is", fill.sort],
    ["amount", given.amount && `${given.amount.text} ${given.amount.unit}`],
    ["hours on the meter", given.meter?.text],
    [given.kind === "LEFT" ? "because" : "taken from", given.source],
    ["in spite of a finding", given.despite],
    ["against what was worked out", fill.says],
    ["what came out", fill.drained?.sentence],
  ];
  return (
    <dl className={classes.told}>
      {told.map(
        ([name, words]) =>
          words && (
            <div key={name}>
              <dt>{name}</dt>
              <dd>{words}</dd>
            </div>
          ),
      )}
    </dl>
  );
}
