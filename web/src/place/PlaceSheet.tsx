import { Button, TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { DrawerEntries, PlaceRequest, PlacesOfUnit, PlaceView } from "../api/types";
import { drawersQuery } from "../drawers/queries";
import { Sheet } from "../drawers/Sheet";
import { entriesFrom, labelsOf } from "../drawers/sheet.model";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { forgetDraft } from "../shared/drafts";
import { Panel } from "../shared/Panel";
import { useDraft } from "../shared/useDraft";
import { useWrite } from "../shared/useWrite";
import classes from "./Place.module.css";
import { placeKeys, placesQuery } from "./queries";

interface Props {
  unitId: string;
  /** The place that is described anew; missing for a new one. */
  place?: PlaceView | undefined;
  /** What the papers suggest for a new one. */
  start?: PlaceRequest | undefined;
  /** The job that changes what goes there; missing where the sheet was wrong. */
  job?: string | undefined;
  onDone: () => void;
}

/** The sheet of a lubricated place: what it is, its climate, its sump, its level. It belongs to the unit, not to a job. */
export function PlaceSheet({ unitId, place, start, job, onDone }: Props) {
  const drawers = useQuery(drawersQuery);
  const papers = useQuery(placesQuery(unitId)).data?.papers;
  const client = useQueryClient();
  const [id] = useState(() => place?.id ?? crypto.randomUUID());
  // A new place has no identity yet that would outlive a reload: its draft goes by the unit.
  const draft = place ? `place.${place.id}` : `place.new.${unitId}.${start?.name ?? ""}`;
  const head = useDraft(`${draft}.name`, { name: place?.given.name ?? start?.name ?? "" });
  const { name } = head.value;
  const why = useDraft(`${draft}.because`, { because: "" });
  const [sent, setSent] = useState<DrawerEntries>();
  const { send, problem, clear } = useWrite<PlacesOfUnit>((answer) => {
    client.setQueryData(placeKeys.ofUnit(unitId), answer);
    void client.invalidateQueries({ queryKey: placeKeys.due });
    void client.invalidateQueries({ queryKey: ["job"] });
  });
  // The name stands above a long sheet: what is wrong with it must come into sight.
  const box = useRef<HTMLInputElement>(null);
  const unnamed = fieldErrors(problem).name !== undefined;
  useEffect(() => {
    if (unnamed) {
      box.current?.focus();
    }
  }, [unnamed]);
  const drawer = drawers.data?.find((d) => d.name === "lubricated-place");
  if (!drawer || !papers) {
    return <p>Opening…</p>;
  }
  const kept = place?.given.entries ?? start?.entries;
  const path = `/api/units/${unitId}/places/${id}`;
  const keep = async (entries: DrawerEntries, version = place?.given.version) => {
    setSent(entries);
    const changing =
      job === undefined ? "" : `?job=${job}&because=${encodeURIComponent(why.value.because.trim())}`;
    const done = await send("PUT", path + changing, { version, name, entries });
    if (done) {
      head.clear();
      why.clear({ because: "" });
      onDone();
    }
    return done;
  };
  const takeOff = async (of: PlaceView) => {
    if (await send("DELETE", `${path}?version=${of.given.version}`)) {
      client.setQueryData(placeKeys.away(unitId), of);
      head.clear();
      forgetDraft(draft);
      onDone();
    }
  };
  const stray = problem?.status === 409 ? undefined : elsewhere(problem, ["name", "because"]);
  return (
    <div className={classes.sheet}>
      {job !== undefined && (
        <Panel title={`Job ${job} changes the lubricant`}>
          <p>
            Say on the sheet what goes in from now on. What it was stands with the job; what is in the place
            now is the old one when it is filled.
          </p>
          <TextInput
            label="Why it is changed"
            placeholder="bronze wheel: no additive that eats it"
            value={why.value.because}
            error={fieldErrors(problem).because}
            onChange={(e) => why.change({ because: e.currentTarget.value })}
          />
        </Panel>
      )}
      <div className={classes.named}>
        <TextInput
          ref={box}
          label="Name of the place"
          description="As the shop calls it: sump, pawls, drum bearings."
          inputWrapperOrder={["label", "input", "description", "error"]}
          value={name}
          error={fieldErrors(problem).name}
          onChange={(e) => head.change({ name: e.currentTarget.value })}
        />
        <Button variant="default" onClick={onDone}>
          Leave it
        </Button>
        {place && (
          <Button variant="default" onClick={() => void takeOff(place)}>
            Take it off the unit
          </Button>
        )}
      </div>
      {stray && <Fault>{stray}</Fault>}
      <Conflict
        problem={problem}
        mine={{ name, ...sent?.fields }}
        theirs={(current) => {
          const { entries, ...theirs } = current as PlaceRequest;
          return { ...theirs, ...entries.fields };
        }}
        labels={{ name: "Name of the place", ...labelsOf(drawer) }}
        onKeepMine={(version) => sent && void keep(sent, version)}
        onTakeTheirs={() => {
          head.clear();
          forgetDraft(draft);
          clear();
          void client.invalidateQueries({ queryKey: placeKeys.ofUnit(unitId) });
          onDone();
        }}
      />
      <Sheet
        drawer={{ ...drawer, examples: [] }}
        draftKey={draft}
        start={entriesFrom(drawer, kept, place?.prefill ?? papers)}
        describes
        keep={(entries) => keep(entries)}
        keepLabel="Keep the place"
      />
    </div>
  );
}
