import { NativeSelect } from "@mantine/core";
import { useState } from "react";
import type { PositionView, UnitView } from "../api/types";
import { fixed } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import { t } from "../wording/en";
import classes from "./Unit.module.css";

/** What stands in the papers of a unit, and the unit at work in the position that is chosen. */
export function UnitPapers({ unit }: { unit: UnitView }) {
  const [chosen, setChosen] = useState(0);
  const position = unit.drive[chosen] ?? unit.drive[0];
  // An answer this device kept of an earlier version has none.
  const none = unit.inNoPosition ?? [];
  return (
    <>
      {unit.stages.length > 0 && <Stages unit={unit} />}
      {none.length > 0 && (
        <p className={classes.fault}>
          {none.length > 1 ? "Stages" : "Stage"} {none.join(", ")} {none.length > 1 ? "carry" : "carries"} the
          load in no position of the levers: correct the papers, or leave out what is not fitted.
        </p>
      )}
      {unit.drive.length > 1 && (
        <NativeSelect
          className={classes.lever}
          label="Gear position"
          value={String(chosen)}
          data={unit.drive.map((p, i) => ({ value: String(i), label: p.name }))}
          onChange={(e) => setChosen(Number(e.currentTarget.value))}
        />
      )}
      {position && <AtWork position={position} />}
      <p>
        {position ? <Sentence unit={unit} position={position} /> : "What is inside is not known yet"}
        {unit.inputPower ? `, ${unit.inputPower.text} ${unit.inputPower.unit}` : ""}. Limits for:{" "}
        {t.duties[unit.duty]}
        {unit.underWarranty ? ". Under warranty." : "."}
      </p>
    </>
  );
}

function Stages({ unit }: { unit: UnitView }) {
  const { decimal } = usePreferences().preferences;
  return (
    <div className={classes.scroll}>
      <table className={classes.table}>
        <thead>
          <tr>
            <th>stage</th>
            <th>what turns in it</th>
            <th className={classes.n}>ratio</th>
            <th className={classes.n}>centre distance</th>
            <th className={classes.n}>pitch line</th>
          </tr>
        </thead>
        <tbody>
          {unit.stages.map(({ stage, words, ratio, pair }) => (
            <tr key={stage}>
              <td>{stage}</td>
              <td>
                {pair ? (
                  <>
                    {pair.pinion}
                    <br />
                    {pair.wheel}
                  </>
                ) : (
                  words
                )}
              </td>
              <td className={classes.n}>{fixed(ratio, 3, decimal)}</td>
              <td className={classes.n}>{pair ? `${fixed(pair.centreDistanceMm, 2, decimal)} mm` : "–"}</td>
              <td className={classes.n}>
                {pair && pair.pitchLineVelocityMPerS > 0
                  ? `${fixed(pair.pitchLineVelocityMPerS, 2, decimal)} m/s`
                  : "–"}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function AtWork({ position }: { position: PositionView }) {
  const { decimal } = usePreferences().preferences;
  const known = (value: number, digits: number) =>
    value === 0 ? "–" : fixed(Math.abs(value), digits, decimal);
  return (
    <div className={classes.scroll}>
      <table className={classes.table}>
        <thead>
          <tr>
            <th>at work</th>
            <th className={classes.n}>driven at min⁻¹</th>
            <th className={classes.n}>with N·m</th>
            <th className={classes.n}>mesh Hz</th>
            <th className={classes.n}>same teeth Hz</th>
          </tr>
        </thead>
        <tbody>
          {position.line.map((at, i) => (
            <tr key={position.stages[i]}>
              <td>
                {position.stages[i]}. {at.words}
              </td>
              <td className={classes.n}>{known(at.inputRpm, 1)}</td>
              <td className={classes.n}>{known(at.inputTorqueNm, 1)}</td>
              <td className={classes.n}>{known(at.meshHz, 1)}</td>
              <td className={classes.n}>{known(at.huntingHz, 3)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function Sentence({ unit, position }: { unit: UnitView; position: PositionView }) {
  const { decimal } = usePreferences().preferences;
  const speeds =
    unit.inputSpeedRpm === undefined || position.outputSpeedRpm === undefined
      ? "speed not known"
      : `${fixed(unit.inputSpeedRpm, 0)} to ${fixed(position.outputSpeedRpm, 1, decimal)} min⁻¹`;
  const force = position.outputForceN > 0 ? `, about ${fixed(position.outputForceN, 0)} N` : "";
  return (
    <>
      Ratio <b>{fixed(position.ratio, 3, decimal)}</b>, {speeds}
      {position.travelMmPerInputTurn > 0
        ? `, output moves ${fixed(position.travelMmPerInputTurn, 3, decimal)} mm for a turn of the input${force}`
        : `, output turns ${position.turnsTheSameWay ? "the same way as" : "against"} the input`}
    </>
  );
}
