import { useState } from "react";
import type { Mesh } from "../api/types";
import { MeasuringRoom } from "../drawers/MeasuringRoom";
import { CheckWork } from "../inspect/CheckWork";
import { isClosed } from "../job/closed";
import type { StationProps } from "../job/station";
import { Kept } from "../measuring/Kept";
import { MeasurePad } from "../measuring/MeasurePad";
import type { Subject } from "../measuring/pad.model";
import { Subjects } from "../measuring/Subjects";
import { StepList } from "../procedure/StepList";
import { Caution } from "../shared/Caution";
import { length } from "../shared/format";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { Verdict } from "../shared/Verdict";
import classes from "./Set.module.css";

/** What this kind of unit is set by, in the order of dependence; backlash measured again, beside the value before. */
export function SetStation({ view, chosen, onChoose }: StationProps) {
  const firstOpen = view.meshes.find((m) => !m.after || m.stale)?.stage ?? view.meshes[0]?.stage ?? 1;
  const [subject, setSubject] = useState<Subject>({ kind: "BACKLASH", stage: firstOpen, member: "WHEEL" });
  const [opened, setOpened] = useState<{ drawer: string; stage: number }>();
  const mesh = view.meshes.find((m) => m.stage === subject.stage);
  return (
    <>
      {view.procedure && (
        <StepList
          view={view}
          title="What is set, in this order"
          lines={view.procedure.setting}
          onMove={() => setOpened({ drawer: "next-move", stage: subject.stage })}
          onWork={(drawer) => setOpened({ drawer, stage: 0 })}
        />
      )}
      <div className={classes.gap} />
      <CheckWork
        view={view}
        station="SET"
        title="Seen only now"
        says="checks that can be made after the rebuild only"
        picked={chosen}
        onPick={onChoose}
      />
      {view.meshes.length > 0 && (
        <Panel title="Before and after">
          <div className={classes.scroll}>
            <table className={classes.table}>
              <thead>
                <tr>
                  <th>mesh</th>
                  <th>as found</th>
                  <th>after the rebuild</th>
                  <th>difference</th>
                </tr>
              </thead>
              <tbody>
                {view.meshes.map((m) => (
                  <Row key={m.stage} mesh={m} />
                ))}
              </tbody>
            </table>
          </div>
        </Panel>
      )}
      <div className={classes.gap} />
      <Subjects
        view={view}
        station="SET"
        chosen={subject}
        onChoose={setSubject}
        onDrawer={(drawer, stage) => setOpened({ drawer, stage })}
      />
      {mesh && !isClosed(view) && (
        <MeasurePad key={subject.stage} view={view} station="SET" subject={subject} mesh={mesh} />
      )}
      <Kept view={view} station="SET" />
      <MeasuringRoom view={view} station="SET" opened={opened} />
    </>
  );
}

function Row({ mesh }: { mesh: Mesh }) {
  const { preferences } = usePreferences();
  const value = (m: Mesh["before"]) =>
    m?.result.backlash ? (
      <>
        {length(m.result.backlash.mean.circumferentialMm, preferences)}{" "}
        <Verdict verdict={m.result.verdict} zone={m.result.zone} small />
      </>
    ) : (
      "not measured"
    );
  return (
    <tr>
      <td>{mesh.words}</td>
      <td>{value(mesh.before)}</td>
      <td>
        {value(mesh.after)}
        {mesh.stale && <Caution>{mesh.stale}.</Caution>}
      </td>
      <td>{mesh.change ?? "—"}</td>
    </tr>
  );
}
