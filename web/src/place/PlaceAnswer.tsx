import { Button } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import type { EnteredNumber, PlacesOfUnit, PlaceView } from "../api/types";
import { Answer } from "../drawers/Answer";
import { lubricantsQuery } from "../drawers/queries";
import { useAnswer } from "../drawers/useAnswer";
import { Fault } from "../shared/Caution";
import { entriesOf } from "./entries";
import classes from "./Place.module.css";
import { placeKeys } from "./queries";
import { useWrite } from "./useWrite";

interface Props {
  unitId: string;
  place: PlaceView;
  /** True at a job, where it was stripped and washed. */
  washed: boolean;
  /** False where nothing may be changed. */
  open: boolean;
}

/** What goes to a place, worked out at once; the level can be tried by moving it, and kept. */
export function PlaceAnswer({ unitId, place, washed, open }: Props) {
  const client = useQueryClient();
  const shelf = useQuery(lubricantsQuery);
  const [tried, setTried] = useState<Record<string, EnteredNumber>>({});
  const sheet = entriesOf(place, washed);
  const entries = { ...sheet, fields: { ...sheet.fields, ...tried } };
  const { answer, problem } = useAnswer("lubricated-place", entries, shelf.dataUpdatedAt);
  const { send, problem: refused } = useWrite<PlacesOfUnit>((all) => {
    client.setQueryData(placeKeys.ofUnit(unitId), all);
    setTried({});
  });
  const fault = problem ?? refused;
  return (
    <>
      <a href={`/api/places/${place.id}/card.pdf`} target="_blank" rel="noreferrer" className={classes.card}>
        Card to hang there (PDF)
      </a>
      {fault && <Fault>{fault.detail}</Fault>}
      {answer && (
        <Answer
          answer={answer}
          entries={entries}
          set={open ? (part) => setTried({ ...tried, ...part }) : undefined}
        />
      )}
      {Object.keys(tried).length > 0 && (
        <div className={classes.row}>
          <Button
            onClick={() =>
              send("PUT", `/api/units/${unitId}/places/${place.id}`, {
                ...place.given,
                entries: { ...place.given.entries, fields: { ...place.given.entries.fields, ...tried } },
              })
            }
          >
            Keep this level
          </Button>
          <Button variant="default" onClick={() => setTried({})}>
            Back to the kept one
          </Button>
        </div>
      )}
    </>
  );
}
