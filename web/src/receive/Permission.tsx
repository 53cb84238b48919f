import { Button, TextInput } from "@mantine/core";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { Caution, Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { moment } from "../shared/format";
import { Panel } from "../shared/Panel";
import { useDraft } from "../shared/useDraft";
import { permissionFields, receiveRequest } from "./Receive.model";
import classes from "./Receive.module.css";

/** Who allows the unit to be opened. */
export function Permission({ view }: { view: JobView }) {
  const kept = view.receive.permission;
  const draft = useDraft(`permission.${view.job.id}`, permissionFields(kept));
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const errors = fieldErrors(problem);

  const save = async (seen?: number) => {
    if (await keep("PUT", "/permission", receiveRequest(draft.value, seen), "permission to open")) {
      draft.clear();
    }
  };

  const stray = problem?.status === 409 ? undefined : elsewhere(problem, ["approvedBy", "reference"]);
  return (
    <Panel title="Permission to open" aside={kept ? `${kept.keptBy}, ${moment(kept.keptAt)}` : "missing"}>
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
    </Panel>
  );
}
