import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";

export const checksQuery = queryOptions({
  queryKey: ["checks"],
  queryFn: () => request("GET", "/api/checks"),
  staleTime: Number.POSITIVE_INFINITY,
});
