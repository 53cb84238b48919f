import { Button } from "@mantine/core";
import { type FormEvent, useState } from "react";
import type { JobView, OpeningRequest } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault, Remark } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import { Between } from "./Between";
import { CaseView } from "./CaseView";
import { type Faces, withAxes } from "./Layout.model";
import { OpeningForm } from "./OpeningForm";
import { PartSizes } from "./PartSizes";
import classes from "./Plan.module.css";

/** What is in hand: an opening, a new one in some wall, or one or two parts. */
interface InHand {
  parts: string[];
  opening?: string;
  faces?: Faces;
}

const NOTHING: InHand = { parts: [] };

/** What blocks what, said on the picture of the case; what follows from it stands beside at once. */
export function OrderPanel({ view }: { view: JobView }) {
  const signed = isClosed(view);
  const [inHand, setInHand] = useState<InHand>(NOTHING);
  const tap = (id: string) =>
    setInHand(({ parts }) => {
      const next = parts.includes(id) ? parts.filter((p) => p !== id) : [...parts.slice(-1), id];
      return next.length === 0 ? NOTHING : { parts: next };
    });
  return (
    <>
      <Panel title="What blocks what" aside={`${view.statements.length} said at the bench`}>
        <p className={classes.soft}>{example(view)}</p>
        {view.contradiction && <Fault>{view.contradiction}</Fault>}
        <CaseView
          view={view}
          parts={inHand.parts}
          opening={inHand.opening}
          onPart={tap}
          onOpening={(o: OpeningRequest) =>
            setInHand(inHand.opening === o.name ? NOTHING : { parts: [], opening: o.name })
          }
          onNew={signed ? undefined : (faces) => setInHand({ parts: [], faces })}
          hand={
            signed || inHand === NOTHING ? undefined : (
              <Say view={view} inHand={inHand} onDone={() => setInHand(NOTHING)} />
            )
          }
        />
        <Follows view={view} />
        <Said view={view} signed={signed} />
      </Panel>
      {!signed && <Names view={view} />}
    </>
  );
}

/** How it is said, with parts of the unit in hand. */
function example(view: JobView) {
  const shaft = view.steps.find((s) => s.given.kind === "SHAFT")?.inWords;
  const hub = view.steps.find((s) => s.given.kind === "GEAR" && s.given.shaft > 0)?.inWords;
  const cover = view.steps.find((s) => s.given.kind === "COVER")?.inWords;
  return [
    `Tap a wall's “+ opening” and say what closes it${cover ? ` (${cover}?)` : ""};`,
    `tap a shaft${shaft ? ` (${shaft})` : ""} and say its steps;`,
    `tap a hub${hub ? ` (${hub})` : ""} and say its size and bore;`,
    "tap two parts and say which must be off first. The log already tells what sat further out and what opened the case.",
  ].join(" ");
}

function Say({ view, inHand, onDone }: { view: JobView; inHand: InHand; onDone: () => void }) {
  const [one, other] = inHand.parts.map((id) => view.steps.find((s) => s.id === id));
  const opening = view.unit.layout.openings.find((o) => o.name === inHand.opening);
  if (inHand.faces || opening) {
    return (
      <OpeningForm
        key={inHand.opening ?? inHand.faces}
        view={view}
        opening={opening}
        faces={inHand.faces ?? "UNSAID"}
        onDone={onDone}
      />
    );
  }
  if (one && other) {
    return <Between key={one.id + other.id} view={view} one={one} other={other} onSaid={onDone} />;
  }
  return one ? <PartSizes key={one.id} view={view} step={one} onDone={onDone} /> : null;
}

/** What follows for the rebuild, and what would make it surer. */
function Follows({ view }: { view: JobView }) {
  return (
    <>
      {view.asks.length > 0 && (
        <Remark>
          <span>
            {view.asks.map((ask) => (
              <span key={ask} className={classes.ask}>
                {ask}
              </span>
            ))}
          </span>
        </Remark>
      )}
      {view.follows.length > 0 && (
        <section aria-label="What follows for the rebuild" className={classes.follows}>
          <h3>What follows for the rebuild</h3>
          <ul>
            {view.follows.map((sentence) => (
              <li key={sentence}>{sentence}</li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}

function Said({ view, signed }: { view: JobView; signed: boolean }) {
  const { keep, problem, busy } = useKeep(view.job.number);
  return (
    <>
      {problem && <Fault>{problem.detail}</Fault>}
      <ul className={classes.said}>
        {view.statements.map((s) => (
          <li key={s.id}>
            <span>
              {s.says} <small>{s.saidBy}</small>
              {s.remark && <em className={classes.remark}>{s.remark}</em>}
            </span>
            {!signed && (
              <Button
                variant="default"
                disabled={busy}
                onClick={() => keep("DELETE", `/statements/${s.id}`, undefined, "take back what was said")}
              >
                Take back
              </Button>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}

/** Shafts, bores and covers of the unit by name. */
function Names({ view }: { view: JobView }) {
  const { keep, problem, busy } = useKeep(view.job.number);
  const [axes, setAxes] = useState(view.unit.shafts.join("\n"));
  const submit = (event: FormEvent) => {
    event.preventDefault();
    const layout = withAxes(view.unit.layout, axes);
    void keep("PUT", "/layout", { version: view.unit.version, layout }, "names of the shafts");
  };
  return (
    <Panel title="Names of the shafts">
      {problem && <Fault>{problem.detail}</Fault>}
      <form className={classes.axes} onSubmit={submit} aria-label="Shafts, bores and covers">
        <label>
          <span>Shafts, bores and covers, one a line, those of the papers first</span>
          <textarea
            rows={Math.max(3, axes.split("\n").length)}
            value={axes}
            onChange={(e) => setAxes(e.currentTarget.value)}
          />
        </label>
        <Button type="submit" variant="default" loading={busy}>
          Keep the names
        </Button>
      </form>
    </Panel>
  );
}
