import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Check, DecisionView, JobView, Look } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { meQuery } from "../people/session";
import { Fault } from "../shared/Caution";
import classes from "./Inspect.module.css";
import { asked, edgesInWords, otherWord, worded, wordOf } from "./parts.model";

interface Props {
  view: JobView;
  part: DecisionView;
  checks: Check[];
  look: Look;
  onMeasure: (check: Check) => void;
}

/** The checks of one part, each answered by one tap on a fixed word. */
export function ChecksOfPart({ view, part, checks, look, onMeasure }: Props) {
  const me = useQuery(meQuery);
  const { keep, problem } = useKeep(view.job.number);
  const [more, setMore] = useState(false);
  const { own, common } = asked(part, checks);
  const by = me.data?.name ?? "";
  const signed = isClosed(view);

  /** One's own word at the same look is corrected in its place; somebody else's stands beside it. */
  const say = (check: Check, word: string) => {
    const mine = wordOf(view.seen, part.stepId, check.id, look, by);
    const given = mine
      ? otherWord(mine.given, word)
      : { stepId: part.stepId, check: check.id, look, word, remark: "" };
    return keep("PUT", `/findings/${mine?.id ?? crypto.randomUUID()}`, given, `${part.part}: ${word}`);
  };
  const row = (check: Check) => (
    <Row
      key={check.id}
      check={check}
      open={part.open.includes(check.id)}
      said={wordOf(view.seen, part.stepId, check.id, look, by)?.given.word}
      signed={signed}
      onSay={(word) => say(check, word)}
      onMeasure={() => onMeasure(check)}
    />
  );
  return (
    <>
      {problem && <Fault>{problem.detail}</Fault>}
      <ol className={classes.checks} aria-label={`Checks of ${part.part}`}>
        {own.map(row)}
        {more && common.map(row)}
      </ol>
      {common.length > 0 && (
        <button type="button" className={classes.more} aria-expanded={more} onClick={() => setMore(!more)}>
          {more ? "−" : "+"} Identity, marks, a new part
        </button>
      )}
    </>
  );
}

const isSaid = (word: string, said: string | undefined) => said?.toLowerCase() === word.toLowerCase();

function Row(p: {
  check: Check;
  open: boolean;
  said: string | undefined;
  signed: boolean;
  onSay: (word: string) => void;
  onMeasure: () => void;
}) {
  const { check } = p;
  const [again, setAgain] = useState(false);
  // What was answered takes one line; another word is a tap away.
  const answered = p.said !== undefined && !again;
  const words = check.words.filter((w) => !answered || isSaid(w.text, p.said));
  return (
    <li data-open={p.open}>
      <div className={classes.what}>
        <b>
          {worded(check.lookAt)}
          {p.open && <em>must be answered</em>}
        </b>
        <small>
          {check.id} · {check.how}
        </small>
      </div>
      <div className={classes.words} role="group" aria-label={`Found at ${check.id}`}>
        {words.map((word) => (
          <button
            key={word.text}
            type="button"
            disabled={p.signed}
            aria-pressed={isSaid(word.text, p.said)}
            data-severity={word.severity}
            onClick={() => {
              setAgain(false);
              p.onSay(word.text);
            }}
          >
            {word.text}
          </button>
        ))}
        {answered && !p.signed && (
          <button type="button" className={classes.measure} onClick={() => setAgain(true)}>
            Another word
          </button>
        )}
        {check.measured && !p.signed && (
          <button type="button" className={classes.measure} onClick={p.onMeasure}>
            Measure it
          </button>
        )}
      </div>
      {check.measured && <small className={classes.edges}>{edgesInWords(check.measured)}</small>}
    </li>
  );
}
