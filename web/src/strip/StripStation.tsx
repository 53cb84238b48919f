import { Button, Menu } from "@mantine/core";
import { IconArrowBackUp, IconDots, IconFileExport } from "@tabler/icons-react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Fragment, type ReactNode, useEffect, useRef, useState } from "react";
import { Link, useSearchParams } from "react-router";
import { problemOf, writeHeaders } from "../api/http";
import type { JobView, StepRequest, StepView } from "../api/types";
import { BesideDocuments } from "../document";
import { DoneAfter, LayOut } from "../done";
import { AsFound } from "../inspect/AsFound";
import { jobKeys, type Keeping, useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import type { StationProps } from "../job/station";
import { PhotoStrip } from "../photo";
import { OrderPanel, ReachPanel } from "../plan";
import { TryItYourself } from "../receive";
import { Fault, Remark } from "../shared/Caution";
import { readDraft } from "../shared/drafts";
import { useDraft } from "../shared/useDraft";
import { t } from "../wording/en";
import { QuickLine } from "./QuickLine";
import { kindsQuery } from "./queries";
import { SplitForm } from "./SplitForm";
import { StepForm } from "./StepForm";
import { fieldsOf, type StepFields } from "./StepForm.model";
import classes from "./Strip.module.css";

const SIDES = ["Log", "Reach a part", "Order and openings"] as const;

/** The teardown in order, as it happens. */
export function StripStation({ view, chosen, onChoose }: StationProps) {
  const [editing, setEditing] = useState<StepFields>();
  const [after, setAfter] = useState<StepView>();
  const [side, setSide] = useState<(typeof SIDES)[number]>("Log");
  const [params] = useSearchParams();
  const keeping = useKeep(view.job.number);
  const { keep, problem, busy } = keeping;
  const kinds = useQuery(kindsQuery).data ?? [];
  const shut = view.route.stops.find((s) => s.station === "STRIP")?.state === "SHUT";
  const signed = isClosed(view);
  const tray = params.get("tray") ?? undefined;

  const undo = () => keep("POST", "/steps/undo", undefined, "undo");
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const typing =
        event.target instanceof HTMLElement && /INPUT|TEXTAREA|SELECT/.test(event.target.tagName);
      if (event.key.toLowerCase() === "u" && !typing && !event.ctrlKey && !event.metaKey && !event.altKey) {
        void keep("POST", "/steps/undo", undefined, "undo");
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [keep]);

  const takeOff = (known: StepRequest) => {
    const { version: _old, ...fresh } = known;
    return keep(
      "PUT",
      `/steps/${crypto.randomUUID()}`,
      { ...fresh, condition: "NOT_SAID", note: "" },
      `step: ${known.part}`,
    );
  };
  const line = useDraft(`line.${view.job.id}`, { line: "" });
  const [byFields, setByFields] = useState(() => readDraft(`step.${view.job.id}.new`) !== null);
  const isNew = byFields || editing?.id === "";
  const done = (kept: boolean) => {
    // Fields that came out of the line are that line: kept with them, it is done too.
    if (kept && editing?.id === "") {
      line.clear({ line: "" });
    }
    if (!kept || editing) {
      setByFields(false);
    }
    setEditing(undefined);
    setAfter(undefined);
  };

  return (
    <>
      {shut && !signed && (
        <Remark>
          <span>
            Strip is shut: {view.route.stops[1]?.says.replace("shut: ", "").replace("shut until", "until")}.{" "}
            <Link to={`/jobs/${view.job.number}/receive`}>Go to Receive</Link>
          </span>
        </Remark>
      )}
      {!shut && <TryItYourself view={view} />}
      {problem && <Fault>{problem.detail}</Fault>}
      {after && (
        <Remark>
          <span>
            The next step goes in right after <b>{`${after.number} ${after.inWords}`}</b>.{" "}
            <button type="button" className={classes.inline} onClick={() => setAfter(undefined)}>
              Put it at the end instead
            </button>
          </span>
        </Remark>
      )}
      {!signed && isNew && (
        <StepForm
          key={editing?.part ?? "new"}
          view={view}
          editing={editing?.id === "" ? editing : undefined}
          after={after?.id}
          kinds={kinds}
          shut={shut}
          onDone={done}
        />
      )}
      {!signed && !isNew && (
        <QuickLine
          view={view}
          shut={shut}
          after={after?.id}
          onCorrect={(step) => setEditing({ ...fieldsOf(step, ""), version: undefined })}
          onFields={() => setByFields(true)}
          onKept={() => setAfter(undefined)}
        />
      )}
      <LayOut view={view} />
      <BesideDocuments view={view} />
      {!signed && <AsFound view={view} of="PARTS" />}
      <div className={classes.logColumn}>
        <nav className={classes.tabs} aria-label="Strip: log, reach, order">
          {SIDES.map((name) => (
            <button
              key={name}
              type="button"
              aria-current={name === side ? "page" : undefined}
              onClick={() => setSide(name)}
            >
              {name}
            </button>
          ))}
        </nav>
        {side === "Reach a part" && <ReachPanel view={view} onChoose={onChoose} />}
        {side === "Order and openings" && <OrderPanel view={view} />}
        {side === "Log" && (
          <>
            {view.known.length > 0 && !signed && (
              <Known view={view} disabled={shut || busy} onTakeOff={takeOff} />
            )}
            <Differences view={view} onChoose={onChoose} />
            {tray && (
              <p className={classes.trayNote}>
                Marked: what lies in <b>{tray.includes(" ") ? tray : `tray ${tray}`}</b>.
              </p>
            )}
            <section aria-label="Steps">
              <header className={classes.logHead}>
                <h2>Off so far</h2>
                <Button
                  variant="default"
                  leftSection={<IconArrowBackUp size={20} />}
                  onClick={undo}
                  disabled={!view.undoable || signed}
                  title={view.undoable}
                >
                  {t.actions.undo}
                  {view.undoable ? `: ${view.undoable}` : ""}
                </Button>
                <Papers view={view} signed={signed} />
              </header>
              {view.steps.length === 0 && view.done.length === 0 && (
                <p>Nothing yet. Type what comes off first, and keep it with Enter.</p>
              )}
              <ol className={classes.log}>
                {[...view.steps].reverse().map((step) => (
                  <Fragment key={step.id}>
                    <DoneAfter view={view} after={step.id} />
                    <StepRow
                      view={view}
                      step={step}
                      keeping={keeping}
                      chosen={step.id === chosen}
                      inTray={tray !== undefined && step.given.tray === tray}
                      signed={signed}
                      onChoose={() => onChoose(step.id === chosen ? undefined : step.id)}
                      editing={editing?.id === step.id}
                      onEdit={() => setEditing(fieldsOf(step.given, step.id))}
                      onInsert={setAfter}
                    >
                      <StepForm view={view} editing={editing} kinds={kinds} shut={shut} onDone={done} />
                    </StepRow>
                  </Fragment>
                ))}
                <DoneAfter view={view} after={undefined} />
              </ol>
            </section>
          </>
        )}
      </div>
    </>
  );
}

function Known({
  view,
  disabled,
  onTakeOff,
}: {
  view: JobView;
  disabled: boolean;
  onTakeOff: (part: StepRequest) => void;
}) {
  const { known: parts, guide } = view;
  return (
    <section aria-label="Known from the last rebuild" className={classes.known}>
      <h3>
        Next off, as last time {guide && !guide.sameUnit && <small>from {guide.tag}, of the same kind</small>}
      </h3>
      <ul>
        {parts.slice(0, 4).map((part) => (
          <li key={`${part.part}${part.shaft}${part.side}`}>
            <button type="button" disabled={disabled} onClick={() => onTakeOff(part)}>
              {part.count > 1 ? `${part.count} × ` : ""}
              {part.part}
              <small>
                {part.shaft === 0 ? "housing" : `${view.unit.shafts[part.shaft - 1]}, ${t.sides[part.side]}`}
              </small>
            </button>
          </li>
        ))}
      </ul>
      {parts.length > 4 && <p>and {parts.length - 4} more known parts</p>}
    </section>
  );
}

function Differences({ view, onChoose }: { view: JobView; onChoose: (id: string) => void }) {
  if (view.differences.length === 0) {
    return null;
  }
  return (
    <section aria-label="Not as last time" className={classes.differences}>
      <h3>Not as last time (job {view.guide?.number})</h3>
      <ul>
        {view.differences.map((d) => (
          <li key={d.stepId + d.says}>
            <button type="button" onClick={() => onChoose(d.stepId)}>
              <b>{d.number}</b> {d.says}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Labels to print, the strip as a file, and a file read in. */
function Papers({ view, signed }: { view: JobView; signed: boolean }) {
  const file = useRef<HTMLInputElement>(null);
  const client = useQueryClient();
  const [fault, setFault] = useState<string>();
  const at = `/api/jobs/${view.job.number}`;
  const read = async (chosen: File | undefined) => {
    if (!chosen) {
      return;
    }
    setFault(undefined);
    try {
      const response = await fetch(`${at}/teardown`, {
        method: "POST",
        headers: { ...writeHeaders(), "Content-Type": "application/octet-stream" },
        credentials: "same-origin",
        body: chosen,
      });
      if (response.ok) {
        client.setQueryData(jobKeys.one(String(view.job.number)), await response.json());
      } else {
        setFault((await problemOf(response)).detail);
      }
    } catch {
      setFault("The server cannot be reached. The file is unchanged; choose it again when the line is back.");
    }
    if (file.current) {
      file.current.value = "";
    }
  };
  return (
    <>
      <Menu position="bottom-end" transitionProps={{ duration: 0 }}>
        <Menu.Target>
          <Button variant="default" leftSection={<IconFileExport size={20} />}>
            Labels and files
          </Button>
        </Menu.Target>
        <Menu.Dropdown>
          <Menu.Item component="a" href={`${at}/labels.pdf?each=TRAY`} target="_blank">
            Labels for trays and bags (PDF)
          </Menu.Item>
          <Menu.Item component="a" href={`${at}/labels.pdf?each=STEP`} target="_blank">
            A label for each step (PDF)
          </Menu.Item>
          <Menu.Item component="a" href={`${at}/teardown.json`} download>
            Save the strip as a file (JSON)
          </Menu.Item>
          <Menu.Item component="a" href={`${at}/teardown.zip`} download>
            Save it with pictures (zip)
          </Menu.Item>
          {!signed && <Menu.Item onClick={() => file.current?.click()}>Read a strip from a file</Menu.Item>}
        </Menu.Dropdown>
      </Menu>
      <input
        ref={file}
        type="file"
        accept=".json,.zip"
        hidden
        aria-label="Teardown file"
        onChange={(e) => void read(e.currentTarget.files?.[0])}
      />
      {fault && <Fault>{fault}</Fault>}
    </>
  );
}

interface RowProps {
  view: JobView;
  step: StepView;
  keeping: Keeping;
  chosen: boolean;
  inTray: boolean;
  signed: boolean;
  /** True while its form is open under it. */
  editing: boolean;
  onChoose: () => void;
  onEdit: () => void;
  onInsert: (after: StepView) => void;
  /** The form of this step. */
  children: ReactNode;
}

function StepRow(p: RowProps) {
  const { step, view } = p;
  const [splitting, setSplitting] = useState(false);
  const facts = [
    step.where,
    step.given.wayRound,
    step.given.condition === "NOT_SAID" ? "" : t.conditions[step.given.condition],
    ...step.facts,
  ]
    .filter(Boolean)
    .join(" · ");
  return (
    <li>
      <div className={p.chosen || p.inTray ? classes.rowChosen : classes.row}>
        <button type="button" className={classes.rowMain} onClick={p.onChoose} aria-pressed={p.chosen}>
          <span className={classes.rowNumber}>{step.number}</span>
          <span>
            <b>{step.inWords}</b>
            <small>{facts}</small>
            {step.given.note && <small>{step.given.note}</small>}
          </span>
          <span className={classes.fastening}>
            {step.fastening}
            {step.given.tray && <small>tray {step.given.tray}</small>}
          </span>
        </button>
        {!p.signed && (
          <span className={classes.rowActions}>
            <button type="button" onClick={p.onEdit} aria-label={`Change step ${step.number}`}>
              {t.actions.change}
            </button>
            <StepMenu {...p} onSplit={() => setSplitting(true)} />
          </span>
        )}
      </div>
      {p.editing && p.children}
      {splitting && <SplitForm step={step} keeping={p.keeping} onDone={() => setSplitting(false)} />}
      {(p.chosen || view.photos.some((photo) => photo.stepId === step.id)) && (
        <PhotoStrip
          view={view}
          stepId={step.id}
          stepName={`step ${step.number}, ${step.inWords}`}
          canAdd={!p.signed}
        />
      )}
    </li>
  );
}

function StepMenu({
  step,
  view,
  keeping,
  onInsert,
  onSplit,
}: Pick<RowProps, "step" | "view" | "keeping" | "onInsert"> & { onSplit: () => void }) {
  const { keep } = keeping;
  const at = view.steps.findIndex((s) => s.id === step.id);
  const { version = 0 } = step.given;
  const move = (after: string | undefined, where: string) =>
    keep("POST", `/steps/${step.id}/move`, { version, after }, `move ${step.given.part} ${where}`);
  const before = view.steps[at - 1];
  const next = view.steps[at + 1];
  return (
    <Menu position="bottom-end" transitionProps={{ duration: 0 }}>
      <Menu.Target>
        <button type="button" aria-label={`More for step ${step.number}`}>
          <IconDots size={22} aria-hidden />
        </button>
      </Menu.Target>
      <Menu.Dropdown>
        <Menu.Item onClick={() => onInsert(step)}>Put a step in after this one</Menu.Item>
        <Menu.Item disabled={!before} onClick={() => move(view.steps[at - 2]?.id, "earlier")}>
          It came off earlier: move up in time
        </Menu.Item>
        <Menu.Item disabled={!next} onClick={() => move(next?.id, "later")}>
          It came off later: move on in time
        </Menu.Item>
        <Menu.Item onClick={onSplit}>It is two parts: split</Menu.Item>
        <Menu.Item
          disabled={!before}
          onClick={() =>
            keep(
              "POST",
              `/steps/${step.id}/merge?into=${before?.id}&version=${version}`,
              undefined,
              `merge ${step.given.part}`,
            )
          }
        >
          Merge with the step before
        </Menu.Item>
        <Menu.Item
          onClick={() =>
            keep("DELETE", `/steps/${step.id}?version=${version}`, undefined, `remove ${step.given.part}`)
          }
        >
          Remove step {step.number}
        </Menu.Item>
      </Menu.Dropdown>
    </Menu>
  );
}
