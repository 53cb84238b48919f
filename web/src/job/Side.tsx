import { IconAlertTriangle } from "@tabler/icons-react";
import type { JobView } from "../api/types";
import classes from "./Job.module.css";

/** What will bite later, and what lies where. */
export function Side({ view, onChoose }: { view: JobView; onChoose: (key: string) => void }) {
  const pieces = view.trays.reduce((sum, tray) => sum + tray.pieces, 0);
  return (
    <aside className={classes.side} aria-label="Watch list and tray">
      <section aria-label="Watch list">
        <header>
          <h2>Watch</h2>
          <span className="num">{view.watch.length}</span>
        </header>
        {view.watch.length === 0 && <p className={classes.soft}>Nothing that bites later has come up yet.</p>}
        <ul className={classes.watch}>
          {view.watch.map((warning) => (
            <li key={warning.title + warning.stepId}>
              <button type="button" data-weight={warning.weight} onClick={() => onChoose(warning.stepId)}>
                <b>
                  {warning.weight === "DANGER" && <IconAlertTriangle size={16} aria-label="Danger" />}{" "}
                  {warning.title}
                </b>
                <span>
                  {warning.consequence} Step {warning.number}.
                </span>
              </button>
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="Tray">
        <header>
          <h2>Tray</h2>
          <span className="num">
            {pieces} {pieces === 1 ? "part" : "parts"}
          </span>
        </header>
        {view.trays.length === 0 && <p className={classes.soft}>Nothing lies on the bench.</p>}
        <ul className={classes.trays}>
          {view.trays.map((tray) => (
            <li key={tray.label}>
              <b>{tray.label || "loose"}</b>
              <span title={tray.parts.join(", ")}>
                {tray.pieces} {tray.pieces === 1 ? "part" : "parts"}: {tray.parts.join(", ")}
              </span>
            </li>
          ))}
        </ul>
      </section>
    </aside>
  );
}
