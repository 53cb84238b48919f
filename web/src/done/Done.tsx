import { Checkbox } from "@mantine/core";
import type { DoneView, JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import { moment } from "../shared/format";
import { Panel } from "../shared/Panel";
import classes from "./Done.module.css";

/** What was done after one step, or before the first; it stands in the log where it happened. */
export function DoneAfter({ view, after }: { view: JobView; after: string | undefined }) {
  const known = new Set(view.steps.map((s) => s.id));
  const those = view.done.filter((d) =>
    after === undefined ? !d.given.after || !known.has(d.given.after) : d.given.after === after,
  );
  return (
    <>
      {[...those].reverse().map((done) => (
        <DoneRow key={done.id} view={view} done={done} />
      ))}
    </>
  );
}

function DoneRow({ view, done }: { view: JobView; done: DoneView }) {
  const { keep } = useKeep(view.job.number);
  return (
    <li className={classes.done}>
      <b>{done.act}</b> <span>{done.given.line}</span>
      <small>
        {done.by}, {moment(done.at)}
        {done.mirror && (done.given.back ? " · put back" : ` · before it leaves: ${done.mirror}`)}
      </small>
      {!isClosed(view) && (
        <button
          type="button"
          onClick={() =>
            void keep(
              "DELETE",
              `/done/${done.id}?version=${done.given.version}`,
              undefined,
              `take back: ${done.given.line}`,
            )
          }
        >
          Take it back
        </button>
      )}
    </li>
  );
}

/** What was undone at Strip beside parts, to be put back before the unit leaves. */
export function PutBack({ view }: { view: JobView }) {
  const { keep, problem, busy } = useKeep(view.job.number);
  const those = view.done.filter((d) => d.mirror !== "");
  if (those.length === 0) {
    return null;
  }
  const open = those.filter((d) => !d.given.back);
  const say = (done: DoneView, back: boolean) =>
    keep(
      "PUT",
      `/done/${done.id}`,
      { ...done.given, back },
      back ? `put back: ${done.given.line}` : `not put back: ${done.given.line}`,
    );
  return (
    <Panel
      title="To put back beside the parts"
      aside={open.length === 0 ? "all back" : `${open.length} open`}
    >
      {problem && <Fault>{problem.detail}</Fault>}
      <ul className={classes.back}>
        {those.map((done) => (
          <li key={done.id} data-open={!done.given.back}>
            <Checkbox
              size="lg"
              checked={done.given.back}
              disabled={busy || isClosed(view)}
              label={`${done.given.line}: ${done.mirror}`}
              description={`${done.act} at Strip`}
              onChange={(e) => void say(done, e.currentTarget.checked)}
            />
          </li>
        ))}
      </ul>
    </Panel>
  );
}
