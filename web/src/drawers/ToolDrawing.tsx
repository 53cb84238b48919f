import type { ReactNode } from "react";
import type { DrawerEntries, DrawerView, EnteredNumber } from "../api/types";
import classes from "./Drawers.module.css";
import { FindingPicker } from "./FindingPicker";
import { PatternPicker } from "./PatternPicker";

interface Props {
  drawer: DrawerView;
  entries: DrawerEntries;
  set: (part: Record<string, EnteredNumber>) => void;
}

/** A row of rack-like teeth from x on, tips at y, standing up; for sketches of where a tool goes. */
function teeth(x: number, y: number, count: number, pitch: number, height: number): string {
  const parts = [`M${x} ${y + height}`];
  for (let i = 0; i < count; i++) {
    const x0 = x + i * pitch;
    parts.push(
      `q${pitch * 0.1} ${-height * 0.5} ${pitch * 0.22} ${-height}`,
      `h${pitch * 0.16}`,
      `q${pitch * 0.12} ${height * 0.5} ${pitch * 0.22} ${height}`,
      i === count - 1 ? "" : `L${x0 + pitch} ${y + height}`,
    );
  }
  return parts.join("");
}

/** A gear seen from the side, with its teeth. */
function gear(cx: number, cy: number, r: number, count: number): string {
  const h = r * 0.16;
  const points: string[] = [];
  for (let k = 0; k < count; k++) {
    const a = (k * 2 * Math.PI) / count;
    const w = Math.PI / count;
    for (const [angle, radius] of [
      [a - w * 0.55, r - h],
      [a - w * 0.25, r + h],
      [a + w * 0.25, r + h],
      [a + w * 0.55, r - h],
    ] as const) {
      points.push(
        `${(cx + radius * Math.cos(angle)).toFixed(1)} ${(cy + radius * Math.sin(angle)).toFixed(1)}`,
      );
    }
  }
  return `M${points.join("L")}Z`;
}

const Dial = ({ x, y, turn = 0 }: { x: number; y: number; turn?: number }) => (
  <g transform={`translate(${x} ${y}) rotate(${turn})`} className={classes.tool}>
    <path d="M0 0H22" />
    <circle cx={38} cy={0} r={16} />
    <path d="M38 0L46 -9" />
  </g>
);

const Letter = ({ x, y, children }: { x: number; y: number; children: string }) => (
  <text x={x} y={y} textAnchor="middle" className={classes.letter}>
    {children}
  </text>
);

/** Where the tool goes, drawer by drawer; nothing where no tool is used. */
export function ToolDrawing({ drawer, entries, set }: Props) {
  if (drawer.name === "contact-pattern") {
    return <PatternPicker entries={entries} set={set} />;
  }
  if (drawer.name === "by-eye") {
    return <FindingPicker field={drawer.fields.find((f) => f.name === "mode")} entries={entries} set={set} />;
  }
  const found = SKETCHES[drawer.name]?.(entries);
  return found ? (
    <figure className={classes.where}>
      <svg viewBox="0 0 190 116" aria-hidden="true">
        {found[0]}
      </svg>
      <figcaption>{found[1]}</figcaption>
    </figure>
  ) : null;
}

const inRing = (entries: DrawerEntries) => entries.fields.internal?.text === "INSIDE";
const way = (entries: DrawerEntries) => entries.fields.way?.text ?? "";

const SPAN: [ReactNode, string] = [
  <g key="span">
    <path className={classes.metalLine} d={teeth(14, 62, 6, 27, 30)} />
    <path className={classes.tool} d="M36 92V26M128 92V26M36 26H20M128 26H150" />
    <path className={classes.dim} d="M36 16H128M42 12l-6 4l6 4M122 12l6 4l-6 4" />
    <Letter x={82} y={12}>
      W
    </Letter>
  </g>,
  "Jaws square over the teeth, at three places round the gear; wipe the flanks first. The reading is the same wherever the jaws touch.",
];

