import { Remark } from "../shared/Caution";
import { useOutbox } from "./bench";

/** What was entered for this job without a connection and still waits on this device. */
export function Waiting({ job }: { job: number }) {
  const { waiting, offline, signedOut } = useOutbox();
  const here = waiting.filter((w) => w.job === job);
  if (here.length === 0 || !(offline || signedOut)) {
    return null;
  }
  return (
    <Remark>
      <span>
        <b>Kept on this device, not sent yet:</b> {here.map((w) => w.label).join("; ")}. It goes out by itself
        when the connection is back.
      </span>
    </Remark>
  );
}
