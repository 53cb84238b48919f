import { Button, PasswordInput, TextInput } from "@mantine/core";
import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { BeginView } from "../api/types";
import classes from "../people/SignIn.module.css";
import { sessionKeys } from "../people/session";
import { Fault } from "../shared/Caution";
import { useDraft } from "../shared/useDraft";
import { useWrite } from "../shared/useWrite";
import { beginQuery, freshShop } from "./begin";
import { ShopFields } from "./ShopFields";

/** The first start: look around with the demo, or begin a shop of one's own. */
export function BeginPage() {
  const client = useQueryClient();
  const draft = useDraft("begin", { shop: freshShop(), lead: "" });
  const [pin, setPin] = useState("");
  const [again, setAgain] = useState("");
  const [own, setOwn] = useState(false);
  const [differs, setDiffers] = useState(false);
  const { send, problem, busy } = useWrite<BeginView>((begun) => {
    draft.clear();
    client.setQueryData(beginQuery.queryKey, begun);
    void client.invalidateQueries({ queryKey: sessionKeys.people });
  });
  const { shop, lead } = draft.value;
  const errors = fieldErrors(problem);
  const stray = elsewhere(problem, ["name", "decimal", "zone", "pin"]);

  const begin = async (event: FormEvent) => {
    event.preventDefault();
    setDiffers(pin !== again);
    if (pin === again) {
      await send("POST", "/api/begin/shop", { shop, lead, pin });
    }
  };

  return (
    <main className={classes.root}>
      <div className={classes.sheet}>
        <p className={classes.mark}>YUNQUE</p>
        <h1>A new start</h1>
        {stray && <Fault>{stray}</Fault>}
        {!own && (
          <>
            <p>
              There are no records here yet. Look around first with the demo, made-up jobs of a made-up salt
              works; or begin with your own shop, where everything is empty. The two never mix.
            </p>
            <div className={classes.choices}>
              <Button size="lg" onClick={() => setOwn(true)}>
                Begin my own shop
              </Button>
              <Button
                size="lg"
                variant="default"
                loading={busy}
                onClick={() => void send("POST", "/api/begin/demo")}
              >
                Look around with the demo
              </Button>
            </div>
            {busy && <p>The demo is being laid out; this takes some seconds.</p>}
          </>
        )}
        {own && (
          <form onSubmit={begin} className={classes.form}>
            <ShopFields
              shop={shop}
              errors={
                lead.trim() === ""
                  ? { ...errors, name: shop.name.trim() === "" ? errors.name : undefined }
                  : errors
              }
              onChange={(part) => draft.change({ shop: { ...shop, ...part } })}
            />
            <TextInput
              label="Your name"
              description="You are the first lead: you add the others, and sign what only a lead may."
              inputWrapperOrder={["label", "input", "description", "error"]}
              value={lead}
              error={lead.trim() === "" ? errors.name : undefined}
              onChange={(e) => draft.change({ lead: e.currentTarget.value })}
            />
            <PasswordInput
              label="Your PIN"
              description="Four characters or more; a whole sentence is allowed. Write it down and lock it away."
              inputWrapperOrder={["label", "input", "description", "error"]}
              autoComplete="new-password"
              value={pin}
              error={errors.pin}
              visibilityToggleButtonProps={{ "aria-label": "Show the PIN" }}
              onChange={(e) => setPin(e.currentTarget.value)}
            />
            <PasswordInput
              label="The same PIN again"
              autoComplete="new-password"
              value={again}
              error={differs && pin !== again ? "The two PINs differ." : undefined}
              visibilityToggleButtonProps={{ "aria-label": "Show the second PIN" }}
              onChange={(e) => setAgain(e.currentTarget.value)}
            />
            <div className={classes.choices}>
              <Button type="submit" size="lg" loading={busy}>
                Begin
              </Button>
              <Button size="lg" variant="default" onClick={() => setOwn(false)}>
                Back
              </Button>
            </div>
          </form>
        )}
      </div>
    </main>
  );
}
