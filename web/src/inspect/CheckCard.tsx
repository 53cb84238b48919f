import { Button, Checkbox, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useState } from "react";
import type { Check, JobView, Look, PlanLine } from "../api/types";
import { MeasuringRoom } from "../drawers/MeasuringRoom";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { MeasurePad } from "../measuring/MeasurePad";
import { meQuery } from "../people/session";
import { Caution, Fault } from "../shared/Caution";
import { t } from "../wording/en";
import classes from "./Inspect.module.css";
import { LeaveOpen } from "./LeaveOpen";
import { edgesInWords, worded, wordOf } from "./parts.model";
import { drawerOf, likeIt, padOf, usualLook } from "./plan.model";

/** A button that does something of its own; the row through which the check was taken in hand has done its work. */
const isOtherButton = (target: EventTarget | null) =>
  target instanceof HTMLButtonElement && target.closest("[data-key]") === null;

interface Props {
  view: JobView;
  station: "INSPECT" | "SET";
  line: PlanLine;
  check: Check;
  next: PlanLine | undefined;
  /** Takes the next one in hand. */
  onNext: () => void;
}

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest("input, textarea, select, [contenteditable]") !== null;

/** The check in hand: what is looked at and how, its words by one tap or key, its measurement, and Enter goes on. */
export function CheckCard({ view, station, line, check, next, onNext }: Props) {
  const me = useQuery(meQuery);
  const { keep, problem, busy } = useKeep(view.job.number);
  const [look, setLook] = useState<Look>(() => usualLook(check));
  const by = me.data?.name ?? "";
  const about = line.stepId ?? line.stage ?? "";
  const mine = wordOf(view.seen, about, check.id, look, by);
  const [picked, setPicked] = useState<string>();
  const [note, setNote] = useState<string>();
  const [pieces, setPieces] = useState("");
  const [also, setAlso] = useState<string[]>([]);
  const [leaving, setLeaving] = useState(false);
  const [measuring, setMeasuring] = useState(check.words.length === 0 && line.state === "OPEN");
  const closed = isClosed(view);
  const word = picked ?? mine?.given.word;
  const count = view.steps.find((s) => s.id === line.stepId)?.given.count ?? 1;
  const alike = likeIt(view, line);
  const strict = view.decisions.find((d) => d.stepId === line.stepId)?.strict ?? false;
  const whole = /^\d{0,4}$/.test(pieces.trim());
  const pad = padOf(view, line);
  const mesh = pad && view.meshes.find((m) => m.stage === pad.stage);
  const drawer = drawerOf(view, line);
  // The same objects as long as they mean the same: a new one opens its drawer again, over what somebody chose meanwhile.
  const wanted = useMemo(
    () => (drawer === undefined ? { stepId: line.stepId, stage: line.stage, check, strict } : undefined),
    [drawer, line.stepId, line.stage, check, strict],
  );
  const opened = useMemo(
    () => (drawer === undefined ? undefined : { drawer, stage: line.stage ?? 0 }),
    [drawer, line.stage],
  );
  const before = view.leftOpen
    .filter(
      (l) => l.given.check === check.id && (l.given.stepId ?? l.given.stage) === (line.stepId ?? line.stage),
    )
    .at(-1);

  const say = async () => {
    if (!word || closed || busy || !whole) {
      return;
    }
    const given = {
      ...(mine ? mine.given : {}),
      stepId: line.stepId,
      stage: line.stage,
      check: check.id,
      look,
      word,
      pieces: pieces.trim() === "" ? mine?.given.pieces : Number(pieces.trim()),
      remark: note ?? mine?.given.remark ?? "",
    };
    const kept = await keep(
      "PUT",
      `/findings/${mine?.id ?? crypto.randomUUID()}`,
      given,
      `${line.part}: ${word}`,
    );
    if (!kept) {
      return;
    }
    for (const other of alike.filter((l) => also.includes(l.stepId ?? ""))) {
      const same = { stepId: other.stepId, check: check.id, look, word, remark: "" };
      if (!(await keep("PUT", `/findings/${crypto.randomUUID()}`, same, `${other.part}: ${word}`))) {
        return;
      }
    }
    onNext();
  };

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target) || event.altKey || event.ctrlKey || event.metaKey) {
        return;
      }
      const chosen = check.words[Number(event.key) - 1];
      if (chosen) {
        event.preventDefault();
        setPicked(chosen.text);
      } else if (event.key === "Enter" && word && !isOtherButton(event.target)) {
        event.preventDefault();
        void say();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });

  const looks = (["AS_FOUND", "WASHED", "AFTER_WORK"] as const).filter((l) => check.looks.includes(l));
  return (
    <section className={classes.card} aria-label="Check in hand">
      <header>
        <h3>
          {line.number !== 0 && <span>{line.number}</span>} {line.part}
        </h3>
        <p className={classes.lookAt}>{worded(check.lookAt)}</p>
        <p>
          <b data-tone={line.state === "OPEN" ? "open" : "soft"}>
            {line.conditional ? "only if it has one" : t.levels[line.level]}
          </b>
          {line.because.length > 0 ? `: ${line.because.join("; ")}` : line.level === "MUST" ? ", always" : ""}{" "}
          · {check.id} · {check.minutes} min
        </p>
        <p className={classes.how}>{check.how}</p>
      </header>
      {check.caution && !closed && <Caution>{check.caution}</Caution>}
      {line.state !== "OPEN" && (
        <p className={classes.said}>
          {t.checkStates[line.state]}: {line.says}
        </p>
      )}
      {problem && <Fault>{problem.detail}</Fault>}
      {check.words.length > 0 && (
        <>
          {looks.length > 1 && (
            <div className={classes.looks} role="group" aria-label="When it is looked at">
              {looks.map((l) => (
                <button key={l} type="button" aria-pressed={l === look} onClick={() => setLook(l)}>
                  {t.looks[l]}
                </button>
              ))}
            </div>
          )}
          <div className={classes.words} role="group" aria-label={`Found at ${check.id}`}>
            {check.words.map((w, i) => (
              <button
                key={w.text}
                type="button"
                disabled={closed}
                aria-pressed={w.text.toLowerCase() === word?.toLowerCase()}
                aria-keyshortcuts={i < 9 ? String(i + 1) : undefined}
                data-severity={w.severity}
                onClick={() => (word === w.text && picked ? void say() : setPicked(w.text))}
              >
                {i < 9 && <kbd>{i + 1}</kbd>} {w.text}
              </button>
            ))}
          </div>
        </>
      )}
      {!closed && (
        <div className={classes.actions}>
          {check.words.length > 0 && (
            <Button size="lg" onClick={() => void say()} loading={busy} disabled={!word || !whole}>
              {next ? `Keep, and on to ${next.number || ""} ${shorter(next.part)} ↵` : "Keep ↵"}
            </Button>
          )}
          {check.measured && (
            <Button
              size="lg"
              variant={check.words.length > 0 ? "default" : "filled"}
              onClick={() => setMeasuring(!measuring)}
            >
              {measuring ? "Put the gauge away" : "Measure it"}
            </Button>
          )}
          <Button size="lg" variant="default" aria-expanded={leaving} onClick={() => setLeaving(!leaving)}>
            Not possible, not needed…
          </Button>
          {next && line.state !== "OPEN" && (
            <Button size="lg" variant="default" onClick={onNext}>
              Next ↵
            </Button>
          )}
        </div>
      )}
      {word && check.words.length > 0 && (
        <div className={classes.more2}>
          <TextInput
            label="Note"
            placeholder="where, how deep, since when"
            value={note ?? mine?.given.remark ?? ""}
            onChange={(e) => setNote(e.currentTarget.value)}
            onKeyDown={(e) => e.key === "Enter" && void say()}
          />
          {count > 1 && (
            <TextInput
              label={`Pieces of ${count}`}
              placeholder="all"
              inputMode="numeric"
              value={pieces}
              error={whole ? undefined : "A whole number."}
              onChange={(e) => setPieces(e.currentTarget.value)}
            />
          )}
        </div>
      )}
      {picked && alike.length > 0 && (
        <fieldset className={classes.alike}>
          <legend>The same is so of</legend>
          <Checkbox.Group value={also} onChange={setAlso}>
            {alike.map((l) => (
              <Checkbox key={l.stepId} value={l.stepId ?? ""} label={`${l.number} ${l.part}`} />
            ))}
          </Checkbox.Group>
        </fieldset>
      )}
      {check.measured && (
        <p className={classes.edges}>
          {edgesInWords(check.measured)} <small>Source: {check.source}.</small>
        </p>
      )}
      {leaving && !closed && (
        <LeaveOpen
          job={view.job.number}
          line={line}
          before={before}
          onDone={() => {
            setLeaving(false);
            onNext();
          }}
        />
      )}
      {measuring && !closed && pad && mesh && (
        <MeasurePad view={view} station={station} subject={pad} mesh={mesh} onKept={onNext} />
      )}
      {measuring && !closed && !pad && (
        <MeasuringRoom
          view={view}
          station={station}
          wanted={wanted}
          opened={opened}
          onWanted={(wanted) => !wanted && onNext()}
          only
        />
      )}
    </section>
  );
}

const LONGEST = 28;
const shorter = (text: string) => (text.length > LONGEST ? `${text.slice(0, LONGEST)}…` : text);
