import { IconCamera } from "@tabler/icons-react";
import { useRef, useState } from "react";
import type { JobView, PhotoView } from "../api/types";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import { MarkedPicture } from "./MarkedPicture";
import classes from "./Photo.module.css";
import { PhotoViewer } from "./PhotoViewer";
import { forgetPhoto, queuePhoto, useWaitingPhotos } from "./queue";

interface Props {
  view: JobView;
  /** The part; undefined where the finding is one of a mesh. */
  stepId: string | undefined;
  stepName: string;
  /** Pictures of one finding on the part instead of the step's own. */
  findingId?: string;
  /** False on a signed job and where pictures are only looked at. */
  canAdd: boolean;
  large?: boolean;
}

/** Pictures of one step: those that are kept, those that wait, and the button that takes one more. */
export function PhotoStrip({ view, stepId, stepName, findingId, canAdd, large }: Props) {
  const [open, setOpen] = useState<string>();
  const file = useRef<HTMLInputElement>(null);
  const waiting = useWaitingPhotos().filter((p) => p.step === stepId && p.finding === findingId);
  const photos = view.photos.filter((p) => p.stepId === stepId && p.findingId === findingId);
  const opened = photos.find((p) => p.id === open);

  const take = async (files: FileList | null) => {
    for (const blob of files ?? []) {
      await queuePhoto({
        id: crypto.randomUUID(),
        job: view.job.number,
        ...(stepId !== undefined && { step: stepId }),
        ...(findingId !== undefined && { finding: findingId }),
        blob,
      });
    }
    if (file.current) {
      file.current.value = "";
    }
  };

  if (photos.length === 0 && waiting.length === 0 && !canAdd) {
    return null;
  }
  return (
    <div className={large ? classes.large : classes.strip}>
      {photos.map((photo: PhotoView) => (
        <button
          key={photo.id}
          type="button"
          className={classes.thumb}
          onClick={() => setOpen(photo.id)}
          aria-label={`Open picture of ${stepName}${photo.caption ? `: ${photo.caption}` : ""}`}
        >
          <MarkedPicture photo={photo} job={view.job.number} small={!large} marks={photo.marks} />
        </button>
      ))}
      {waiting.map((photo) =>
        photo.refused === undefined ? (
          <span key={photo.id} className={classes.waiting}>
            picture waits…
          </span>
        ) : (
          <div key={photo.id} className={classes.refused}>
            <Fault>{photo.refused}</Fault>
            <button type="button" onClick={() => forgetPhoto(photo.id)}>
              Put it away
            </button>
          </div>
        ),
      )}
      {canAdd && (
        <>
          <button type="button" className={classes.add} onClick={() => file.current?.click()}>
            <IconCamera size={20} aria-hidden /> Picture
          </button>
          <input
            ref={file}
            type="file"
            accept="image/*"
            capture="environment"
            multiple
            hidden
            aria-label={`Picture file for ${stepName}`}
            onChange={(e) => void take(e.currentTarget.files)}
          />
        </>
      )}
      {opened && (
        <PhotoViewer
          view={view}
          photo={opened}
          stepName={stepName}
          canDraw={!isClosed(view)}
          onClose={() => setOpen(undefined)}
        />
      )}
    </div>
  );
}
