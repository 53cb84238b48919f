import { Button, NativeSelect, TextInput } from "@mantine/core";
import { elsewhere, fieldErrors } from "../api/problem";
import type { FillAnswer, FillRequest } from "../api/types";
import { MeasuringRoom } from "../drawers/MeasuringRoom";
import { useKeep, usePreview } from "../job/bench";
import { Conflict } from "../job/Conflict";
import type { StationProps } from "../job/JobPage";
import { Caution, Fault, Remark } from "../shared/Caution";
import { fixed, moment, volume } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import { Panel } from "../shared/Panel";
import { usePreferences } from "../shared/preferences";
import { useDraft } from "../shared/useDraft";
import { Working } from "../shared/Working";
import classes from "./Fill.module.css";
import { SumpSection } from "./SumpSection";

type Fields = Required<Omit<FillRequest, "version">> & { version: number };

const LABELS = {
  coldest: "Coldest start",
  hottest: "Hottest surroundings",
  sumpLength: "Sump, inside length",
  sumpWidth: "Sump, inside width",
  sumpHeight: "Sump, inside height",
  shaftHeight: "Shafts above the floor",
  level: "Oil level above the floor",
  oilName: "Name on the can",
  gradeSource: "Why another grade",
  filled: "Filled",
};
const GRADES = ["22", "32", "46", "68", "100", "150", "220", "320", "460", "680", "1000"];

