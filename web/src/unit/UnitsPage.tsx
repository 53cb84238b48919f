import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { UnitView } from "../api/types";
import { fixed } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import { unitsQuery } from "./queries";
import classes from "./Unit.module.css";

/** The register of units. */
export function UnitsPage() {
  const units = useQuery(unitsQuery);
  const away = units.data?.filter((unit) => unit.putAway) ?? [];
  return (
    <>
      <header className={classes.head}>
        <h1>Units</h1>
        <Button component={Link} to="/units/new">
          Describe a new unit
        </Button>
      </header>
      {units.data?.length === 0 && <p>No unit is on record. Describe the first one: tag, stages, speed.</p>}
      <UnitList units={units.data?.filter((unit) => !unit.putAway) ?? []} />
      {away.length > 0 && (
        <details className={classes.away}>
          <summary>Put away: {away.length}</summary>
          <UnitList units={away} />
        </details>
      )}
    </>
  );
}

function UnitList({ units }: { units: UnitView[] }) {
  const { preferences } = usePreferences();
  return (
    <ul className={classes.units}>
      {units.map((unit) => (
        <li key={unit.id}>
          <Link to={`/units/${unit.id}`}>
            <b>{unit.tag}</b>
            <span>
              {unit.name}
              <small>{unit.kind}</small>
            </span>
            <span className="num">
              {unit.drive.length > 1
                ? `${unit.drive.length} positions`
                : `${fixed(unit.ratio, 3, preferences.decimal)} : 1`}
              <small>
                {unit.inputSpeedRpm === undefined || unit.outputSpeedRpm === undefined
                  ? "speed not known"
                  : `${fixed(unit.inputSpeedRpm, 0)} → ${fixed(unit.outputSpeedRpm, 1, preferences.decimal)} min⁻¹`}
              </small>
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
