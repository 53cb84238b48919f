import { Button, NativeSelect, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { EnteredNumber, InstrumentRequest, InstrumentView } from "../api/types";
import { instrumentsQuery } from "../drawers/queries";
import { day } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import { Panel } from "../shared/Panel";
import { CardButtons } from "./CardButtons";
import classes from "./Shop.module.css";
import { useCard } from "./useCard";

type Kind = InstrumentRequest["kind"];

const KINDS: { value: Kind; label: string }[] = [
  { value: "DIAL_INDICATOR", label: "dial indicator" },
  { value: "TEST_INDICATOR", label: "lever dial" },
  { value: "CALIPER", label: "caliper" },
  { value: "MICROMETER", label: "micrometer" },
  { value: "DISC_MICROMETER", label: "disc micrometer" },
  { value: "TOOTH_CALIPER", label: "gear-tooth caliper" },
  { value: "FEELER_GAUGES", label: "feeler gauges" },
];

const mm = (text: string): EnteredNumber => ({ text, unit: "mm" });

const inDays = (days: number) => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10);

const fresh = (): InstrumentRequest => ({
  name: "",
  kind: "DIAL_INDICATOR",
  resolution: mm("0.01"),
  maxError: mm("0.01"),
  low: mm("0"),
  high: mm("10"),
  calibratedOn: inDays(0),
  dueOn: inDays(365),
});

/** The shop's measuring instruments: what they can tell apart, and until when that is vouched for. */
export function Instruments() {
  const instruments = useQuery(instrumentsQuery);
  const [open, setOpen] = useState<string>();
  return (
    <section className={classes.instruments}>
      <Panel
        title="Instruments"
        aside="a measurement takes its uncertainty from the card of the instrument that took it"
      >
        <ul className={classes.cards}>
          {instruments.data?.map((instrument) => (
            <li key={instrument.id} data-overdue={instrument.overdue}>
              <button
                type="button"
                aria-expanded={open === instrument.id}
                onClick={() => setOpen(open === instrument.id ? undefined : instrument.id)}
              >
                <b>{instrument.name}</b>
                <span>
                  {KINDS.find((k) => k.value === instrument.kind)?.label}, {instrument.given.low.text} to{" "}
                  {instrument.given.high.text} {instrument.given.high.unit}
                </span>
                <span>
                  reads {instrument.given.resolution.text} {instrument.given.resolution.unit}, good to ±{" "}
                  {instrument.given.maxError.text} {instrument.given.maxError.unit}
                </span>
                <span className={classes.due}>
                  {instrument.overdue ? "calibration overdue since " : "calibrated until "}
                  {day(instrument.dueOn)}
                </span>
              </button>
              {open === instrument.id && <Card instrument={instrument} onDone={() => setOpen(undefined)} />}
            </li>
          ))}
        </ul>
        {open === "new" ? (
          <Card onDone={() => setOpen(undefined)} />
        ) : (
          <Button variant="default" onClick={() => setOpen("new")}>
            Add an instrument
          </Button>
        )}
      </Panel>
    </section>
  );
}

function Card({ instrument, onDone }: { instrument?: InstrumentView; onDone: () => void }) {
  const { card, change, errors, stray, send } = useCard({
    path: "/api/instruments",
    queryKey: instrumentsQuery.queryKey,
    id: instrument?.id,
    given: instrument?.given ?? fresh(),
    onDone,
  });
  const length = (name: "resolution" | "maxError" | "low" | "high", label: string) => (
    <MeasureInput
      label={label}
      units={["mm", "in", "thou"]}
      value={card[name]}
      error={errors[name]}
      onChange={(value) => change({ [name]: value })}
    />
  );
  const date = (name: "calibratedOn" | "dueOn", label: string) => (
    <TextInput
      type="date"
      label={label}
      value={card[name]}
      error={errors[name]}
      onChange={(e) => change({ [name]: e.currentTarget.value })}
    />
  );
  return (
    <div className={classes.card}>
      {stray}
      <TextInput
        label="Number and name"
        value={card.name}
        error={errors.name}
        onChange={(e) => change({ name: e.currentTarget.value })}
      />
      <NativeSelect
        label="Kind"
        data={KINDS}
        value={card.kind}
        onChange={(e) => change({ kind: e.currentTarget.value as Kind })}
      />
      {length("resolution", "One division")}
      {length("maxError", "Good to ±")}
      {length("low", "Reads from")}
      {length("high", "Reads to")}
      {date("calibratedOn", "Calibrated on")}
      {date("dueOn", "Due again on")}
      <CardButtons isNew={!instrument} onDone={onDone} send={send} />
    </div>
  );
}
