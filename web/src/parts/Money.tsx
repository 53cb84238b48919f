import { Button, TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { fieldErrors } from "../api/problem";
import type { MoneyRequest } from "../api/types";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import { useWrite } from "../shared/useWrite";
import { cents, money } from "./money";
import classes from "./Parts.module.css";
import { moneyQuery } from "./queries";

const bare = (of: number | undefined) => (of === undefined ? "" : money(of, "").trim());

/** What the shop reckons with: for a lead to change. */
export function Money({ lead }: { lead: boolean }) {
  const known = useQuery(moneyQuery);
  return known.data?.currency ? <Form key={known.data.version} known={known.data} lead={lead} /> : null;
}

function Form({ known, lead }: { known: MoneyRequest; lead: boolean }) {
  const client = useQueryClient();
  const [currency, setCurrency] = useState(known.currency);
  const [rate, setRate] = useState(bare(known.rateCents));
  const [limit, setLimit] = useState(bare(known.limitCents));
  const { send, problem, busy } = useWrite<MoneyRequest>((kept) =>
    client.setQueryData(moneyQuery.queryKey, kept),
  );
  const [share, setShare] = useState(String(known.repairSharePercent ?? ""));
  const sharePercent = share.trim() === "" ? undefined : Number(share.replace(",", "."));
  const noShare = sharePercent !== undefined && !Number.isFinite(sharePercent);
  const errors = fieldErrors(problem);
  const rateCents = cents(rate);
  const limitCents = limit.trim() === "" ? undefined : cents(limit);
  const noLimit = limit.trim() !== "" && limitCents === undefined;
  return (
    <Panel title="Money" aside="what a job is reckoned with">
      <div className={classes.row}>
        <TextInput
          label="Currency"
          value={currency}
          disabled={!lead}
          error={errors.currency}
          maxLength={3}
          onChange={(e) => setCurrency(e.currentTarget.value.toUpperCase())}
        />
        <TextInput
          label="Hourly rate"
          inputMode="decimal"
          value={rate}
          disabled={!lead}
          error={rateCents === undefined ? "Enter an amount, as 60 or 62.50." : errors.rateCents}
          onChange={(e) => setRate(e.currentTarget.value)}
        />
        <TextInput
          label="Parts a mechanic may order for a job"
          placeholder="no limit"
          inputMode="decimal"
          value={limit}
          disabled={!lead}
          error={noLimit ? "Enter an amount, or leave it empty." : errors.limitCents}
          onChange={(e) => setLimit(e.currentTarget.value)}
        />
        <TextInput
          label="A repair may cost of a new unit, %"
          inputMode="decimal"
          value={share}
          disabled={!lead}
          error={noShare ? "Enter a number, as 60." : errors.repairSharePercent}
          onChange={(e) => setShare(e.currentTarget.value)}
        />
        {lead && (
          <Button
            loading={busy}
            disabled={rateCents === undefined || noLimit || noShare}
            onClick={() =>
              rateCents !== undefined &&
              void send("PUT", "/api/shop/money", {
                version: known.version,
                currency,
                rateCents,
                limitCents,
                repairSharePercent: sharePercent,
              })
            }
          >
            Reckon with these
          </Button>
        )}
      </div>
      {problem && Object.keys(errors).length === 0 && <Fault>{problem.detail}</Fault>}
    </Panel>
  );
}
