import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";

export const partsQuery = (job: number) =>
  queryOptions({
    queryKey: ["parts", job] as const,
    queryFn: () => request("GET", `/api/jobs/${job}/parts`),
  });

export const billQuery = (unitId: string) =>
  queryOptions({
    queryKey: ["bill", unitId] as const,
    queryFn: () => request("GET", `/api/units/${unitId}/bill`),
  });

export const moneyQuery = queryOptions({
  queryKey: ["money"] as const,
  queryFn: () => request("GET", "/api/shop/money"),
});
