import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import type { BillRequest, MoneyRequest, PartsOfJob } from "../api/types";

export const partsQuery = (job: number) =>
  queryOptions({
    queryKey: ["parts", job] as const,
    queryFn: () => request<PartsOfJob>("GET", `/api/jobs/${job}/parts`),
  });

export const billQuery = (unitId: string) =>
  queryOptions({
    queryKey: ["bill", unitId] as const,
    queryFn: () => request<BillRequest>("GET", `/api/units/${unitId}/bill`),
  });

export const moneyQuery = queryOptions({
  queryKey: ["money"] as const,
  queryFn: () => request<MoneyRequest>("GET", "/api/shop/money"),
});
