import { Button, NativeSelect, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { Link } from "react-router";
import { request } from "../api/http";
import { fieldErrors } from "../api/problem";
import type { JobView, UnitChangeRequest, UnitChangeView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
import { useDraft } from "../shared/useDraft";
import { t } from "../wording/en";
import classes from "./UnitChanges.module.css";

type What = UnitChangeRequest["what"];
const EMPTY = { what: "KIT" as What, was: "", becomes: "", because: "" };

/** What this job changes on the unit itself: with what it was, so that the next one knows. */
export function UnitChanges({ view }: { view: JobView }) {
  const { keep, problem, busy } = useKeep(view.job.number);
  const [adding, setAdding] = useState(false);
  const draft = useDraft(`unit-change.${view.job.id}`, EMPTY);
  const f = draft.value;
  const errors = fieldErrors(problem);
  const signed = isClosed(view);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (await keep("PUT", `/unit-changes/${crypto.randomUUID()}`, f, `changed on the unit: ${f.becomes}`)) {
      draft.clear(EMPTY);
      setAdding(false);
    }
  };
  return (
    <Panel title="Changed on the unit" aside={view.unitChanges.length === 0 ? "nothing" : undefined}>
      {problem && Object.keys(errors).length === 0 && <Fault>{problem.detail}</Fault>}
      <ul className={classes.list}>
        {view.unitChanges.map((change) => (
          <li key={change.id}>
            <Change change={change} />
            {!signed && (
              <button
                type="button"
                onClick={() =>
                  void keep(
                    "DELETE",
                    `/unit-changes/${change.id}?version=${change.given.version}`,
                    undefined,
                    `taken back: ${change.given.becomes}`,
                  )
                }
              >
                Take it back
              </button>
            )}
          </li>
        ))}
      </ul>
      {!signed && !adding && (
        <p className={classes.ways}>
          <Button variant="default" onClick={() => setAdding(true)}>
            This job changes the unit
          </Button>
          <Link to={`/units/${view.unit.id}/papers?job=${view.job.number}`}>New teeth or another ratio</Link>
          {view.places.map((place) => (
            <Link key={place.id} to={`/units/${view.unit.id}/places/${place.id}?job=${view.job.number}`}>
              Another lubricant: {place.name}
            </Link>
          ))}
        </p>
      )}
      {!signed && adding && (
        <form className={classes.form} onSubmit={submit} aria-label="Change of the unit">
          <NativeSelect
            label="What is changed"
            value={f.what}
            data={Object.entries(t.unitChanges).map(([value, label]) => ({ value, label }))}
            onChange={(e) => draft.change({ what: e.currentTarget.value as What })}
          />
          {(
            [
              ["was", "What it was", "roll pin 6 × 40"],
              ["becomes", "What it is from now on", "shear pin of the kit, and its bush"],
              ["because", "Why", "kit of the maker: the pin broke twice"],
            ] as const
          ).map(([field, label, placeholder]) => (
            <TextInput
              key={field}
              label={label}
              placeholder={placeholder}
              value={f[field]}
              error={errors[field]}
              onChange={(e) => draft.change({ [field]: e.currentTarget.value })}
            />
          ))}
          <Button type="submit" loading={busy}>
            Keep the change
          </Button>
          <Button variant="default" onClick={() => setAdding(false)}>
            {t.actions.cancel}
          </Button>
        </form>
      )}
    </Panel>
  );
}

function Change({ change }: { change: UnitChangeView }) {
  return (
    <span>
      <b>{change.given.becomes}</b> <span className={classes.was}>was {change.given.was}</span>
      <small>
        {change.words}; {change.given.because}; {change.by}, {day(change.at)}
        {change.provedAgain && " · what was set and proved before is made again"}
      </small>
    </span>
  );
}

/** What the jobs of a unit changed on it over the years. */
export function ChangesOfUnit({ unitId }: { unitId: string }) {
  const changes = useQuery({
    queryKey: ["unit", unitId, "changes"],
    queryFn: () => request("GET", `/api/units/${unitId}/changes`),
  }).data;
  if (!changes || changes.length === 0) {
    return null;
  }
  return (
    <Panel title="Changed over the years" aside={`${changes.length}`}>
      <ul className={classes.list}>
        {changes.map(({ job, change }) => (
          <li key={change.id}>
            <Change change={change} />
            <Link to={`/jobs/${job}`}>Job {job}</Link>
          </li>
        ))}
      </ul>
    </Panel>
  );
}