/** Grade with its reason, and the quantity that brings the sump to its line. */
export function FillStation({ view }: StationProps) {
  const { preferences } = usePreferences();
  const metric = preferences.system === "metric";
  const given = view.fill?.given;
  const last = view.lastFill?.given;
  const start = given ?? last;
  const blank = (unit: string) => ({ text: "", unit });
  const unit = metric ? "mm" : "in";
  const draft = useDraft<Fields>(`fill.${view.job.id}`, {
    coldest: start?.coldest ?? blank(metric ? "°C" : "°F"),
    hottest: start?.hottest ?? blank(metric ? "°C" : "°F"),
    sumpLength: start?.sumpLength ?? blank(unit),
    sumpWidth: start?.sumpWidth ?? blank(unit),
    sumpHeight: start?.sumpHeight ?? blank(unit),
    shaftHeight: start?.shaftHeight ?? blank(unit),
    level: start?.level ?? blank(unit),
    grade: given?.grade ?? last?.grade ?? "VG_220",
    gradeSource: given?.gradeSource ?? "",
    oilName: start?.oilName ?? "",
    filled: given?.filled ?? blank(metric ? "L" : "US qt"),
    version: given?.version ?? -1,
  });
  const { keep, problem, clearProblem, busy } = useKeep(view.job.number);
  const f = draft.value;
  const { version, ...body } = f;
  const complete = [
    f.coldest,
    f.hottest,
    f.sumpLength,
    f.sumpWidth,
    f.sumpHeight,
    f.shaftHeight,
    f.level,
  ].every((n) => n.text.trim() !== "");
  const preview = usePreview<FillAnswer>(
    `/api/jobs/${view.job.number}/preview/fill`,
    complete ? body : undefined,
  );
  const told = problem ?? preview.problem;
  const errors = fieldErrors(told);
  const answer = preview.answer ?? (draft.touched ? undefined : view.fill?.answer);
  const signed = view.job.signedAt !== undefined;

  const save = async (seen = version) => {
    if (await keep("PUT", "/fill", { ...body, version: seen < 0 ? undefined : seen }, "fill")) {
      draft.clear();
    }
  };
  const measure = (field: keyof typeof LABELS & keyof Fields, units: string[], hint?: string) => (
    <MeasureInput
      label={LABELS[field]}
      units={units}
      hint={hint}
      value={f[field] as { text: string; unit: string }}
      error={errors[field]}
      onChange={(value) => draft.change({ [field]: value } as Partial<Fields>)}
    />
  );

  const stray = told?.status === 409 ? undefined : elsewhere(told, Object.keys(LABELS));
  return (
    <>
      <div className={classes.grid}>
        <div className={classes.column}>
          <Panel title="Climate and sump" aside={last && !given ? "as at the last rebuild" : undefined}>
            <div className={classes.fields}>
              {stray && (
                <div className={classes.all}>
                  <Fault>{stray}</Fault>
                </div>
              )}
              {measure("coldest", ["°C", "°F"])}
              {measure("hottest", ["°C", "°F"])}
              {measure("sumpLength", ["mm", "in"])}
              {measure("sumpWidth", ["mm", "in"])}
              {measure("sumpHeight", ["mm", "in"], "up to the lowest opening")}
              {measure("shaftHeight", ["mm", "in"])}
              <div className={classes.all}>
                {measure("level", ["mm", "in"], "from the lowest floor point to the line")}
              </div>
              {answer && (
                <p className={classes.all}>
                  The dip of the last wheel asks for a level of{" "}
                  <button
                    type="button"
                    className={classes.take}
                    onClick={() =>
                      draft.change({ level: { text: answer.proposedLevelMm.toFixed(0), unit: "mm" } })
                    }
                  >
                    {fixed(answer.proposedLevelMm, 0)} mm: take it
                  </button>
                </p>
              )}
            </div>
          </Panel>
          <Panel
            title="What went in"
            aside={view.fill ? `${view.fill.keptBy}, ${moment(view.fill.keptAt)}` : "not filled yet"}
          >
            <Caution>
              Drain only below 45 °C; hot oil burns. Spilt oil is slippery. Waste oil goes where local rules
              say.
            </Caution>
            <div className={classes.fields}>
              <NativeSelect
                label="Grade filled"
                value={f.grade}
                error={errors.grade}
                data={GRADES.map((g) => ({ value: `VG_${g}`, label: `ISO VG ${g}` }))}
                onChange={(e) => draft.change({ grade: e.currentTarget.value as Fields["grade"] })}
              />
              {measure("filled", ["L", "US qt"])}
              <TextInput
                className={classes.all}
                label={LABELS.oilName}
                value={f.oilName}
                error={errors.oilName}
                onChange={(e) => draft.change({ oilName: e.currentTarget.value })}
              />
              {((answer && f.grade !== answer.grade.proposed) || errors.gradeSource) && (
                <TextInput
                  className={classes.all}
                  label={LABELS.gradeSource}
                  placeholder="plate, maker’s table: it wins, and both are shown"
                  value={f.gradeSource}
                  error={errors.gradeSource}
                  onChange={(e) => draft.change({ gradeSource: e.currentTarget.value })}
                />
              )}
              <div className={classes.all}>
                <Button
                  fullWidth
                  size="lg"
                  onClick={() => save()}
                  loading={busy}
                  disabled={signed || (view.fill !== undefined && !draft.touched)}
                >
                  {view.fill && !draft.touched ? "Kept" : "Keep the fill"}
                </Button>
              </div>
            </div>
          </Panel>
        </div>
        <div className={classes.column}>
          <Panel title="Grade">
            {answer ? (
              <>
                <p className={classes.big}>{answer.grade.proposed.replace("VG_", "ISO VG ")}</p>
                <p>{answer.grade.reason}</p>
                {answer.grade.warnings.map((warning) => (
                  <Remark key={warning}>{warning}</Remark>
                ))}
                <Working working={answer.grade.working} />
              </>
            ) : (
              <p>Enter climate and sump; the grade and its reason stand here at once.</p>
            )}
          </Panel>
          <Panel title="Quantity">
            {answer ? (
              <>
                <p className={classes.big}>{volume(answer.quantity.litres, preferences)}</p>
                <SumpSection
                  lengthMm={inMm(f.sumpLength)}
                  heightMm={inMm(f.sumpHeight)}
                  shaftMm={inMm(f.shaftHeight)}
                  levelMm={inMm(f.level)}
                  stack={view.stack}
                />
                <p>
                  One millimetre of level is {fixed(answer.quantity.litresPerMm, 3, preferences.decimal)} L;
                  the gears displace {fixed(answer.quantity.displacedLitres, 2, preferences.decimal)} L.
                </p>
                {answer.quantity.warnings.map((warning) => (
                  <Remark key={warning}>{warning}</Remark>
                ))}
                <Working working={answer.quantity.working} />
              </>
            ) : (
              <p>The quantity is the sump up to its line, less what the gears displace.</p>
            )}
          </Panel>
        </div>
        <Conflict
          problem={problem}
          mine={body}
          theirs={(current) => (current as { given: Record<string, unknown> }).given}
          labels={{ ...LABELS, grade: "Grade filled" }}
          onKeepMine={save}
          onTakeTheirs={() => {
            draft.clear();
            clearProblem();
          }}
        />
      </div>
      <div className={classes.room}>
        <MeasuringRoom view={view} station="FILL" />
      </div>
    </>
  );
}

/** For the picture only; what counts is converted on the server. */
const inMm = (n: { text: string; unit: string }) =>
  Number(n.text.replace(",", ".")) * (n.unit === "in" ? 25.4 : 1);
