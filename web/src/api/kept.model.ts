/** Answers of the server as this device keeps them for the time without a line. */
export const KEPT_CACHE = "yunque-answers";

/** Says of an answer from this device how old it is. */
export const KEPT_AT = "Yunque-Kept-At";

/** What is asked often and means nothing later, or is somebody's way in, is not kept. */
export const isWorthKeeping = (path: string): boolean =>
  path.startsWith("/api/") &&
  !path.endsWith("/pulse") &&
  !path.startsWith("/api/openapi") &&
  !path.startsWith("/api/care") &&
  !path.startsWith("/api/people");

/** The same answer, with when it was given. */
export function withAge(answer: Response): Response {
  const headers = new Headers(answer.headers);
  headers.set(KEPT_AT, answer.headers.get("Date") ?? "");
  return new Response(answer.body, { status: answer.status, statusText: answer.statusText, headers });
}
