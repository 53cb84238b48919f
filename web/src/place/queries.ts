import { queryOptions, skipToken } from "@tanstack/react-query";
import { request } from "../api/http";
import type { PlaceView } from "../api/types";

export const placeKeys = {
  ofUnit: (unitId: string) => ["place", "of-unit", unitId] as const,
  fills: (placeId: string) => ["place", "fills", placeId] as const,
  samples: (placeId: string) => ["place", "samples", placeId] as const,
  away: (unitId: string) => ["place", "away", unitId] as const,
  due: ["place", "due"] as const,
};

export const placesQuery = (unitId: string) =>
  queryOptions({
    queryKey: placeKeys.ofUnit(unitId),
    queryFn: () => request("GET", `/api/units/${unitId}/places`),
  });

export const fillsQuery = (placeId: string) =>
  queryOptions({
    queryKey: placeKeys.fills(placeId),
    queryFn: () => request("GET", `/api/places/${placeId}/fills`),
  });

export const samplesQuery = (placeId: string) =>
  queryOptions({
    queryKey: placeKeys.samples(placeId),
    queryFn: () => request("GET", `/api/places/${placeId}/samples`),
  });

export const dueQuery = queryOptions({
  queryKey: placeKeys.due,
  queryFn: () => request("GET", "/api/due"),
});

/** The place that was taken off a unit last, on this device, so that it can be had back. */
export const awayQuery = (unitId: string) =>
  queryOptions<PlaceView | null>({ queryKey: placeKeys.away(unitId), queryFn: skipToken, initialData: null });
