import { Button, TextInput } from "@mantine/core";
import { type FormEvent, useState } from "react";
import { fieldErrors } from "../api/problem";
import type { JobView, PlanLine, SeenView } from "../api/types";
import { type Keeping, useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { PhotoStrip } from "../photo";
import { Fault } from "../shared/Caution";
import { moment } from "../shared/format";
import { t } from "../wording/en";
import classes from "./Inspect.module.css";
import { noteOf, withNote } from "./parts.model";

/** All that was said of a part, by whom and when; each can have a note, a count and pictures. */
export function FoundOnPart({ view, line }: { view: JobView; line: PlanLine }) {
  const keeping = useKeep(view.job.number);
  const found = view.seen
    .filter((f) => (f.given.stepId ?? f.given.stage) === (line.stepId ?? line.stage))
    .reverse();
  const pieces = view.steps.find((s) => s.id === line.stepId)?.given.count ?? 1;
  if (found.length === 0) {
    return null;
  }
  return (
    <section className={classes.found} aria-label={`Found on ${line.part}`}>
      <h3>Found on {line.part}</h3>
      {keeping.problem && <Fault>{keeping.problem.detail}</Fault>}
      {found.map((f) => (
        <One key={f.id} view={view} part={line.part} found={f} pieces={pieces} keeping={keeping} />
      ))}
    </section>
  );
}

function One(p: { view: JobView; part: string; found: SeenView; pieces: number; keeping: Keeping }) {
  const { view, found, pieces, keeping } = p;
  const { given } = found;
  const [writing, setWriting] = useState(false);
  const signed = isClosed(view);
  return (
    <article>
      <p>
        <b data-severity={found.severity}>{given.word}</b>
        {pieces > 1 && ` on ${given.pieces ?? "all"} of ${pieces}`}: {found.means}.{" "}
        {given.remark && <q>{given.remark}</q>}
      </p>
      <small>
        {given.check}, {t.looks[given.look].toLowerCase()} · {found.by}, {moment(found.at)}
      </small>
      <div className={classes.row}>
        <PhotoStrip
          view={view}
          stepId={given.stepId}
          findingId={found.id}
          stepName={`${p.part}, ${given.word}`}
          canAdd={!signed}
        />
        {!signed && (
          <>
            <Button variant="default" onClick={() => setWriting(!writing)}>
              {pieces > 1 ? "Note, pieces" : "Note"}
            </Button>
            <Button
              variant="default"
              onClick={() =>
                keeping.keep(
                  "DELETE",
                  `/findings/${found.id}?version=${given.version}`,
                  undefined,
                  `take back: ${given.word}`,
                )
              }
            >
              Take it back
            </Button>
          </>
        )}
      </div>
      {writing && (
        <Note found={found} pieces={pieces} job={view.job.number} onDone={() => setWriting(false)} />
      )}
    </article>
  );
}

function Note(p: { found: SeenView; pieces: number; job: number; onDone: () => void }) {
  const { given } = p.found;
  const { keep, problem, busy } = useKeep(p.job);
  const [note, setNote] = useState(noteOf(given));
  const whole = /^\d{0,4}$/.test(note.pieces.trim());
  const errors = fieldErrors(problem);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (
      whole &&
      (await keep("PUT", `/findings/${p.found.id}`, withNote(given, note), `note: ${given.word}`))
    ) {
      p.onDone();
    }
  };
  return (
    <form onSubmit={submit} className={classes.note} aria-label={`Note on ${given.word}`}>
      {problem && Object.keys(errors).length === 0 && <Fault>{problem.detail}</Fault>}
      <TextInput
        label="Note"
        placeholder="where, how deep, since when"
        value={note.remark}
        error={errors.remark}
        onChange={(e) => setNote({ ...note, remark: e.currentTarget.value })}
      />
      {p.pieces > 1 && (
        <TextInput
          label={`Pieces of ${p.pieces}`}
          description="Empty: all of them."
          inputMode="numeric"
          value={note.pieces}
          error={errors.pieces ?? (whole ? undefined : "A whole number.")}
          onChange={(e) => setNote({ ...note, pieces: e.currentTarget.value })}
        />
      )}
      <Button type="submit" loading={busy}>
        {t.actions.keep}
      </Button>
    </form>
  );
}
