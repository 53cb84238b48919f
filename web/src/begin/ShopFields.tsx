import { NativeSelect, TextInput } from "@mantine/core";
import type { ShopSettings } from "../api/types";
import { ZONES } from "./begin";

interface Props {
  shop: ShopSettings;
  errors: Record<string, string | undefined>;
  onChange: (part: Partial<ShopSettings>) => void;
}

/** What a shop says of itself: its name stands on every paper, the rest is how new devices begin. */
export function ShopFields({ shop, errors, onChange }: Props) {
  return (
    <>
      <TextInput
        label="Name of the shop"
        description="It stands on every paper."
        inputWrapperOrder={["label", "input", "description", "error"]}
        value={shop.name}
        error={errors.name}
        onChange={(e) => onChange({ name: e.currentTarget.value })}
      />
      <NativeSelect
        label="Lengths first in"
        value={shop.system}
        data={[
          { value: "METRIC", label: "millimetres, inches beside" },
          { value: "INCH", label: "inches and thou, millimetres beside" },
        ]}
        onChange={(e) => onChange({ system: e.currentTarget.value as ShopSettings["system"] })}
      />
      <NativeSelect
        label="Decimal sign shown"
        value={shop.decimal}
        error={errors.decimal}
        data={[
          { value: ".", label: "point, 0.35" },
          { value: ",", label: "comma, 0,35" },
        ]}
        onChange={(e) => onChange({ decimal: e.currentTarget.value })}
      />
      <NativeSelect
        label="Time zone"
        value={shop.zone}
        error={errors.zone}
        data={ZONES.includes(shop.zone) ? [...ZONES] : [shop.zone, ...ZONES]}
        onChange={(e) => onChange({ zone: e.currentTarget.value })}
      />
    </>
  );
}
