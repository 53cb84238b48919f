import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";

export interface Costs {
  toolChange: number;
  flip: number;
  move: number;
}

export const planKeys = { all: ["plan"] as const };

/** The rebuild planned; asked anew whenever the job was written to. */
export const planQuery = (job: number, touched: number, costs: Costs) =>
  queryOptions({
    queryKey: [...planKeys.all, String(job), { touched, ...costs }] as const,
    queryFn: () =>
      request(
        "GET",
        `/api/jobs/${job}/plan?toolChange=${costs.toolChange}&flip=${costs.flip}&move=${costs.move}`,
      ),
    placeholderData: (before) => before,
  });

export const reachQuery = (job: number, touched: number, stepId: string) =>
  queryOptions({
    queryKey: [...planKeys.all, "reach", String(job), { touched, stepId }] as const,
    queryFn: () => request("GET", `/api/jobs/${job}/plan/reach/${stepId}`),
    enabled: stepId !== "",
    retry: false,
  });
