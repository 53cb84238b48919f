import { Button, NativeSelect, TextInput } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import type { JobView, OrderRequest, PartOrder, PartsOfJob, ToBuy } from "../api/types";
import { isClosed } from "../job/closed";
import { meQuery } from "../people/session";
import { Fault, Remark } from "../shared/Caution";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { useWrite } from "../shared/useWrite";
import { cents, money } from "./money";
import { changed } from "./order.model";
import classes from "./Parts.module.css";
import { partsQuery } from "./queries";

const STATES: Record<OrderRequest["state"], string> = {
  WANTED: "wanted",
  ORDERED: "ordered",
  RECEIVED: "received",
  CALLED_OFF: "called off",
};

/** What this job buys: numbers from the bill, what the supplier says, kits against singles, and what it comes to. */
export function PartsToBuy({ view }: { view: JobView }) {
  const job = view.job.number;
  const client = useQueryClient();
  const parts = useQuery(partsQuery(job));
  const { send, problem, busy } = useWrite<PartsOfJob>((now) =>
    client.setQueryData(partsQuery(job).queryKey, now),
  );
  const { refetch } = parts;
  // A decision that was made or taken back changes what is bought.
  useEffect(() => {
    if (view.touched >= 0) {
      void refetch();
    }
  }, [view.touched, refetch]);
  if (!parts.data?.orders) {
    return null;
  }
  const { toBuy, orders, approval, money: shop, differences, choice, choiceFault, otherMoney } = parts.data;
  const closed = isClosed(view);
  const put = (id: string, request: OrderRequest) => send("PUT", `/api/jobs/${job}/parts/${id}`, request);
  const wanted = orders.filter((o) => o.given.state === "WANTED");
  return (
    <Panel
      title="To buy"
      aside={orders.length > 0 ? `${orders.length} on the list` : `${toBuy.length} not on the list yet`}
    >
      {problem && <Fault>{problem.fields?.[0]?.sentence ?? problem.detail}</Fault>}
      {toBuy.length + orders.length === 0 && <p>Nothing so far: what is decided “renew” is listed here.</p>}
      {toBuy.length > 0 && (
        <ul className={classes.toBuy} aria-label="Renewed, and not on the list yet">
          {toBuy.map((part) => (
            <Wanted
              key={part.stepId}
              part={part}
              closed={closed}
              onAdd={(number) =>
                put(crypto.randomUUID(), {
                  stepId: part.stepId,
                  name: part.name,
                  number,
                  quantity: part.quantity,
                  state: "WANTED",
                })
              }
            />
          ))}
        </ul>
      )}
      {orders.length > 0 && (
        <ul className={classes.orders} aria-label="The list">
          {orders.map((order) => (
            <Ordered
              key={order.id}
              order={order}
              shop={shop.currency}
              closed={closed}
              grades={parts.data.grades}
              mayOrder={parts.data.approval.mayOrder}
              put={(change) => put(order.id, changed(order.given, change))}
              onStores={(way) =>
                void send(
                  "POST",
                  `/api/jobs/${job}/parts/${order.id}/${way}?version=${order.given.version}`,
                  {},
                )
              }
            />
          ))}
        </ul>
      )}
      {choice && <Remark>{choice.sentence}</Remark>}
      {choiceFault && <Remark>{choiceFault}</Remark>}
      {otherMoney.length > 0 && (
        <Remark>Quoted in another currency and not added up: {otherMoney.join(", ")}.</Remark>
      )}
      {!closed && wanted.length > 0 && (
        <div className={classes.buttons}>
          <Button
            variant="default"
            loading={busy}
            onClick={() => void send("POST", `/api/jobs/${job}/parts/ask`, {})}
          >
            Ask the supplier
          </Button>
          {choice?.packages.some((p) => !wanted.some((o) => o.given.number === p.number)) && (
            <Button
              variant="default"
              loading={busy}
              onClick={() => void send("POST", `/api/jobs/${job}/parts/take-choice`, {})}
            >
              Put the kit on the list instead
            </Button>
          )}
        </div>
      )}
      {differences && !(differences.missing.length + differences.otherCount.length === 0) && (
        <div className={classes.against}>
          <b>Against the bill of parts</b>
          <ul>
            {differences.missing.map((line) => (
              <li key={line.part.number}>
                {line.part.quantity} × {line.name} ({line.part.number}) belongs there, and nobody logged it.
              </li>
            ))}
            {differences.otherCount.map((says) => (
              <li key={says}>{says}.</li>
            ))}
          </ul>
        </div>
      )}
      {!differences && !closed && (
        <p className={classes.soft}>
          The unit has no bill of parts, so numbers are typed.{" "}
          <Link to={`/units/${view.unit.id}`}>Enter it once</Link>, and they are there.
        </p>
      )}
      {orders.length > 0 && (
        <Hours key={parts.data.estimate.version} job={job} parts={parts.data} closed={closed} send={send} />
      )}
      {orders.length > 0 && (
        <p>
          <a href={`/api/jobs/${job}/quotation`} target="_blank" rel="noreferrer">
            Quotation for the customer
          </a>{" "}
          ·{" "}
          <a href={`/api/jobs/${job}/quotation.pdf`} target="_blank" rel="noreferrer">
            PDF
          </a>
        </p>
      )}
      {approval.isOverLimit && <Approval job={job} parts={parts.data} closed={closed} send={send} />}
    </Panel>
  );
}

