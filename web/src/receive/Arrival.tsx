import { Button, Textarea } from "@mantine/core";
import { useState } from "react";
import { fieldErrors } from "../api/problem";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { FoldingPanel } from "../shared/FoldingPanel";
import { useDraft } from "../shared/useDraft";
import { t } from "../wording/en";
import { arrivalFields, receiveRequest } from "./Receive.model";
import classes from "./Receive.module.css";

const LABELS = { complaint: "Complaint", symptoms: "Found before opening", oilAsFound: "Oil as drained" };

/** What the customer says and what was found before opening. */
export function Arrival({ view }: { view: JobView }) {
  const draft = useDraft(`arrival.${view.job.id}`, arrivalFields(view.receive));
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const errors = fieldErrors(problem);
  const [opened, setOpened] = useState(false);
  const { complaint, symptoms, oilAsFound } = view.receive;

  const save = async (seen?: number) => {
    if (await keep("PUT", "/arrival", receiveRequest(draft.value, seen), "arrival")) {
      draft.clear();
      setOpened(false);
    }
  };

  return (
    <FoldingPanel
      title="Arrival"
      said={
        <>
          {complaint}
          <small>
            {symptoms === "" ? "nothing written of what was found before opening" : symptoms}
            {oilAsFound !== "" && ` · oil: ${oilAsFound}`}
          </small>
        </>
      }
      open={opened || draft.touched || problem !== undefined}
      onOpen={isClosed(view) ? undefined : () => setOpened(true)}
      openLabel={symptoms === "" ? "Write it" : t.actions.change}
    >
      <div className={classes.fields}>
        {problem && problem.fields.length === 0 && problem.status !== 409 && <Fault>{problem.detail}</Fault>}
        <Textarea
          label={LABELS.complaint}
          autosize
          minRows={2}
          value={draft.value.complaint}
          error={errors.complaint}
          onChange={(e) => draft.change({ complaint: e.currentTarget.value })}
        />
        <Textarea
          label={LABELS.symptoms}
          placeholder="lash, end float, noise, leaks"
          autosize
          minRows={2}
          value={draft.value.symptoms}
          error={errors.symptoms}
          onChange={(e) => draft.change({ symptoms: e.currentTarget.value })}
        />
        <Textarea
          label={LABELS.oilAsFound}
          placeholder="amount, look, metal on the magnet"
          autosize
          minRows={1}
          value={draft.value.oilAsFound}
          error={errors.oilAsFound}
          onChange={(e) => draft.change({ oilAsFound: e.currentTarget.value })}
        />
        <Button onClick={() => save()} loading={busy} disabled={!draft.touched}>
          {draft.touched ? `${t.actions.keep} the arrival` : "Kept"}
        </Button>
      </div>
      <Conflict
        problem={problem}
        mine={draft.value}
        theirs={(current) => current as Record<string, unknown>}
        labels={LABELS}
        onKeepMine={save}
        onTakeTheirs={() => {
          draft.clear();
          clearProblem();
        }}
      />
    </FoldingPanel>
  );
}
