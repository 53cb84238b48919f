import type { Preferences } from "./preferences";

/** A number with fixed decimals and the decimal separator of this device. */
export function fixed(value: number, decimals: number, decimal: Preferences["decimal"] = "."): string {
  return value.toFixed(decimals).replace("-", "−").replace(".", decimal);
}

/** A length in both systems, the preferred one first, the inch no finer than the millimetre: "0.15 mm · 5.9 thou", "44.5 mm · 1.75 in". */
export function length(mm: number, { system, decimal }: Preferences, decimals = 3): string {
  const metric = `${fixed(mm, decimals, decimal)} mm`;
  const inch =
    mm < 5
      ? `${fixed(mm / 0.0254, 1, decimal)} thou`
      : `${fixed(mm / 25.4, Math.min(4, decimals + 1), decimal)} in`;
  return system === "metric" ? `${metric} · ${inch}` : `${inch} · ${metric}`;
}

/** A volume in both systems, the preferred one first. */
export function volume(litres: number, { system, decimal }: Preferences): string {
  const metric = `${fixed(litres, 2, decimal)} L`;
  const us = `${fixed(litres / 0.946352946, 2, decimal)} US qt`;
  return system === "metric" ? `${metric} · ${us}` : `${us} · ${metric}`;
}

const DAY = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short", year: "numeric" });
const MOMENT = new Intl.DateTimeFormat("en-GB", {
  day: "numeric",
  month: "short",
  hour: "2-digit",
  minute: "2-digit",
});

export const day = (iso: string) => DAY.format(new Date(iso));
export const moment = (iso: string) => MOMENT.format(new Date(iso));

/** "just now", "4 min ago". */
export function ago(then: number, now: number): string {
  const seconds = Math.round((now - then) / 1000);
  if (seconds < 10) {
    return "just now";
  }
  return seconds < 90 ? `${seconds} s ago` : `${Math.round(seconds / 60)} min ago`;
}
