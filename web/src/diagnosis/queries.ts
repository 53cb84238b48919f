import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";

/** What a job may be about; asked anew whenever it was written to. */
export const diagnosisQuery = (job: number, touched: number) =>
  queryOptions({
    queryKey: ["diagnosis", String(job), { touched }] as const,
    queryFn: () => request("GET", `/api/jobs/${job}/diagnosis`),
  });
