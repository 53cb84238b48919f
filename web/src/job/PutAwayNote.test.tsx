// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { JobView } from "../api/types";
import { job, serverThatAnswers, show } from "../test-data/bench";
import { isClosed } from "./closed";
import { PutAwayNote } from "./PutAwayNote";

const AWAY = { by: "Ana Sol", at: "2026-11-20T08:00:00Z", why: "opened twice" };
const of = (more: object) => job([], { job: { number: 31, version: 5, ...more } as JobView["job"] });

describe("a job that was put away", () => {
  it("says by whom and why, and is taken back", async () => {
    const sent = serverThatAnswers({ "POST anywhere": of({}) });
    show(<PutAwayNote view={of({ putAway: AWAY })} />);
    expect(screen.getByText(/Put away 20 Nov 2026 by Ana Sol: opened twice/)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Take it back" }));
    expect(sent).toMatchObject([{ method: "POST", path: "/api/jobs/31/take-back?version=5" }]);
  });

  it("is closed like a signed one", () => {
    expect(isClosed(of({}))).toBe(false);
    expect(isClosed(of({ putAway: AWAY }))).toBe(true);
    expect(isClosed(of({ signedAt: AWAY.at }))).toBe(true);
  });
});
