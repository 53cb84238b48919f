import { Button, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useRef, useState } from "react";
import type { JobView, QuickLineAnswer, StepRequest } from "../api/types";
import { useKeep, usePreview } from "../job/bench";
import { Fault } from "../shared/Caution";
import { useDraft } from "../shared/useDraft";
import classes from "./QuickLine.module.css";
import { suggestionsQuery } from "./queries";

interface Props {
  view: JobView;
  shut: boolean;
  /** Step that the new one comes right after; undefined puts it at the end. */
  after: string | undefined;
  /** Puts what was understood into the form, to be corrected there. */
  onCorrect: (step: StepRequest) => void;
  onKept: () => void;
}

const EXAMPLES = [
  "cover input left 6x M8x25 24 Nm from maker's sheet, tray B",
  "2 spacers output right, chamfer down, bag 3",
  "locknut M30x1.5 LH shaft 2 left, hex 46",
  "worn bush stuck to the collar, with puller, 12 min",
  "flange 4x 3/8-16 x 1 1/4 in, threadlock medium",
  "cage with 24 loose rollers",
];

/** One typed line becomes a step; what was understood shows before it is kept. */
export function QuickLine({ view, shut, after, onCorrect, onKept }: Props) {
  const draft = useDraft(`line.${view.job.id}`, { line: "" });
  const { line } = draft.value;
  const field = useRef<HTMLInputElement>(null);
  const { keep, problem } = useKeep(view.job.number);
  const [unsaid, setUnsaid] = useState(false);
  const [refused, setRefused] = useState<string>();
  const where = after ? `?after=${after}` : "";
  const read = usePreview<QuickLineAnswer>(
    `/api/jobs/${view.job.number}/quick-line${where}`,
    line.trim() === "" ? undefined : { line },
  );
  const begins = line.split(/[,;]/)[0]?.trim() ?? "";
  const suggestions = useQuery(suggestionsQuery(view.job.number, begins));
  const answer = line.trim() === "" ? undefined : read.answer;
  const bad = (answer?.problems.length ?? 0) > 0;

  // The line itself is sent: typed faster than it is read, or without a connection, it is read when it arrives.
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    setUnsaid(line.trim() === "");
    if (line.trim() === "" || bad) {
      return;
    }
    // The field is free for the next line at once; a refused line comes back into it, or is shown beside it.
    draft.clear({ line: "" });
    setRefused(undefined);
    field.current?.focus();
    if (await keep("PUT", `/steps/${crypto.randomUUID()}/line${where}`, { line }, `step: ${line}`)) {
      onKept();
    } else if (field.current?.value === "") {
      draft.change({ line });
    } else {
      setRefused(line);
    }
  };

  return (
    <form className={classes.root} onSubmit={submit} aria-label="Quick line">
      {problem && (
        <Fault>
          {refused && `“${refused}”: `}
          {problem.detail}
        </Fault>
      )}
      <div className={classes.line}>
        <TextInput
          ref={field}
          size="lg"
          label="Quick line: type what comes off, in any order of words"
          placeholder={EXAMPLES[0]}
          value={line}
          disabled={shut}
          error={unsaid ? "Type what came off first." : undefined}
          autoComplete="off"
          onChange={(e) => {
            setUnsaid(false);
            draft.change({ line: e.currentTarget.value });
          }}
        />
        <Button type="submit" size="lg" disabled={shut || bad}>
          Keep line ↵
        </Button>
      </div>
      {answer ? (
        <Understood answer={answer} onCorrect={() => onCorrect(answer.step)} />
      ) : (
        <details className={classes.examples}>
          <summary>How to write it, by example</summary>
          <ul>
            {EXAMPLES.map((example) => (
              <li key={example}>
                <button type="button" onClick={() => draft.change({ line: example })}>
                  {example}
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
      {(suggestions.data?.length ?? 0) > 0 && answer && (
        <p className={classes.suggestions}>
          <span>Typed before:</span>
          {suggestions.data?.slice(0, 5).map((step) => (
            <button key={step.part} type="button" onClick={() => onCorrect({ ...step, version: undefined })}>
              {step.part}
            </button>
          ))}
        </p>
      )}
    </form>
  );
}

function Understood({ answer, onCorrect }: { answer: QuickLineAnswer; onCorrect: () => void }) {
  const { step } = answer;
  return (
    <div className={classes.understood} role="status">
      <p className={classes.part}>
        {step.count > 1 ? `${step.count} × ` : ""}
        {step.part || "no part named"}
      </p>
      <ul>
        <li>{kindWords(step.kind)}</li>
        {answer.pieces.map((piece) => (
          <li key={`${piece.from}${piece.meaning}`}>
            <b>{piece.words}</b> {piece.meaning}
          </li>
        ))}
        {answer.carried.map((carried) => (
          <li key={carried} data-carried>
            {carried}, as the step before
          </li>
        ))}
      </ul>
      {answer.problems.map((problem) => (
        <Fault key={problem}>{problem}</Fault>
      ))}
      <button type="button" className={classes.correct} onClick={onCorrect}>
        Put it into the form to correct or add
      </button>
    </div>
  );
}

const kindWords = (kind: string) => kind.toLowerCase().replaceAll("_", " ");
