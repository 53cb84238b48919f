import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";

export const documentsKey = (unitId: string) => ["documents", unitId] as const;

/** Papers of the maker kept with a unit. */
export const documentsQuery = (unitId: string) =>
  queryOptions({
    queryKey: documentsKey(unitId),
    queryFn: () => request("GET", `/api/units/${unitId}/documents`),
    staleTime: 30_000,
  });
