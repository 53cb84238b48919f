import {
  IconAlertTriangle,
  IconCircleCheck,
  IconCircleX,
  IconEye,
  IconHelpCircle,
} from "@tabler/icons-react";
import type { MeasurementResult, VerdictWord } from "../api/types";
import { t } from "../wording/en";
import classes from "./Verdict.module.css";

const SIGNS = {
  CLEAR_PASS: IconCircleCheck,
  DOUBTFUL: IconHelpCircle,
  CLEAR_FAIL: IconCircleX,
  NOT_JUDGED: IconAlertTriangle,
};

interface Props {
  verdict: VerdictWord;
  /** Where a measured value lies between new and renewal: what is worn is never shown as a bare pass. */
  zone?: MeasurementResult["zone"] | undefined;
  small?: boolean;
}

/** A verdict in word, sign and colour. */
export function Verdict({ verdict, zone, small }: Props) {
  const watch = verdict === "CLEAR_PASS" && zone === "WATCH";
  const Sign = watch ? IconEye : SIGNS[verdict];
  return (
    <span
      className={`${classes.root} ${watch ? classes.WATCH : classes[verdict]} ${small ? classes.small : ""}`}
    >
      <Sign size={small ? 18 : 24} stroke={2} aria-hidden />
      {watch ? t.watch : t.verdicts[verdict]}
    </span>
  );
}
