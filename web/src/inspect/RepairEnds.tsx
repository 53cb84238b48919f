import { Link } from "react-router";
import type { JobView } from "../api/types";
import { Caution } from "../shared/Caution";

/** What was found that may end the repair: decided before anything else is measured. */
export function RepairEnds({ view, decides = false }: { view: JobView; decides?: boolean }) {
  if (view.repairEnds.length === 0) {
    return null;
  }
  return (
    <section aria-label="What may end the repair">
      {view.repairEnds.map((reason) => (
        <Caution key={reason.stepId}>
          {reason.says}
          {!decides && (
            <>
              {" "}
              <Link to={`/jobs/${view.job.number}/decide?step=${reason.stepId}`}>Decide</Link>
            </>
          )}
        </Caution>
      ))}
    </section>
  );
}