function Wanted({ part, closed, onAdd }: { part: ToBuy; closed: boolean; onAdd: (number: string) => void }) {
  const [number, setNumber] = useState(part.number);
  return (
    <li>
      <b>
        {part.quantity} × {part.name}
      </b>
      {!closed && (
        <>
          <TextInput
            aria-label={`Part number of ${part.name}`}
            placeholder="part number"
            value={number}
            maxLength={40}
            onChange={(e) => setNumber(e.currentTarget.value)}
          />
          <Button variant="default" disabled={number.trim() === ""} onClick={() => onAdd(number)}>
            Put on the list
          </Button>
        </>
      )}
    </li>
  );
}

function Ordered(p: {
  order: PartOrder;
  shop: string;
  closed: boolean;
  grades: PartsOfJob["grades"];
  mayOrder: boolean;
  put: (change: Partial<OrderRequest>) => void;
  onStores: (way: "from-stores" | "back-to-stores") => void;
}) {
  const { given, quote, lineCents, says } = p.order;
  const { decimal } = usePreferences().preferences;
  const [number, setNumber] = useState(given.number);
  const state = given.state;
  const to = (next: OrderRequest["state"], label: string, main = false) => (
    <Button
      variant={main ? "filled" : "default"}
      disabled={next === "ORDERED" && !(p.mayOrder && p.order.mayFit)}
      onClick={() => p.put({ state: next })}
    >
      {label}
    </Button>
  );
  return (
    <li data-state={state}>
      <div>
        <b>
          {given.quantity} × {given.name}
        </b>{" "}
        <span>{given.number}</span> <small>{STATES[state]}</small>
        {quote?.priceCents !== undefined && (
          <small>
            {money(quote.priceCents, quote.currency, decimal)} each
            {lineCents !== undefined &&
              given.quantity > 1 &&
              `, ${money(lineCents, p.shop, decimal)} together`}
            ;{" "}
            {quote.stock >= given.quantity
              ? `${quote.stock} in stock there`
              : `here in ${quote.leadDays} days`}
            ; asked {day(quote.at.slice(0, 10))}
          </small>
        )}
        {p.order.isFromStores && (
          <small>
            {lineCents === undefined
              ? "nobody knows what it cost"
              : `${money(lineCents, p.shop, decimal)} as the shop paid`}
          </small>
        )}
        {p.order.inStores && (
          <small>
            {p.order.inStores.pieces} in stores, {p.order.inStores.place}
          </small>
        )}
        {given.remark && <small>{given.remark}</small>}
        {says && <small className={classes.says}>{says}</small>}
      </div>
      {!p.closed && (
        <div className={classes.buttons}>
          {state === "WANTED" && (
            <>
              {p.order.isAlternate && (
                <NativeSelect
                  label="How well it is known"
                  value={given.known ?? ""}
                  data={[
                    { value: "", label: "nobody said so" },
                    ...p.grades.map(({ grade, words }) => ({ value: grade, label: `${grade}: ${words}` })),
                  ]}
                  onChange={(e) => {
                    const known = p.grades.find((g) => g.grade === e.currentTarget.value)?.grade;
                    p.put({ known });
                  }}
                />
              )}
              {(says !== "" || number !== given.number) && (
                <>
                  <TextInput
                    aria-label={`Part number of ${given.name}`}
                    value={number}
                    maxLength={40}
                    onChange={(e) => setNumber(e.currentTarget.value)}
                  />
                  <Button
                    variant="default"
                    disabled={number === given.number || number.trim() === ""}
                    onClick={() => p.put({ number })}
                  >
                    Keep the number
                  </Button>
                </>
              )}
              {(p.order.inStores?.pieces ?? 0) >= given.quantity && (
                <Button variant="filled" disabled={!p.order.mayFit} onClick={() => p.onStores("from-stores")}>
                  Take from stores
                </Button>
              )}
              {quote?.standing === "OFFERED" && to("ORDERED", "Order", true)}
              {to("CALLED_OFF", "Not needed")}
            </>
          )}
          {state === "ORDERED" && (
            <>
              {to("RECEIVED", "It is here", true)}
              {to("CALLED_OFF", "Call off")}
            </>
          )}
          {p.order.isFromStores && (
            <Button variant="default" onClick={() => p.onStores("back-to-stores")}>
              Put it back in stores
            </Button>
          )}
          {state === "CALLED_OFF" && to("WANTED", "Wanted after all")}
        </div>
      )}
    </li>
  );
}

