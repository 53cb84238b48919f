import { useState } from "react";
import { MeasuringRoom } from "../drawers/MeasuringRoom";
import type { Wanted } from "../drawers/wanted.model";
import { isClosed } from "../job/closed";
import type { StationProps } from "../job/JobPage";
import { Kept } from "../measuring/Kept";
import { MeasurePad } from "../measuring/MeasurePad";
import type { Subject } from "../measuring/pad.model";
import { Subjects } from "../measuring/Subjects";
import { PartByPart } from "./PartByPart";

/** Every part by eye and feel, backlash of every mesh, the span of gears in doubt, and every other way of measuring. */
export function InspectStation({ view, chosen, onChoose }: StationProps) {
  const firstOpen = view.meshes.find((m) => !m.before)?.stage ?? view.meshes[0]?.stage ?? 1;
  const [subject, setSubject] = useState<Subject>({ kind: "BACKLASH", stage: firstOpen, member: "WHEEL" });
  const [wanted, setWanted] = useState<Wanted>();
  const [opened, setOpened] = useState<{ drawer: string; stage: number }>();
  const mesh = view.meshes.find((m) => m.stage === subject.stage);
  // A drawer opened for a mesh answers no check of a part.
  const openDrawer = (drawer: string, stage: number) => {
    setWanted(undefined);
    setOpened({ drawer, stage });
  };
  return (
    <>
      <PartByPart view={view} chosen={chosen} onChoose={onChoose} onMeasure={setWanted} />
      <Subjects view={view} station="INSPECT" chosen={subject} onChoose={setSubject} onDrawer={openDrawer} />
      {mesh && !isClosed(view) && (
        <MeasurePad
          key={`${subject.kind}${subject.stage}${subject.member}`}
          view={view}
          station="INSPECT"
          subject={subject}
          mesh={mesh}
        />
      )}
      <Kept view={view} station="INSPECT" />
      <MeasuringRoom view={view} station="INSPECT" wanted={wanted} onWanted={setWanted} opened={opened} />
    </>
  );
}
