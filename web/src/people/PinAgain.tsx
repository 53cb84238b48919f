import { Button, Modal, PasswordInput } from "@mantine/core";
import { type FormEvent, useEffect, useState } from "react";
import { onPinWanted, request } from "../api/http";
import { ProblemError } from "../api/problem";
import classes from "./PinAgain.module.css";

interface Asked {
  what: string;
  answer: (given: boolean) => void;
}

/** Asks for the PIN when the server wants it for what is being done, and lets that go on. */
export function PinAgain({ name }: { name: string }) {
  const [asked, setAsked] = useState<Asked>();
  const [pin, setPin] = useState("");
  const [fault, setFault] = useState<string>();
  const [busy, setBusy] = useState(false);

  useEffect(() => onPinWanted((what) => new Promise((answer) => setAsked({ what, answer }))), []);

  const close = (given: boolean) => {
    asked?.answer(given);
    setAsked(undefined);
    setPin("");
    setFault(undefined);
  };
  const show = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    try {
      await request("POST", "/api/sign-in/again", { pin });
      close(true);
    } catch (problem) {
      setFault(
        problem instanceof ProblemError
          ? problem.problem.detail
          : "The server cannot be reached. Check the connection and try again.",
      );
      setPin("");
    } finally {
      setBusy(false);
    }
  };

  return (
    <Modal
      opened={asked !== undefined}
      onClose={() => close(false)}
      title={name}
      centered
      closeButtonProps={{ "aria-label": "Not now" }}
    >
      <form onSubmit={show}>
        <PasswordInput
          data-autofocus
          size="lg"
          label="PIN once more"
          description={asked?.what}
          error={fault}
          autoComplete="off"
          value={pin}
          visibilityToggleButtonProps={{ "aria-label": "Show the PIN" }}
          onChange={(e) => setPin(e.currentTarget.value)}
        />
        <div className={classes.buttons}>
          <Button variant="default" onClick={() => close(false)}>
            Not now
          </Button>
          <Button type="submit" loading={busy}>
            Go on
          </Button>
        </div>
      </form>
    </Modal>
  );
}
