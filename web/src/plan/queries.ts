import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import type { PlanRun } from "../api/types";

export interface Costs {
  toolChange: number;
  flip: number;
  move: number;
}

export const planKeys = { all: ["plan"] as const };

/** How far a plan is, told while it is worked on. */
export type OnRun = (run: PlanRun | undefined) => void;

/** The rebuild planned; asked anew whenever the job was written to. What nobody waits for any more is broken off. */
export const planQuery = (job: number, touched: number, costs: Costs, onRun: OnRun) =>
  queryOptions({
    queryKey: [...planKeys.all, String(job), { touched, ...costs }] as const,
    queryFn: async ({ signal }) => {
      let run = await request("POST", `/api/jobs/${job}/plan`, costs);
      while (run.standing === "WORKING") {
        if (signal.aborted) {
          await request("DELETE", `/api/jobs/${job}/plan/runs/${run.id}`);
          break;
        }
        onRun(run);
        run = await request("GET", `/api/jobs/${job}/plan/runs/${run.id}`);
      }
      onRun(undefined);
      return run.plan;
    },
    placeholderData: (before) => before,
    retry: false,
  });

/** Ends the wait for a plan: the answer is the best until then. */
export const breakOff = (job: number, run: PlanRun) =>
  request("DELETE", `/api/jobs/${job}/plan/runs/${run.id}`);

export const reachQuery = (job: number, touched: number, stepId: string) =>
  queryOptions({
    queryKey: [...planKeys.all, "reach", String(job), { touched, stepId }] as const,
    queryFn: () => request("GET", `/api/jobs/${job}/plan/reach/${stepId}`),
    enabled: stepId !== "",
    retry: false,
  });
