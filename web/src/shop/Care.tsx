import { useQuery } from "@tanstack/react-query";
import { request } from "../api/http";
import { day } from "../shared/format";
import { Panel } from "../shared/Panel";
import classes from "./Shop.module.css";

/** How the records are, for a lead who does not sit at the machine. */
export function Care() {
  const care = useQuery({ queryKey: ["care"], queryFn: () => request("GET", "/api/care") });
  const purged = useQuery({
    queryKey: ["care", "purged"],
    queryFn: () => request("GET", "/api/care/purged"),
  });
  if (!care.data) {
    return null;
  }
  const amiss = care.data.filter((s) => s.amiss).length;
  return (
    <Panel title="The records" aside={amiss === 0 ? "all is well" : `${amiss} to look at`}>
      <dl className={classes.signs}>
        {care.data.map((sign) => (
          <div key={sign.what} data-amiss={sign.amiss}>
            <dt>{sign.what}</dt>
            <dd>
              {sign.amiss && <b>Look at this: </b>}
              {sign.says}
            </dd>
          </div>
        ))}
      </dl>
      {purged.data !== undefined && purged.data.length > 0 && (
        <>
          <h3>Taken away for good</h3>
          <ul className={classes.purged}>
            {purged.data.map((p) => (
              <li key={p.at + p.what}>
                {day(p.at)}, {p.by}: <b>{p.what}</b>
                {p.signedJobs > 0 && ` with ${p.signedJobs} signed`}. {p.why}
              </li>
            ))}
          </ul>
        </>
      )}
    </Panel>
  );
}
