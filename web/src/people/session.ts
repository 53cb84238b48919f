import { queryOptions } from "@tanstack/react-query";
import { request } from "../api/http";
import { ProblemError } from "../api/problem";
import type { PersonName, SignedIn } from "../api/types";

export const sessionKeys = { me: ["session", "me"] as const, people: ["session", "people"] as const };

/** Who is signed in; null when nobody is. */
export const meQuery = queryOptions({
  queryKey: sessionKeys.me,
  queryFn: async () => {
    try {
      return await request<SignedIn>("GET", "/api/sign-in/me");
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
  queryFn: () => request<PersonName[]>("GET", "/api/sign-in/people"),
});

export const signIn = (personId: string, pin: string) =>
  request<SignedIn>("POST", "/api/sign-in", { personId, pin });

export const signOut = () => request<void>("POST", "/api/sign-out");
