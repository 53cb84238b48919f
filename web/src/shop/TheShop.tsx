import { Button } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { BeginView, ShopSettings } from "../api/types";
import { beginQuery } from "../begin/begin";
import { ShopFields } from "../begin/ShopFields";
import { Fault } from "../shared/Caution";
import { Conflict } from "../shared/Conflict";
import { Panel } from "../shared/Panel";
import { useWrite } from "../shared/useWrite";
import { cardRequest } from "./card.model";
import classes from "./Shop.module.css";

/** What the shop says of itself, for a lead to change. */
export function TheShop() {
  const begun = useQuery(beginQuery);
  const client = useQueryClient();
  const [typed, setTyped] = useState<ShopSettings>();
  const { send, problem, clear, busy } = useWrite<ShopSettings>((shop) => {
    client.setQueryData<BeginView>(beginQuery.queryKey, (old) => (old ? { ...old, shop } : old));
    setTyped(undefined);
  });
  const shop = typed ?? begun.data?.shop;
  if (!shop) {
    return null;
  }
  const keep = (version = shop.version) => send("PUT", "/api/shop", cardRequest(shop, version));
  const stray = problem?.status === 409 ? undefined : elsewhere(problem, ["name", "decimal", "zone"]);
  return (
    <Panel title="The shop" aside={begun.data?.kind === "DEMO" ? "the demo’s records" : undefined}>
      <div className={classes.fields}>
        {stray && <Fault>{stray}</Fault>}
        <ShopFields
          shop={shop}
          errors={fieldErrors(problem)}
          onChange={(part) => setTyped({ ...shop, ...part })}
        />
        <Button variant="default" loading={busy} disabled={!typed} onClick={() => void keep()}>
          {typed ? "Keep it" : "Kept"}
        </Button>
        {begun.data?.kind === "DEMO" && (
          <p className={classes.soft}>
            To begin your own shop with empty records, run <code>./yunque own-shop</code> where Yunque is
            installed. The demo is kept beside, and <code>./yunque restore --back</code> returns to it.
          </p>
        )}
      </div>
      <Conflict
        problem={problem}
        mine={{ ...shop }}
        theirs={(current) => current as Record<string, unknown>}
        labels={{ name: "Name", system: "Lengths first in", decimal: "Decimal sign", zone: "Time zone" }}
        onKeepMine={(version) => void keep(version)}
        onTakeTheirs={() => {
          clear();
          setTyped(undefined);
          void client.invalidateQueries({ queryKey: beginQuery.queryKey });
        }}
      />
    </Panel>
  );
}
