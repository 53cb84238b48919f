import { Button, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { type FormEvent, useRef, useState } from "react";
import type { JobView, LineAnswer, StepRequest } from "../api/types";
import { useKeep, usePreview } from "../job/bench";
import { Caution, Fault } from "../shared/Caution";
import { useDraft } from "../shared/useDraft";
import { t } from "../wording/en";
import classes from "./QuickLine.module.css";
import { suggestionsQuery } from "./queries";

interface Props {
  view: JobView;
  shut: boolean;
  /** Step that the new one comes right after; undefined puts it at the end. */
  after: string | undefined;
  /** Puts what was understood into the form, to be corrected there. */
  onCorrect: (step: StepRequest) => void;
  /** Opens the fields of a new step. */
  onFields: () => void;
  onKept: () => void;
}

const EXAMPLES = [
  "cover input left 6x M8x25 24 Nm from maker's sheet, tray B",
  "2 spacers output right, chamfer down, bag 3",
  "locknut M30x1.5 LH shaft 2 left, hex 46",
  "worn bush stuck to the collar, with puller, 12 min",
  "flange 4x 3/8-16 x 1 1/4 in, threadlock medium",
  "cage with 24 loose rollers",
  "tab washer and locknut, chamfer in, output right",
  "6 case bolts M8x40, one snapped",
  "battery lead off, capped",
  "stop screw 14.6 proud of the face, leave it",
];

/** One typed line becomes a step; what was understood shows before it is kept. */
export function QuickLine({ view, shut, after, onCorrect, onFields, onKept }: Props) {
  const draft = useDraft(`line.${view.job.id}`, { line: "" });
  const { line } = draft.value;
  const field = useRef<HTMLInputElement>(null);
  const { keep, problem } = useKeep(view.job.number);
  const [unsaid, setUnsaid] = useState(false);
  const [refused, setRefused] = useState<string>();
  const where: "" | `?after=${string}` = after ? `?after=${after}` : "";
  const read = usePreview(
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
          label="Quick line: type what comes off or what you do, in any order of words"
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
        <Understood answer={answer} onCorrect={(step) => onCorrect(step ?? named(line))} />
      ) : (
        <>
          <button type="button" className={classes.correct} disabled={shut} onClick={onFields}>
            By fields instead
          </button>
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
        </>
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

/** The words typed as the name of a part, where the line was read as something else. */
const named = (line: string): StepRequest => ({
  part: line.trim().slice(0, 120),
  kind: "OTHER",
  count: 1,
  shaft: 0,
  side: "MIDDLE",
  wayRound: "",
  singleUse: false,
  tray: "",
  condition: "NOT_SAID",
  note: "",
});

function Understood({
  answer,
  onCorrect,
}: {
  answer: LineAnswer;
  onCorrect: (step: StepRequest | undefined) => void;
}) {
  const { steps } = answer;
  // Two of one name may stand in a line; their place tells them apart.
  const placed = steps.map((step, place) => ({ step, key: `${place} ${step.part}` }));
  return (
    <div className={classes.understood} role="status">
      {steps.length === 0 && (
        <p className={classes.part}>
          No part came off. Kept in the log as: <b>{answer.says}</b>
        </p>
      )}
      {placed.map(({ step, key }) => (
        <div key={key}>
          <p className={classes.part}>
            {step.count > 1 ? `${step.count} × ` : ""}
            {step.part} <small>{kindWords(step.kind)}</small>
            {step.detail?.belongs && (
              <small>
                {" · "}
                {t.standingShort[step.detail.belongs.standing]}
                {step.detail.belongs.part && `: ${step.detail.belongs.part} belongs there`}
              </small>
            )}
          </p>
          {step.note && <p className={classes.note}>In words: {step.note}</p>}
        </div>
      ))}
      <ul>
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
      {answer.cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
      {answer.problems.map((problem) => (
        <Fault key={problem}>{problem}</Fault>
      ))}
      <button type="button" className={classes.correct} onClick={() => onCorrect(steps[0])}>
        {steps.length === 0
          ? "It is a part that came off: put it into the form"
          : steps.length === 1
            ? "Put it into the form to correct or add"
            : "Put the first into the form to correct or add"}
      </button>
    </div>
  );
}

const kindWords = (kind: string) => kind.toLowerCase().replaceAll("_", " ");
