import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import { ProblemError } from "../api/problem";

export const sessionKeys = { me: ["session", "me"] as const, people: ["session", "people"] as const };

/** Who is signed in; null when nobody is. */
export const meQuery = queryOptions({
  queryKey: sessionKeys.me,
  queryFn: async () => {
    try {
      return await request("GET", "/api/sign-in/me");
    } catch (fault) {
      if (fault instanceof ProblemError && (fault.problem.status === 401 || fault.problem.status === 403)) {
        return null;
      }
      throw fault;
    }
  },
  staleTime: 60_000,
});

export const peopleQuery = queryOptions({
  queryKey: sessionKeys.people,
  queryFn: () => request("GET", "/api/sign-in/people"),
});

export const signIn = (personId: string, pin: string) => request("POST", "/api/sign-in", { personId, pin });

export const signOut = () => request("POST", "/api/sign-out");
