import type { JobView } from "../api/types";

/** What every station is given. */
export interface StationProps {
  view: JobView;
  /** Step that is chosen in the stack. */
  chosen: string | undefined;
  onChoose: (key: string | undefined) => void;
}
