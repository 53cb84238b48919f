import { NativeSelect, TextInput } from "@mantine/core";
import type { EnteredNumber, InstrumentRequest, InstrumentView } from "../api/types";
import { instrumentsQuery } from "../drawers/queries";
import { DayInput } from "../shared/DayInput";
import { day } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import { DoubtfulDays, ReadInDoubt } from "./DoubtfulDays";
import classes from "./Shop.module.css";
import { ShopCards } from "./ShopCards";
import type { Card } from "./useCard";

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
  inDoubt: [],
});

const LABELS = {
  name: "Number and name",
  kind: "Kind",
  resolution: "One division",
  maxError: "Good to ±",
  low: "Reads from",
  high: "Reads to",
  calibratedOn: "Calibrated on",
  dueOn: "Due again on",
  inDoubt: "In doubt",
};

/** The shop's measuring instruments: what they can tell apart, and until when that is vouched for. */
export const Instruments = () => (
  <ShopCards<InstrumentRequest, InstrumentView>
    title="Instruments"
    aside="a measurement takes its uncertainty from the card of the instrument that took it"
    add="Add an instrument"
    path="/api/instruments"
    query={instrumentsQuery}
    over={(instrument) => instrument.overdue}
    row={row}
    fresh={fresh}
    fields={(card, kept) => (
      <>
        <Fields {...card} />
        <DoubtfulDays {...card} />
        {kept && kept.given.inDoubt.length > 0 && <ReadInDoubt id={kept.id} />}
      </>
    )}
    labels={LABELS}
  />
);

const row = (instrument: InstrumentView) => (
  <>
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
      {instrument.given.inDoubt.length > 0 &&
        `; in doubt until ${day(instrument.given.inDoubt.at(-1)?.foundOn ?? "")}`}
    </span>
  </>
);

function Fields({ card, change, errors }: Card<InstrumentRequest>) {
  return (
    <>
      <TextInput
        label={LABELS.name}
        value={card.name}
        error={errors.name}
        onChange={(e) => change({ name: e.currentTarget.value })}
      />
      <NativeSelect
        label={LABELS.kind}
        data={KINDS}
        value={card.kind}
        onChange={(e) => change({ kind: e.currentTarget.value as Kind })}
      />
      {(["resolution", "maxError", "low", "high"] as const).map((name) => (
        <MeasureInput
          key={name}
          label={LABELS[name]}
          units={["mm", "in", "thou"]}
          value={card[name]}
          error={errors[name]}
          onChange={(value) => change({ [name]: value })}
        />
      ))}
      {(["calibratedOn", "dueOn"] as const).map((name) => (
        <DayInput
          key={name}
          label={LABELS[name]}
          value={card[name]}
          error={errors[name]}
          onChange={(iso) => change({ [name]: iso })}
        />
      ))}
    </>
  );
}
