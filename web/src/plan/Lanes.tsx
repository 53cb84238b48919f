import type { JobView, TwoMechanics } from "../api/types";
import classes from "./Plan.module.css";

const round = (minutes: number) => Math.round(minutes * 10) / 10;

/** What one of the two does, in words, with what is changed before and what is waited for. */
function Work({ plan, who, view }: { plan: TwoMechanics; who: "first" | "second"; view: JobView }) {
  const turns = plan.turns.filter((turn) => turn[who]).map((turn) => ({ from: turn.from, turn }));
  const waits = plan.waits
    .filter((wait) => wait.first === (who === "first"))
    .map((wait) => ({ from: wait.from, wait }));
  const lines = [...turns, ...waits].sort((a, b) => a.from - b.from);
  return (
    <details className={classes.work}>
      <summary>{`The ${who} mechanic, line by line`}</summary>
      <ol aria-label={`What the ${who} mechanic does`}>
        {lines.map((line) =>
          "wait" in line ? (
            <li key={`wait ${line.from}`} className={classes.soft}>
              {`minute ${round(line.from)}: waits ${round(line.wait.to - line.wait.from)} min for ${line.wait.what}`}
            </li>
          ) : (
            <li key={line.turn.task}>
              {`minute ${round(line.turn.from)}: `}
              {line.turn.changes.length > 0 && <em>{line.turn.changes.join(" · ")} </em>}
              {view.steps.find((s) => s.id === line.turn.task)?.inWords ?? "a step that is gone"}
              {line.turn.first && line.turn.second && " (both)"}
            </li>
          ),
        )}
      </ol>
    </details>
  );
}

const WIDTH = 900;
const LANE = 46;
const TOP = 26;

/** Two mechanics side by side on a time line; the longest chain is drawn in brass. */
export function Lanes({ plan, view }: { plan: TwoMechanics; view: JobView }) {
  const scale = WIDTH / Math.max(plan.minutes, 1);
  const critical = new Set(plan.criticalPath);
  const step = (id: string) => view.steps.find((s) => s.id === id);
  const every = plan.minutes > 120 ? 30 : plan.minutes > 40 ? 10 : 5;
  const ticks = Array.from({ length: Math.floor(plan.minutes / every) + 1 }, (_, i) => i * every);
  return (
    <section className={classes.lanes} aria-label="Two mechanics">
      <h3>
        Two mechanics: who does what when{" "}
        <small>the longest chain, in brass, takes {round(plan.criticalMinutes)} min</small>
      </h3>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a wide picture scrolls sideways on a narrow screen */}
      <div className={classes.lanesScroll} tabIndex={0} role="group" aria-label="Time line">
        <svg viewBox={`-70 0 ${WIDTH + 80} ${TOP + LANE * 2 + 24}`} className={classes.lanesSvg} role="img">
          <title>Time line of two mechanics</title>
          {ticks.map((minute) => (
            <g key={minute}>
              <line
                x1={minute * scale}
                x2={minute * scale}
                y1={TOP - 6}
                y2={TOP + LANE * 2}
                className={classes.tick}
              />
              <text x={minute * scale} y={TOP - 10} className={classes.tickText}>
                {minute}
              </text>
            </g>
          ))}
          {["first", "second"].map((who, lane) => (
            <text key={who} x={-66} y={TOP + lane * LANE + 27} className={classes.who}>
              {who}
            </text>
          ))}
          {plan.turns
            .filter((turn) => turn.changing > 0)
            .map((turn) => (
              <g key={turn.task} className={classes.changing}>
                <rect
                  x={(turn.from - turn.changing) * scale}
                  y={TOP + (turn.first ? 0 : LANE) + 15}
                  width={turn.changing * scale}
                  height={turn.first && turn.second ? LANE * 2 - 30 : LANE - 30}
                />
                <title>{`${turn.changes.join(", ")}, ${round(turn.changing)} min`}</title>
              </g>
            ))}
          {plan.turns.map((turn) => {
            const y = TOP + (turn.first ? 0 : LANE) + 3;
            const height = turn.first && turn.second ? LANE * 2 - 6 : LANE - 6;
            const width = Math.max((turn.to - turn.from) * scale - 1.5, 2);
            return (
              <g key={turn.task} data-critical={critical.has(turn.task)} className={classes.turn}>
                <rect x={turn.from * scale} y={y} width={width} height={height} />
                {width > 22 && (
                  <text x={turn.from * scale + width / 2} y={y + height / 2 + 5}>
                    {step(turn.task)?.number}
                  </text>
                )}
                <title>{`${step(turn.task)?.inWords}, minute ${turn.from} to ${turn.to}`}</title>
              </g>
            );
          })}
        </svg>
      </div>
      <p className={classes.soft}>
        Numbers are the steps of the strip; minutes along the top; narrow bars are changes of tool, position
        or place. Nobody works while the unit is turned or carried.
      </p>
      {(["first", "second"] as const).map((who) => (
        <Work key={who} plan={plan} who={who} view={view} />
      ))}
    </section>
  );
}
