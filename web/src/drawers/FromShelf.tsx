import { NativeSelect } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import type { DrawerEntries } from "../api/types";
import { shimsQuery } from "../parts/shims.query";
import classes from "./Drawers.module.css";

/** Fills in the shims that lie on the shelf for one place; nothing is offered while the shelf is empty. */
export function FromShelf({ onFill }: { onFill: (readings: DrawerEntries["readings"]) => void }) {
  const shims = useQuery(shimsQuery).data ?? [];
  const there = shims.filter((s) => s.given.pieces > 0);
  const names = [...new Set(there.map((s) => s.given.name))];
  if (names.length === 0) {
    return null;
  }
  return (
    <NativeSelect
      className={classes.wide}
      label="From the shelf of shims"
      description="Fills in thicknesses and pieces; the shelf is under The shop."
      value=""
      data={[
        { value: "", label: "choose what they fit" },
        ...names.map((name) => ({
          value: name,
          label: `${name}: ${there.filter((s) => s.given.name === name).length} thicknesses`,
        })),
      ]}
      onChange={(e) => {
        const chosen = there.filter((s) => s.given.name === e.currentTarget.value);
        if (chosen.length > 0) {
          onFill({
            "stock.thicknessUm": chosen.map((s) => ({ text: String(s.thicknessUm), unit: "µm" })),
            "stock.pieces": chosen.map((s) => ({ text: String(s.given.pieces), unit: "" })),
          });
        }
      }}
    />
  );
}
