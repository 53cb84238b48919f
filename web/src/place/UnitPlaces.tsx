import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { PlaceRequest, PlaceView } from "../api/types";
import { Remark } from "../shared/Caution";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
import classes from "./Place.module.css";
import { PlaceAway } from "./PlaceAway";
import { PlaceSheet } from "./PlaceSheet";
import { placesQuery } from "./queries";

/** Every lubricated place of a unit: what is in it, what goes there, when it is due; and what must be kept apart. */
export function UnitPlaces({ unitId }: { unitId: string }) {
  const places = useQuery(placesQuery(unitId));
  const [start, setStart] = useState<PlaceRequest>();
  if (!places.data) {
    return null;
  }
  return (
    <div className={start && classes.whole}>
      <Panel title="Lubricated places" aside="each with its own lubricant and its own date">
        <PlaceAway unitId={unitId} />
        <Apart found={places.data.apart} />
        <ul className={classes.places}>
          {places.data.places.map((place) => (
            <li key={place.id}>
              <Link to={`/units/${unitId}/places/${place.id}`}>
                <b>{place.given.name}</b>
                <DueMark place={place} />
                <span className={classes.what}>
                  {place.last ? place.last.can : "nothing on record"}
                  <small>{place.words}</small>
                </span>
              </Link>
            </li>
          ))}
        </ul>
        {start ? (
          <PlaceSheet unitId={unitId} start={start} onDone={() => setStart(undefined)} />
        ) : (
          <Starts suggested={places.data.suggested} onStart={setStart} />
        )}
      </Panel>
    </div>
  );
}

interface Found {
  rule: string;
  reason: string;
  instead: string;
}

/** What must be kept apart between the places of a unit: that of the place in hand in full, the rest behind a count. */
export function Apart({ found, place }: { found: Found[]; place?: string | undefined }) {
  const here = place === undefined ? found : found.filter((f) => f.rule.includes(place)).slice(0, 1);
  const rest = found.filter((f) => !here.includes(f));
  return (
    <>
      <ApartList found={here} />
      {rest.length > 0 && (
        <details className={classes.apart}>
          <summary>To keep apart at this unit: {rest.length} more</summary>
          <ApartList found={rest} />
        </details>
      )}
    </>
  );
}

function ApartList({ found }: { found: Found[] }) {
  return found.map((f) => (
    <Remark key={f.rule + f.reason}>
      <span>
        <b>{f.rule}:</b> {f.reason} {f.instead}
      </span>
    </Remark>
  ));
}

/** The first places of a unit come from its papers; any other is described from nothing. */
export function Starts({
  suggested,
  onStart,
}: {
  suggested: PlaceRequest[];
  onStart: (start: PlaceRequest) => void;
}) {
  return (
    <div className={classes.row}>
      {suggested.map((s) => (
        <Button key={s.name} onClick={() => onStart(s)}>
          Describe the {s.name}
        </Button>
      ))}
      <Button variant="default" onClick={() => onStart({ name: "", entries: { fields: {}, readings: {} } })}>
        Describe another place
      </Button>
    </div>
  );
}

export function DueMark({ place }: { place: PlaceView }) {
  const { next } = place;
  if (!next) {
    return <span className={classes.soft}>no date yet</span>;
  }
  return (
    <span data-over={next.inDays < 0} className={classes.due}>
      {next.inDays < 0 ? "overdue since" : next.runIn ? "run-in change" : "due"} {day(next.due)}
    </span>
  );
}
