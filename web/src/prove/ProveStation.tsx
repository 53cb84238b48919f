import { Button, Textarea } from "@mantine/core";
import { useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import type { StationProps } from "../job/station";
import { StepList } from "../procedure/StepList";
import { Caution, Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { DayInput } from "../shared/DayInput";
import { moment } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { useDraft } from "../shared/useDraft";
import { Verdict } from "../shared/Verdict";
import { Working } from "../shared/Working";
import { proofFields, toRequest } from "./Proof.model";
import classes from "./Prove.module.css";
import { SignOff } from "./SignOff";

const LABELS = {
  ambient: "Surroundings",
  hot: "After the run",
  runMinutes: "Length of the run",
  makersLimit: "Maker’s limit",
  remark: "Remark",
  nextService: "Next service",
};

/** What this kind of unit shows before it leaves, the temperature of its run, and the signature. */
export function ProveStation({ view }: StationProps) {
  const { preferences } = usePreferences();
  const degree = preferences.system === "metric" ? "°C" : "°F";
  const draft = useDraft(`proof.${view.job.id}`, proofFields(view.proof?.given, degree));
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const f = draft.value;
  const read = toRequest(f);
  const errors: Record<string, string | undefined> = {
    ...fieldErrors(problem),
    ...("faults" in read ? read.faults : {}),
  };
  const signed = isClosed(view);
  const asksRun = view.procedure?.acceptance.some((l) => l.by === "RUN") ?? true;
  const [run, setRun] = useState(asksRun || view.proof?.temperature !== undefined);

  const save = async (seen?: number) => {
    if (!("request" in read)) {
      return;
    }
    const body = seen === undefined ? read.request : { ...read.request, version: seen };
    if (await keep("PUT", "/proof", body, "proof")) {
      draft.clear();
    }
  };

  const stray = problem?.status === 409 ? undefined : elsewhere(problem, Object.keys(LABELS));
  return (
    <div className={classes.grid}>
      {view.procedure && (
        <StepList
          view={view}
          title="What it shows before it leaves"
          lines={view.procedure.acceptance}
          notAsked={view.procedure.notAsked}
        />
      )}
      <Panel
        title={asksRun ? "Run and next service" : "Next service"}
        aside={view.proof ? `${view.proof.keptBy}, ${moment(view.proof.keptAt)}` : "not kept yet"}
      >
        <div className={classes.fields}>
          {stray && <Fault>{stray}</Fault>}
          {!asksRun && (
            <button type="button" className={classes.more} aria-expanded={run} onClick={() => setRun(!run)}>
              {run ? "−" : "+"} A run was made all the same
            </button>
          )}
          {run && (
            <>
              <Caution>
                Guards on before the run, one named person at the start, everybody clear, emergency stop
                tried.
              </Caution>
              <div className={classes.three}>
                <MeasureInput
                  label={LABELS.ambient}
                  units={["°C", "°F"]}
                  value={f.ambient}
                  error={errors.ambient}
                  onChange={(ambient) => draft.change({ ambient })}
                />
                <MeasureInput
                  label={LABELS.hot}
                  units={["°C", "°F"]}
                  value={f.hot}
                  error={errors.hot}
                  onChange={(hot) => draft.change({ hot })}
                />
                <MeasureInput
                  label={LABELS.runMinutes}
                  units={["min"]}
                  value={{ text: f.runMinutes, unit: "min" }}
                  error={errors.runMinutes}
                  onChange={(v) => draft.change({ runMinutes: v.text })}
                />
                <MeasureInput
                  label={LABELS.makersLimit}
                  units={["°C", "°F"]}
                  value={f.makersLimit}
                  error={errors.makersLimit}
                  onChange={(makersLimit) => draft.change({ makersLimit })}
                />
              </div>
            </>
          )}
          <Textarea
            label={LABELS.remark}
            placeholder="noise, shift, anything for the next mechanic"
            autosize
            minRows={1}
            value={f.remark}
            error={errors.remark}
            onChange={(e) => draft.change({ remark: e.currentTarget.value })}
          />
          <DayInput
            label={LABELS.nextService}
            value={f.nextService}
            error={errors.nextService}
            onChange={(nextService) => draft.change({ nextService })}
          />
          <Button size="lg" onClick={() => save()} loading={busy} disabled={signed || !draft.touched}>
            {view.proof && !draft.touched ? "Kept" : "Keep the run"}
          </Button>
        </div>
        {view.proof?.temperature && (
          <div className={classes.result}>
            <Verdict verdict={view.proof.temperature.verdict} />
            <p>{view.proof.temperature.sentence}</p>
            <Working working={view.proof.temperature.working} />
          </div>
        )}
      </Panel>
      <SignOff view={view} />
      <Conflict
        problem={problem}
        mine={{ ...f }}
        theirs={(current) => (current as { given: Record<string, unknown> }).given}
        labels={LABELS}
        onKeepMine={save}
        onTakeTheirs={() => {
          draft.clear();
          clearProblem();
        }}
      />
    </div>
  );
}
