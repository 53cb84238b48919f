import { Slider } from "@mantine/core";
import { useState } from "react";
import type { DrawerAnswer, DrawerEntries, EnteredNumber } from "../api/types";
import classes from "./Drawers.module.css";
import { type Frame, frameOf, meshLayers } from "./mesh.layout";

type Picture = NonNullable<DrawerAnswer["mesh"]>;

interface Props {
  picture: Picture;
  entries: DrawerEntries;
  set?: ((part: Record<string, EnteredNumber>) => void) | undefined;
}

const number = (entry: EnteredNumber | undefined) => Number((entry?.text ?? "").replace(",", "."));

/** The true teeth in mesh, with contact, backlash gap and tip clearance; sliders move centres, warmth and the turn. */
export function MeshView({ picture, entries, set }: Props) {
  const [near, setNear] = useState(true);
  const frame: Frame = frameOf(picture, near);
  const { pinion, wheel, gap, tip, action } = meshLayers(picture);
  const state = picture.state;
  const a = number(entries.fields.centreDistanceMm) || state.pair.centreDistanceMm;
  const module = state.pair.pinion.normalModuleMm;
  const unit = frame.width / 300;
  return (
    <figure className={classes.mesh}>
      <svg
        viewBox={`${frame.x} ${-frame.y - frame.height} ${frame.width} ${frame.height}`}
        role="img"
        aria-label={`Teeth in mesh: backlash ${state.circumferentialMm.toFixed(3)} mm, contact ratio ${state.transverseContactRatio.toFixed(2)}`}
        style={{ "--u": unit } as React.CSSProperties}
      >
        <defs>
          <pattern
            id="cut-wheel"
            width={3.2 * unit}
            height={3.2 * unit}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <path d={`M0 0V${3.2 * unit}`} className={classes.hatch} strokeWidth={0.5 * unit} />
          </pattern>
          <pattern
            id="cut-pinion"
            width={3.2 * unit}
            height={3.2 * unit}
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(-45)"
          >
            <path d={`M0 0V${3.2 * unit}`} className={classes.hatch} strokeWidth={0.5 * unit} />
          </pattern>
        </defs>
        <g transform="scale(1 -1)" strokeWidth={unit}>
          <path d={wheel.body} className={classes.metal} fill="url(#cut-wheel)" />
          <path d={pinion.body} className={classes.metal} fill="url(#cut-pinion)" />
          <circle
            r={pinion.workingRadius}
            className={classes.pitch}
            strokeDasharray={`${6 * unit} ${2 * unit} ${unit} ${2 * unit}`}
          />
          <circle
            cx={picture.wheelCentre.x}
            r={wheel.workingRadius}
            className={classes.pitch}
            strokeDasharray={`${6 * unit} ${2 * unit} ${unit} ${2 * unit}`}
          />
          <path d={action.whole} className={classes.actionThin} />
          <path d={action.part} className={classes.actionPart} strokeWidth={2.4 * unit} />
          {picture.touching.map((p) => (
            <circle key={`${p.x}${p.y}`} cx={p.x} cy={p.y} r={2.6 * unit} className={classes.touch} />
          ))}
          <path d={gap.line} className={classes.gap} strokeWidth={2 * unit} />
          <path d={tip.line} className={classes.leader} strokeWidth={2 * unit} />
        </g>
        <g fontSize={9 * unit} className={classes.meshText}>
          <path d={gap.leader} className={classes.leader} strokeWidth={0.8 * unit} />
          <text x={gap.label.x} y={-gap.label.y} textAnchor="start">
            {gap.words}
          </text>
          <path d={tip.leader} className={classes.leader} strokeWidth={0.8 * unit} />
          <text x={tip.label.x} y={-tip.label.y} textAnchor="start">
            {tip.words}
          </text>
        </g>
      </svg>
      <figcaption>
        Pinion left, turning counter-clockwise and driving. Thick: where teeth carry. Dots: contact now.
        <button type="button" className={classes.link} onClick={() => setNear(!near)}>
          {near ? "Show more teeth" : "Closer"}
        </button>
      </figcaption>
      {set && (
        <div className={classes.sliders}>
          <Travel
            label="Centre distance"
            unit="mm"
            value={a}
            low={state.pair.centreDistanceMm - 0.5 * module}
            high={state.pair.centreDistanceMm + 0.8 * module}
            step={0.01}
            digits={2}
            onChange={(v) => set({ centreDistanceMm: { text: v.toFixed(2), unit: "mm" } })}
          />
          <Travel
            label="Gears and housing warmer by"
            unit="K"
            value={number(entries.fields.gearRise) || 0}
            low={-40}
            high={100}
            step={1}
            digits={0}
            onChange={(v) =>
              set({ gearRise: { text: String(v), unit: "K" }, housingRise: { text: String(v), unit: "K" } })
            }
          />
          <Travel
            label="Turned on by"
            unit="of a pitch"
            value={number(entries.fields.turn) || 0}
            low={0}
            high={1}
            step={0.01}
            digits={2}
            onChange={(v) => set({ turn: { text: v.toFixed(2), unit: "" } })}
          />
        </div>
      )}
    </figure>
  );
}

/** A slider whose ends stay where they were when it was first shown, so that it does not run away under the finger. */
function Travel(p: {
  label: string;
  unit: string;
  value: number;
  low: number;
  high: number;
  step: number;
  digits: number;
  onChange: (value: number) => void;
}) {
  const [ends, setEnds] = useState({ low: p.low, high: p.high });
  if (p.value < ends.low || p.value > ends.high) {
    setEnds({ low: Math.min(p.low, p.value), high: Math.max(p.high, p.value) });
  }
  return (
    <div className={classes.travel}>
      <span>
        {p.label}{" "}
        <b>
          {p.value.toFixed(p.digits)} {p.unit}
        </b>
      </span>
      <Slider
        thumbLabel={p.label}
        size="lg"
        thumbSize={28}
        value={p.value}
        min={ends.low}
        max={ends.high}
        step={p.step}
        label={null}
        onChange={p.onChange}
      />
    </div>
  );
}
