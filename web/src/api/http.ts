import type { Answer, Body, Method } from "./described";
import { line } from "./kept";
import { type FieldProblem, type Problem, ProblemError, Unreachable } from "./problem";

export type { Method };

/** How long a write under an identity hangs before it is tried again, which that identity makes harmless. */
const PATIENCE_MS = 60_000;

function csrfToken(): string {
  const found = document.cookie.split("; ").find((c) => c.startsWith("XSRF-TOKEN="));
  return found ? decodeURIComponent(found.slice("XSRF-TOKEN=".length)) : "";
}

/** What every write carries: proof that it comes from this app, and its identity. */
export const writeHeaders = (writeId?: string, by?: string): Record<string, string> => ({
  Accept: "application/json",
  "X-XSRF-TOKEN": csrfToken(),
  "Write-Id": writeId ?? crypto.randomUUID(),
  // The server takes it from nobody else.
  ...(by !== undefined && { "Written-By": by }),
});

/** Asks the person at the bench for the PIN once more; false when it was not given. */
type AskPin = (what: string) => Promise<boolean>;

let askPin: AskPin = async () => false;

/** Says how the PIN is asked for; the answer takes it back. */
export function onPinWanted(ask: AskPin): () => void {
  askPin = ask;
  return () => {
    askPin = async () => false;
  };
}

/** The PIN is wanted before this is done: a signature, and what only a lead may. */
const PIN_WANTED = 428;

/** One request; faults come out as ProblemError, a dead line as Unreachable. */
export async function request<M extends Method, S extends string>(
  method: M,
  path: S,
  body?: Body<M, S>,
  writeId?: string,
  by?: string,
): Promise<Answer<M, S>> {
  const headers: Record<string, string> =
    method === "GET" ? { Accept: "application/json" } : writeHeaders(writeId, by);
  const typed = body === undefined ? headers : { ...headers, "Content-Type": "application/json" };
  let response: Response;
  const answered = line.asked();
  try {
    response = await fetch(path, {
      method,
      headers: typed,
      credentials: "same-origin",
      body: body === undefined ? undefined : JSON.stringify(body),
      ...(writeId !== undefined && { signal: AbortSignal.timeout(PATIENCE_MS) }),
    });
  } catch {
    throw new Unreachable();
  } finally {
    answered();
  }
  if (method === "GET") {
    line.answered(response);
  }
  if (response.status === 502 || response.status === 503 || response.status === 504) {
    throw new Unreachable();
  }
  if (!response.ok) {
    const problem = await problemOf(response);
    if (problem.status === PIN_WANTED && (await askPin(problem.detail))) {
      return request(method, path, body, writeId, by);
    }
    throw new ProblemError(problem);
  }
  // The one place where what comes over the wire gets the type that is described; the server keeps its description true.
  return (response.status === 204 ? undefined : await response.json()) as Answer<M, S>;
}

export async function problemOf(response: Response): Promise<Problem> {
  const told = (await response.json().catch(() => ({}))) as Partial<Problem> & { fields?: FieldProblem[] };
  return {
    status: response.status,
    detail: told.detail ?? "The app did not understand that.",
    fields: told.fields ?? [],
    current: told.current,
    changedBy: told.changedBy,
    changedAt: told.changedAt,
  };
}
