import { Button } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import type { FillRequest, FillView } from "../api/types";
import { lubricantsQuery } from "../drawers/queries";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { forgetDraft } from "../shared/drafts";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
import { TakenAway } from "../shared/TakenAway";
import { useIntoView } from "../shared/useIntoView";
import { useWrite } from "../shared/useWrite";
import { unitQuery } from "../unit/queries";
import { t } from "../wording/en";
import { FILL_LABELS, FillForm } from "./FillForm";
import classes from "./Place.module.css";
import { PlaceAway } from "./PlaceAway";
import { PlaceBench } from "./PlaceBench";
import { PlaceSheet } from "./PlaceSheet";
import { fillsQuery, placeKeys, placesQuery } from "./queries";
import { Samples } from "./Samples";
import { DueMark } from "./UnitPlaces";

/** One lubricated place: what goes there, what was put in over the years, its samples, its next date. */
export default function PlacePage() {
  const { id = "", placeId = "" } = useParams();
  const unit = useQuery(unitQuery(id));
  const places = useQuery(placesQuery(id));
  const fills = useQuery(fillsQuery(placeId));
  const client = useQueryClient();
  // With a job it is no correction of the sheet: that job changes the lubricant.
  const [params] = useSearchParams();
  const job = params.get("job") ?? undefined;
  const navigate = useNavigate();
  const [describing, setDescribing] = useState(job !== undefined);
  const [fresh, setFresh] = useState(() => crypto.randomUUID());
  const [correcting, setCorrecting] = useState<FillView>();
  const [away, setAway] = useState<FillView>();
  const [sent, setSent] = useState<FillRequest>();
  const form = useIntoView<HTMLDivElement>(correcting !== undefined);
  const { send, problem, clear, busy } = useWrite<FillView[]>((answer) => {
    client.setQueryData(placeKeys.fills(placeId), answer);
    for (const queryKey of [placeKeys.ofUnit(id), placeKeys.due, lubricantsQuery.queryKey]) {
      void client.invalidateQueries({ queryKey });
    }
    setFresh(crypto.randomUUID());
    setCorrecting(undefined);
    setAway(undefined);
  });
  if (places.isError) {
    return <Fault>The place cannot be fetched. Check the connection.</Fault>;
  }
  if (!places.data || !unit.data) {
    return <p>Opening…</p>;
  }
  const place = places.data.places.find((p) => p.id === placeId);
  if (!place) {
    return (
      <>
        <PlaceAway unitId={id} />
        <Fault>
          That lubricated place is no longer there. <Link to={`/units/${id}`}>Back to the unit</Link>
        </Fault>
      </>
    );
  }
  const path = (fillId: string) => `/api/places/${placeId}/fills/${fillId}`;
  const keep = (request: FillRequest) => {
    setSent(request);
    return send("PUT", path(correcting?.id ?? fresh), request);
  };
  const draftKey = `place-fill.${correcting?.id ?? placeId}`;
  const leave = () => {
    forgetDraft(draftKey);
    setCorrecting(undefined);
    clear();
  };
  const takeAway = async (fill: FillView) => {
    leave();
    if (await send("DELETE", `${path(fill.id)}?version=${fill.given.version}`)) {
      setAway(fill);
    }
  };
  return (
    <>
      <header className={classes.head}>
        <h1>
          <Link to={`/units/${id}`}>{unit.data.tag}</Link> · {place.given.name}
        </h1>
        <DueMark place={place} />
      </header>
      <p className={classes.soft}>
        {place.words}. Wanted: {place.wanted}.{place.next && ` Next: ${place.next.reason}.`}
      </p>
      {describing ? (
        <PlaceSheet
          unitId={id}
          place={place}
          job={job}
          onDone={() => (job === undefined ? setDescribing(false) : void navigate(`/jobs/${job}/decide`))}
        />
      ) : (
        <PlaceBench
          key={place.given.version}
          unitId={id}
          place={place}
          washed={false}
          onDescribe={() => setDescribing(true)}
        >
          <div ref={form} className={classes.form}>
            <Panel
              title={
                correcting
                  ? `As it was on ${day(correcting.given.on ?? "")}, corrected`
                  : "Done without a job"
              }
              aside="changed, greased or topped up"
            >
              <FillForm
                key={draftKey + fresh}
                place={place}
                kept={correcting}
                atJob={false}
                draftKey={draftKey}
                problem={problem}
                busy={busy}
                send={keep}
              >
                {correcting && (
                  <div className={classes.row}>
                    <Button variant="default" onClick={leave}>
                      Leave it
                    </Button>
                    <Button variant="default" onClick={() => void takeAway(correcting)}>
                      Take this record away
                    </Button>
                  </div>
                )}
              </FillForm>
              <Conflict
                problem={problem}
                mine={(sent ?? {}) as unknown as Record<string, unknown>}
                theirs={(current) => (current as { given: Record<string, unknown> }).given}
                labels={FILL_LABELS}
                onKeepMine={(version) => sent && void keep({ ...sent, version })}
                onTakeTheirs={() => {
                  leave();
                  void client.invalidateQueries({ queryKey: placeKeys.fills(placeId) });
                }}
              />
            </Panel>
          </div>
          <Panel title="Put in so far">
            {away && (
              <TakenAway
                what={`${away.can}, ${day(away.given.on ?? "")}`}
                onPutBack={() =>
                  // Taking it away was one change, so the version that stands there is one further.
                  send("PUT", path(away.id), { ...away.given, version: Number(away.given.version) + 1 })
                }
              />
            )}
            {fills.data?.length === 0 && <p className={classes.soft}>Nothing on record yet.</p>}
            <ul className={classes.history}>
              {fills.data?.map((f) => (
                <li key={f.id}>
                  <b>{f.given.on && day(f.given.on)}</b>
                  <span>
                    {f.given.kind === "LEFT"
                      ? `left as it was: ${f.given.source}`
                      : `${f.given.kind === "TOPPED_UP" ? "topped up, " : ""}${f.can}${
                          f.given.amount ? `, ${f.given.amount.text} ${f.given.amount.unit}` : ""
                        }`}
                    {f.drained && <small>came out: {f.drained.sentence}</small>}
                    {!f.atJob && <small>{f.keptBy}</small>}
                    {f.given.despite && <small>in spite of a finding: {f.given.despite}</small>}
                  </span>
                  <span className={classes.soft}>
                    {f.atJob ? (
                      <Link to={`/jobs/${f.atJob}/fill`}>job {f.atJob}</Link>
                    ) : (
                      <Button variant="default" onClick={() => setCorrecting(f)}>
                        {t.actions.change}
                      </Button>
                    )}
                  </span>
                </li>
              ))}
            </ul>
          </Panel>
        </PlaceBench>
      )}
      <div className={classes.below}>
        <Samples placeId={placeId} />
      </div>
    </>
  );
}
