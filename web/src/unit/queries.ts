import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import type { UnitView } from "../api/types";

export const unitKeys = { all: ["unit"] as const, one: (id: string) => ["unit", id] as const };

export const unitsQuery = queryOptions({
  queryKey: unitKeys.all,
  queryFn: () => request<UnitView[]>("GET", "/api/units"),
});

export const unitQuery = (id: string) =>
  queryOptions({
    queryKey: unitKeys.one(id),
    queryFn: () => request<UnitView>("GET", `/api/units/${encodeURIComponent(id)}`),
  });
