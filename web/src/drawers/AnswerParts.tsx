import type { DrawerAnswer } from "../api/types";
import { fixed, length } from "../shared/format";
import { usePreferences } from "../shared/preferences";
import { Working } from "../shared/Working";
import classes from "./Drawers.module.css";
import { ViscosityChart } from "./ViscosityChart";

/** The numbers of an answer, each with its unit. */
export function Figures({ figures }: Pick<DrawerAnswer, "figures">) {
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
    figures.length > 0 && (
      <dl className={classes.numbers}>
        {figures.map((figure) => (
          <div key={figure.label}>
            <dt>{figure.label}</dt>
            <dd data-words={figure.words !== undefined}>{shown(figure)}</dd>
          </div>
        ))}
      </dl>
    )
  );
}

/** What an answer rests on: numbers, chart, tables, working. */
export function AnswerPart({ part }: { part: NonNullable<DrawerAnswer["why"]> }) {
  return (
    <div className={classes.result}>
      <Figures figures={part.figures} />
      {part.chart && <ViscosityChart chart={part.chart} />}
      <Tables tables={part.tables} />
      <Workings workings={part.workings} />
    </div>
  );
}

export const Workings = ({ workings }: Pick<DrawerAnswer, "workings">) =>
  workings.map((working, i) => (
    <Working
      key={working.source + (working.lines[0]?.formula ?? "")}
      working={working}
      {...(i > 0 ? { title: "More working" } : {})}
    />
  ));

export const Tables = ({ tables }: Pick<DrawerAnswer, "tables">) =>
  tables.map((table) => <WordTable key={table.title + table.heads.join()} table={table} />);

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

function Rows({ table }: { table: DrawerAnswer["tables"][number] }) {
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
    </div>
  );
}

/** A column with anything but numbers in it is read from the left. */
function ofWords(rows: string[][], column: number): boolean {
  return rows.some((row) => !/^([-−+]?[\d.,]+( ?[^\s\d]{1,6})?|–|)$/.test(row[column] ?? ""));
}
