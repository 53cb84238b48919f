import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";

export const shimsQuery = queryOptions({
  queryKey: ["shims"],
  queryFn: () => request("GET", "/api/shims"),
});
