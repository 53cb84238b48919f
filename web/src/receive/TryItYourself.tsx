import { Button } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import type { JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { meQuery } from "../people/session";
import { Caution, Fault } from "../shared/Caution";

/** Whoever comes to an isolated unit is asked to try it: nobody's hands go in on another's word. */
export function TryItYourself({ view }: { view: JobView }) {
  const me = useQuery(meQuery).data;
  const { keep, problem, busy } = useKeep(view.job.number);
  const isolation = view.receive?.isolation;
  if (!me?.name || !isolation?.isolated || isolation.triedBy.includes(me.name) || isClosed(view)) {
    return null;
  }
  return (
    <>
      {problem && <Fault>{problem.detail}</Fault>}
      <Caution>
        <span>
          {`${isolation.confirmedBy} isolated this unit. Before your hands go in: put your own lock and tag on, see that the energy is let off, and try to start it. The local rules come first. `}
          <Button
            variant="default"
            loading={busy}
            onClick={() => keep("POST", "/isolation/tried", undefined, "tried to start")}
          >
            {`I tried it, nothing moves (${me.name})`}
          </Button>
        </span>
      </Caution>
    </>
  );
}
