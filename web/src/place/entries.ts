import type { DrawerEntries, PlaceView } from "../api/types";

/**
 * The sheet of a place as it is asked now.
 *
 * @param washed true at a job, where the box was stripped and washed; otherwise what was put in last is still in it
 */
export function entriesOf(place: PlaceView, washed: boolean): DrawerEntries {
  const { entries } = place.given;
  if (washed || entries.fields.old?.text === "YES") {
    return entries;
  }
  const old = Object.entries(place.prefill.fields).filter(([name]) => name.startsWith("old"));
  return { ...entries, fields: { ...entries.fields, ...Object.fromEntries(old) } };
}
