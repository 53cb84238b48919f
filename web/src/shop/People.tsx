import { Button, NativeSelect, PasswordInput, TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/http";
import { elsewhere, fieldErrors } from "../api/problem";
import type { PersonView } from "../api/types";
import { sessionKeys } from "../people/session";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { day, moment } from "../shared/format";
import { Panel } from "../shared/Panel";
import { useWrite } from "../shared/useWrite";
import { t } from "../wording/en";
import { type PersonFields, personFields, personRequest } from "./person.model";
import classes from "./Shop.module.css";

const KEY = ["people"];

/** Everybody who works or worked here, for a lead to look after. */
export function People() {
  const people = useQuery({ queryKey: KEY, queryFn: () => request("GET", "/api/people") });
  const [open, setOpen] = useState<string>();
  const close = () => setOpen(undefined);
  return (
    <Panel title="People" aside="a lead adds them, changes them and lets them go">
      {people.isError && <Fault>The people cannot be fetched. Check the connection.</Fault>}
      <ul className={classes.cards}>
        {people.data?.map((p) => (
          <li key={p.id}>
            <button
              type="button"
              className={classes.person}
              aria-expanded={open === p.id}
              onClick={() => setOpen(open === p.id ? undefined : p.id)}
            >
              <b>{p.name}</b> <span>{t.roles[p.role]}</span> <span>{state(p)}</span>
            </button>
            {open === p.id && <PersonCard key={p.version} person={p} onDone={close} />}
          </li>
        ))}
      </ul>
      {open === "new" ? (
        <PersonCard onDone={close} />
      ) : (
        <Button variant="default" onClick={() => setOpen("new")}>
          Add a person
        </Button>
      )}
      <p className={classes.soft}>
        A viewer reads. A mechanic works. A lead also signs while something is still open, with a reason.
        Whoever leaves stays in the records.
      </p>
    </Panel>
  );
}

const state = (p: PersonView): string => {
  if (p.leftAt) {
    return `left ${day(p.leftAt)}`;
  }
  if (!p.lockedUntil) {
    return "";
  }
  const again = p.locks > 1 ? `, ${p.locks} times in a row: is somebody guessing?` : "";
  return `locked until ${moment(p.lockedUntil)}${again}`;
};

interface Props {
  person?: PersonView;
  onDone: () => void;
}

function PersonCard({ person, onDone }: Props) {
  const client = useQueryClient();
  const [id] = useState(() => person?.id ?? crypto.randomUUID());
  const [fields, setFields] = useState(() =>
    personFields(person && { name: person.name, role: person.role }),
  );
  const change = (part: Partial<PersonFields>) => setFields({ ...fields, ...part });
  const { send, problem, clear, busy } = useWrite<PersonView[]>((all) => {
    client.setQueryData(KEY, all);
    void client.invalidateQueries({ queryKey: sessionKeys.people });
    onDone();
  });
  const errors = fieldErrors(problem);
  const stray = problem?.status === 409 ? undefined : elsewhere(problem, ["name", "role", "pin"]);
  const path = `/api/people/${id}`;
  const keep = (version = person?.version) => send("PUT", path, personRequest(fields, version));
  return (
    <div className={classes.card}>
      {stray && <Fault>{stray}</Fault>}
      <TextInput
        label="Name"
        value={fields.name}
        error={errors.name}
        onChange={(e) => change({ name: e.currentTarget.value })}
      />
      <NativeSelect
        label="May"
        value={fields.role}
        error={errors.role}
        data={(["VIEWER", "MECHANIC", "LEAD"] as const).map((r) => ({ value: r, label: t.roles[r] }))}
        onChange={(e) => change({ role: e.currentTarget.value as PersonFields["role"] })}
      />
      <PasswordInput
        label={person ? "New PIN, if it is to change" : "First PIN"}
        autoComplete="new-password"
        value={fields.pin}
        error={errors.pin}
        visibilityToggleButtonProps={{ "aria-label": "Show the PIN" }}
        onChange={(e) => change({ pin: e.currentTarget.value })}
      />
      <div className={classes.buttons}>
        <Button loading={busy} onClick={() => void keep()}>
          {t.actions.keep}
        </Button>
        <Button variant="default" onClick={onDone}>
          Close
        </Button>
        {person?.lockedUntil && (
          <Button variant="default" onClick={() => void send("POST", `${path}/unlock`)}>
            Lift the lock
          </Button>
        )}
        {person && !person.leftAt && (
          <Button
            variant="default"
            onClick={() => void send("POST", `${path}/leave?version=${person.version}`)}
          >
            {person.name} leaves
          </Button>
        )}
        {person?.leftAt && (
          <Button
            variant="default"
            onClick={() => void send("POST", `${path}/come-back?version=${person.version}`)}
          >
            Take {person.name} back
          </Button>
        )}
      </div>
      <Conflict
        problem={problem}
        mine={{ name: fields.name, role: fields.role }}
        theirs={(current) => current as Record<string, unknown>}
        labels={{ name: "Name", role: "May" }}
        onKeepMine={(version) => void keep(version)}
        onTakeTheirs={() => {
          clear();
          void client.invalidateQueries({ queryKey: KEY });
          onDone();
        }}
      />
    </div>
  );
}
