import { Button, NativeSelect, TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useNavigate } from "react-router";
import { request } from "../api/http";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobCard, JobEndRequest, UnitView } from "../api/types";
import { jobKeys } from "../job/bench";
import { meQuery } from "../people/session";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
import { useWrite } from "../shared/useWrite";
import { unitKeys } from "./queries";
import classes from "./Unit.module.css";

/** A unit that is gone and a job opened by mistake: out of the way, back, and for a lead away for good. */
export function OutOfTheWay({ unit, jobs }: { unit: UnitView; jobs: JobCard[] }) {
  const me = useQuery(meQuery);
  const client = useQueryClient();
  const anew = () => {
    void client.invalidateQueries({ queryKey: unitKeys.all });
    void client.invalidateQueries({ queryKey: jobKeys.all });
  };
  const open = jobs.find((job) => !job.signedAt && !job.putAway);
  const lead = me.data?.role === "LEAD";
  const awayJobs = jobs.filter((job) => job.putAway);
  return (
    <details className={classes.away}>
      <summary>{unit.putAway ? `Put away by ${unit.putAway.by}` : "Out of the way"}</summary>
      <div className={classes.grid}>
        {unit.putAway ? (
          <Panel title="This unit is put away" aside={day(unit.putAway.at)}>
            <p>
              {unit.putAway.why}. Nothing falls due on it and no job is opened; everything on record stays.
            </p>
            <TakeBack unit={unit} onDone={anew} />
          </Panel>
        ) : open ? (
          <EndJob job={open.number} onDone={anew} />
        ) : (
          <PutAway
            title="Put this unit away"
            says="Sold, scrapped or described by mistake: it leaves the register and nothing falls due on it. It stays readable and can be taken back."
            send={(why, write) =>
              write("PUT", `/api/units/${unit.id}/put-away`, { version: unit.version, why })
            }
            onDone={anew}
          />
        )}
        {lead && unit.putAway && (
          <Purge
            what={`${unit.tag} with ${jobs.length === 1 ? "its job" : `its ${jobs.length} jobs`}`}
            path={`/api/care/purge/units/${unit.id}`}
            signed={jobs.filter((job) => job.signedAt).length}
            leads="/units"
          />
        )}
        {lead &&
          awayJobs.map((job) => (
            <Purge
              key={job.number}
              what={`job ${job.number}`}
              path={`/api/care/purge/jobs/${job.number}`}
              signed={0}
              leads={`/units/${unit.id}`}
            />
          ))}
      </div>
    </details>
  );
}

type Write = ReturnType<typeof useWrite>["send"];
type How = NonNullable<JobEndRequest["how"]>;

const ENDS: { value: How; label: string }[] = [
  { value: "MISTAKE", label: "opened by mistake" },
  { value: "RETURNED", label: "returned unrepaired" },
  { value: "SCRAPPED", label: "the unit is scrapped" },
  { value: "CALLED_OFF", label: "called off" },
  { value: "MERGED", label: "goes on in another job" },
];

