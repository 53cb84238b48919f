import { Button, Checkbox, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/http";
import { elsewhere, fieldErrors } from "../api/problem";
import type { IsolationStepView, JobView, SignedIn } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { meQuery } from "../people/session";
import { Caution, Fault } from "../shared/Caution";
import { FoldingPanel } from "../shared/FoldingPanel";
import { moment } from "../shared/format";
import { Panel } from "../shared/Panel";
import { useDraft } from "../shared/useDraft";
import { t } from "../wording/en";
import classes from "./Receive.module.css";

type Step = IsolationStepView["id"];
type Isolation = NonNullable<JobView["receive"]["isolation"]>;
type Energy = keyof typeof t.energies;
const ENERGIES = Object.keys(t.energies) as Energy[];

/** The unit made safe, by whom and when; Strip stays shut until it is. */
export function IsolationPanel({ view }: { view: JobView }) {
  const me = useQuery(meQuery);
  if (view.receive.isolation?.isolated) {
    return <Isolated view={view} kept={view.receive.isolation} />;
  }
  // What somebody ticked is theirs alone: nobody confirms with another's ticks.
  return me.data ? (
    <Confirm key={me.data.id} view={view} me={me.data} />
  ) : (
    <Panel title="Isolation" aside="missing">
      {me.isError && <Fault>Who is at this tablet cannot be fetched. Check the connection.</Fault>}
    </Panel>
  );
}

function Isolated({ view, kept }: { view: JobView; kept: Isolation }) {
  const { keep, problem, busy } = useKeep(view.job.number);
  const [opened, setOpened] = useState(false);
  const lift = () => keep("POST", "/isolation/lift", { version: kept.version }, "energy back on");
  const sources = kept.sources.map((s) => t.energies[s]).join(", ");
  return (
    <FoldingPanel
      title="Isolation"
      aside="isolated"
      said={
        <>
          <b>{sources}</b>: {kept.how}. A start was tried and nothing moved.
          <small>
            Confirmed by {kept.confirmedBy}, {moment(kept.confirmedAt)}
          </small>
        </>
      }
      open={opened || problem !== undefined}
      onOpen={() => setOpened(true)}
      openLabel="Open"
    >
      <p>
        <b>{sources}</b>: {kept.how}. A start was tried and nothing moved.
      </p>
      {kept.done.length > 0 && (
        <ul className={classes.done}>
          {kept.done.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ul>
      )}
      <p>
        Confirmed by <b>{kept.confirmedBy}</b>, {moment(kept.confirmedAt)}.
      </p>
      {problem && <Fault>{problem.detail}</Fault>}
      <Caution>
        Only the person who locked it takes the lock off. With the energy back on, Strip is shut again.
      </Caution>
      <Button variant="default" onClick={lift} loading={busy} disabled={isClosed(view)}>
        The energy is back on
      </Button>
    </FoldingPanel>
  );
}

function Confirm({ view, me }: { view: JobView; me: SignedIn }) {
  const kept = view.receive.isolation;
  const draft = useDraft(`isolation.${view.job.id}.${me.id}`, {
    sources: [] as Energy[],
    how: "",
    triedToStart: false,
    done: [] as Step[],
  });
  const known = useQuery({
    queryKey: ["isolation-steps"],
    queryFn: () => request("GET", "/api/isolation-steps"),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const stepsOf = (sources: Energy[]) => (known.data ?? []).filter((s) => sources.includes(s.energy));
  const steps = stepsOf(draft.value.sources);
  const { keep, problem, busy } = useKeep(view.job.number);
  const errors = fieldErrors(problem);

  const confirm = async () => {
    if (await keep("PUT", "/isolation", { ...draft.value, version: kept?.version }, "isolation confirmed")) {
      draft.clear({ sources: [], how: "", triedToStart: false, done: [] });
    }
  };
  const toggle = (energy: Energy, on: boolean) => {
    const sources = on ? [...draft.value.sources, energy] : draft.value.sources.filter((e) => e !== energy);
    // A source that is not isolated after all takes its steps along: they are not confirmed when it comes back.
    const open = stepsOf(sources).map((s) => s.id);
    draft.change({ sources, done: draft.value.done.filter((id) => open.includes(id)) });
  };

  const stray = elsewhere(problem, ["sources", "how", "triedToStart", "done"]);
  return (
    <Panel
      title="Isolation"
      aside={kept ? `lifted by ${kept.liftedBy}, ${kept.liftedAt ? moment(kept.liftedAt) : ""}` : "missing"}
    >
      <div className={classes.fields}>
        <Caution>
          Lock out, tag, let stored energy out, then try to start. Local codes and the maker’s instructions
          come first.
        </Caution>
        {stray && <Fault>{stray}</Fault>}
        <fieldset className={classes.sources}>
          <legend>Isolated</legend>
          {ENERGIES.map((energy) => (
            <Checkbox
              key={energy}
              label={t.energies[energy]}
              checked={draft.value.sources.includes(energy)}
              onChange={(e) => toggle(energy, e.currentTarget.checked)}
            />
          ))}
        </fieldset>
        {errors.sources && <Fault>{errors.sources}</Fault>}
        {steps.length > 0 && (
          <fieldset className={classes.steps}>
            <legend>Done at these sources</legend>
            {steps.map((step) => (
              <Checkbox
                key={step.id}
                label={step.says}
                checked={draft.value.done.includes(step.id)}
                onChange={(e) =>
                  draft.change({
                    done: e.currentTarget.checked
                      ? [...draft.value.done, step.id]
                      : draft.value.done.filter((id) => id !== step.id),
                  })
                }
              />
            ))}
          </fieldset>
        )}
        {errors.done && <Fault>{errors.done}</Fault>}
        <TextInput
          label="How it is locked and tagged"
          placeholder="breaker locked, own padlock, tag"
          value={draft.value.how}
          error={errors.how}
          onChange={(e) => draft.change({ how: e.currentTarget.value })}
        />
        <Checkbox
          label="I tried to start it, and nothing moved"
          checked={draft.value.triedToStart}
          error={errors.triedToStart}
          onChange={(e) => draft.change({ triedToStart: e.currentTarget.checked })}
        />
        <Button onClick={confirm} loading={busy} disabled={isClosed(view)}>
          I have isolated it ({me.name})
        </Button>
      </div>
    </Panel>
  );
}
