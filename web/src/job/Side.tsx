import { IconAlertTriangle } from "@tabler/icons-react";
import type { JobView, Warning } from "../api/types";
import classes from "./Job.module.css";

const FEW = 5;

/** What will bite later, and what lies where. */
export function Side({ view, onChoose }: { view: JobView; onChoose: (key: string) => void }) {
  const pieces = view.trays.reduce((sum, tray) => sum + tray.pieces, 0);
  const notes = view.watch.filter((w) => w.weight === "NOTE");
  const facing = view.watch.filter((w) => w.weight === "CAUTION" && w.title.startsWith("One way"));
  // A few are read at a glance; many would hide what is more pressing.
  const oneWay = facing.length > FEW ? facing : [];
  const loud = view.watch.filter((w) => w.weight !== "NOTE" && !oneWay.includes(w));
  return (
    <aside className={classes.side} aria-label="Watch list and tray">
      <div className={classes.sideScroll}>
        <section aria-label="Watch list">
          <header>
            <h2>Watch</h2>
            <span className="num">{view.watch.length}</span>
          </header>
          {view.watch.length === 0 && (
            <p className={classes.soft}>Nothing that bites later has come up yet.</p>
          )}
          <WarningList warnings={loud} onChoose={onChoose} />
          {oneWay.length > 0 && (
            <details className={classes.notes}>
              <summary>
                One way round, {oneWay.length} {oneWay.length === 1 ? "part" : "parts"}
              </summary>
              <WarningList warnings={oneWay} onChoose={onChoose} />
            </details>
          )}
          {notes.length > 0 && (
            <details className={classes.notes}>
              <summary>
                Single use, {notes.length} {notes.length === 1 ? "line" : "lines"} to buy
              </summary>
              <WarningList warnings={notes} onChoose={onChoose} />
            </details>
          )}
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
      </div>
    </aside>
  );
}

function WarningList({ warnings, onChoose }: { warnings: Warning[]; onChoose: (key: string) => void }) {
  return (
    <ul className={classes.watch}>
      {warnings.map((warning) => (
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
  );
}
