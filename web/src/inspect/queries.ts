import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import type { Check } from "../api/types";

export const checksQuery = queryOptions({
  queryKey: ["checks"],
  queryFn: () => request<Check[]>("GET", "/api/checks"),
  staleTime: Number.POSITIVE_INFINITY,
});
