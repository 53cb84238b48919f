import { useState } from "react";
import type { DrawerAnswer } from "../api/types";
import { fixed } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import classes from "./Drawers.module.css";

/** So many are shown at first; the best stand first. */
const FIRST = 5;

/** What the shelf offers for a place: each can with what is left and whether it goes there. */
export function ShelfList({ shelf }: { shelf: NonNullable<DrawerAnswer["shelf"]> }) {
  const { preferences } = usePreferences();
  const [all, setAll] = useState(false);
  const shortened = !all && shelf.cans.length > FIRST + 1;
  return (
    <div className={classes.scroll}>
      <h3>On the shelf</h3>
      {shelf.cans.length === 0 && <p>Nothing of that sort stands there.</p>}
      <table className={classes.table}>
        <thead>
          <tr>
            <th data-words>can</th>
            <th>left</th>
            <th data-words>goes there</th>
          </tr>
        </thead>
        <tbody>
          {(shortened ? shelf.cans.slice(0, FIRST) : shelf.cans).map((can) => (
            <tr key={can.id} data-chosen={can.id === shelf.take}>
              <td data-words>{can.name}</td>
              <td>
                {fixed(can.left, Number.isInteger(can.left) ? 0 : 2, preferences.decimal)} {can.unit}
              </td>
              <td data-words>{can.says}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {shortened && (
        <button type="button" className={classes.link} onClick={() => setAll(true)}>
          Show the other {shelf.cans.length - FIRST}
        </button>
      )}
    </div>
  );
}
