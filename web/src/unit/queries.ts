import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";

export const unitKeys = { all: ["unit"] as const, one: (id: string) => ["unit", id] as const };

export const unitsQuery = queryOptions({
  queryKey: unitKeys.all,
  queryFn: () => request("GET", "/api/units"),
});

export const unitQuery = (id: string) =>
  queryOptions({
    queryKey: unitKeys.one(id),
    queryFn: () => request("GET", `/api/units/${encodeURIComponent(id)}`),
  });
