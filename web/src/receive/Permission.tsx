import { Button, TextInput } from "@mantine/core";
import { useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Caution, Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { FoldingPanel } from "../shared/FoldingPanel";
import { moment } from "../shared/format";
import { useDraft } from "../shared/useDraft";
import { permissionFields, receiveRequest } from "./Receive.model";
import classes from "./Receive.module.css";

/** Who allows the unit to be opened. */
export function Permission({ view }: { view: JobView }) {
  const kept = view.receive.permission;
  const draft = useDraft(`permission.${view.job.id}`, permissionFields(kept));
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const errors = fieldErrors(problem);
  const [opened, setOpened] = useState(false);

  const save = async (seen?: number) => {
    if (await keep("PUT", "/permission", receiveRequest(draft.value, seen), "permission to open")) {
      draft.clear();
      setOpened(false);
    }
  };

  const stray = problem?.status === 409 ? undefined : elsewhere(problem, ["approvedBy", "reference"]);
  return (
    <FoldingPanel
      title="Permission to open"
      aside={kept ? `${kept.keptBy}, ${moment(kept.keptAt)}` : "missing"}
      said={
        kept && (
          <>
            {kept.approvedBy}
            {kept.reference !== "" && `, ${kept.reference}`}
            <small>
              {kept.keptBy}, {moment(kept.keptAt)}
            </small>
          </>
        )
      }
      open={opened || draft.touched || problem !== undefined}
      onOpen={isClosed(view) ? undefined : () => setOpened(true)}
    >
      <div className={classes.fields}>
        {view.unit.underWarranty && (
          <Caution>
            Under warranty: the warrantor has to agree before anything is opened, with a reference.
          </Caution>
        )}
        {stray && <Fault>{stray}</Fault>}
        <TextInput
          label="Allowed by"
          placeholder={view.unit.underWarranty ? "the warrantor" : "owner or works manager"}
          value={draft.value.approvedBy}
          error={errors.approvedBy}
          onChange={(e) => draft.change({ approvedBy: e.currentTarget.value })}
        />
        <TextInput
          label="Reference"
          placeholder="order, mail, telephone note"
          value={draft.value.reference}
          error={errors.reference}
          onChange={(e) => draft.change({ reference: e.currentTarget.value })}
        />
        <Button onClick={() => save()} loading={busy} disabled={!draft.touched && kept !== undefined}>
          {kept && !draft.touched ? "Kept" : "Keep the permission"}
        </Button>
      </div>
      <Conflict
        problem={problem}
        mine={draft.value}
        theirs={(current) => current as Record<string, unknown>}
        labels={{ approvedBy: "Allowed by", reference: "Reference" }}
        onKeepMine={save}
        onTakeTheirs={() => {
          draft.clear();
          clearProblem();
        }}
      />
    </FoldingPanel>
  );
}
