import { Button, Modal, TextInput } from "@mantine/core";
import { type KeyboardEvent, type PointerEvent, useState } from "react";
import type { JobView, PhotoMark, PhotoView } from "../api/types";
import { useKeep } from "../job/bench";
import { Fault } from "../shared/Caution";
import { MarkedPicture } from "./MarkedPicture";
import classes from "./Photo.module.css";

interface Props {
  view: JobView;
  photo: PhotoView;
  stepName: string;
  canDraw: boolean;
  onClose: () => void;
}

type Kind = PhotoMark["kind"];
interface Point {
  x: number;
  y: number;
}

const TOOLS: [Kind, string, string][] = [
  ["ARROW", "Arrow", "Tap where the arrow starts, then what it points at."],
  ["CIRCLE", "Circle", "Tap the middle, then how far it reaches."],
  ["LABEL", "Label", "Tap where the words go."],
];
const STEP = 0.02;
const clamp = (value: number) => Math.min(1, Math.max(0, value));

/** A picture large, and arrows, circles and labels drawn on top of it. Two taps a mark; arrow keys and Enter do the same. */
export function PhotoViewer({ view, photo, stepName, canDraw, onClose }: Props) {
  const [tool, setTool] = useState<Kind>();
  const [start, setStart] = useState<Point>();
  const [cross, setCross] = useState<Point>({ x: 0.5, y: 0.5 });
  const [label, setLabel] = useState("");
  const [caption, setCaption] = useState(photo.caption);
  const [marks, setMarks] = useState<PhotoMark[]>(photo.marks);
  const { keep, problem, busy } = useKeep(view.job.number);
  const changed = JSON.stringify(marks) !== JSON.stringify(photo.marks) || caption !== photo.caption;

  const point = (at: Point) => {
    setCross(at);
    if (!tool) {
      return;
    }
    if (tool !== "LABEL" && !start) {
      setStart(at);
      return;
    }
    const from = start ?? at;
    setMarks([...marks, { kind: tool, x: from.x, y: from.y, toX: at.x, toY: at.y, label: label.trim() }]);
    setStart(undefined);
    setLabel("");
  };
  const tap = (event: PointerEvent<HTMLDivElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    point({
      x: clamp((event.clientX - box.left) / box.width),
      y: clamp((event.clientY - box.top) / box.height),
    });
  };
  const key = (event: KeyboardEvent) => {
    const by = {
      ArrowLeft: [-STEP, 0],
      ArrowRight: [STEP, 0],
      ArrowUp: [0, -STEP],
      ArrowDown: [0, STEP],
    }[event.key];
    if (by) {
      event.preventDefault();
      setCross({ x: clamp(cross.x + (by[0] ?? 0)), y: clamp(cross.y + (by[1] ?? 0)) });
    } else if (event.key === "Enter" || event.key === " ") {
      event.preventDefault();
      point(cross);
    }
  };
  const save = async () => {
    if (
      await keep(
        "PUT",
        `/photos/${photo.id}`,
        { version: photo.version, caption, marks },
        `picture of ${stepName}`,
      )
    ) {
      onClose();
    }
  };
  const remove = async () => {
    if (
      await keep(
        "DELETE",
        `/photos/${photo.id}?version=${photo.version}`,
        undefined,
        `remove picture of ${stepName}`,
      )
    ) {
      onClose();
    }
  };

  return (
    <Modal
      opened
      onClose={onClose}
      size="min(1100px, 94vw)"
      title={`Picture of ${stepName}`}
      closeButtonProps={{ "aria-label": "Close" }}
    >
      {problem && <Fault>{problem.detail}</Fault>}
      {canDraw && (
        <div className={classes.tools} role="toolbar" aria-label="Draw on the picture">
          {TOOLS.map(([kind, words]) => (
            <Button
              key={kind}
              variant={tool === kind ? "filled" : "default"}
              aria-pressed={tool === kind}
              onClick={() => {
                setTool(tool === kind ? undefined : kind);
                setStart(undefined);
              }}
            >
              {words}
            </Button>
          ))}
          <TextInput
            aria-label="Words beside the mark"
            placeholder="words beside the mark"
            value={label}
            onChange={(e) => setLabel(e.currentTarget.value)}
          />
          <Button
            variant="default"
            disabled={marks.length === 0}
            onClick={() => setMarks(marks.slice(0, -1))}
          >
            Take the last mark off
          </Button>
        </div>
      )}
      {tool && (
        <p className={classes.how} role="status">
          {start ? "Now the second tap." : TOOLS.find(([kind]) => kind === tool)?.[2]} On the keyboard: arrow
          keys move the cross, Enter taps.
        </p>
      )}
      <div
        role="button"
        tabIndex={canDraw ? 0 : -1}
        aria-label="The picture: tap to draw"
        className={classes.surface}
        data-drawing={tool !== undefined}
        onPointerUp={canDraw ? tap : undefined}
        onKeyDown={canDraw ? key : undefined}
      >
        <MarkedPicture photo={photo} job={view.job.number} marks={marks} />
        {tool && (
          <span className={classes.cross} style={{ left: `${cross.x * 100}%`, top: `${cross.y * 100}%` }} />
        )}
        {start && (
          <span className={classes.start} style={{ left: `${start.x * 100}%`, top: `${start.y * 100}%` }} />
        )}
      </div>
      {canDraw ? (
        <div className={classes.foot}>
          <TextInput
            label="What it shows"
            value={caption}
            onChange={(e) => setCaption(e.currentTarget.value)}
          />
          <Button onClick={save} loading={busy} disabled={!changed}>
            Keep the drawing
          </Button>
          <Button variant="default" onClick={remove} loading={busy}>
            Remove the picture
          </Button>
        </div>
      ) : (
        <p>{photo.caption}</p>
      )}
    </Modal>
  );
}
