/** Cents as people write money: 1234 is "12.34". */
export const money = (cents: number, currency: string, decimal: "." | "," = ".") =>
  `${Math.trunc(cents / 100)}${decimal}${String(Math.abs(cents) % 100).padStart(2, "0")} ${currency}`;

/** "12,5" is 1250 cents; undefined where it is no amount of money. */
export function cents(text: string): number | undefined {
  const bare = text.trim().replace(",", ".");
  return /^\d{1,8}(\.\d{1,2})?$/.test(bare) ? Math.round(Number(bare) * 100) : undefined;
}
