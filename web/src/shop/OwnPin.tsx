import { Button, PasswordInput } from "@mantine/core";
import { type FormEvent, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import { useWrite } from "../shared/useWrite";
import classes from "./Shop.module.css";

/** Everybody's own PIN. */
export function OwnPin() {
  const [current, setCurrent] = useState("");
  const [pin, setPin] = useState("");
  const [again, setAgain] = useState("");
  const [done, setDone] = useState(false);
  const [differs, setDiffers] = useState(false);
  const { send, problem, busy } = useWrite<void>(() => {
    setCurrent("");
    setPin("");
    setAgain("");
    setDone(true);
  });
  const change = async (event: FormEvent) => {
    event.preventDefault();
    setDone(false);
    setDiffers(pin !== again);
    if (pin === again) {
      await send("PUT", "/api/people/me/pin", { current, pin });
    }
  };
  const stray = elsewhere(problem, ["pin"]);
  const field = (label: string, value: string, set: (text: string) => void, error?: string) => (
    <PasswordInput
      label={label}
      autoComplete="off"
      value={value}
      error={error}
      visibilityToggleButtonProps={{ "aria-label": `Show: ${label}` }}
      onChange={(e) => set(e.currentTarget.value)}
    />
  );
  return (
    <Panel title="My PIN">
      <form className={classes.fields} onSubmit={change}>
        {stray && <Fault>{stray}</Fault>}
        {done && <p role="status">The new PIN counts from now on.</p>}
        {field("PIN up to now", current, setCurrent)}
        {field("New PIN", pin, setPin, fieldErrors(problem).pin)}
        {field(
          "New PIN again",
          again,
          setAgain,
          differs && pin !== again ? "The two PINs differ." : undefined,
        )}
        <Button type="submit" variant="default" loading={busy}>
          Change my PIN
        </Button>
      </form>
    </Panel>
  );
}
