import {
  IconBuildingFactory2,
  IconCalendarDue,
  IconEngine,
  IconRulerMeasure,
  IconTools,
} from "@tabler/icons-react";
import { useQuery } from "@tanstack/react-query";
import { NavLink, Outlet } from "react-router";
import { beginQuery } from "../begin/begin";
import { t } from "../wording/en";
import { HeadBar } from "./HeadBar";
import { Refusals } from "./Refusals";
import classes from "./Shell.module.css";

const PLACES = [
  { to: "/", label: t.places.floor, Sign: IconBuildingFactory2 },
  { to: "/units", label: t.places.units, Sign: IconEngine },
  { to: "/due", label: t.places.due, Sign: IconCalendarDue },
  { to: "/drawers", label: t.places.drawers, Sign: IconRulerMeasure },
  { to: "/shop", label: t.places.shop, Sign: IconTools },
];

/** Frame of the places beside the jobs: the rail at the left names them. */
export function Places() {
  const begun = useQuery(beginQuery);
  return (
    <div className={classes.frame}>
      <a className="skip" href="#work">
        Skip to the work
      </a>
      <HeadBar>
        <span className={classes.mark}>YUNQUE</span>
        <span className={classes.works}>{begun.data?.shop?.name}</span>
      </HeadBar>
      <nav className={classes.rail} aria-label="Places">
        {PLACES.map(({ to, label, Sign }) => (
          <NavLink key={to} to={to} end={to === "/"} className={classes.place}>
            <Sign size={26} stroke={1.6} aria-hidden />
            {label}
          </NavLink>
        ))}
      </nav>
      <main id="work" className={classes.work}>
        <Refusals />
        <Outlet />
      </main>
    </div>
  );
}
