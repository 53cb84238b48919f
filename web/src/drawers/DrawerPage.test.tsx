// @vitest-environment jsdom
import { screen, waitFor } from "@testing-library/react";
import { Route, Routes } from "react-router";
import { beforeEach, expect, it, vi } from "vitest";
import type { DrawerEntries } from "../api/types";
import { serverThatAnswers, show } from "../test-data/bench";
import { DrawerPage } from "./DrawerPage";

// The sheet has tests of its own; here it only shows what it starts from.
vi.mock("./Sheet", () => ({
  Sheet: ({ start, keepLabel, keep }: { start?: DrawerEntries; keepLabel: string; keep?: unknown }) => (
    <>
      <output>
        {start
          ? JSON.stringify(Object.fromEntries(Object.entries(start.fields).map(([k, v]) => [k, v.text])))
          : "as it ships"}
      </output>
      {keep !== undefined && <b>{keepLabel}</b>}
    </>
  ),
}));

const field = (name: string) => ({ name, kind: "QUANTITY", start: "", units: [""], label: name });
const DRAWER = {
  name: "cost-owners-options",
  title: "Three ways for the owner",
  purpose: "What a year of each costs.",
  isRule: true,
  fields: [field("all.cost"), field("least.cost")],
  examples: [],
};
const answers = {
  "/api/drawers": [DRAWER],
  "/api/jobs/open": [{ number: 31, tag: "HMF-2", complaint: "slips" }],
  "/api/jobs/31/papers-entries?stage=0&member=WHEEL": {
    "cost-owners-options.all.cost": { text: "150", unit: "" },
    "cost-repair-or-replace.repair.cost": { text: "150", unit: "" },
  },
};
const open = (at: string) =>
  show(
    <Routes>
      <Route path="/drawers/:name" element={<DrawerPage />} />
    </Routes>,
    at,
  );

beforeEach(() => localStorage.clear());

it("starts from what is known at the job somebody comes from, and keeps the answer there", async () => {
  serverThatAnswers(answers);
  open("/drawers/cost-owners-options?job=31");
  const shown = JSON.parse((await screen.findByRole("status")).textContent ?? "") as Record<string, string>;
  expect(shown["all.cost"]).toBe("150");
  expect(shown["least.cost"]).toBe("");
  expect(shown).not.toHaveProperty("repair.cost");
  expect(screen.getByText("Keep to job 31")).toBeVisible();
  expect(screen.getByRole("link", { name: "Back to job 31" })).toHaveAttribute("href", "/jobs/31/decide");
});

it("offers nothing to keep to where that job is signed, or where the address names none", async () => {
  serverThatAnswers({ ...answers, "/api/jobs/open": [] });
  const signed = open("/drawers/cost-owners-options?job=31");
  await screen.findByRole("status");
  await waitFor(() => expect(screen.queryByText(/^Keep to job/)).toBeNull());
  signed.unmount();
  serverThatAnswers(answers);
  open("/drawers/cost-owners-options?job=x1");
  expect(await screen.findByRole("status")).toHaveTextContent("as it ships");
});

it("stands by itself without a job", async () => {
  serverThatAnswers(answers);
  open("/drawers/cost-owners-options");
  expect(await screen.findByRole("status")).toHaveTextContent("as it ships");
  expect(screen.queryByText(/^Keep to job/)).toBeNull();
  expect(screen.getByRole("link", { name: "All drawers" })).toBeVisible();
});
