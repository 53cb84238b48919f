import type { DrawerEntries, DrawerField, DrawerView, EnteredNumber, InstrumentView } from "../api/types";

/** What stands in a sheet before anybody typed: the drawer's own start, over it what the papers say. */
export function initialEntries(
  drawer: DrawerView,
  prefill: Record<string, EnteredNumber> = {},
  lists: Record<string, EnteredNumber[]> = {},
): DrawerEntries {
  const fields: Record<string, EnteredNumber> = {};
  const readings: Record<string, EnteredNumber[]> = {};
  for (const field of drawer.fields) {
    if (field.kind === "READINGS") {
      readings[field.name] = lists[field.name] ?? [];
    } else {
      fields[field.name] = prefill[field.name] ?? { text: field.start, unit: field.units[0] ?? "" };
    }
  }
  return { fields, readings };
}

/**
 * A sheet that was kept, to be gone on with: what it holds stays as it is, shown or not; what it lacks starts as in a new one.
 *
 * @param papers what the papers say where nothing was kept
 */
export function entriesFrom(
  drawer: DrawerView,
  kept: DrawerEntries | undefined,
  papers?: DrawerEntries,
): DrawerEntries {
  const start = initialEntries(drawer, papers?.fields, papers?.readings);
  return {
    ...kept,
    fields: { ...start.fields, ...kept?.fields },
    readings: { ...start.readings, ...kept?.readings },
  };
}

/** Whether a field is asked for, given what was chosen elsewhere; one that rests on a field not asked for is not. */
export const isAsked = (drawer: DrawerView, field: DrawerField, entries: DrawerEntries): boolean => {
  const { when } = field;
  return (
    when === undefined ||
    (when.values.includes(entries.fields[when.field]?.text ?? "") &&
      drawer.fields.filter((f) => f.name === when.field).every((f) => isAsked(drawer, f, entries)))
  );
};

/** What still has to be entered before the drawer can answer. */
export function stillMissing(drawer: DrawerView, entries: DrawerEntries): DrawerField[] {
  return drawer.fields
    .filter((field) => !field.optional && isAsked(drawer, field, entries))
    .filter((field) =>
      field.kind === "READINGS"
        ? (entries.readings[field.name] ?? []).length === 0
        : (entries.fields[field.name]?.text ?? "").trim() === "",
    );
}

/** What each field of a drawer is called. */
export const labelsOf = (drawer: DrawerView): Record<string, string> =>
  Object.fromEntries(drawer.fields.map((field) => [field.name, field.label]));

/** Fields by their headings, in the order they come. */
export function groups(drawer: DrawerView, entries: DrawerEntries): [string, DrawerField[]][] {
  const found = new Map<string, DrawerField[]>();
  for (const field of drawer.fields.filter((f) => isAsked(drawer, f, entries))) {
    found.set(field.group, [...(found.get(field.group) ?? []), field]);
  }
  return [...found];
}

const SUITED: Record<DrawerView["takes"], InstrumentView["kind"][]> = {
  NONE: [],
  DIAL: ["DIAL_INDICATOR", "TEST_INDICATOR", "FEELER_GAUGES"],
  CALIPER: ["CALIPER", "MICROMETER", "DISC_MICROMETER"],
  TOOTH_CALIPER: ["TOOTH_CALIPER"],
};

/** The shop's instruments that can take the readings of a drawer. */
export const suited = (drawer: DrawerView, all: InstrumentView[]): InstrumentView[] =>
  all.filter((instrument) => SUITED[drawer.takes].includes(instrument.kind));

/** Readings out of pasted text or a CSV file: the last number of each line, or every number of a single line. */
export function readingsOf(text: string, decimalComma: boolean): string[] {
  const lines = text
    .split(/\r?\n/)
    .map((line) => line.trim())
    .filter((line) => line !== "");
  const cells = (line: string) =>
    line
      .split(decimalComma ? /[;\t ]+/ : /[;,\t ]+/)
      .map((cell) => cell.trim().replace(/^"|"$/g, ""))
      .filter((cell) => cell !== "");
  const isNumber = (cell: string) => /^[-−]?\d+([.,]\d+)?$/.test(cell);
  const [only, ...others] = lines;
  if (only !== undefined && others.length === 0) {
    return cells(only);
  }
  return lines.flatMap((line, place) => {
    const row = cells(line);
    const last = row.at(-1);
    if (last === undefined || (place === 0 && !row.some(isNumber))) {
      return [];
    }
    return [last];
  });
}

/** A file in which a comma stands inside numbers rather than between them. */
export const hasDecimalCommas = (text: string): boolean =>
  text.split(/\r?\n/).every((line) => !/\d\.\d/.test(line)) && /\d,\d/.test(text);

/** Everything of a sheet as CSV: what was entered, and what came of it. */
export function toCsv(
  drawer: DrawerView,
  entries: DrawerEntries,
  figures: { label: string; value?: number; unit: string; words?: string }[],
): string {
  const cell = (text: string) => (/[",;\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);
  const rows: string[][] = [["what", "value", "unit"]];
  for (const field of drawer.fields.filter((f) => isAsked(drawer, f, entries))) {
    if (field.kind === "READINGS") {
      (entries.readings[field.name] ?? []).forEach((reading, place) => {
        rows.push([`${field.label} ${place + 1}`, reading.text, reading.unit]);
      });
    } else {
      const given = entries.fields[field.name];
      rows.push([field.label, given?.text ?? "", given?.unit ?? ""]);
    }
  }
  for (const figure of figures) {
    rows.push([figure.label, figure.words ?? String(figure.value ?? ""), figure.unit]);
  }
  return `${rows.map((row) => row.map(cell).join(",")).join("\n")}\n`;
}
