import { Button, Modal, NativeSelect, Textarea } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { Link, useNavigate } from "react-router";
import { request } from "../api/http";
import { elsewhere, fieldErrors, type Problem, ProblemError } from "../api/problem";
import { jobKeys } from "../job/bench";
import { Fault } from "../shared/Caution";
import { useDraft } from "../shared/useDraft";
import { unitsQuery } from "../unit/queries";
import classes from "./Floor.module.css";

interface Props {
  opened: boolean;
  onClose: () => void;
  /** Unit that is chosen already. */
  unitId?: string;
}

/** A new job: the unit and the complaint. */
export function OpenJob({ opened, onClose, unitId }: Props) {
  const units = useQuery({ ...unitsQuery, enabled: opened });
  const draft = useDraft("open-job", { unitId: unitId ?? "", complaint: "", id: "" });
  const [problem, setProblem] = useState<Problem>();
  const navigate = useNavigate();
  const client = useQueryClient();
  const errors = fieldErrors(problem);
  const chosen = draft.value.unitId || unitId || "";

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (!chosen) {
      setProblem({ status: 422, detail: "", fields: [{ field: "unitId", sentence: "Choose the unit." }] });
      return;
    }
    // One identity for all tries of this job, so that a lost answer opens no second one.
    const id = draft.value.id || crypto.randomUUID();
    draft.change({ id });
    try {
      const job = await request(
        "POST",
        "/api/jobs",
        {
          id,
          unitId: chosen,
          complaint: draft.value.complaint,
        },
        id,
      );
      draft.clear({ unitId: "", complaint: "", id: "" });
      client.setQueryData(jobKeys.one(String(job.job.number)), job);
      void client.invalidateQueries({ queryKey: jobKeys.open });
      await navigate(`/jobs/${job.job.number}/receive`);
    } catch (fault) {
      setProblem(
        fault instanceof ProblemError
          ? fault.problem
          : { status: 0, detail: "No connection. What you typed is kept here: try again.", fields: [] },
      );
      if (fault instanceof ProblemError) {
        draft.change({ id: "" });
      }
    }
  };

  const stray = elsewhere(problem, ["unitId", "complaint"]);
  return (
    <Modal
      opened={opened}
      onClose={onClose}
      title="Open a job"
      size="lg"
      closeButtonProps={{ "aria-label": "Close" }}
    >
      <form className={classes.form} onSubmit={submit}>
        {stray && <Fault>{stray}</Fault>}
        <NativeSelect
          label="Unit"
          value={chosen}
          error={errors.unitId}
          onChange={(e) => draft.change({ unitId: e.currentTarget.value })}
          data={[
            { value: "", label: "Choose…" },
            ...(units.data ?? [])
              .filter((u) => !u.putAway)
              .map((u) => ({ value: u.id, label: `${u.tag} · ${u.name}` })),
          ]}
        />
        <p style={{ margin: 0 }}>
          Not in the list? <Link to="/units/new">Describe a new unit</Link>
        </p>
        <Textarea
          label="Complaint"
          description="What the customer says, in one or two sentences"
          autosize
          minRows={2}
          value={draft.value.complaint}
          error={errors.complaint}
          onChange={(e) => draft.change({ complaint: e.currentTarget.value })}
        />
        <Button type="submit">Open the job</Button>
      </form>
    </Modal>
  );
}
