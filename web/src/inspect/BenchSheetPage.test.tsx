// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { Route, Routes } from "react-router";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { job, line, plan, serverThatAnswers, show } from "../test-data/bench";
import { BenchSheetPage } from "./BenchSheetPage";

const CHECKS = [
  {
    id: "BRG-1",
    lookAt: "feel, turned slowly",
    how: "finger",
    words: [{ text: "smooth" }, { text: "notchy" }],
    measured: "",
    looks: ["WASHED"],
  },
  {
    id: "JRN-2",
    lookAt: "interference left",
    how: "micrometer",
    words: [],
    measured: "µm ↓: B 2, C 0",
    looks: ["WASHED"],
  },
];

describe("the bench sheet", () => {
  const print = vi.fn();
  beforeEach(() => {
    vi.stubGlobal("print", print);
    const view = job([], {
      job: { id: "job-1", number: 31, complaint: "Growls", version: 0 } as never,
      unit: { tag: "RED-1", name: "Brine pump", stages: [] } as never,
      touched: 1 as never,
      plan: plan([
        line(1, "ball bearing", "BRG-1"),
        line(2, "shaft", "JRN-2"),
        line(3, "cage", "BRG-1", { state: "SEEN", says: "smooth" }),
        line(4, "spacer", "BRG-1", { level: "SHOULD", afterWork: true }),
      ]),
    });
    serverThatAnswers({
      "/api/checks": CHECKS,
      "/api/jobs/31": view,
      "/api/jobs/31/pulse": { touched: 1 },
    });
  });

  it("has a box for each word, a line for each reading, and what is answered already", async () => {
    show(
      <Routes>
        <Route path="/jobs/:number/checks" element={<BenchSheetPage />} />
      </Routes>,
      "/jobs/31/checks",
    );
    expect(await screen.findByRole("heading", { name: "RED-1 · Brine pump" })).toBeVisible();
    const musts = within(screen.getByRole("region", { name: "Must be answered" }));
    const rows = musts.getAllByRole("row").slice(1);
    expect(rows.map((r) => r.textContent)).toEqual([
      expect.stringContaining("☐ smooth☐ notchy"),
      expect.stringContaining("________________________µm: new down to 2, renew below 0"),
      expect.stringMatching(/smooth$/),
    ]);
    const should = within(screen.getByRole("region", { name: /Should be answered/ }));
    expect(should.getByText(/BRG-1, after the work/)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Print" }));
    expect(print).toHaveBeenCalledOnce();
  });
});
