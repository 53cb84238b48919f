import type { BillLine, BillRequest } from "../api/types";

type Replacement = BillRequest["replacements"][number];

const line = (l: BillLine) =>
  [l.position, l.part.number, l.part.quantity, l.name, l.machines.from, l.machines.to]
    .join("; ")
    .replace(/(; )+$/, "");

/** The lines of a bill as text, one each: place; number; pieces; name; from serial; to serial. */
export const billText = (lines: BillLine[]) => lines.map(line).join("\n");

/** "SW-0917 -> 1 SW-1070 + 2 SW-1071; from; to", one each. */
export const replacementText = (replacements: Replacement[]) =>
  replacements
    .map((r) =>
      [
        `${r.old} -> ${r.by.map((b) => `${b.quantity} ${b.number}`).join(" + ")}`,
        r.machines.from,
        r.machines.to,
      ]
        .join("; ")
        .replace(/(; )+$/, ""),
    )
    .join("\n");

const rows = (text: string) =>
  text
    .split(/\r?\n/)
    // A table that is pasted may begin with an empty cell.
    .map((row) => row.trimEnd())
    .filter((row) => row !== "");

const machines = (from = "", to = "") => ({ from: from.trim(), to: to.trim() });

/** @returns the lines, or what is wrong with the first that is not understood */
export function readBill(text: string): { lines: BillLine[] } | { fault: string } {
  const lines: BillLine[] = [];
  for (const [i, row] of rows(text).entries()) {
    const [position = "", number = "", pieces = "", name = "", from, to] = row.split(/[;\t]/);
    if (!/^\s*\d{1,4}\s*$/.test(pieces) || number.trim() === "") {
      return { fault: `Line ${i + 1}, “${row}”: write place; number; pieces; name.` };
    }
    lines.push({
      position: position.trim(),
      part: { number: number.trim(), quantity: Number(pieces) },
      name: name.trim(),
      machines: machines(from, to),
    });
  }
  return { lines };
}

/** @returns the replacements, or what is wrong with the first that is not understood */
export function readReplacements(text: string): { replacements: Replacement[] } | { fault: string } {
  const replacements: Replacement[] = [];
  for (const [i, row] of rows(text).entries()) {
    const [what = "", from, to] = row.split(";");
    const [old = "", by = ""] = what.split("->");
    const parts = by
      .split("+")
      .map((part) => /^\s*(?:(\d{1,4})\s+)?(\S+)\s*$/.exec(part))
      .map((found) => found && { quantity: Number(found[1] ?? 1), number: found[2] ?? "" });
    if (old.trim() === "" || parts.some((p) => !p)) {
      return { fault: `Line ${i + 1}, “${row}”: write old number -> 1 new number + 2 another.` };
    }
    replacements.push({
      old: old.trim(),
      by: parts.filter((p) => p !== null),
      machines: machines(from, to),
    });
  }
  return { replacements };
}
