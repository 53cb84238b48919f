import { IconCloudCheck, IconCloudOff, IconCloudUp } from "@tabler/icons-react";
import { useSyncExternalStore } from "react";
import { line } from "../api/kept";
import { useOutbox } from "../job/bench";
import { useNow } from "../shared/clock";
import { ago, moment } from "../shared/format";
import { t } from "../wording/en";
import classes from "./Shell.module.css";

/** Whether everything is kept; always in sight. */
export function SaveState() {
  const { waiting, ofOthers, offline, signedOut, slow, keptAt } = useOutbox();
  const now = useNow();
  const { asOf, slow: lateAnswer } = useSyncExternalStore(line.subscribe, line.snapshot);
  const bad = offline || signedOut || slow || lateAnswer || asOf !== undefined;
  const Sign = bad ? IconCloudOff : waiting.length > 0 ? IconCloudUp : IconCloudCheck;
  const words = signedOut
    ? t.saving.signedOut(waiting.length)
    : offline
      ? t.saving.offline(waiting.length)
      : slow || lateAnswer
        ? t.saving.slow
        : asOf !== undefined
          ? t.saving.asOf(asOf === 0 ? "" : moment(new Date(asOf).toISOString()))
          : waiting.length > 0
            ? t.saving.sending
            : keptAt === undefined
              ? t.saving.ready
              : t.saving.kept(ago(keptAt, now));
  return (
    <span className={classes.save} data-bad={bad} role="status">
      <Sign size={20} aria-hidden />
      {words}
      {ofOthers.length > 0 && ` · ${t.saving.ofOthers(ofOthers.map((w) => w.by?.name ?? ""))}`}
    </span>
  );
}
