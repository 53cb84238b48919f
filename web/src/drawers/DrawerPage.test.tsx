// @vitest-environment jsdom
import { screen, waitFor } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { Route, Routes } from "react-router";
import { beforeEach, expect, it, vi } from "vitest";
import type { DrawerEntries } from "../api/types";
import { serverThatAnswers, show } from "../test-data/bench";
import { DrawerPage } from "./DrawerPage";

// The sheet has tests of its own; here it only shows what it starts from.
vi.mock("./Sheet", () => ({
  Sheet: ({
    start,
    keepLabel,
    keep,
  }: {
    start?: DrawerEntries;
    keepLabel: string;
    keep?: (entries: DrawerEntries) => unknown;
  }) => (
    <>
      <output>
        {start
          ? JSON.stringify(Object.fromEntries(Object.entries(start.fields).map(([k, v]) => [k, v.text])))
          : "as it ships"}
      </output>
      {keep !== undefined && (
        <button type="button" onClick={() => void keep({ fields: {}, readings: {} })}>
          {keepLabel}
        </button>
      )}
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

it("starts from what the part cost and keeps the answer about it, but not in another job", async () => {
  const sent = serverThatAnswers({
    ...answers,
    "/api/drawers": [{ ...DRAWER, name: "cost-reuse-or-renew", fields: [field("renew.partsNow")] }],
    "/api/jobs/open": [
      { number: 31, tag: "HMF-2", complaint: "slips" },
      { number: 32, tag: "PAN-2", complaint: "leaks" },
    ],
    "/api/jobs/31/papers-entries?stage=0&member=WHEEL&step=step-1": {
      "cost-reuse-or-renew.renew.partsNow": { text: "12.5", unit: "" },
    },
  });
  open("/drawers/cost-reuse-or-renew?job=31&step=step-1");
  expect(await screen.findByRole("status")).toHaveTextContent('"renew.partsNow":"12.5"');
  await userEvent.click(screen.getByRole("button", { name: "Keep to job 31" }));
  expect(sent[0]?.body).toMatchObject({ drawer: "cost-reuse-or-renew", about: { stepId: "step-1" } });
  await userEvent.selectOptions(screen.getByLabelText("Keep the answer to a job"), "32");
  await userEvent.click(screen.getByRole("button", { name: "Keep to job 32" }));
  expect(sent.at(-1)?.path).toMatch("/api/jobs/32/answers/");
  expect(sent.at(-1)?.body).not.toHaveProperty("about");
});

it("asks of no part where the address names none that can be", async () => {
  serverThatAnswers(answers);
  open("/drawers/cost-owners-options?job=31&step=a%26b");
  expect(await screen.findByRole("status")).toHaveTextContent('"all.cost":"150"');
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
