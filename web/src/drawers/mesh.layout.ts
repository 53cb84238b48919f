import type { DrawerAnswer } from "../api/types";

type Picture = NonNullable<DrawerAnswer["mesh"]>;
type Point = Picture["pitchPoint"];

/** The window of the drawing, in mm; y upwards. */
export interface Frame {
  x: number;
  y: number;
  width: number;
  height: number;
}

/** A window round the pitch point: some tooth heights near, or several teeth. */
export function frameOf(picture: Picture, near: boolean): Frame {
  const m = picture.state.pair.pinion.normalModuleMm;
  const width = (near ? 9 : 26) * m;
  const height = width * 0.72;
  return { x: picture.pitchPoint.x - width * 0.52, y: -height / 2, width, height };
}

const turned = (p: Point, angle: number, centre: Point): string => {
  const cos = Math.cos(angle);
  const sin = Math.sin(angle);
  return `${(centre.x + p.x * cos - p.y * sin).toFixed(4)} ${(centre.y + p.x * sin + p.y * cos).toFixed(4)}`;
};

/** Outline of a whole gear, tooth after tooth. */
function rim(tooth: Point[], teeth: number, first: number, centre: Point): string {
  const points: string[] = [];
  for (let k = 0; k < teeth; k++) {
    const angle = first + (k * 2 * Math.PI) / teeth;
    for (const p of tooth) {
      points.push(turned(p, angle, centre));
    }
  }
  return `M${points.join("L")}Z`;
}

/** Everything the drawing consists of, in mm with y upwards. */
export function meshLayers(picture: Picture) {
  const { state } = picture;
  const one = state.pair.pinion;
  const two = state.pair.wheel;
  const origin = { x: 0, y: 0 };
  const a = state.pair.centreDistanceMm;
  const sum = two.internal ? two.teeth - one.teeth : two.teeth + one.teeth;
  const wheelRim = rim(picture.wheelTooth, two.teeth, picture.wheelAngleRad, picture.wheelCentre);
  const beyond = 4 * a + 10 * two.teeth;
  const [gapFrom, gapTo] = [picture.gap[0] ?? origin, picture.gap[1] ?? origin];
  const m = one.normalModuleMm;
  const label = { x: picture.pitchPoint.x + 1.2 * m, y: Math.min(gapFrom.y, gapTo.y) - 1.1 * m };
  const start = picture.contactStart;
  const end = picture.contactEnd;
  const along = { x: end.x - start.x, y: end.y - start.y };
  // On the line of centres, from the tip circle of the pinion to the root circle of the wheel.
  const tipCircle = Math.max(...picture.pinionTooth.map((p) => Math.hypot(p.x, p.y)));
  const rootCircle = tipCircle + state.pinionTipClearanceMm;
  const tipLabel = { x: picture.pitchPoint.x + 1.2 * m, y: 2.2 * m };
  return {
    pinion: {
      body: rim(picture.pinionTooth, one.teeth, picture.pinionAngleRad, origin),
      workingRadius: (a * one.teeth) / sum,
    },
    wheel: {
      // A ring is metal outside its teeth.
      body: two.internal ? `${wheelRim}M${-beyond} ${-beyond}H${beyond}V${beyond}H${-beyond}Z` : wheelRim,
      workingRadius: (a * two.teeth) / sum,
    },
    action: {
      whole: `M${start.x - 2 * along.x} ${start.y - 2 * along.y}L${end.x + 2 * along.x} ${end.y + 2 * along.y}`,
      part: `M${start.x} ${start.y}L${end.x} ${end.y}`,
    },
    gap: {
      line: `M${gapFrom.x} ${gapFrom.y}L${gapTo.x} ${gapTo.y}`,
      leader: `M${(gapFrom.x + gapTo.x) / 2} ${-(gapFrom.y + gapTo.y) / 2}L${label.x} ${-label.y}`,
      label,
      words:
        state.circumferentialMm >= 0
          ? `backlash ${state.circumferentialMm.toFixed(3)} mm`
          : `overlap ${(-state.circumferentialMm).toFixed(3)} mm`,
    },
    tip: {
      line: `M${tipCircle} 0L${rootCircle} 0`,
      leader: `M${(tipCircle + rootCircle) / 2} 0L${tipLabel.x} ${-tipLabel.y}`,
      label: tipLabel,
      words: `tip clearance ${state.pinionTipClearanceMm.toFixed(2)} mm`,
    },
  };
}
