import { TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useNavigate, useParams, useSearchParams } from "react-router";
import { request } from "../api/http";
import { type Problem, ProblemError } from "../api/problem";
import type { UnitView } from "../api/types";
import { jobKeys } from "../job/bench";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { useDraft } from "../shared/useDraft";
import { PapersForm } from "./PapersForm";
import { unitKeys, unitQuery } from "./queries";
import { fromRequest, papersOf, toRequest, type UnitFields } from "./UnitForm.model";

/** Corrects the papers of a unit; its open job is judged by the new ones from then on. */
export default function CorrectPapersPage() {
  const { id = "" } = useParams();
  const unit = useQuery(unitQuery(id));
  if (unit.isError) {
    return <Fault>The unit cannot be fetched.</Fault>;
  }
  return unit.data ? <Correction key={id} unit={unit.data} /> : <p>Opening…</p>;
}

function Correction({ unit }: { unit: UnitView }) {
  const { preferences } = usePreferences();
  const lengthUnit = preferences.system === "metric" ? "mm" : "in";
  const start = (of: UnitView) => fromRequest(papersOf(of), lengthUnit);
  // What was typed is kept with the version it was typed against.
  const [seen] = useState(unit.version);
  const draft = useDraft<UnitFields>(`papers.row.${unit.id}.${seen}`, start(unit));
  const [problem, setProblem] = useState<Problem>();
  const [faults, setFaults] = useState<Record<string, string>>({});
  const navigate = useNavigate();
  const client = useQueryClient();
  // With a job it is no correction: that job changes the unit.
  const [params] = useSearchParams();
  const job = params.get("job");
  const [because, setBecause] = useState("");
  const read = toRequest(draft.value);

  const save = async (version: number) => {
    setProblem(undefined);
    setFaults("faults" in read ? read.faults : {});
    if ("faults" in read) {
      return;
    }
    if (job && because.trim() === "") {
      setProblem({ status: 0, detail: "Say why the unit is changed.", fields: [] });
      return;
    }
    const changing = job ? `&job=${job}&because=${encodeURIComponent(because.trim())}` : "";
    try {
      await request(
        "PUT",
        `/api/units/${unit.id}/papers?version=${version}${changing}`,
        read.request,
        crypto.randomUUID(),
      );
      draft.clear(draft.value);
      await client.invalidateQueries({ queryKey: unitKeys.all });
      await client.invalidateQueries({ queryKey: jobKeys.all });
      await navigate(job ? `/jobs/${job}/decide` : `/units/${unit.id}`);
    } catch (fault) {
      setProblem(
        fault instanceof ProblemError
          ? fault.problem
          : { status: 0, detail: "No connection. What you typed is kept here: try again.", fields: [] },
      );
    }
  };

  return (
    <>
      {job && (
        <Panel title={`Job ${job} changes the unit`}>
          <p>
            Enter the papers as they are from now on. What was stands with the job; what was set and proved
            before is made again.
          </p>
          <TextInput
            label="Why it is changed"
            placeholder="wheel and pinion cut anew, one tooth more"
            value={because}
            onChange={(e) => setBecause(e.currentTarget.value)}
          />
        </Panel>
      )}
      <PapersForm
        title={job ? `${unit.tag}, as it is from now on` : `Correct the papers of ${unit.tag}`}
        action="Keep the papers"
        fields={draft.value}
        unit={lengthUnit}
        problem={problem}
        faults={faults}
        change={draft.change}
        onSubmit={(event: FormEvent) => {
          event.preventDefault();
          void save(seen);
        }}
      />
      <Conflict
        problem={problem}
        mine={"request" in read ? { ...read.request } : {}}
        theirs={(current) => ({ ...papersOf(current as UnitView) })}
        labels={{
          tag: "Tag",
          name: "Name",
          kind: "Kind",
          inputSpeedRpm: "Input speed",
          stages: "Stages",
          positions: "Gear positions and outputs",
        }}
        onKeepMine={(version) => save(version ?? seen)}
        onTakeTheirs={() => {
          draft.clear(draft.value);
          void client.invalidateQueries({ queryKey: unitKeys.all });
          void navigate(`/units/${unit.id}`);
        }}
      />
    </>
  );
}
