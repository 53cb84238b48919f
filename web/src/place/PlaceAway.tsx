import { useQuery, useQueryClient } from "@tanstack/react-query";
import type { PlacesOfUnit } from "../api/types";
import { Fault } from "../shared/Caution";
import { TakenAway } from "../shared/TakenAway";
import { useWrite } from "../shared/useWrite";
import { awayQuery, placeKeys } from "./queries";

/** The place that was just taken off a unit, with the way to have it back. */
export function PlaceAway({ unitId }: { unitId: string }) {
  const client = useQueryClient();
  const { data: away } = useQuery(awayQuery(unitId));
  const { send, problem } = useWrite<PlacesOfUnit>((all) => {
    client.setQueryData(placeKeys.ofUnit(unitId), all);
    client.setQueryData(placeKeys.away(unitId), null);
    void client.invalidateQueries({ queryKey: ["job"] });
    void client.invalidateQueries({ queryKey: placeKeys.due });
  });
  if (!away) {
    return null;
  }
  const { given } = away;
  return (
    <>
      <TakenAway
        what={given.name}
        onPutBack={() =>
          // Taking it off was one change, so the version that stands there is one further.
          send("PUT", `/api/units/${unitId}/places/${away.id}`, {
            ...given,
            version: Number(given.version) + 1,
          })
        }
      />
      {problem && <Fault>{problem.detail}</Fault>}
    </>
  );
}
