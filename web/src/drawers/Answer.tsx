import { useState } from "react";
import type { DrawerAnswer, DrawerEntries, EnteredNumber } from "../api/types";
import { LimitBar } from "../measuring/LimitBar";
import { Remark } from "../shared/Caution";
import { fixed, length } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import { Verdict } from "../shared/Verdict";
import { Working } from "../shared/Working";
import classes from "./Drawers.module.css";
import { GearAtScale } from "./GearAtScale";
import { Identity } from "./Identity";
import { MeshView } from "./MeshView";
import { PolarMap } from "./PolarMap";
import { Schools } from "./Schools";
import { SumpPicture } from "./SumpPicture";
import { ViscosityChart } from "./ViscosityChart";

interface Props {
  answer: DrawerAnswer;
  entries: DrawerEntries;
  /** Changes entries from within the answer, as a slider does; missing where the answer is only shown. */
  set?: ((part: Record<string, EnteredNumber>) => void) | undefined;
}

/** What a drawer answers: verdict, sentence, picture, numbers, working. */
export function Answer({ answer, entries, set }: Props) {
  const { preferences } = usePreferences();
  const shown = (figure: DrawerAnswer["figures"][number]) => {
    if (figure.words !== undefined) {
      return figure.words;
    }
    const value = figure.value ?? 0;
    return figure.unit === "mm"
      ? length(value, preferences, figure.decimals)
      : `${fixed(value, figure.decimals, preferences.decimal)}${figure.unit && figure.unit !== "′" && figure.unit !== "°" ? " " : ""}${figure.unit}`;
  };
  return (
    <div className={classes.result}>
      {answer.verdict !== "NOT_JUDGED" && <Verdict verdict={answer.verdict} />}
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
      {answer.figures.length > 0 && (
        <dl className={classes.numbers}>
          {answer.figures.map((figure) => (
            <div key={figure.label}>
              <dt>{figure.label}</dt>
              <dd data-words={figure.words !== undefined}>{shown(figure)}</dd>
            </div>
          ))}
        </dl>
      )}
      {answer.chart && <ViscosityChart chart={answer.chart} />}
      {answer.tables.map((table) => (
        <WordTable key={table.title + table.heads.join()} table={table} />
      ))}
      {answer.gear && <GearAtScale gear={answer.gear} />}
      {answer.workings.map((working, i) => (
        <Working
          key={working.source + (working.lines[0]?.formula ?? "")}
          working={working}
          {...(i > 0 ? { title: "More working" } : {})}
        />
      ))}
    </div>
  );
}

/** Tables longer than this stand folded. */
const LONG = 12;

function WordTable({ table }: { table: DrawerAnswer["tables"][number] }) {
  if (table.rows.length > LONG) {
    return (
      <details className={classes.long}>
        <summary>
          {table.title || table.heads.join(", ")}, {table.rows.length} rows
        </summary>
        <Rows table={table} />
      </details>
    );
  }
  return <Rows table={table} />;
}

/** Of the cans on the shelf so many are shown at first; the best stand first. */
const FIRST = 5;

function Rows({ table: whole }: { table: DrawerAnswer["tables"][number] }) {
  const [all, setAll] = useState(false);
  const shortened = whole.title === "On the shelf" && !all && whole.rows.length > FIRST + 1;
  const table = shortened ? { ...whole, rows: whole.rows.slice(0, FIRST) } : whole;
  return (
    <div className={classes.scroll}>
      {table.title && <h3>{table.title}</h3>}
      <table className={classes.table}>
        <thead>
          <tr>
            {table.heads.map((head, i) => (
              <th key={head} data-words={ofWords(table.rows, i)}>
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {table.rows.map((row) => (
            <tr key={row.join()}>
              {row.map((cell, i) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: cells are told apart by their column
                <td key={i} data-words={ofWords(table.rows, i)}>
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {shortened && (
        <button type="button" className={classes.link} onClick={() => setAll(true)}>
          Show the other {whole.rows.length - FIRST}
        </button>
      )}
    </div>
  );
}

/** A column with anything but numbers in it is read from the left. */
function ofWords(rows: string[][], column: number): boolean {
  return rows.some((row) => !/^([-−+]?[\d.,]+( ?[^\s\d]{1,6})?|–|)$/.test(row[column] ?? ""));
}
