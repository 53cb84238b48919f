import { Checkbox, NativeSelect, TextInput } from "@mantine/core";
import type { LubricantRequest, LubricantView } from "../api/types";
import { lubricantsQuery } from "../drawers/queries";
import { DayInput } from "../shared/DayInput";
import { day } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import classes from "./Shop.module.css";
import { ShopCards } from "./ShopCards";
import type { Card } from "./useCard";

type Base = LubricantRequest["base"];
type Additive = LubricantRequest["additive"];
type Thickener = NonNullable<LubricantRequest["thickener"]>;

const BASES: { value: Base; label: string }[] = [
  { value: "MINERAL", label: "mineral" },
  { value: "PAO", label: "synthetic hydrocarbon (PAO)" },
  { value: "ESTER", label: "ester" },
  { value: "PAG", label: "polyglycol (PAG)" },
  { value: "SILICONE", label: "silicone" },
];

const ADDITIVES: { value: Additive; label: string }[] = [
  { value: "NONE", label: "none, or rust and oxidation only" },
  { value: "ANTIWEAR", label: "antiwear, no EP (HLP, HVLP, FD)" },
  { value: "MILD_EP", label: "mild EP, spares copper (CKC, CKD)" },
  { value: "ACTIVE_SULPHUR", label: "active sulphur EP (GL-5 kind)" },
  { value: "COMPOUNDED", label: "compounded with fatty oil (CKE)" },
  { value: "FRICTION_MODIFIED", label: "friction modified or tackified" },
  { value: "UNKNOWN", label: "not known" },
];

const THICKENERS: { value: Thickener | ""; label: string }[] = [
  { value: "", label: "an oil" },
  { value: "ALUMINIUM_COMPLEX", label: "grease, aluminium complex" },
  { value: "CALCIUM", label: "grease, hydrated calcium" },
  { value: "CALCIUM_12", label: "grease, anhydrous calcium" },
  { value: "CALCIUM_COMPLEX", label: "grease, calcium complex" },
  { value: "CALCIUM_SULFONATE", label: "grease, calcium sulfonate" },
  { value: "CLAY", label: "grease, clay" },
  { value: "LITHIUM", label: "grease, lithium" },
  { value: "LITHIUM_COMPLEX", label: "grease, lithium complex" },
  { value: "POLYUREA", label: "grease, polyurea, ordinary" },
  { value: "POLYUREA_SHEAR_STABLE", label: "grease, polyurea, shear stable" },
];

const NLGI = [-2, -1, 0, 1, 2, 3, 4, 5, 6].map((n) => ({
  value: String(n),
  label: n < 0 ? "0".repeat(1 - n) : String(n),
}));

const fresh = (): LubricantRequest => ({
  name: "",
  base: "MINERAL",
  additive: "MILD_EP",
  viscosity: { text: "220", unit: "" },
  food: false,
  solids: false,
  lot: "",
  amount: { text: "20", unit: "L" },
});

const LABELS = {
  name: "Name on the can",
  thickener: "It is",
  nlgi: "NLGI",
  base: "Base oil",
  additive: "Against wear",
  viscosity: "Viscosity at 40 °C, mm²/s",
  viscosityIndex: "Viscosity index",
  pour: "Pour point",
  flash: "Flash point",
  amount: "Left",
  lot: "Lot",
  openedOn: "Opened on",
  useBy: "Last good day",
  food: "registered for food contact",
  solids: "solids in it, graphite or molybdenum",
};

/** What stands on the shelf: the proposal for a place chooses among these first. */
export const Lubricants = () => (
  <ShopCards<LubricantRequest, LubricantView>
    title="Oil and grease on the shelf"
    aside="figures from the can and its data sheet"
    add="Add a lubricant"
    path="/api/lubricants"
    query={lubricantsQuery}
    over={(lubricant) => lubricant.past}
    row={row}
    fresh={fresh}
    fields={(card) => <Fields {...card} />}
    labels={LABELS}
  />
);