type Send = (method: "PUT" | "POST", path: string, body: unknown) => Promise<boolean>;

function Hours({
  job,
  parts,
  closed,
  send,
}: {
  job: number;
  parts: PartsOfJob;
  closed: boolean;
  send: Send;
}) {
  const [hours, setHours] = useState(String(parts.estimate.hours || ""));
  const [worked, setWorked] = useState(String(parts.estimate.workedHours || ""));
  const known = parts.estimate.newUnitCents;
  const [fresh, setFresh] = useState(known === undefined ? "" : String(known / 100));
  const newUnitCents = fresh.trim() === "" ? undefined : cents(fresh);
  const number = (text: string) => (text.trim() === "" ? 0 : Number(text.replace(",", ".")));
  const wrong = [hours, worked].some((text) => !Number.isFinite(number(text)) || number(text) < 0);
  return (
    <div className={classes.cost}>
      <p>
        <small>in {parts.money.currency}:</small> {parts.cost.sentence}
      </p>
      {parts.repairLimit &&
        (parts.repairLimit.isOver ? (
          <Fault>{parts.repairLimit.sentence}</Fault>
        ) : (
          <p>{parts.repairLimit.sentence}</p>
        ))}
      {!closed && (
        <p>
          <Link to={`/drawers/cost-owners-options?job=${job}`}>Three ways for the owner</Link>
        </p>
      )}
      {!closed && (
        <div className={classes.row}>
          <TextInput
            label="Hours estimated"
            inputMode="decimal"
            value={hours}
            onChange={(e) => setHours(e.currentTarget.value)}
          />
          <TextInput
            label="Hours worked"
            inputMode="decimal"
            value={worked}
            onChange={(e) => setWorked(e.currentTarget.value)}
          />
          <TextInput
            label={`Price of a new unit, ${parts.money.currency}`}
            placeholder="not known"
            inputMode="decimal"
            value={fresh}
            error={fresh.trim() !== "" && newUnitCents === undefined && "Enter an amount, as 980 or 980.50."}
            onChange={(e) => setFresh(e.currentTarget.value)}
          />
          <Button
            variant="default"
            disabled={wrong || (fresh.trim() !== "" && newUnitCents === undefined)}
            onClick={() =>
              void send("PUT", `/api/jobs/${job}/estimate`, {
                version: parts.estimate.version,
                hours: number(hours),
                workedHours: number(worked),
                newUnitCents,
              })
            }
          >
            Keep the hours
          </Button>
        </div>
      )}
    </div>
  );
}

function Approval({
  job,
  parts,
  closed,
  send,
}: {
  job: number;
  parts: PartsOfJob;
  closed: boolean;
  send: Send;
}) {
  const me = useQuery(meQuery);
  if (parts.approval.mayOrder) {
    return (
      <p>
        Approved by <b>{parts.approvedBy}</b> up to {money(parts.approvedCents ?? 0, parts.money.currency)}.
      </p>
    );
  }
  return me.data?.role === "LEAD" && !closed ? (
    <Button onClick={() => void send("POST", `/api/jobs/${job}/parts/approve`, {})}>
      Approve these parts as {me.data.name}
    </Button>
  ) : (
    <Remark>{parts.approval.sentence}</Remark>
  );
}
