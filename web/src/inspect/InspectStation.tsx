import { useState } from "react";
import { Link } from "react-router";
import type { JobView } from "../api/types";
import { KeptAnswers } from "../drawers/KeptAnswers";
import { MeasuringRoom } from "../drawers/MeasuringRoom";
import { isClosed } from "../job/closed";
import type { StationProps } from "../job/station";
import { Kept } from "../measuring/Kept";
import { MeasurePad } from "../measuring/MeasurePad";
import type { Subject } from "../measuring/pad.model";
import { Subjects } from "../measuring/Subjects";
import { ShaftStack } from "../shared/stack/ShaftStack";
import { CheckWork } from "./CheckWork";
import { Here } from "./Here";
import classes from "./Inspect.module.css";
import { marksOf, progress } from "./plan.model";
import { RepairEnds } from "./RepairEnds";

/** Every way of measuring there is, whatever the plan asks. */
function Ways({ view }: { view: JobView }) {
  const [subject, setSubject] = useState<Subject>({
    kind: "BACKLASH",
    stage: view.meshes[0]?.stage ?? 1,
    member: "WHEEL",
  });
  const [opened, setOpened] = useState<{ drawer: string; stage: number }>();
  const mesh = view.meshes.find((m) => m.stage === subject.stage);
  return (
    <>
      <Subjects
        view={view}
        station="INSPECT"
        chosen={subject}
        onChoose={setSubject}
        onDrawer={(drawer, stage) => setOpened({ drawer, stage })}
      />
      {mesh && !isClosed(view) && (
        <MeasurePad
          key={`${subject.kind}${subject.stage}${subject.member}`}
          view={view}
          station="INSPECT"
          subject={subject}
          mesh={mesh}
        />
      )}
      <MeasuringRoom view={view} station="INSPECT" opened={opened} only />
    </>
  );
}

/** The plan of checks on the parts: list, picture and the check in hand on one screen. */
export function InspectStation({ view, chosen, onChoose }: StationProps) {
  const [room, setRoom] = useState(false);
  const picked = view.steps.some((s) => s.id === chosen) ? chosen : undefined;
  return (
    <>
      <RepairEnds view={view} />
      <CheckWork
        view={view}
        station="INSPECT"
        title="What to look at"
        says={`${progress(view)} · first what the complaint asks`}
        picked={picked}
        onPick={onChoose}
      >
        <div className={classes.picture}>
          <ShaftStack stack={view.stack} chosen={chosen} onChoose={onChoose} low marks={marksOf(view)} />
        </div>
        <Here view={view} stepId={picked} />
      </CheckWork>
      <p className={classes.sheets}>
        <Link to={`/jobs/${view.job.number}/checks`}>Print the checks as a bench sheet</Link>
      </p>
      <Kept view={view} station="INSPECT" />
      <KeptAnswers view={view} station="INSPECT" />
      <button type="button" className={classes.fold} aria-expanded={room} onClick={() => setRoom(!room)}>
        {room ? "−" : "+"} Measuring room: every other way to measure and work out
      </button>
      {room && <Ways view={view} />}
    </>
  );
}
