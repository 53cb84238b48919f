import { IconAlertTriangle, IconCircleCheck, IconCircleX, IconHelpCircle } from "@tabler/icons-react";
import type { VerdictWord } from "../api/types";
import { t } from "../wording/en";
import classes from "./Verdict.module.css";

const SIGNS = {
  CLEAR_PASS: IconCircleCheck,
  DOUBTFUL: IconHelpCircle,
  CLEAR_FAIL: IconCircleX,
  NOT_JUDGED: IconAlertTriangle,
};

/** A verdict in word, sign and colour. */
export function Verdict({ verdict, small }: { verdict: VerdictWord; small?: boolean }) {
  const Sign = SIGNS[verdict];
  return (
    <span className={`${classes.root} ${classes[verdict]} ${small ? classes.small : ""}`}>
      <Sign size={small ? 18 : 24} stroke={2} aria-hidden />
      {t.verdicts[verdict]}
    </span>
  );
}
