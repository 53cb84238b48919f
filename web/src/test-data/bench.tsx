import "@testing-library/jest-dom/vitest";
import { MantineProvider } from "@mantine/core";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, configure, render } from "@testing-library/react";
import type { ReactNode } from "react";
import { MemoryRouter } from "react-router";
import { afterEach, vi } from "vitest";
import type { Problem } from "../api/problem";
import type { DecisionView, JobView, PlanLine, PlanView } from "../api/types";
import { PreferencesProvider } from "../shared/preferences";

/** What a browser has and the tests' one has not. */
window.matchMedia ??= (query: string) =>
  ({ matches: false, media: query, addEventListener: () => {}, removeEventListener: () => {} }) as never;
window.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
} as never;
Element.prototype.scrollIntoView ??= () => {};
// biome-ignore lint/suspicious/noExplicitAny: it is readonly, and missing
(document as any).fonts ??= { addEventListener: () => {}, removeEventListener: () => {} };

afterEach(cleanup);

// How soon is no matter for a test: a busy machine gets the time it needs.
configure({ asyncUtilTimeout: 20_000 });

export interface Sent {
  method: string;
  path: string;
  body: Record<string, unknown>;
}

/** An answer of the server that refuses, as it stands in the place of an answer. */
export class Refusal {
  constructor(readonly problem: Problem) {}
}

/** The server's answers by path, or by method “anywhere”, and what the screen sent it. */
export function serverThatAnswers(answers: Record<string, unknown>): Sent[] {
  const sent: Sent[] = [];
  vi.stubGlobal("fetch", async (input: string | URL | Request, init?: RequestInit) => {
    const path = String(input instanceof Request ? input.url : input);
    const method = init?.method ?? "GET";
    if (method !== "GET") {
      sent.push({ method, path, body: init?.body ? JSON.parse(String(init.body)) : {} });
    }
    const answer = answers[`${method} ${path}`] ?? answers[path] ?? answers[`${method} anywhere`] ?? {};
    const refused = answer instanceof Refusal;
    return new Response(JSON.stringify(refused ? answer.problem : answer), {
      status: refused ? answer.problem.status : 200,
      headers: { "Content-Type": refused ? "application/problem+json" : "application/json" },
    });
  });
  return sent;
}

/** Shows a screen as the app does, with a client of its own. */
export function show(screen: ReactNode, at = "/") {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const whole = (content: ReactNode) => (
    <QueryClientProvider client={client}>
      <MantineProvider>
        <PreferencesProvider>
          <MemoryRouter initialEntries={[at]}>{content}</MemoryRouter>
        </PreferencesProvider>
      </MantineProvider>
    </QueryClientProvider>
  );
  const shown = render(whole(screen));
  return { ...shown, again: (content: ReactNode) => shown.rerender(whole(content)) };
}

/** A part that nobody looked at. */
export const part = (number: number, name: string, more: Partial<DecisionView> = {}): DecisionView => ({
  stepId: `step-${number}`,
  number,
  part: name,
  condition: "not looked at",
  givesOut: false,
  lookedAt: false,
  strict: false,
  proposedReason: "Not looked at: say how it was found, or measure it.",
  checks: ["ANY-1", "BRG-1", "NEW-1"],
  open: ["ANY-1"],
  standing: [],
  ...more,
});

/** A line of the plan of checks: a must that nobody answered. */
export const line = (
  number: number,
  part: string,
  check: string,
  more: Partial<PlanLine> = {},
): PlanLine => ({
  stepId: `step-${number}`,
  number,
  part,
  check,
  level: "MUST",
  because: [],
  conditional: false,
  afterWork: false,
  state: "OPEN",
  says: "",
  verdict: "NOT_JUDGED",
  ...more,
});

/** A plan with these lines. */
export const plan = (checks: PlanLine[], more: Partial<PlanView> = {}): PlanView => {
  const open = checks.filter(
    (l) => l.state === "OPEN" && l.level === "MUST" && !l.conditional && !l.afterWork,
  );
  return {
    kinds: ["RED"],
    kindKnown: true,
    read: [],
    circumstances: ["RED"],
    unitSaid: [],
    jobSaid: false,
    checks,
    openMusts: open.length,
    openMinutes: open.length * 2,
    openShoulds: 0,
    ...more,
  };
};

/** An open job with these parts and nothing else. */
export const job = (decisions: DecisionView[], more: Partial<JobView> = {}): JobView =>
  ({
    job: { id: "job-1", number: 31, revision: 1, correctedWhy: "" },
    unit: { stages: [], otherStages: [] },
    steps: decisions.map((d) => ({
      id: d.stepId,
      number: d.number,
      given: { part: d.part, count: /^(\d+) ×/.test(d.part) ? Number.parseInt(d.part, 10) : 1, version: 3 },
    })),
    decisions,
    seen: [],
    leftOpen: [],
    done: [],
    unitChanges: [],
    places: [],
    stack: { shafts: [], meetings: [], housing: [] },
    ledger: { entries: [] },
    layOut: [],
    watch: [],
    photos: [],
    measurements: [],
    answers: [],
    meshes: [],
    otherMeshes: [],
    repairEnds: [],
    route: { stops: [], againstSigning: [] },
    ...more,
  }) as unknown as JobView;
