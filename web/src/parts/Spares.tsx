import { TextInput } from "@mantine/core";
import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import type { SpareRequest, SpareView } from "../api/types";
import { ShopCards } from "../shop/ShopCards";
import type { Card } from "../shop/useCard";

const sparesQuery = queryOptions({
  queryKey: ["spares"],
  queryFn: () => request("GET", "/api/spares"),
});

const fresh = (): SpareRequest => ({
  name: "",
  number: "",
  place: "",
  onShelf: 0,
  perYear: 1,
  leadDays: 14,
  levelPercent: 95,
});

const LABELS = {
  name: "What it is",
  number: "Part number",
  place: "Where it lies",
  onShelf: "Pieces there",
  perYear: "Used in a year",
  leadDays: "Days until an order comes",
  levelPercent: "Demands to be met, %",
  eachCents: "Price of one",
};

/** Spares of the shop: where they lie, and when they are ordered again. */
export const Spares = () => (
  <ShopCards<SpareRequest, SpareView>
    title="Spares in stores"
    aside="ordered again in time, by how often they are used"
    add="Add a spare"
    path="/api/spares"
    query={sparesQuery}
    over={(spare) => spare.reorder.order > 0}
    row={row}
    fresh={fresh}
    fields={(card) => <Fields {...card} />}
    labels={LABELS}
  />
);

const row = ({ given, reserved, reorder }: SpareView) => (
  <>
    <b>{given.name}</b>
    <span>
      {given.number}, {given.place}
    </span>
    <span>
      {given.onShelf} there{reserved > 0 && `, ${reserved} wanted by jobs`}
    </span>
    <span>{reorder.sentence}</span>
  </>
);

const COUNTS = ["onShelf", "perYear", "leadDays", "levelPercent"] as const;

function Fields({ card, change, errors }: Card<SpareRequest>) {
  return (
    <>
      {(["name", "number", "place"] as const).map((name) => (
        <TextInput
          key={name}
          label={LABELS[name]}
          value={card[name]}
          error={errors[name]}
          onChange={(e) => change({ [name]: e.currentTarget.value })}
        />
      ))}
      {COUNTS.map((name) => (
        <TextInput
          key={name}
          type="number"
          inputMode="decimal"
          min={0}
          step={name === "onShelf" ? 1 : "any"}
          label={LABELS[name]}
          value={card[name] ?? ""}
          error={errors[name]}
          onChange={(e) =>
            // What is emptied is missing, and is not 0.
            change({
              [name]: e.currentTarget.value === "" ? undefined : e.currentTarget.valueAsNumber,
            })
          }
        />
      ))}
      <TextInput
        type="number"
        inputMode="decimal"
        min={0}
        step={0.01}
        label={LABELS.eachCents}
        value={card.eachCents === undefined ? "" : card.eachCents / 100}
        error={errors.eachCents}
        onChange={(e) =>
          change({
            eachCents:
              e.currentTarget.value === "" ? undefined : Math.round(e.currentTarget.valueAsNumber * 100),
          })
        }
      />
    </>
  );
}
