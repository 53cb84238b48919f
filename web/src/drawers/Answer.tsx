import type { DrawerAnswer, DrawerEntries, EnteredNumber } from "../api/types";
import { LimitBar } from "../measuring/LimitBar";
import { Remark } from "../shared/Caution";
import { Verdict } from "../shared/Verdict";
import { AnswerPart, Figures, Tables, Workings } from "./AnswerParts";
import classes from "./Drawers.module.css";
import { GearAtScale } from "./GearAtScale";
import { Identity } from "./Identity";
import { MeshView } from "./MeshView";
import { PolarMap } from "./PolarMap";
import { Schools } from "./Schools";
import { ShelfList } from "./ShelfList";
import { SumpPicture } from "./SumpPicture";
import { ViscosityChart } from "./ViscosityChart";

interface Props {
  answer: DrawerAnswer;
  entries: DrawerEntries;
  /** Changes entries from within the answer, as a slider does; missing where the answer is only shown. */
  set?: ((part: Record<string, EnteredNumber>) => void) | undefined;
  /** True where what the answer rests on stands elsewhere on the screen. */
  whyElsewhere?: boolean;
}

/** What a drawer answers: verdict, sentence, picture, numbers, working. */
export function Answer({ answer, entries, set, whyElsewhere }: Props) {
  return (
    <div className={classes.result}>
      {answer.verdict !== "NOT_JUDGED" && <Verdict verdict={answer.verdict} zone={answer.zone} />}
      <p className={classes.sentence}>{answer.sentence}</p>
      {answer.warnings.map((warning) => (
        <Remark key={warning}>{warning}</Remark>
      ))}
      {answer.bar && <LimitBar {...answer.bar} />}
      {answer.mesh && <MeshView picture={answer.mesh} entries={entries} set={set} />}
      {answer.map && <PolarMap map={answer.map} />}
      {answer.sump && <SumpPicture picture={answer.sump} set={set} />}
      {answer.schools && <Schools schools={answer.schools} value={answer.bar?.value} />}
      {answer.identity && <Identity identity={answer.identity} />}
      <Figures figures={answer.figures} />
      {answer.chart && <ViscosityChart chart={answer.chart} />}
      {answer.shelf && <ShelfList shelf={answer.shelf} />}
      <Tables tables={answer.tables} />
      {answer.gear && <GearAtScale gear={answer.gear} />}
      <Workings workings={answer.workings} />
      {answer.why && !whyElsewhere && (
        <section aria-label={answer.why.title}>
          <h3>{answer.why.title}</h3>
          <AnswerPart part={answer.why} />
        </section>
      )}
    </div>
  );
}
