import { IconAlertTriangle, IconCircleCheck } from "@tabler/icons-react";
import type { JobView } from "../api/types";
import { Panel } from "../shared/Panel";
import classes from "./Build.module.css";

/** Nothing left on the bench, nothing missing. */
export function LedgerPanel({ view, onOpen }: { view: JobView; onOpen: (stepId: string) => void }) {
  const { ledger } = view;
  const open = ledger.entries.filter((e) => e.says !== "");
  return (
    <Panel
      title="Ledger"
      aside={`${ledger.removed} off · ${ledger.refitted} refitted · ${ledger.renewed} new`}
    >
      {open.length === 0 ? (
        <p className={classes.balanced}>
          <IconCircleCheck size={28} aria-hidden /> Nothing is left on the bench and nothing is missing.
        </p>
      ) : (
        <>
          <p className={classes.unbalanced}>
            <IconAlertTriangle size={26} aria-hidden /> {ledger.onBench} on the bench, {ledger.missing}{" "}
            missing.
          </p>
          <ul className={classes.ledger}>
            {open.map((entry) => (
              <li key={entry.stepId}>
                <button type="button" onClick={() => onOpen(entry.stepId)}>
                  <b>{entry.number}</b>
                  {entry.says}
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      <div className={classes.scroll}>
        <table className={classes.table}>
          <thead>
            <tr>
              <th>#</th>
              <th>part</th>
              <th>off</th>
              <th>refitted</th>
              <th>new</th>
              <th>scrapped</th>
              <th>on the bench</th>
              <th>missing</th>
            </tr>
          </thead>
          <tbody>
            {ledger.entries.map((e) => (
              <tr key={e.stepId} data-open={e.says !== ""}>
                <td>{e.number}</td>
                <td>{e.part}</td>
                <td>{e.removed}</td>
                <td>{e.refitted}</td>
                <td>{e.renewed}</td>
                <td>{e.scrapped}</td>
                <td>{e.onBench}</td>
                <td>{e.missing}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Panel>
  );
}
