import { QueryClient, queryOptions, useQuery, useQueryClient } from "@tanstack/react-query";
import { useCallback, useEffect, useState, useSyncExternalStore } from "react";
import type { Answer, Body } from "../api/described";
import { type Method, request } from "../api/http";
import { keepAnswer } from "../api/kept";
import { Outbox, WAITING } from "../api/outbox";
import { type Problem, ProblemError } from "../api/problem";
import type { JobView } from "../api/types";

/** The one queue of writes of this device. */
export const outbox = new Outbox();

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (count, fault) => !(fault instanceof ProblemError) && count < 3,
      networkMode: "always",
    },
  },
});

export const jobKeys = {
  all: ["job"] as const,
  open: ["job", "open"] as const,
  signed: ["job", "signed"] as const,
  ofUnit: (unitId: string) => ["job", "of-unit", unitId] as const,
  one: (number: string) => ["job", "one", number] as const,
};

export const jobQuery = (number: string) =>
  queryOptions({
    queryKey: jobKeys.one(number),
    queryFn: async () => {
      const answer = await request("GET", `/api/jobs/${encodeURIComponent(number)}`);
      const known = queryClient.getQueryData<JobView>(jobKeys.one(number));
      // What this device kept, and an answer that was overtaken, is older than what is shown.
      return known !== undefined && known.touched > answer.touched ? known : answer;
    },
    structuralSharing: true,
  });

/** How often the job was written to, asked often because it costs nothing: two people see each other's progress. */
const PULSE_MS = 1200;
const pulseQuery = (number: string) =>
  queryOptions({
    queryKey: [...jobKeys.all, "pulse", number] as const,
    queryFn: () => request("GET", `/api/jobs/${encodeURIComponent(number)}/pulse`),
    refetchInterval: PULSE_MS,
  });

/** A job that keeps itself up to date with what others write. */
export function useJob(number: string) {
  const job = useQuery(jobQuery(number));
  const pulse = useQuery({ ...pulseQuery(number), enabled: job.data !== undefined });
  const seen = job.data?.touched;
  const now = pulse.data?.touched;
  const { refetch } = job;
  useEffect(() => {
    if (seen !== undefined && now !== undefined && now > seen) {
      void refetch();
    }
  }, [seen, now, refetch]);
  return job;
}

export const openJobsQuery = queryOptions({
  queryKey: jobKeys.open,
  queryFn: () => request("GET", "/api/jobs/open"),
  refetchInterval: 10_000,
});

export const signedJobsQuery = queryOptions({
  queryKey: jobKeys.signed,
  queryFn: () => request("GET", "/api/jobs/signed"),
});

export const jobsOfUnitQuery = (unitId: string) =>
  queryOptions({
    queryKey: jobKeys.ofUnit(unitId),
    queryFn: () => request("GET", `/api/jobs/of-unit/${unitId}`),
  });

outbox.onAnswer((write, answer) => {
  if (write.job !== undefined) {
    queryClient.setQueryData(jobKeys.one(String(write.job)), answer);
    void queryClient.invalidateQueries({ queryKey: jobKeys.open });
    void keepAnswer(`/api/jobs/${write.job}`, answer);
  }
});

export function useOutbox() {
  return useSyncExternalStore(outbox.subscribe, outbox.snapshot);
}

/** The address of what belongs to a job. */
type OfJob<S extends string> = string extends S ? string : `/api/jobs/${number}${S}`;

export interface Keeping {
  /** Sends one write; true when it was kept or waits on this device, false when it was refused. */
  keep: <M extends Method, S extends string>(
    method: M,
    path: S,
    body: Body<M, OfJob<S>>,
    label: string,
  ) => Promise<boolean>;
  problem: Problem | undefined;
  clearProblem: () => void;
  busy: boolean;
}

/** Writes of one form to one job. */
export function useKeep(number: number): Keeping {
  const [problem, setProblem] = useState<Problem>();
  const [busy, setBusy] = useState(false);
  const client = useQueryClient();
  const keep = useCallback(
    async (method: Method, path: string, body: unknown, label: string) => {
      setBusy(true);
      setProblem(undefined);
      // An answer to an older question must not overwrite the answer to this write.
      await client.cancelQueries({ queryKey: jobKeys.one(String(number)) });
      try {
        await outbox.put({ method, path: `/api/jobs/${number}${path}`, body, label, job: number });
        return true;
      } catch (fault) {
        if (fault instanceof ProblemError) {
          setProblem(fault.problem);
          if (fault.problem.status === 409 || fault.problem.status === 404) {
            void client.invalidateQueries({ queryKey: jobKeys.one(String(number)) });
          }
          return false;
        }
        throw fault;
      } finally {
        setBusy(false);
      }
    },
    [number, client],
  );
  return { keep, problem, clearProblem: () => setProblem(undefined), busy };
}

export { WAITING };

/**
 * What the core says of unsaved entries, asked again shortly after each stroke.
 *
 * @param body undefined asks nothing
 */
export function usePreview<S extends string>(
  path: S,
  body: Body<"POST", S> | undefined,
): { answer: Answer<"POST", S> | undefined; problem: Problem | undefined } {
  const [state, setState] = useState<{ answer?: Answer<"POST", S>; problem?: Problem }>({});
  const text = body === undefined ? undefined : JSON.stringify(body);
  useEffect(() => {
    if (text === undefined) {
      setState({});
      return;
    }
    let stale = false;
    const timer = setTimeout(() => {
      request("POST", path, JSON.parse(text))
        .then((answer) => !stale && setState({ answer }))
        .catch(
          (fault) => !stale && setState(fault instanceof ProblemError ? { problem: fault.problem } : {}),
        );
    }, 200);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [path, text]);
  return { answer: state.answer, problem: state.problem };
}