const row = (lubricant: LubricantView) => (
  <>
    <b>{lubricant.given.name}</b>
    <span>{lubricant.sort}</span>
    <span>
      {lubricant.given.amount.text} {lubricant.given.amount.unit} left, lot{" "}
      {lubricant.given.lot || "not noted"}
      {lubricant.given.food && ", food-grade"},{" "}
      {lubricant.given.openedOn ? `opened ${day(lubricant.given.openedOn)}` : "sealed"}
    </span>
    {lubricant.given.useBy && (
      <span className={classes.due}>
        {lubricant.past ? "past its last good day, " : "good until "}
        {day(lubricant.given.useBy)}
      </span>
    )}
  </>
);

function Fields({ card, change, errors }: Card<LubricantRequest>) {
  const grease = card.thickener !== undefined;
  const sort = (thickener: Thickener | "") => {
    const { thickener: _, nlgi: __, ...rest } = card;
    const kg = thickener !== "";
    const unit = kg === grease ? card.amount.unit : kg ? "kg" : "L";
    change(
      kg
        ? { ...rest, thickener, nlgi: card.nlgi ?? 2, amount: { ...card.amount, unit } }
        : { thickener: undefined, nlgi: undefined, amount: { ...card.amount, unit } },
    );
  };
  const text = (name: "name" | "lot") => (
    <TextInput
      label={LABELS[name]}
      value={card[name]}
      error={errors[name]}
      onChange={(e) => change({ [name]: e.currentTarget.value })}
    />
  );
  const date = (name: "openedOn" | "useBy") => (
    <DayInput
      label={LABELS[name]}
      value={card[name] ?? ""}
      error={errors[name]}
      onChange={(iso) => change({ [name]: iso || undefined })}
    />
  );
  return (
    <>
      {text("name")}
      <NativeSelect
        label={LABELS.thickener}
        data={THICKENERS}
        value={card.thickener ?? ""}
        onChange={(e) => sort(e.currentTarget.value as Thickener | "")}
      />
      {grease && (
        <NativeSelect
          label={LABELS.nlgi}
          data={NLGI}
          value={String(card.nlgi ?? 2)}
          error={errors.nlgi}
          onChange={(e) => change({ nlgi: Number(e.currentTarget.value) })}
        />
      )}
      <NativeSelect
        label={LABELS.base}
        data={BASES}
        value={card.base}
        onChange={(e) => change({ base: e.currentTarget.value as Base })}
      />
      <NativeSelect
        label={LABELS.additive}
        data={ADDITIVES}
        value={card.additive}
        onChange={(e) => change({ additive: e.currentTarget.value as Additive })}
      />
      <MeasureInput
        label={LABELS.viscosity}
        units={[""]}
        value={card.viscosity}
        error={errors.viscosity}
        onChange={(viscosity) => change({ viscosity })}
      />
      <TextInput
        label={LABELS.viscosityIndex}
        inputMode="numeric"
        description="Empty: what is usual for the base oil."
        value={card.viscosityIndex ?? ""}
        error={errors.viscosityIndex}
        onChange={(e) => {
          const digits = e.currentTarget.value.replaceAll(/\D/g, "");
          change({ viscosityIndex: digits === "" ? undefined : Number(digits) });
        }}
      />
      {(["pour", "flash"] as const).map((name) => (
        <MeasureInput
          key={name}
          label={LABELS[name]}
          hint="May stay empty."
          units={["°C", "°F"]}
          value={card[name] ?? { text: "", unit: "°C" }}
          error={errors[name]}
          onChange={(value) => change({ [name]: value })}
        />
      ))}
      <MeasureInput
        label={LABELS.amount}
        units={grease ? ["kg", "g", "lb"] : ["L", "US qt"]}
        value={card.amount}
        error={errors.amount}
        onChange={(amount) => change({ amount })}
      />
      {text("lot")}
      {date("openedOn")}
      {date("useBy")}
      <Checkbox
        label={LABELS.food}
        checked={card.food}
        onChange={(e) => change({ food: e.currentTarget.checked })}
      />
      <Checkbox
        label={LABELS.solids}
        checked={card.solids}
        onChange={(e) => change({ solids: e.currentTarget.checked })}
      />
    </>
  );
}
