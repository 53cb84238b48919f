import { Button, Checkbox, NativeSelect, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { elsewhere, fieldErrors, type Problem } from "../api/problem";
import type { DrawerEntries, EnteredNumber, FillRequest, FillView, PlaceView } from "../api/types";
import { FieldInput } from "../drawers/FieldInput";
import { drawersQuery, lubricantsQuery } from "../drawers/queries";
import { entriesFrom, isAsked } from "../drawers/sheet.model";
import { useAnswer } from "../drawers/useAnswer";
import { Caution, Fault, Remark } from "../shared/Caution";
import { DayInput } from "../shared/DayInput";
import { fixed } from "../shared/format";
import { MeasureInput } from "../shared/MeasureInput";
import { usePreferences } from "../shared/preferences";
import { useDraft } from "../shared/useDraft";
import { Verdict } from "../shared/Verdict";
import { entriesOf } from "./entries";
import { ELSEWHERE, type FillFields, fillFields, toRequest } from "./Fill.model";
import classes from "./Place.module.css";

interface Props {
  place: PlaceView;
  /** What was noted of the drained oil when the unit came in. */
  note?: string | undefined;
  /** What stands kept already; missing for something new. */
  kept?: FillView | undefined;
  /** At a job a place is filled or left; on the unit it is filled or topped up, on a day. */
  atJob: boolean;
  draftKey: string;
  problem: Problem | undefined;
  busy: boolean;
  send: (request: FillRequest) => Promise<boolean>;
  children?: ReactNode;
}

/** Names of the fields, for two people on one record. */
export const FILL_LABELS = {
  kind: "Done here",
  on: "On",
  can: "Name on the can",
  amount: "Filled",
  meter: "Hours on the meter",
  source: "Why another",
  despite: "Why in spite of it",
};
const SHOWN = ["kind", "on", "lubricant", "can", "amount", "meter", "source", "despite"];

/** What came out of a place and what went in: from the shelf, with the amount worked out beside it. */
export function FillForm({ place, note, kept, atJob, draftKey, problem, busy, send, children }: Props) {
  const { preferences } = usePreferences();
  const drawers = useQuery(drawersQuery);
  const shelf = useQuery(lubricantsQuery);
  const drainedDrawer = drawers.data?.find((d) => d.name === "drained-oil");
  const {
    answer,
    problem: unanswered,
    silent,
  } = useAnswer("lubricated-place", entriesOf(place, atJob), shelf.dataUpdatedAt);
  const { grease } = place;
  const cans = answer?.shelf?.cans ?? [];
  const draft = useDraft(draftKey, fillFields(kept?.given, grease));
  const f = draft.value;
  const lubricant = f.lubricant ?? answer?.shelf?.take ?? ELSEWHERE;
  // Which can it is stands as soon as it is worked out; until then nothing changes under the hand.
  const isPending = f.lubricant === undefined && !answer && !unanswered && !silent;
  const out: DrawerEntries = drainedDrawer
    ? entriesFrom(drainedDrawer, { ...f.out, fields: { ...asked(place), ...f.out.fields } })
    : f.out;
  const drained = useAnswer("drained-oil", f.cameOut && drainedDrawer ? out : undefined);
  const errors = { ...fieldErrors(drained.problem), ...fieldErrors(problem) };
  const stray =
    problem?.status === 409
      ? undefined
      : elsewhere(problem, [...SHOWN, ...(drainedDrawer?.fields.map((d) => d.name) ?? [])]);

  const chosen = cans.find((can) => can.id === lubricant);
  const worked = answer?.shelf?.amount;

  const keep = async () => {
    const done = await send(toRequest(f, lubricant, out));
    if (done) {
      draft.clear();
    }
  };
  const left = f.kind === "LEFT";
  return (
    <div className={classes.fill}>
      {stray && <Fault>{stray}</Fault>}
      {drainedDrawer && (grease || place.level) && (
        <details
          className={classes.came}
          open={f.cameOut}
          onToggle={(e) => {
            if (e.currentTarget.open !== f.cameOut) {
              draft.change({ cameOut: e.currentTarget.open });
            }
          }}
        >
          <summary>What came out</summary>
          {f.cameOut && (
            <>
              {note && <p className={classes.soft}>Noted at Receive: {note}</p>}
              <Caution>
                Hot oil burns: drain between 40 and 60 °C, breather open first. Waste oil goes where local
                rules and the data sheet say.
              </Caution>
              <div className={classes.fields}>
                {drainedDrawer.fields
                  .filter((d) => isAsked(drainedDrawer, d, out))
                  .map((d) => (
                    <FieldInput
                      key={d.name}
                      field={d}
                      value={out.fields[d.name] ?? { text: d.start, unit: d.units[0] ?? "" }}
                      error={errors[d.name]}
                      onChange={(value) =>
                        draft.change({ out: { ...f.out, fields: { ...f.out.fields, [d.name]: value } } })
                      }
                    />
                  ))}
              </div>
              {drained.answer && (
                <p className={classes.says}>
                  <Verdict verdict={drained.answer.verdict} small /> {drained.answer.sentence}
                </p>
              )}
            </>
          )}
        </details>
      )}
      <div className={classes.fields}>
        <div className={classes.two}>
          <NativeSelect
            label="Done here"
            value={f.kind}
            error={errors.kind}
            data={[
              { value: "FILLED", label: grease ? "greased" : atJob ? "filled" : "changed" },
              atJob ? { value: "LEFT", label: "left as it is" } : { value: "TOPPED_UP", label: "topped up" },
            ]}
            onChange={(e) => draft.change({ kind: e.currentTarget.value as FillFields["kind"] })}
          />
          {!left && (
            <MeasureInput
              label="Hours on the meter"
              units={[""]}
              value={f.meter}
              error={errors.meter}
              onChange={(meter) => draft.change({ meter })}
            />
          )}
        </div>
        {!atJob && (
          <DayInput
            label="On"
            description="Empty: today."
            value={f.on}
            error={errors.on}
            onChange={(on) => draft.change({ on })}
          />
        )}
        {!left && (
          <>
            <NativeSelect
              className={classes.all}
              label="From"
              value={lubricant}
              error={errors.lubricant}
              disabled={isPending}
              data={[
                {
                  value: ELSEWHERE,
                  label: isPending ? "working out which goes…" : "a can that is not on the shelf",
                },
                ...cans.map((can) => ({ value: can.id, label: `${can.name}: ${can.says}` })),
              ]}
              onChange={(e) => draft.change({ lubricant: e.currentTarget.value, can: "" })}
            />
            {lubricant === ELSEWHERE && !isPending && (
              <TextInput
                className={classes.all}
                label="Name on the can"
                value={f.can}
                error={errors.can}
                onChange={(e) => draft.change({ can: e.currentTarget.value })}
              />
            )}
            {chosen && chosen.id !== answer?.shelf?.take && (
              <div className={classes.all}>
                <Remark>{chosen.says}</Remark>
              </div>
            )}
            <div className={classes.all}>
              <MeasureInput
                label={grease ? "Greased with" : "Filled"}
                units={grease ? ["g", "kg", "lb", "gun strokes"] : ["L", "US qt", "drops"]}
                hint={
                  worked === undefined
                    ? undefined
                    : `Worked out: ${fixed(worked, grease ? 0 : 2, preferences.decimal)} ${grease ? "g" : "L"}`
                }
                value={f.amount}
                error={errors.amount}
                onChange={(amount) => draft.change({ amount })}
              />
              {!grease && (
                <Checkbox
                  mt={8}
                  label="Filled to its plug or mark"
                  checked={f.toTheMark ?? false}
                  onChange={(e) => draft.change({ toTheMark: e.currentTarget.checked })}
                />
              )}
            </div>
          </>
        )}
        {(left || errors.source || f.source || chosen?.wanted === false) && (
          <TextInput
            className={classes.all}
            label={left ? "Why it is left" : "Why another kind or grade"}
            placeholder={left ? "changed last month, sealed for life" : "plate, maker’s table"}
            value={f.source}
            error={errors.source}
            onChange={(e) => draft.change({ source: e.currentTarget.value })}
          />
        )}
        {(errors.despite || f.despite || chosen?.forbidden) && !left && (
          <TextInput
            className={classes.all}
            label="Why in spite of it"
            description="It is kept with your name and stands in the report."
            value={f.despite}
            error={errors.despite}
            onChange={(e) => draft.change({ despite: e.currentTarget.value })}
          />
        )}
        <div className={classes.all}>
          <Button
            fullWidth
            size="lg"
            onClick={keep}
            loading={busy}
            disabled={isPending || (kept !== undefined && !draft.touched)}
          >
            {kept && !draft.touched ? "Kept" : left ? "Keep that it is left" : "Keep what went in"}
          </Button>
        </div>
      </div>
      {!grease && <Caution>Spilt oil is slippery: absorb it at once.</Caution>}
      {kept?.says && (
        <p className={classes.says}>
          <Verdict verdict={kept.verdict} small /> {kept.says}
        </p>
      )}
      {children}
    </div>
  );
}

/** What was filled last is what should come out now. */
const asked = (place: PlaceView): Record<string, EnteredNumber> => {
  const amount = place.last?.given.amount;
  return amount && (amount.unit === "L" || amount.unit === "US qt") ? { filledL: amount } : {};
};
