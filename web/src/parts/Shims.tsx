import { TextInput } from "@mantine/core";
import type { ShimRequest, ShimView } from "../api/types";
import { MeasureInput } from "../shared/MeasureInput";
import { ShopCards } from "../shop/ShopCards";
import type { Card } from "../shop/useCard";
import { shimsQuery } from "./shims.query";

const fresh = (): ShimRequest => ({ name: "", thickness: { text: "", unit: "mm" }, pieces: 0, place: "" });

const LABELS = {
  name: "What they fit",
  thickness: "Thickness of one, measured",
  pieces: "Pieces there",
  place: "Where they lie",
};

/** The shelf of shims, from which a pack is chosen. */
export const Shims = () => (
  <ShopCards<ShimRequest, ShimView>
    title="Shims on the shelf"
    aside="a pack is chosen from them at Set"
    add="Add shims"
    path="/api/shims"
    query={shimsQuery}
    over={(shim) => shim.given.pieces === 0}
    row={row}
    fresh={fresh}
    fields={(card) => <Fields {...card} />}
    labels={LABELS}
  />
);

const row = ({ given }: ShimView) => (
  <>
    <b>{given.name}</b>
    <span>
      {given.thickness.text} {given.thickness.unit}
    </span>
    <span>{given.pieces === 0 ? "none left" : `${given.pieces} there`}</span>
    <span>{given.place}</span>
  </>
);

function Fields({ card, change, errors }: Card<ShimRequest>) {
  return (
    <>
      {(["name", "place"] as const).map((name) => (
        <TextInput
          key={name}
          label={LABELS[name]}
          placeholder={name === "name" ? "input cover, Ø 62/80" : "drawer S2"}
          value={card[name]}
          error={errors[name]}
          onChange={(e) => change({ [name]: e.currentTarget.value })}
        />
      ))}
      <MeasureInput
        label={LABELS.thickness}
        units={["mm", "µm", "thou", "in"]}
        value={card.thickness}
        error={errors.thickness}
        onChange={(thickness) => change({ thickness })}
      />
      <TextInput
        type="number"
        inputMode="numeric"
        min={0}
        step={1}
        label={LABELS.pieces}
        value={card.pieces ?? ""}
        error={errors.pieces}
        onChange={(e) =>
          change({ pieces: e.currentTarget.value === "" ? undefined : e.currentTarget.valueAsNumber })
        }
      />
    </>
  );
}
