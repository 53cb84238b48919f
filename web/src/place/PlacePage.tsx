import { Button } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { FillRequest, FillView } from "../api/types";
import { lubricantsQuery } from "../drawers/queries";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
import { unitQuery } from "../unit/queries";
import { FillForm } from "./FillForm";
import classes from "./Place.module.css";
import { PlaceAnswer } from "./PlaceAnswer";
import { PlaceSheet } from "./PlaceSheet";
import { fillsQuery, placeKeys, placesQuery } from "./queries";
import { Samples } from "./Samples";
import { DueMark } from "./UnitPlaces";
import { useWrite } from "./useWrite";

/** One lubricated place: what goes there, what was put in over the years, its samples, its next date. */
export default function PlacePage() {
  const { id = "", placeId = "" } = useParams();
  const unit = useQuery(unitQuery(id));
  const places = useQuery(placesQuery(id));
  const fills = useQuery(fillsQuery(placeId));
  const client = useQueryClient();
  const [describing, setDescribing] = useState(false);
  const [fresh, setFresh] = useState(() => crypto.randomUUID());
  const { send, problem, busy } = useWrite<FillView[]>((answer) => {
    client.setQueryData(placeKeys.fills(placeId), answer);
    for (const queryKey of [placeKeys.ofUnit(id), placeKeys.due, lubricantsQuery.queryKey]) {
      void client.invalidateQueries({ queryKey });
    }
    setFresh(crypto.randomUUID());
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
      <Fault>
        That lubricated place is no longer there. <Link to={`/units/${id}`}>Back to the unit</Link>
      </Fault>
    );
  }
  const keep = (request: FillRequest) => send("PUT", `/api/places/${placeId}/fills/${fresh}`, request);
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
        <PlaceSheet unitId={id} place={place} onDone={() => setDescribing(false)} />
      ) : (
        <div className={classes.grid}>
          <div className={classes.column}>
            <Panel title="Done without a job" aside="changed, greased or topped up">
              <FillForm
                key={fresh}
                place={place}
                atJob={false}
                draftKey={`place-fill.${placeId}`}
                problem={problem}
                busy={busy}
                send={keep}
              />
            </Panel>
            <Panel title="Put in so far">
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
                      {f.given.despite && <small>in spite of a finding: {f.given.despite}</small>}
                    </span>
                    <span className={classes.soft}>
                      {f.atJob ? <Link to={`/jobs/${f.atJob}/fill`}>job {f.atJob}</Link> : f.keptBy}
                    </span>
                  </li>
                ))}
              </ul>
            </Panel>
          </div>
          <Panel
            title="What goes in, and how much"
            aside={
              <Button variant="default" onClick={() => setDescribing(true)}>
                Change the sheet
              </Button>
            }
          >
            <PlaceAnswer key={place.given.version} unitId={id} place={place} washed={false} open />
          </Panel>
        </div>
      )}
      <div className={classes.below}>
        <Samples placeId={placeId} />
      </div>
    </>
  );
}
