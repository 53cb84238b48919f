import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { request } from "../api/http";
import { type Problem, ProblemError } from "../api/problem";
import { usePreferences } from "../shared/preferences";
import { useDraft } from "../shared/useDraft";
import { PapersForm } from "./PapersForm";
import { unitKeys } from "./queries";
import { emptyUnit, toRequest, type UnitFields } from "./UnitForm.model";

/** Describes a unit from its plate, and from its gears as far as they are known. */
export default function NewUnitPage() {
  const { preferences } = usePreferences();
  const lengthUnit = preferences.system === "metric" ? "mm" : "in";
  const draft = useDraft<UnitFields>("new-unit.row", emptyUnit(lengthUnit));
  const [problem, setProblem] = useState<Problem>();
  const [faults, setFaults] = useState<Record<string, string>>({});
  const navigate = useNavigate();
  const client = useQueryClient();
  const fields = draft.value;

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const id = fields.id || crypto.randomUUID();
    const read = toRequest({ ...fields, id });
    setProblem(undefined);
    setFaults("faults" in read ? read.faults : {});
    if ("faults" in read) {
      return;
    }
    draft.change({ id });
    try {
      const unit = await request("POST", "/api/units", read.request, id);
      draft.clear(emptyUnit(lengthUnit));
      await client.invalidateQueries({ queryKey: unitKeys.all });
      await navigate(`/units/${unit.id}`);
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

  return (
    <PapersForm
      title="Describe a new unit"
      action="Keep the unit"
      fields={fields}
      unit={lengthUnit}
      problem={problem}
      faults={faults}
      change={draft.change}
      onSubmit={submit}
    />
  );
}
