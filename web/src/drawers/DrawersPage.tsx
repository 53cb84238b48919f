import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import classes from "./Drawers.module.css";
import { drawersQuery } from "./queries";

/** Every calculator on its own, by what a mechanic wants to know. */
export function DrawersPage() {
  const drawers = useQuery(drawersQuery);
  const sections = [...new Set(drawers.data?.map((d) => d.section))];
  return (
    <>
      <h1>Drawers</h1>
      <p className={classes.soft}>
        Each drawer measures, converts or works out one thing, without a job. Inside a job the same drawers
        stand at Inspect, Set and Fill, with the unit’s papers already filled in.
      </p>
      <div className={classes.chest}>
        {sections.map((section) => (
          <section key={section} aria-label={section}>
            <h2>{section}</h2>
            <ul>
              {drawers.data
                ?.filter((d) => d.section === section)
                .map((drawer) => (
                  <li key={drawer.name}>
                    <Link to={`/drawers/${drawer.name}`}>
                      <b>{drawer.title}</b>
                      <span>{drawer.purpose}</span>
                    </Link>
                  </li>
                ))}
            </ul>
          </section>
        ))}
      </div>
    </>
  );
}
