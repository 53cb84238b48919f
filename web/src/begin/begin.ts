import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import type { ShopSettings } from "../api/types";

/** Whose records these are, and what the shop says of itself. */
export const beginQuery = queryOptions({
  queryKey: ["session", "begin"],
  queryFn: () => request("GET", "/api/begin"),
  staleTime: 60_000,
});

const HERE = Intl.DateTimeFormat().resolvedOptions().timeZone;

/** Time zones by name, that of this device first. */
export const ZONES: readonly string[] = [...new Set([HERE, ...Intl.supportedValuesOf("timeZone"), "UTC"])];

/** The settings of a shop that begins, as this device would have them. */
export const freshShop = (): ShopSettings => ({
  name: "",
  system: "METRIC",
  decimal: new Intl.NumberFormat().format(0.5).includes(",") ? "," : ".",
  zone: HERE,
});
