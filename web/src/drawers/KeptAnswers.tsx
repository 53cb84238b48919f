import { Button } from "@mantine/core";
import type { JobView, KeptAnswerView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import measuring from "../measuring/Measuring.module.css";
import { Fault } from "../shared/Caution";
import { moment } from "../shared/format";
import { Verdict } from "../shared/Verdict";
import { t } from "../wording/en";
import { Answer } from "./Answer";

/** Stations at which answers of drawers are kept. */
export type Room = "INSPECT" | "SET" | "FILL";

/** Answers of drawers kept at a station, newest first; before and after stand together by what they are about. */
export function KeptAnswers({ view, station }: { view: JobView; station: Room }) {
  const { keep, problem } = useKeep(view.job.number);
  const here = view.answers.filter((a) => a.given.station === station).reverse();
  if (here.length === 0) {
    return null;
  }
  return (
    <section aria-label="Kept answers" className={measuring.kept}>
      <h2>Kept from the drawers</h2>
      {problem && <Fault>{problem.detail}</Fault>}
      {here.map((kept) => (
        <details key={kept.id}>
          <summary>
            <span>
              <b>
                {kept.title}
                {kept.given.subject && `${kept.title.endsWith("?") ? "" : ":"} ${kept.given.subject}`}
                {kept.given.where && `, ${kept.given.where}`}
              </b>
              <small>{kept.answer.sentence}</small>
              <small>
                {kept.keptBy}, {moment(kept.keptAt)}
                {kept.given.remark && `. ${kept.given.remark}`}
              </small>
            </span>
            {kept.answer.verdict !== "NOT_JUDGED" && (
              <Verdict verdict={kept.answer.verdict} zone={kept.answer.zone} small />
            )}
          </summary>
          <Before view={view} kept={kept} />
          <Answer answer={kept.answer} entries={kept.given.entries} />
          {!isClosed(view) && (
            <Button
              variant="default"
              onClick={() =>
                keep(
                  "DELETE",
                  `/answers/${kept.id}?version=${kept.given.version}`,
                  undefined,
                  `remove ${kept.title}`,
                )
              }
            >
              {t.actions.remove}
            </Button>
          )}
        </details>
      ))}
    </section>
  );
}

/** What the same drawer said of the same thing before the rebuild. */
function Before({ view, kept }: { view: JobView; kept: KeptAnswerView }) {
  const found =
    kept.given.station === "SET"
      ? view.answers
          .filter(
            (a) =>
              a.given.station === "INSPECT" &&
              a.given.drawer === kept.given.drawer &&
              a.given.subject.toLowerCase() === kept.given.subject.toLowerCase(),
          )
          .at(-1)
      : undefined;
  return found ? <p className={measuring.earlier}>As found: {found.answer.sentence}</p> : null;
}
