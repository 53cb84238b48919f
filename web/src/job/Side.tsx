import { IconAlertTriangle } from "@tabler/icons-react";
import type { JobView, Station } from "../api/types";
import { isClosed } from "./closed";
import classes from "./Job.module.css";
import { counted, type Told, watchAt } from "./watch.model";

interface Props {
  view: JobView;
  here: Station;
  chosen: string | undefined;
  onChoose: (key: string) => void;
}

/** What bites here and now, and what lies where. */
export function Side({ view, here, chosen, onChoose }: Props) {
  const pieces = view.trays.reduce((sum, tray) => sum + tray.pieces, 0);
  const watch = watchAt(view, here, chosen, isClosed(view));
  return (
    <aside className={classes.side} aria-label="Watch list and tray">
      <div className={classes.sideScroll}>
        <section aria-label="Watch list">
          <header>
            <h2>Watch</h2>
            <span className="num">{watch.now.length + watch.later.length}</span>
          </header>
          {watch.now.length === 0 && (
            <p className={classes.soft}>
              {watch.later.length === 0
                ? "Nothing that bites later has come up yet."
                : "Nothing bites here and now."}
            </p>
          )}
          <WarningList told={watch.now} onChoose={onChoose} />
          {watch.later.length > 0 && (
            <details className={classes.notes}>
              <summary>Elsewhere: {counted(watch.later)}</summary>
              <WarningList told={watch.later} onChoose={onChoose} />
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

function WarningList({ told, onChoose }: { told: Told[]; onChoose: (key: string) => void }) {
  return (
    <ul className={classes.watch}>
      {told.map((warning) => (
        <li key={warning.title + warning.of[0]?.stepId}>
          <button
            type="button"
            data-weight={warning.weight}
            onClick={() => onChoose(warning.of[0]?.stepId ?? "")}
          >
            <b>
              {warning.weight === "DANGER" && <IconAlertTriangle size={16} aria-label="Danger" />}{" "}
              {warning.title}
            </b>
            <span>
              {warning.consequence} {warning.of.length === 1 ? "Step" : "Steps"}{" "}
              {warning.of.map((o) => o.number).join(", ")}.
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