const BACKLASH: Record<string, [ReactNode, string]> = {
  FLANK: [
    <g key="flank">
      <path className={classes.metalLine} d={teeth(8, 52, 3, 36, 40)} />
      <Dial x={99} y={70} />
      <path className={classes.dim} d="M60 114V74M56 80l4 -6l4 6" />
      <Letter x={50} y={110}>
        R
      </Letter>
    </g>,
    "The other gear locked, floats held to one side. Stylus on a flank along the tangent; rock, read, go on a quarter turn.",
  ],
  ARM: [
    <g key="arm">
      <path className={classes.metalLine} d={gear(50, 62, 34, 16)} />
      <circle cx={50} cy={62} r={10} className={classes.metalLine} />
      <path className={classes.tool} d="M50 56H150V68H50Z" />
      <Dial x={138} y={56} turn={-90} />
      <path className={classes.dim} d="M50 90H138M56 86l-6 4l6 4M132 86l6 4l-6 4" />
      <Letter x={94} y={104}>
        R
      </Letter>
    </g>,
    "An arm clamped to the shaft, dial square on its flat at the radius R; the other gear locked.",
  ],
  LEVER: [
    <g key="lever">
      <circle cx={30} cy={60} r={14} className={classes.metalLine} />
      <path className={classes.tool} d="M30 56L176 34V40L30 66ZM30 56" />
      <path className={classes.hidden} d="M30 60L176 82" />
      <path className={classes.dim} d="M178 38V80M174 44l4 -6l4 6M174 74l4 6l4 -6" />
      <Letter x={168} y={64}>
        c
      </Letter>
      <Letter x={96} y={110}>
        L
      </Letter>
      <path className={classes.dim} d="M30 96H172" />
    </g>,
    "A long lever on the output shaft, the input held: how far its end moves in a straight line, at the length L.",
  ],
  FEELER: [
    <g key="feeler">
      <path className={classes.metalLine} d={teeth(14, 62, 5, 32, 36)} />
      <path className={classes.metalLine} d="M30 8L46 54H62L78 8" />
      <path className={classes.tool} d="M64 14L50 62L53 64L68 14Z" />
      <Letter x={92} y={36}>
        t
      </Letter>
    </g>,
    "Feeler between the flanks behind, while the driving flanks touch; on the line of centres. It reads square to the flanks.",
  ],
  WIRE: [
    <g key="wire">
      <path className={classes.metalLine} d={teeth(14, 66, 5, 32, 34)} />
      <path className={classes.metalLine} d="M30 8L46 58H62L78 8" />
      <path className={classes.tool} d="M20 30C44 34 40 62 44 64S64 66 66 62S70 34 96 28" />
      <Letter x={36} y={52}>
        t₁
      </Letter>
      <Letter x={80} y={54}>
        t₂
      </Letter>
    </g>,
    "Soft wire rolled through the mesh: add the flats of both sides. No thicker than 1.5 times the gap, or it forces the shafts apart. Turn by hand, fingers clear.",
  ],
  CENTRES: [
    <g key="centres">
      <path className={classes.metalLine} d={gear(56, 58, 34, 16)} />
      <path className={classes.metalLine} d={gear(132, 58, 34, 16)} />
      <path className={classes.tool} d="M180 58H160M166 54l-6 4l6 4" />
      <Letter x={172} y={48}>
        j
      </Letter>
    </g>,
    "Push the shafts together until the teeth touch, and read how far the centre moved.",
  ],
};

