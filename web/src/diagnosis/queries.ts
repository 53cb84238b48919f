import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import type { DiagnosisView } from "../api/types";

/** What a job may be about; asked anew whenever it was written to. */
export const diagnosisQuery = (job: number, touched: number) =>
  queryOptions({
    queryKey: ["diagnosis", String(job), { touched }] as const,
    queryFn: () => request<DiagnosisView>("GET", `/api/jobs/${job}/diagnosis`),
  });
