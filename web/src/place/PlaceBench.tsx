import { Button } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import type { EnteredNumber, PlacesOfUnit, PlaceView } from "../api/types";
import { Answer } from "../drawers/Answer";
import { AnswerPart } from "../drawers/AnswerParts";
import { lubricantsQuery } from "../drawers/queries";
import { useAnswer } from "../drawers/useAnswer";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import { useWrite } from "../shared/useWrite";
import { entriesOf } from "./entries";
import classes from "./Place.module.css";
import { placeKeys } from "./queries";

interface Props {
  unitId: string;
  place: PlaceView;
  /** True at a job, where it was stripped and washed. */
  washed: boolean;
  /** Opens the sheet of the place; missing where nothing may be changed. */
  onDescribe?: (() => void) | undefined;
  /** What must be minded between this place and others; it stands before what goes in. */
  heed?: ReactNode;
  /** What is done there, at the left. */
  children: ReactNode;
}

/**
 * One place on the bench: at the left what is done there and why with which lubricant, at the right how much of what,
 * worked out at once; the level can be tried by moving it, and kept.
 */
export function PlaceBench({ unitId, place, washed, onDescribe, heed, children }: Props) {
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
    <div className={classes.grid}>
      <div className={classes.column}>
        {children}
        {answer?.why && (
          <div className={classes.why}>
            <Panel title={answer.why.title}>
              <AnswerPart part={answer.why} />
            </Panel>
          </div>
        )}
      </div>
      <Panel
        title="What goes in, and how much"
        aside={
          onDescribe && (
            <Button variant="default" onClick={onDescribe}>
              Change the sheet
            </Button>
          )
        }
      >
        <a
          href={`/api/places/${place.id}/card.pdf`}
          target="_blank"
          rel="noreferrer"
          className={classes.card}
        >
          Card to hang there (PDF)
        </a>
        {heed}
        {fault && <Fault>{fault.detail}</Fault>}
        {!answer && !fault && <p className={classes.soft}>Working it out…</p>}
        {answer && (
          <Answer
            answer={answer}
            entries={entries}
            set={onDescribe && ((part) => setTried({ ...tried, ...part }))}
            whyElsewhere
          />
        )}
        {Object.keys(tried).length > 0 && (
          <div className={classes.row}>
            <Button
              onClick={() =>
                send("PUT", `/api/units/${unitId}/places/${place.id}`, {
                  ...place.given,
                  entries: {
                    ...place.given.entries,
                    fields: { ...place.given.entries.fields, ...tried },
                  },
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
      </Panel>
    </div>
  );
}
