import type { MeasurementResult } from "../api/types";
import { Remark } from "../shared/Caution";
import { fixed, length } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import { Verdict } from "../shared/Verdict";
import { Working } from "../shared/Working";
import { LimitBar } from "./LimitBar";
import classes from "./Measuring.module.css";

/** What a measurement means: verdict, numbers, limits as a picture, working. */
export function Result({ result }: { result: MeasurementResult }) {
  const { preferences } = usePreferences();
  const { backlash, wear } = result;
  const percent = (value: number) => `${fixed(value, 1, preferences.decimal)} %`;
  return (
    <div className={classes.result}>
      <Verdict verdict={result.verdict} zone={result.zone} />
      <p>{result.sentence}</p>
      {[...(backlash?.warnings ?? []), ...(wear?.warnings ?? [])].map((warning) => (
        <Remark key={warning}>{warning}</Remark>
      ))}
      {backlash && (
        <>
          <LimitBar
            value={backlash.mean.circumferentialMm}
            uncertainty={backlash.uncertaintyMm}
            from={backlash.smallest.circumferentialMm}
            to={backlash.largest.circumferentialMm}
            least={backlash.recommended.leastCircumferentialMm}
            mostNew={backlash.recommended.mostNewCircumferentialMm}
            renew={backlash.recommended.renewCircumferentialMm}
            unit="mm"
          />
          <dl className={classes.numbers}>
            <Row name="along the circle, mean" value={length(backlash.mean.circumferentialMm, preferences)} />
            <Row name="square to the flanks" value={length(backlash.mean.normalMm, preferences)} />
            <Row
              name="as an angle"
              value={`pinion ${fixed(backlash.mean.pinionAngleMin, 1, preferences.decimal)}′ · wheel ${fixed(backlash.mean.wheelAngleMin, 1, preferences.decimal)}′`}
            />
            <Row
              name="tightest · loosest"
              value={`${fixed(backlash.smallest.circumferentialMm, 3, preferences.decimal)} · ${fixed(backlash.largest.circumferentialMm, 3, preferences.decimal)} mm`}
            />
            <Row name="spread" value={length(backlash.spreadMm, preferences)} />
            <Row name="uncertainty (95 %)" value={`± ${length(backlash.uncertaintyMm, preferences)}`} />
          </dl>
        </>
      )}
      {wear && (
        <>
          <LimitBar
            value={wear.wearPercent}
            uncertainty={wear.uncertaintyPercent}
            from={wear.wearPercent}
            to={wear.wearPercent}
            least={0}
            mostNew={wear.watchPercent}
            renew={wear.renewPercent}
            unit="%"
          />
          <dl className={classes.numbers}>
            <Row
              name="tooth gone"
              value={`${percent(wear.wearPercent)} ± ${percent(wear.uncertaintyPercent)}`}
            />
            <Row name="wear at the pitch circle" value={length(wear.wearMm, preferences)} />
            <Row name="tooth left" value={length(wear.thicknessMm, preferences)} />
            <Row name="span, worst place" value={length(wear.worstSpanMm, preferences)} />
            <Row name="span, mean" value={length(wear.meanSpanMm, preferences)} />
            <Row name="span when new" value={length(wear.referenceSpanMm, preferences)} />
            <Row
              name="watch · renew"
              value={`${percent(wear.watchPercent)} · ${percent(wear.renewPercent)}`}
            />
          </dl>
        </>
      )}
      {backlash && <Working working={backlash.working} />}
      {backlash && <Working working={backlash.recommended.working} title="Where the limits come from" />}
      {wear && <Working working={wear.working} />}
    </div>
  );
}

function Row({ name, value }: { name: string; value: string }) {
  return (
    <div>
      <dt>{name}</dt>
      <dd>{value}</dd>
    </div>
  );
}