/** A job that nobody signs: how it ends, why, and where its parts are. */
function EndJob({ job, onDone }: { job: number; onDone: () => void }) {
  const [how, setHow] = useState<How>("MISTAKE");
  const [partsAt, setPartsAt] = useState("");
  const [into, setInto] = useState("");
  const [why, setWhy] = useState("");
  const { send, problem, busy } = useWrite(onDone);
  const errors = fieldErrors(problem);
  const stray = elsewhere(problem, ["why", "partsAt", "into"]);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    const seen = await request("GET", `/api/jobs/${job}`);
    void send("PUT", `/api/jobs/${job}/put-away`, {
      version: seen.job.version,
      how,
      why,
      ...(partsAt.trim() && { partsAt }),
      ...(how === "MERGED" && /^\d+$/.test(into.trim()) && { into: Number(into) }),
    });
  };
  return (
    <Panel title={`End job ${job} unsigned`}>
      <form onSubmit={submit} className={classes.awayForm}>
        <p>It leaves the Floor without a signature. It stays readable and can be taken back.</p>
        {stray && <Fault>{stray}</Fault>}
        <NativeSelect
          label="How it ends"
          data={ENDS}
          value={how}
          onChange={(e) => setHow(e.currentTarget.value as How)}
        />
        <TextInput
          label="Why"
          value={why}
          error={errors.why}
          onChange={(e) => setWhy(e.currentTarget.value)}
        />
        {how === "MERGED" ? (
          <TextInput
            label="It goes on in job"
            inputMode="numeric"
            value={into}
            error={errors.into}
            onChange={(e) => setInto(e.currentTarget.value)}
          />
        ) : (
          how !== "MISTAKE" && (
            <TextInput
              label="Where the parts are that came off"
              placeholder="in a box with the unit"
              value={partsAt}
              error={errors.partsAt}
              onChange={(e) => setPartsAt(e.currentTarget.value)}
            />
          )
        )}
        <Button type="submit" variant="default" loading={busy}>
          End job {job}
        </Button>
      </form>
    </Panel>
  );
}

function PutAway(props: {
  title: string;
  says: string;
  send: (why: string, write: Write) => Promise<boolean>;
  onDone: () => void;
}) {
  const [why, setWhy] = useState("");
  const { send, problem, busy } = useWrite(() => {
    setWhy("");
    props.onDone();
  });
  const stray = elsewhere(problem, ["why"]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void props.send(why, send);
  };
  return (
    <Panel title={props.title}>
      <form onSubmit={submit} className={classes.awayForm}>
        <p>{props.says}</p>
        {stray && <Fault>{stray}</Fault>}
        <TextInput
          label="Why"
          value={why}
          error={fieldErrors(problem).why}
          onChange={(e) => setWhy(e.currentTarget.value)}
        />
        <Button type="submit" variant="default" loading={busy}>
          {props.title}
        </Button>
      </form>
    </Panel>
  );
}

function TakeBack({ unit, onDone }: { unit: UnitView; onDone: () => void }) {
  const { send, problem, busy } = useWrite(onDone);
  return (
    <>
      {problem && <Fault>{problem.detail}</Fault>}
      <Button
        variant="default"
        loading={busy}
        onClick={() => void send("POST", `/api/units/${unit.id}/take-back?version=${unit.version}`)}
      >
        Take the unit back
      </Button>
    </>
  );
}

function Purge(props: { what: string; path: string; signed: number; leads: string }) {
  const [tag, setTag] = useState("");
  const [why, setWhy] = useState("");
  const client = useQueryClient();
  const navigate = useNavigate();
  const { send, problem, busy } = useWrite(() => {
    void client.invalidateQueries();
    void navigate(props.leads);
  });
  const errors = fieldErrors(problem);
  const stray = elsewhere(problem, ["tag", "why"]);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void send("POST", props.path, { tag, why });
  };
  return (
    <Panel title={`Purge ${props.what}`} aside="for good">
      <form onSubmit={submit} className={classes.awayForm}>
        <Fault>
          Everything of it goes, with its history and pictures
          {props.signed > 0 &&
            `, ${props.signed === 1 ? "a signed report" : `${props.signed} signed reports`} too`}
          . Only a backup brings it back. One line stays in the records: what, who, when and why.
        </Fault>
        {stray && <Fault>{stray}</Fault>}
        <TextInput
          label="Type the tag of the unit"
          value={tag}
          error={errors.tag}
          autoComplete="off"
          onChange={(e) => setTag(e.currentTarget.value)}
        />
        <TextInput
          label="Why it goes"
          value={why}
          error={errors.why}
          onChange={(e) => setWhy(e.currentTarget.value)}
        />
        <Button type="submit" variant="default" loading={busy}>
          Purge {props.what}
        </Button>
      </form>
    </Panel>
  );
}
