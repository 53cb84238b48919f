import { Button, NativeSelect, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { CauseRequest, Diagnosis, DiagnosisView, JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault, Remark } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import classes from "./Causes.module.css";
import { diagnosisQuery } from "./queries";

/** As many causes and looks as one takes in at once. */
const SHOWN = 4;

/** What it may be, from the complaint and all that was found so far: ranked, with what speaks for and against, and the look that tells most. */
export function Causes({ view, ends = false }: { view: JobView; ends?: boolean }) {
  const asked = useQuery({
    ...diagnosisQuery(view.job.number, view.touched),
    enabled: !isClosed(view),
  });
  const [all, setAll] = useState(false);
  const { keep, problem, busy } = useKeep(view.job.number);
  const data = asked.data?.diagnosis;
  if (isClosed(view) || !asked.data || !data?.causes) {
    return null;
  }
  const { given, signs, here } = asked.data;
  const say = (change: Partial<CauseRequest>) =>
    keep("PUT", "/cause", { ...given, ...change }, "what it may be");
  const answer = (id: string, is: boolean | undefined) => {
    const { [id]: _, ...rest } = given.answers;
    void say({ answers: is === undefined ? rest : { ...rest, [id]: is } });
  };
  const known = data.causes.some((cause) => cause.evidence.length > 0);
  if (!known) {
    return (
      <Panel title="What it may be">
        {problem && <Fault>{problem.detail}</Fault>}
        <p>{data.sentence}</p>
        <Signs signs={signs} answers={given.answers} onAnswer={answer} />
        {ends && <Stated key={given.version} data={asked.data} say={say} busy={busy} />}
      </Panel>
    );
  }
  return (
    <Panel title="What it may be" aside="by judgement, one fault at a time">
      {problem && <Fault>{problem.detail}</Fault>}
      <p className={classes.sentence}>{data.sentence}</p>
      {data.notes.map((note) => (
        <Remark key={note}>{note}</Remark>
      ))}
      <ol className={classes.causes} aria-label="Causes, likeliest first">
        {data.causes.slice(0, all ? undefined : SHOWN).map((cause) => (
          <Cause key={cause.id} cause={cause} here={here[cause.id] ?? 0} />
        ))}
      </ol>
      <button type="button" className={classes.more} aria-expanded={all} onClick={() => setAll(!all)}>
        {all ? "Only the likeliest" : `All ${data.causes.length} that are thought of`}
      </button>
      {!data.isEnough && (
        <>
          <h3>What tells the most for its minutes</h3>
          <ol className={classes.next} aria-label="What to look at next">
            {data.next.slice(0, SHOWN).map((test) => (
              <li key={test.id}>
                {test.test}, {test.minutes} min
                <WhereMade view={view} checks={test.checks} />
                <YesNo of={test.test} onAnswer={(is) => answer(test.id, is)} />
              </li>
            ))}
          </ol>
        </>
      )}
      <Signs signs={signs} answers={given.answers} onAnswer={answer} />
      {ends && <Stated key={given.version} data={asked.data} say={say} busy={busy} />}
    </Panel>
  );
}

/** The answer of a look that is made at once. */
function YesNo({ of, onAnswer }: { of: string; onAnswer: (is: boolean) => void }) {
  return (
    <span className={classes.answers} role="group" aria-label={`Answer: ${of}`}>
      <Button variant="default" onClick={() => onAnswer(true)}>
        It is so
      </Button>
      <Button variant="default" onClick={() => onAnswer(false)}>
        It is not
      </Button>
    </span>
  );
}

interface SignsProps {
  signs: DiagnosisView["signs"];
  answers: Record<string, boolean>;
  onAnswer: (id: string, is: boolean | undefined) => void;
}

/** What else may be there or not, said by hand; what was answered by hand is taken back here. */
function Signs({ signs, answers, onAnswer }: SignsProps) {
  const [open, setOpen] = useState(false);
  const said = Object.keys(answers).length;
  return (
    <>
      <button type="button" className={classes.more} aria-expanded={open} onClick={() => setOpen(!open)}>
        Signs that are there, and that are not{said > 0 && ` (${said} answered by hand)`}
      </button>
      {open && (
        <ul className={classes.signs} aria-label="Signs">
          {signs.map((sign) => {
            const answered = answers[sign.id];
            const is = answered ?? (sign.present ? true : undefined);
            return (
              <li key={sign.id}>
                <span>
                  {sign.words}
                  {answered === undefined && sign.present && <small> (from the complaint)</small>}
                </span>
                <span className={classes.answers} role="group" aria-label={sign.words}>
                  {([true, false] as const).map((value) => (
                    <button
                      key={String(value)}
                      type="button"
                      aria-pressed={is === value}
                      onClick={() => onAnswer(sign.id, answered === value ? undefined : value)}
                    >
                      {value ? "there" : "not there"}
                    </button>
                  ))}
                </span>
              </li>
            );
          })}
          {Object.entries(answers)
            .filter(([id]) => !signs.some((sign) => sign.id === id))
            .map(([id, is]) => (
              <li key={id}>
                <span>
                  {id}: {is ? "it is so" : "it is not"}
                </span>
                <Button variant="default" onClick={() => onAnswer(id, undefined)}>
                  Take it back
                </Button>
              </li>
            ))}
        </ul>
      )}
    </>
  );
}

interface StatedProps {
  data: DiagnosisView;
  say: (change: Partial<CauseRequest>) => Promise<boolean>;
  busy: boolean;
}

const NOT_FOUND = "not found";
const OTHER = "other";

/** What it really was, by name: it stands in the report and counts in this shop. */
function Stated({ data, say, busy }: StatedProps) {
  const { given, stated, diagnosis } = data;
  const before = !given.isStated ? "" : !given.isFound ? NOT_FOUND : given.cause || OTHER;
  const [cause, setCause] = useState(before);
  const [words, setWords] = useState(given.words);
  const changed = cause !== before || words !== given.words;
  return (
    <form
      className={classes.stated}
      aria-label="What it really was"
      onSubmit={(event) => {
        event.preventDefault();
        void say({
          isStated: cause !== "",
          isFound: cause !== "" && cause !== NOT_FOUND,
          cause: cause === NOT_FOUND || cause === OTHER ? "" : cause,
          words: cause === "" ? "" : words,
        });
      }}
    >
      {stated && <p>{stated.sentence}</p>}
      <NativeSelect
        label="What it really was"
        value={cause}
        onChange={(e) => setCause(e.currentTarget.value)}
        data={[
          { value: "", label: "nobody has said it yet" },
          ...diagnosis.causes.map((c) => ({ value: c.id, label: c.cause })),
          { value: OTHER, label: "something else, in words" },
          { value: NOT_FOUND, label: "it was not found" },
        ]}
      />
      <TextInput
        label={cause === OTHER ? "In words" : "What is to be said beside"}
        maxLength={200}
        disabled={cause === ""}
        value={words}
        onChange={(e) => setWords(e.currentTarget.value)}
      />
      <Button
        type="submit"
        variant="default"
        loading={busy}
        disabled={!changed || (cause === OTHER && words.trim() === "")}
      >
        State it
      </Button>
    </form>
  );
}

/** Where a look is made in this job; nothing where no part that came off is asked it. */
function WhereMade({ view, checks }: { view: JobView; checks: string[] }) {
  const asked = checks.filter((id) => view.plan?.checks.some((line) => line.check === id));
  return (
    asked.length > 0 && (
      <>
        {" · "}
        <Link to={`/jobs/${view.job.number}/inspect`}>{asked.join(", ")} at Inspect</Link>
      </>
    )
  );
}

function Cause({ cause, here }: { cause: Diagnosis["causes"][number]; here: number }) {
  const percent = Math.round(100 * cause.probability);
  const words = (list: Diagnosis["causes"][number]["evidence"]) => list.map((e) => e.says).join("; ");
  // Under half a deciban it speaks neither way.
  const pro = cause.evidence.filter((e) => e.decibans > 0.5);
  const contra = cause.evidence.filter((e) => e.decibans < -0.5);
  return (
    <li>
      <span className={classes.share} aria-hidden>
        <i style={{ width: `${Math.max(1, percent)}%` }} />
      </span>
      <b>
        {cause.cause} <em>{percent < 1 ? "under 1" : percent} %</em>
      </b>
      {pro.length > 0 && <small>For: {words(pro)}.</small>}
      {contra.length > 0 && <small>Against: {words(contra)}.</small>}
      <small>
        Put right with it: {cause.putRight}.
        {here > 0 && ` Here it was it ${here === 1 ? "once" : `${here} times`}.`}
      </small>
    </li>
  );
}
