import { IconAlertTriangle, IconCheck, IconLock } from "@tabler/icons-react";
import { NavLink } from "react-router";
import type { Station, Stop } from "../api/types";
import { t } from "../wording/en";
import classes from "./Job.module.css";

/** The eight stations in their order, each with its state and what is missing in a line. */
export function RouteRail({ number, stops, here }: { number: number; stops: Stop[]; here: Station }) {
  return (
    <nav className={classes.route} aria-label="Stations">
      <ol>
        {stops.map((stop, i) => (
          <li key={stop.station}>
            <NavLink
              to={`/jobs/${number}/${stop.station.toLowerCase()}`}
              className={classes.stop}
              aria-current={stop.station === here ? "step" : undefined}
              data-state={stop.state}
            >
              <span className={classes.mark}>
                <Mark stop={stop} place={i + 1} />
              </span>
              <span className={classes.words}>
                <b>{t.stations[stop.station]}</b>
                <span className="visually-hidden">{t.states[stop.state]}:</span>
                <small>{stop.says}</small>
              </span>
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  );
}

function Mark({ stop, place }: { stop: Stop; place: number }) {
  switch (stop.state) {
    case "DONE":
      return <IconCheck size={17} stroke={3} aria-hidden />;
    case "ATTENTION":
      return <IconAlertTriangle size={17} stroke={2.4} aria-hidden />;
    case "SHUT":
      return <IconLock size={16} stroke={2.2} aria-hidden />;
    default:
      return <>{place}</>;
  }
}
