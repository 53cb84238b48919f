import { Button } from "@mantine/core";
import { IconPrinter } from "@tabler/icons-react";
import type { DrawerAnswer } from "../api/types";
import classes from "./Drawers.module.css";

type Gear = NonNullable<DrawerAnswer["gear"]>;

const BAR_MM = 50;

/** The gear at true scale: printed at 100 % the real one can be laid on it; a bar of 50 mm proves the scale. */
export function GearAtScale({ gear }: { gear: Gear }) {
  const size = gear.tipDiameterMm + 8;
  const r = gear.tipDiameterMm / 2;
  const outer = Math.max(...gear.tooth.map((p) => Math.hypot(p.x, p.y)), r);
  const half = Math.max(size / 2, outer + 4);
  const step = (2 * Math.PI) / gear.teeth;
  const points: string[] = [];
  for (let k = 0; k < gear.teeth; k++) {
    const cos = Math.cos(k * step);
    const sin = Math.sin(k * step);
    for (const p of gear.tooth) {
      points.push(`${(p.x * cos - p.y * sin).toFixed(3)} ${(p.x * sin + p.y * cos).toFixed(3)}`);
    }
  }
  const width = Math.max(2 * half, BAR_MM + 8);
  const height = 2 * half + 14;
  return (
    <figure className={classes.scale}>
      <svg
        viewBox={`${-width / 2} ${-half} ${width} ${height}`}
        style={{ "--true-width": `${width}mm`, "--true-height": `${height}mm` } as React.CSSProperties}
        role="img"
        aria-label={`Gear of ${gear.teeth} teeth, tip diameter ${gear.tipDiameterMm.toFixed(2)} mm, at true scale`}
      >
        <path d={`M${points.join("L")}Z`} className={classes.gearOutline} />
        {gear.boreMm > 0 && <circle r={gear.boreMm / 2} className={classes.gearOutline} />}
        <path d={`M${-half} 0H${half}M0 ${-half}V${half}`} className={classes.centreLine} />
        <g transform={`translate(${-BAR_MM / 2} ${half + 6})`}>
          <path d={`M0 -2V2M0 0H${BAR_MM}M${BAR_MM} -2V2`} className={classes.barLine} />
          <text x={BAR_MM / 2} y={6} textAnchor="middle" className={classes.barText}>
            {BAR_MM} mm
          </text>
        </g>
      </svg>
      <figcaption>
        Print at 100 % and lay the gear on it. The bar must measure 50 mm; if it does not, the printer scaled.
      </figcaption>
      <Button
        variant="default"
        leftSection={<IconPrinter size={20} aria-hidden />}
        onClick={() => {
          document.body.dataset.print = "gear";
          window.print();
          delete document.body.dataset.print;
        }}
      >
        Print at true scale
      </Button>
    </figure>
  );
}
