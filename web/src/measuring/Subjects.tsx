import type { JobView } from "../api/types";
import classes from "./Measuring.module.css";
import type { Subject } from "./pad.model";

interface Props {
  view: JobView;
  station: "INSPECT" | "SET";
  chosen: Subject;
  onChoose: (subject: Subject) => void;
  /** Another mesh is to be measured, with a drawer of its own. */
  onDrawer: (drawer: string, stage: number) => void;
}

/** What can be measured here, each with whether it has been. */
export function Subjects({ view, station, chosen, onChoose, onDrawer }: Props) {
  const backlashes = view.meshes.map((mesh) => ({
    subject: { kind: "BACKLASH", stage: mesh.stage, member: "WHEEL" } as Subject,
    label: `Backlash, stage ${mesh.stage}`,
    done: (station === "SET" ? mesh.after : mesh.before) !== undefined,
    again: station === "SET" && mesh.stale !== undefined,
  }));
  const spans = view.unit.stages.flatMap((stage) =>
    (stage.pair ? (["PINION", "WHEEL"] as const) : []).map((member) => ({
      subject: { kind: "SPAN", stage: stage.stage, member } as Subject,
      label: `Span, ${member.toLowerCase()} ${stage.stage}`,
      again: false,
      done: view.measurements.some(
        (m) => m.given.kind === "SPAN" && m.given.stage === stage.stage && m.given.member === member,
      ),
    })),
  );
  const all = station === "SET" ? backlashes : [...backlashes, ...spans];
  return (
    <div className={classes.subjects} role="group" aria-label="What to measure">
      {all.map(({ subject, label, done, again }) => (
        <button
          key={label}
          type="button"
          aria-pressed={
            subject.kind === chosen.kind && subject.stage === chosen.stage && subject.member === chosen.member
          }
          onClick={() => onChoose(subject)}
        >
          {label}{" "}
          <small>
            {again
              ? "measure again"
              : done
                ? "measured"
                : subject.kind === "SPAN"
                  ? "if in doubt"
                  : "to measure"}
          </small>
        </button>
      ))}
      {view.otherMeshes.map((mesh) => (
        <button key={mesh.stage} type="button" onClick={() => onDrawer(mesh.drawer, mesh.stage)}>
          Backlash, stage {mesh.stage}, {mesh.words}{" "}
          <small>
            {station === "SET" && mesh.stale
              ? `${mesh.stale}`
              : (station === "SET" ? mesh.after : mesh.before)
                ? "measured"
                : "to measure"}
          </small>
        </button>
      ))}
    </div>
  );
}
