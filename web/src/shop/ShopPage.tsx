import { NativeSelect, useMantineColorScheme } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { Money, Shims, Spares } from "../parts";
import { meQuery, peopleQuery } from "../people/session";
import { Panel } from "../shared/Panel";
import { type Preferences, usePreferences } from "../shared/preferences";
import { t } from "../wording/en";
import { Care } from "./Care";
import { EvidenceWeights } from "./EvidenceWeights";
import { Instruments } from "./Instruments";
import { Lubricants } from "./Lubricants";
import { OwnDevices } from "./OwnDevices";
import { OwnPin } from "./OwnPin";
import { OwnWords } from "./OwnWords";
import { People } from "./People";
import classes from "./Shop.module.css";
import { Tablets } from "./Tablets";
import { TheShop } from "./TheShop";

/** People, instruments and lubricants of the shop, and how this device shows things. */
export function ShopPage() {
  const people = useQuery(peopleQuery);
  const me = useQuery(meQuery);
  const { preferences, change } = usePreferences();
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  return (
    <>
      <h1>Shop</h1>
      <div className={classes.grid}>
        <Panel title="This device">
          <div className={classes.fields}>
            <NativeSelect
              label="Lengths first in"
              value={preferences.system}
              data={[
                { value: "metric", label: "millimetres, inches beside" },
                { value: "inch", label: "inches and thou, millimetres beside" },
              ]}
              onChange={(e) => change({ system: e.currentTarget.value as Preferences["system"] })}
            />
            <NativeSelect
              label="Decimal sign shown"
              value={preferences.decimal}
              data={[
                { value: ".", label: "point, 0.35" },
                { value: ",", label: "comma, 0,35" },
              ]}
              onChange={(e) => change({ decimal: e.currentTarget.value as Preferences["decimal"] })}
            />
            <NativeSelect
              label="Light"
              value={colorScheme}
              data={[
                { value: "light", label: "day" },
                { value: "dark", label: "dim, for the night shift" },
              ]}
              onChange={(e) => setColorScheme(e.currentTarget.value as "light" | "dark")}
            />
          </div>
        </Panel>
        {me.data?.role === "LEAD" ? (
          <>
            <People />
            <TheShop />
            <Money lead />
            <Care />
          </>
        ) : (
          <Panel title="People">
            <ul className={classes.people}>
              {people.data?.map((p) => (
                <li key={p.id}>
                  <b>{p.name}</b> {t.roles[p.role]}
                </li>
              ))}
            </ul>
            <p>
              A viewer reads. A mechanic works. A lead also signs while something is still open, with a
              reason, and looks after the people.
            </p>
          </Panel>
        )}
        <OwnPin />
        <OwnDevices />
        <Tablets />
      </div>
      <Instruments />
      <Lubricants />
      <Spares />
      <Shims />
      <OwnWords />
      {me.data?.role === "LEAD" && (
        <section className={classes.section}>
          <EvidenceWeights />
        </section>
      )}
    </>
  );
}
