import { Button, NativeSelect } from "@mantine/core";
import { useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView } from "../api/types";
import { useKeep, usePreview } from "../job/bench";
import { isClosed } from "../job/closed";
import { Caution, Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { FoldingPanel } from "../shared/FoldingPanel";
import { fixed } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import { usePreferences } from "../shared/preferences";
import { useDraft } from "../shared/useDraft";
import { Verdict } from "../shared/Verdict";
import { Working } from "../shared/Working";
import { receiveRequest, turnCountFields } from "./Receive.model";
import classes from "./Receive.module.css";

/** Input turns and output turns counted, held against the teeth. */
export function TurnCount({ view }: { view: JobView }) {
  const kept = view.receive.turnCount;
  const { preferences } = usePreferences();
  const draft = useDraft(`turn-count.${view.job.id}`, turnCountFields(kept));
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const { position, inputTurns, outputTurns, readingError } = draft.value;
  const body = { position, inputTurns, outputTurns, readingError };
  const positions = view.unit.drive.map((p) => p.name).filter((name) => name !== "");
  const ratio = (view.unit.drive.find((p) => p.name === position) ?? view.unit).ratio;
  const complete = inputTurns.text !== "" && outputTurns.text !== "";
  const preview = usePreview(`/api/jobs/${view.job.number}/preview/turn-count`, complete ? body : undefined);
  const told = problem ?? preview.problem;
  const errors = fieldErrors(told);
  const [opened, setOpened] = useState(false);

  const save = async (seen?: number) => {
    if (await keep("PUT", "/turn-count", receiveRequest(draft.value, seen), "turn count")) {
      draft.clear();
      setOpened(false);
    }
  };

  const stray =
    told?.status === 409
      ? undefined
      : elsewhere(told, ["position", "inputTurns", "outputTurns", "readingError"]);
  return (
    <FoldingPanel
      title="Turn count"
      aside={`the teeth give ${fixed(ratio, 3, preferences.decimal)} : 1`}
      said={
        kept && (
          <>
            <Verdict verdict={kept.check.verdict} small /> {kept.check.sentence}
          </>
        )
      }
      open={opened || draft.touched || problem !== undefined}
      onOpen={isClosed(view) ? undefined : () => setOpened(true)}
    >
      <div className={classes.fields}>
        {stray && <Fault>{stray}</Fault>}
        {!kept && <Caution>Turn by hand, never with a drill; fingers out of the mesh.</Caution>}
        {positions.length > 0 && (
          <NativeSelect
            label="Gear position"
            value={position ?? positions[0]}
            error={errors.position}
            data={positions}
            onChange={(e) => draft.change({ position: e.currentTarget.value })}
          />
        )}
        <div className={classes.triple}>
          <MeasureInput
            label="Input turns"
            units={["turns"]}
            value={inputTurns}
            error={errors.inputTurns}
            onChange={(v) => draft.change({ inputTurns: v })}
          />
          <MeasureInput
            label="Output turns"
            units={["turns"]}
            value={outputTurns}
            error={errors.outputTurns}
            onChange={(v) => draft.change({ outputTurns: v })}
            onEnter={() => save()}
          />
          <MeasureInput
            label="Output angle ±"
            units={["°"]}
            value={readingError}
            error={errors.readingError}
            onChange={(v) => draft.change({ readingError: v })}
          />
        </div>
        <Button onClick={() => save()} loading={busy} disabled={!draft.touched || isClosed(view)}>
          {kept && !draft.touched ? "Kept" : "Keep the turn count"}
        </Button>
      </div>
      {preview.answer && (
        <div className={classes.result} aria-live="polite">
          <Verdict verdict={preview.answer.verdict} />
          <p>{preview.answer.sentence}</p>
          <Working working={preview.answer.working} />
        </div>
      )}
      <Conflict
        problem={problem}
        mine={body}
        theirs={(current) => current as Record<string, unknown>}
        labels={{
          position: "Gear position",
          inputTurns: "Input turns",
          outputTurns: "Output turns",
          readingError: "Reading error",
        }}
        onKeepMine={save}
        onTakeTheirs={() => {
          draft.clear();
          clearProblem();
        }}
      />
    </FoldingPanel>
  );
}
