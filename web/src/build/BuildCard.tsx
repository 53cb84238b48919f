import { Button, TextInput } from "@mantine/core";
import { useEffect, useState } from "react";
import { fieldErrors } from "../api/problem";
import type { Card, FittingView, JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { PhotoStrip } from "../photo";
import { Caution, Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { moment } from "../shared/format";
import { Neighbourhood } from "../shared/stack/Neighbourhood";
import { useDraft } from "../shared/useDraft";
import { t } from "../wording/en";
import { Bites } from "./Bites";
import classes from "./Build.module.css";
import { badCounts, type FittingFields, startFields, toRequest } from "./Fitting.model";
import { Tightening } from "./Tightening";
import { madeOn, progress, type Ticks } from "./tightening.model";
import { WorkedOut } from "./WorkedOut";

interface Props {
  view: JobView;
  card: Card;
  fitting: FittingView | undefined;
  onNext: () => void;
  onBack: () => void;
}

/** One thing to fit, readable from a step back: what, where, which way round, how fastened, what to check. */
export function BuildCard({ view, card, fitting, onNext, onBack }: Props) {
  const step = view.steps.find((s) => s.id === card.stepId);
  const logged = step?.given.count ?? 1;
  const setting = step?.given.detail?.setting;
  // A pack that was worked out at Set has its own count, unless this card says otherwise.
  const pieces =
    fitting?.given.wantedInstead === undefined
      ? (view.ledger.entries.find((e) => e.stepId === card.stepId)?.wanted ?? logged)
      : logged;
  const done = fitting?.given.done ?? false;
  const signed = isClosed(view);
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const ticks = useDraft<Ticks>(`ticks:${view.job.number}:${card.stepId}`, { ticked: 0, of: "" });
  const on = madeOn(card, fitting?.given.version);
  const ticked = ticks.value.of === on ? ticks.value.ticked : 0;
  const [halted, setHalted] = useState(false);
  const [differs, setDiffers] = useState(false);
  const [typed, setTyped] = useState<Partial<FittingFields>>({});
  // What somebody else keeps meanwhile shows at once; what was typed here stays over it.
  const fields = { ...startFields(fitting?.given, pieces, card.mustBeNew, card.cameOff ?? pieces), ...typed };
  const change = (part: Partial<FittingFields>) => setTyped({ ...typed, ...part });
  const [opened, setWaiving] = useState<boolean>();
  const waiving = opened ?? fields.waiver !== "";
  const bad = badCounts(fields);
  const errors: Record<string, string | undefined> = { ...fieldErrors(problem), ...bad };
  const undecided = view.decisions.find((d) => d.stepId === card.stepId)?.decided === undefined;

  const send = (isDone: boolean, version = fields.version) =>
    keep(
      "PUT",
      `/fittings/${card.stepId}`,
      toRequest(
        {
          ...fields,
          version,
          waiver: waiving ? fields.waiver : "",
          ticked: ticked > 0 ? ticked : undefined,
        },
        isDone,
      ),
      `${isDone ? "fitted" : "taken back"}: ${card.title}`,
    );
  const badCount = Object.keys(bad).length > 0;
  const screws = progress(card, ticked);
  const half = screws.isBegun && !screws.isDone;
  const unfinished =
    half && halted
      ? `Round ${screws.round + 1} of ${card.rounds.length} is not finished: ${card.tightening.indexOf(screws.next ?? 0) + 1} is next.`
      : "";
  const fitPart = async () => {
    setHalted(half);
    if (!badCount && !half && (await send(true))) {
      ticks.clear({ ticked: 0, of: "" });
      onNext();
    }
  };

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target instanceof HTMLElement ? event.target : undefined;
      const elsewhere = target && /^(INPUT|TEXTAREA|SELECT|BUTTON|SUMMARY)$/i.test(target.tagName);
      if ((event.key === " " || event.key.toLowerCase() === "f") && !elsewhere && !done && !signed && !busy) {
        event.preventDefault();
        void fitPart();
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });

  return (
    <article className={classes.card} aria-label={`Card ${card.place} of ${view.rebuild.length}`}>
      <header>
        <span className={classes.place}>
          {card.place} of {view.rebuild.length}
        </span>
        <span className={classes.where}>{card.where}</span>
      </header>
      <div className={classes.beside}>
        <Neighbourhood stack={view.stack} stepId={card.stepId} />
      </div>
      <p className={classes.title}>
        {card.title}
        {card.instead && <small>{card.instead}</small>}
      </p>
      {pieces !== logged && (
        <p className={classes.fresh}>
          {pieces} {pieces === 1 ? "goes" : "go"} in, {logged} came off
        </p>
      )}
      {card.mustBeNew && <p className={classes.fresh}>Must be new</p>}
      <Bites view={view} stepId={card.stepId} />
      {card.wayRound && (
        <p className={classes.way}>
          <small>way round</small>
          {card.wayRound}
        </p>
      )}
      {(card.halfIn ?? []).length > 0 && (
        <div className={classes.goingIn} role="group" aria-label="going in">
          <small>going in</small>
          {card.halfIn.map((words) => (
            <p key={words}>{words}</p>
          ))}
        </div>
      )}
      {(card.mark || card.goesOn || card.lubricant) && (
        <div className={classes.pair}>
          {card.mark && (
            <p className={classes.way}>
              <small>mark</small>
              {card.mark}
            </p>
          )}
          {(card.goesOn || card.lubricant) && (
            <p className={classes.goesOn}>
              <small>what goes on it</small>
              {goesOn(card.goesOn, card.lubricant)}
            </p>
          )}
        </div>
      )}
      {card.fasten && (
        <div className={classes.fastenRow}>
          <p className={classes.fasten}>
            <small>fastening</small>
            {card.fasten}
          </p>
        </div>
      )}
      {(card.screws ?? []).length > 0 && (
        <Tightening
          card={card}
          ticked={done ? (fitting?.given.ticked ?? 0) : ticked}
          onTick={done || signed ? undefined : (next) => ticks.change({ ticked: next, of: on })}
        />
      )}
      {unfinished && !done && (
        <Caution>{unfinished} Finish the rounds, or take the ticks back one by one.</Caution>
      )}
      <WorkedOut view={view} stepId={card.stepId} />
      {(card.tool || card.position) && (
        <p className={classes.note}>
          {card.position && (
            <>
              Unit lies <b>{card.position}</b>.{" "}
            </>
          )}
          {card.tool && (
            <>
              Tool: <b>{card.tool}</b>.
            </>
          )}
        </p>
      )}
      <PhotoStrip view={view} stepId={card.stepId} stepName={card.title} canAdd={false} large />
      {card.checks.length > 0 && (
        <ul className={classes.checks}>
          {card.checks.map((check) => (
            <li key={check}>{check}</li>
          ))}
        </ul>
      )}
      {setting?.value && !done && !signed && (
        <TextInput
          className={classes.waiver}
          label={`${setting.name}: stands now at`}
          description={`It stood at ${setting.value}${setting.mustKeep ? " and has to stand there again" : ""}.`}
          inputWrapperOrder={["label", "input", "description", "error"]}
          value={fields.setTo}
          error={errors.setTo}
          onChange={(e) => change({ setTo: e.currentTarget.value })}
        />
      )}
      {setting?.value && done && fitting?.given.setTo && (
        <p className={classes.note}>
          {setting.name}: stood at {setting.value}, stands at {fitting.given.setTo}.
        </p>
      )}
      {step?.given.note && <p className={classes.note}>Note from the strip: {step.given.note}</p>}
      {step?.given.tray && !done && !card.mustBeNew && (
        <p className={classes.note}>
          Lies in tray <b>{step.given.tray}</b>.
        </p>
      )}
      {(card.schools ?? []).map((school) => (
        <details key={school.question} className={classes.school}>
          <summary>Two schools: {school.question.toLowerCase()}</summary>
          <p>
            Start from: <b>{school.usual}</b>, because {school.why}.
          </p>
          <p>
            Others: <b>{school.other}</b>, {school.when}. Where the maker says one of them, that is it.
          </p>
        </details>
      ))}
      {card.caution && <Caution>{card.caution}</Caution>}
      {undecided && !done && <p className={classes.note}>Not decided yet: reuse, dress or renew (Decide).</p>}
      {problem && problem.status !== 409 && Object.keys(errors).length === 0 && (
        <Fault>{problem.detail}</Fault>
      )}
      {done && (
        <p className={classes.done}>
          Fitted by {fitting?.fittedBy}, {fitting && moment(fitting.fittedAt)}: {fitting?.given.refitted} from
          the bench, {fitting?.given.renewed} new.
        </p>
      )}
      {fitting?.given.waiver && <p className={classes.note}>Check waived: {fitting.given.waiver}</p>}
      {waiving && !done && (
        <TextInput
          className={classes.waiver}
          label="Why the check is not passed and it goes on all the same (a lead says so)"
          value={fields.waiver}
          error={errors.waiver}
          onChange={(e) => change({ waiver: e.currentTarget.value })}
        />
      )}
      {differs && !done && (
        <div className={classes.counts}>
          {(
            [
              ["refitted", "From the bench"],
              ["renewed", "New"],
              ["scrapped", "Scrapped"],
              ["wantedInstead", "Wanted on purpose"],
              ["reason", "Why the count changed"],
            ] as const
          ).map(([field, label]) => (
            <TextInput
              key={field}
              label={label}
              inputMode={field === "reason" ? "text" : "numeric"}
              placeholder={field === "wantedInstead" ? String(pieces) : undefined}
              value={fields[field]}
              error={errors[field]}
              onChange={(e) => change({ [field]: e.currentTarget.value })}
            />
          ))}
        </div>
      )}
      {!signed && (
        <div className={classes.actions}>
          <Button variant="default" size="xl" onClick={onBack}>
            ← Card before
          </Button>
          {done ? (
            <Button variant="default" size="xl" loading={busy} onClick={() => send(false)}>
              Take it back
            </Button>
          ) : (
            <Button size="xl" className={classes.fit} loading={busy} onClick={fitPart} disabled={badCount}>
              Fitted <kbd>Space</kbd>
            </Button>
          )}
          <Button variant="default" size="xl" onClick={onNext}>
            {done ? "Next card →" : "Skip for now →"}
          </Button>
        </div>
      )}
      {!done && !signed && card.checks.length > 0 && (
        <button
          type="button"
          className={classes.more}
          aria-expanded={waiving}
          onClick={() => setWaiving(!waiving)}
        >
          {waiving ? "−" : "+"} The check is not passed
        </button>
      )}
      {!done && !signed && (
        <button
          type="button"
          className={classes.more}
          aria-expanded={differs}
          onClick={() => setDiffers(!differs)}
        >
          {differs ? "−" : "+"} The count differs from what {pieces === logged ? "came off" : "is wanted"} (
          {pieces})
        </button>
      )}
      <Conflict
        problem={problem}
        mine={{ ...fields, done: true }}
        theirs={(current) => (current as { given: Record<string, unknown> }).given}
        labels={{
          done: "Fitted",
          refitted: "From the bench",
          renewed: "New",
          scrapped: "Scrapped",
          reason: "Reason",
        }}
        onKeepMine={(version) => void send(true, version).then((ok) => ok && clearProblem())}
        onTakeTheirs={clearProblem}
      />
      <span className="visually-hidden">{t.stations.BUILD}</span>
    </article>
  );
}

/** "grease: Calcium grease 2 (bearings)"; an answer this device kept of an earlier version names no lubricant. */
const goesOn = (said: string, lubricant = "") =>
  lubricant === "" || said === "" || lubricant.includes(said) ? lubricant || said : `${said}: ${lubricant}`;
