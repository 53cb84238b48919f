import { Button, PasswordInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useEffect, useRef, useState } from "react";
import { ProblemError } from "../api/problem";
import { beginQuery } from "../begin/begin";
import { outbox } from "../job/bench";
import { Fault } from "../shared/Caution";
import { t } from "../wording/en";
import classes from "./SignIn.module.css";
import { peopleQuery, sessionKeys, signIn } from "./session";

/** Choose a name, enter the PIN. */
export function SignIn({ waiting = 0 }: { waiting?: number }) {
  const people = useQuery(peopleQuery);
  const begun = useQuery(beginQuery);
  const client = useQueryClient();
  const [person, setPerson] = useState<string>();
  const [pin, setPin] = useState("");
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);
  const field = useRef<HTMLInputElement>(null);

  useEffect(() => {
    if (person) {
      field.current?.focus();
    }
  }, [person]);

  const submit = async (event: FormEvent) => {
    event.preventDefault();
    if (!person) {
      setFault("Choose your name first.");
      return;
    }
    setBusy(true);
    try {
      const me = await signIn(person, pin);
      client.setQueryData(sessionKeys.me, me);
      outbox.signedIn({ id: me.id, name: me.name });
      await client.invalidateQueries({ predicate: (q) => q.queryKey[0] !== "session" });
    } catch (problem) {
      setFault(
        problem instanceof ProblemError
          ? problem.problem.detail
          : "The server cannot be reached. Check the connection and try again.",
      );
      setPin("");
      field.current?.focus();
    } finally {
      setBusy(false);
    }
  };

  return (
    <main className={classes.root}>
      <div className={classes.sheet}>
        <p className={classes.mark}>YUNQUE</p>
        {begun.data?.shop && <p className={classes.works}>{begun.data.shop.name}</p>}
        <h1>Who is at the bench?</h1>
        {waiting > 0 && (
          <p>
            The session has ended. {waiting} {waiting === 1 ? "entry waits" : "entries wait"} on this device
            and will be kept once you sign in.
          </p>
        )}
        {people.isError && (
          <Fault>The server cannot be reached. Is it running? This page tries again by itself.</Fault>
        )}
        <div className={classes.names} role="radiogroup" aria-label="Name">
          {people.data?.map((p) => (
            <label key={p.id} className={classes.name} data-chosen={p.id === person}>
              <input
                type="radio"
                name="person"
                value={p.id}
                checked={p.id === person}
                onChange={() => {
                  setPerson(p.id);
                  setFault(undefined);
                }}
              />
              <span>{p.name}</span>
              <small>{t.roles[p.role]}</small>
            </label>
          ))}
        </div>
        <form onSubmit={submit}>
          <PasswordInput
            ref={field}
            size="lg"
            label="PIN"
            autoComplete="off"
            value={pin}
            visibilityToggleButtonProps={{ "aria-label": "Show the PIN" }}
            onChange={(e) => setPin(e.currentTarget.value)}
          />
          {fault && (
            <div className={classes.fault}>
              <Fault>{fault}</Fault>
            </div>
          )}
          <Button type="submit" size="lg" fullWidth mt="md" loading={busy}>
            Sign in
          </Button>
        </form>
      </div>
    </main>
  );
}
