import type { JobView } from "../api/types";

/** Whether nothing is written to a job any more: it is signed, or put away. */
export const isClosed = (view: Pick<JobView, "job">): boolean =>
  view.job.signedAt !== undefined || view.job.putAway !== undefined;
