import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";

/** The trade's words for parts; they do not change while the app runs. */
export const kindsQuery = queryOptions({
  queryKey: ["kinds"] as const,
  queryFn: () => request("GET", "/api/kinds"),
  // A word of the shop may be learned at any time.
  staleTime: 60_000,
});

/** Ways of tightening that are meant without a figure. */
export const feelsQuery = queryOptions({
  queryKey: ["ways-of-tightening"] as const,
  queryFn: () => request("GET", "/api/ways-of-tightening"),
  staleTime: Number.POSITIVE_INFINITY,
});

/** Steps typed before whose part begins with a text. */
export const suggestionsQuery = (job: number, begins: string) =>
  queryOptions({
    queryKey: ["suggestions", String(job), begins] as const,
    queryFn: () => request("GET", `/api/jobs/${job}/suggestions?begins=${encodeURIComponent(begins)}`),
    enabled: begins.length >= 2,
    staleTime: 30_000,
  });