const SKETCHES: Record<string, (entries: DrawerEntries) => [ReactNode, string] | undefined> = {
  span: () => SPAN,
  "over-pins": (entries) =>
    inRing(entries)
      ? [
          <g key="ring">
            <circle cx={95} cy={58} r={54} className={classes.metalLine} />
            <path className={classes.metalLine} d={gear(95, 58, 41, 22)} />
            <circle cx={95} cy={22} r={7} className={classes.tool} />
            <circle cx={95} cy={94} r={7} className={classes.tool} />
            <path className={classes.dim} d="M95 30V86M91 36l4 -6l4 6M91 80l4 6l4 -6" />
            <Letter x={106} y={62}>
              M
            </Letter>
          </g>,
          "Two pins in opposite spaces, measured between them; with odd teeth, in the spaces nearest to opposite.",
        ]
      : [
          <g key="pins">
            <path className={classes.metalLine} d={gear(95, 58, 34, 18)} />
            <circle cx={95} cy={20} r={7} className={classes.tool} />
            <circle cx={95} cy={96} r={7} className={classes.tool} />
            <path
              className={classes.dim}
              d="M150 13V103M146 19l4 -6l4 6M146 97l4 6l4 -6M104 13H154M104 103H154"
            />
            <Letter x={164} y={62}>
              M
            </Letter>
          </g>,
          "Two alike pins in opposite spaces; with odd teeth, in the spaces nearest to opposite. Helical gears: two balls in one plane.",
        ],
  "tooth-caliper": () => [
    <g key="caliper">
      <path className={classes.metalLine} d={teeth(14, 58, 5, 32, 46)} />
      <path className={classes.tool} d="M76 84V20H66V30M104 84V20H114M76 20H104M90 20V58" />
      <path className={classes.dim} d="M76 84H104M118 58V84M114 64l4 -6l4 6M114 78l4 6l4 -6" />
      <Letter x={90} y={100}>
        s̄
      </Letter>
      <Letter x={130} y={76}>
        h̄
      </Letter>
    </g>,
    "Set the height on the slide from the tip, close the jaws square on both flanks, read the chord.",
  ],
  "tip-diameter": () => [
    <g key="tip">
      <path className={classes.metalLine} d={gear(95, 58, 36, 9)} />
      <path className={classes.tool} d="M137 12V104M60 12V104" />
      <path className={classes.dim} d="M60 8H137" />
      <Letter x={98} y={22}>
        M
      </Letter>
    </g>,
    "One jaw sits on one tip, the other on two: the reading is smaller than the tip circle. Take the smallest steady one.",
  ],
  hardness: () => [
    <g key="hardness">
      <path className={classes.metalLine} d="M20 20H70V96H20ZM120 20H170V96H120Z" />
      <circle cx={95} cy={58} r={25} className={classes.tool} />
      <path className={classes.dim} d="M2 58H18M172 58H188" />
      <Letter x={45} y={62}>
        known
      </Letter>
      <Letter x={146} y={62}>
        part
      </Letter>
    </g>,
    "Ball between the known piece and the part in a vice, guarded: squeeze, measure both dimples with a loupe.",
  ],
  backlash: (entries) => BACKLASH[way(entries)],
  "backlash-map": () => [
    <g key="map">
      <path className={classes.metalLine} d={gear(72, 58, 40, 18)} />
      <circle cx={72} cy={58} r={9} className={classes.metalLine} />
      <Dial x={116} y={50} />
      <path className={classes.dim} d="M40 18A52 52 0 0 1 100 14M94 8l6 6l-8 3" />
      <Letter x={70} y={12}>
        θ
      </Letter>
    </g>,
    "Mark a tooth as 0°. Read at eight places or more round one turn, always with the mate locked; note the sense you count in.",
  ],
  "worm-backlash": (entries) =>
    way(entries) === "WORM"
      ? [
          <g key="worm">
            <path
              className={classes.metalLine}
              d="M40 50H150V74H40ZM52 74L66 50M72 74L86 50M92 74L106 50M112 74L126 50M132 74L146 50"
            />
            <path className={classes.dim} d="M24 40A26 26 0 0 0 24 84M18 46l6 -6l4 7M18 78l6 6l4 -7" />
            <Letter x={10} y={66}>
              φ
            </Letter>
          </g>,
          "Wheel held fast, worm turned to and fro between its stops: the free angle. Measure the end float apart.",
        ]
      : [
          <g key="wheel">
            <path className={classes.metalLine} d={gear(66, 52, 40, 22)} />
            <path
              className={classes.metalLine}
              d="M20 96H120V114H20ZM34 114L44 96M54 114L64 96M74 114L84 96M94 114L104 96"
            />
            <Dial x={106} y={40} />
            <path className={classes.dim} d="M66 52V14" />
            <Letter x={76} y={34}>
              R
            </Letter>
          </g>,
          "Worm held, dial on a wheel tooth at the radius R. Hold the worm to one side, or take its end float off.",
        ],
  "bevel-backlash": () => [
    <g key="bevel">
      <path className={classes.metalLine} d="M30 104L110 104L96 70L44 70ZM120 96L120 30L150 44V82Z" />
      <path className={classes.hidden} d="M70 104V30M120 62H60" />
      <Dial x={108} y={100} />
    </g>,
    "Pinion locked, stylus at the heel of a wheel tooth along the circle. Four places or more; the smallest is judged.",
  ],
  "lost-motion": () => [
    <g key="screw">
      <path className={classes.metalLine} d="M30 52H170V64H30Z" />
      <path
        className={classes.metalLine}
        d="M36 64l6 -12M48 64l6 -12M60 64l6 -12M110 64l6 -12M122 64l6 -12M134 64l6 -12M146 64l6 -12M158 64l6 -12"
      />
      <path className={classes.metalLine} d="M74 40H106V76H74Z" />
      <circle cx={18} cy={58} r={14} className={classes.metalLine} />
      <Dial x={106} y={36} />
      <Letter x={90} y={92}>
        nut
      </Letter>
      <Letter x={140} y={80}>
        screw
      </Letter>
    </g>,
    "Reverse the slide against the dial: at the busiest place, at the little-used end, then push and pull the end of the screw.",
  ],
  "paper-slip": () => [
    <g key="paper">
      <path className={classes.metalLine} d={teeth(14, 66, 5, 32, 34)} />
      <path className={classes.metalLine} d="M30 8L46 58H62L78 8" />
      <path
        className={classes.tool}
        d="M2 92C20 98 24 96 32 90C36 74 40 62 45 62H63C68 62 72 74 78 92C84 98 92 98 100 94"
      />
    </g>,
    "The slip lies on both flanks of a tooth: it leaves twice its thickness, square to the flanks.",
  ],
  "run-out": () => [
    <g key="runout">
      <circle cx={80} cy={62} r={40} className={classes.metalLine} />
      <circle cx={84} cy={60} r={8} className={classes.metalLine} />
      <path className={classes.hidden} d="M34 62H128M80 14V108" />
      <Dial x={118} y={50} turn={-20} />
    </g>,
    "Turn slowly in its bearings or between centres, read evenly round one turn; plus when the plunger goes in.",
  ],
  "unknown-gear": (entries) => (entries.fields.state?.text === "BROKEN" ? CHORD : SPAN),
  "broken-gear": () => CHORD,
};

const CHORD: [ReactNode, string] = [
  <g key="chord">
    <path
      className={classes.metalLine}
      d="M14 96C18 78 22 70 26 60h9C40 72 44 66 50 54C54 44 56 40 60 34h10C74 44 78 46 88 40C91 34 93 30 96 26h10C110 36 114 42 124 50C128 44 130 44 134 44h9C148 58 152 66 162 84"
    />
    <path className={classes.dim} d="M35 60L143 44" />
    <Letter x={90} y={70}>
      c
    </Letter>
  </g>,
  "Chord from one tip corner to the same side of another, over whole pitches; count the pitches between them.",
];
