// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import { Refusal, serverThatAnswers, show } from "../test-data/bench";
import { EvidenceWeights } from "./EvidenceWeights";

const table = {
  signs: [
    { id: "S01", words: "output stands" },
    { id: "S10", words: "leaks at a shaft" },
  ],
  causes: [
    { id: "C12", words: "seal lip worn", weight: 10, kinds: [], levels: { S10: 0.9 }, putRight: "land" },
  ],
  tests: [{ id: "T05", words: "look at the old seal: hard", minutes: 3, levels: { C12: 0.6 }, checks: [] }],
};
const corrected = {
  given: { version: 3, cause: "C12", of: "", value: 20, because: "salt eats lips" },
  shipped: 10,
  stands: true,
  by: "Inés Roldán",
  at: "2026-11-20T08:00:00Z",
};

async function choose() {
  await userEvent.selectOptions(
    await screen.findByLabelText("Cause"),
    await screen.findByRole("option", { name: /seal lip worn/ }),
  );
}

it("shows the weight, then what goes with it, likeliest first, with what it is as it ships", async () => {
  serverThatAnswers({ "/api/calc/diagnosis/table": table, "/api/evidence-corrections": [corrected] });
  show(<EvidenceWeights />);
  expect(await screen.findByText("1 corrected here")).toBeVisible();
  await choose();
  const rows = screen.getAllByRole("listitem");
  expect(rows.map((r) => r.textContent)).toEqual([
    expect.stringMatching(/^weight before anything is known2010 as it ships. salt eats lips \(Inés Roldán/),
    "leaks at a shaft0.9",
    "look at the old seal: hard0.6",
    "output stands0.03",
  ]);
});

it("keeps a correction with its reason and version, and takes it back", async () => {
  const sent = serverThatAnswers({
    "/api/calc/diagnosis/table": table,
    "/api/evidence-corrections": [corrected],
    "PUT anywhere": [corrected],
    "DELETE anywhere": [],
  });
  show(<EvidenceWeights />);
  await choose();
  await userEvent.click(screen.getByRole("button", { name: /^leaks at a shaft/ }));
  const chance = screen.getByLabelText("Chance with this cause, 0.01 to 0.99");
  await userEvent.clear(chance);
  expect(screen.getByRole("button", { name: "Keep" })).toBeDisabled();
  await userEvent.type(chance, "0,5");
  await userEvent.type(screen.getByLabelText("Why"), "half of them");
  await userEvent.click(screen.getByRole("button", { name: "Keep" }));
  expect(sent[0]).toMatchObject({
    method: "PUT",
    body: { cause: "C12", of: "S10", value: 0.5, because: "half of them" },
  });
  expect(sent[0]?.body).not.toHaveProperty("version");

  await userEvent.click(screen.getByRole("button", { name: /^weight before/ }));
  const open = within(screen.getAllByRole("listitem")[0] as HTMLElement);
  expect(open.getByLabelText("Weight, 0.1 to 100")).toHaveValue("20");
  await userEvent.click(open.getByRole("button", { name: "As it ships" }));
  expect(sent[1]).toMatchObject({
    method: "DELETE",
    path: "/api/evidence-corrections?cause=C12&of=&version=3",
  });
});

it("keeps what was typed through a reload, and shows who was first", async () => {
  const answers = { "/api/calc/diagnosis/table": table, "/api/evidence-corrections": [corrected] };
  serverThatAnswers(answers);
  const first = show(<EvidenceWeights />);
  await choose();
  await userEvent.click(screen.getByRole("button", { name: /^weight before/ }));
  await userEvent.clear(screen.getByLabelText("Why"));
  await userEvent.type(screen.getByLabelText("Why"), "brine");
  first.unmount();

  const sent = serverThatAnswers({
    ...answers,
    "PUT /api/evidence-corrections": new Refusal({
      status: 409,
      detail: "Changed meanwhile.",
      fields: [],
      changedBy: "Aitana Luna",
      current: { ...corrected, given: { ...corrected.given, version: 4, value: 15 } },
    }),
  });
  show(<EvidenceWeights />);
  await choose();
  await userEvent.click(screen.getByRole("button", { name: /^weight before/ }));
  expect(screen.getByLabelText("Why")).toHaveValue("brine");
  await userEvent.click(screen.getByRole("button", { name: "Keep" }));
  expect(sent[0]?.body).toMatchObject({ version: 3, value: 20, because: "brine" });
  const both = within(await screen.findByRole("dialog", { name: "Two people on one record" }));
  expect(both.getByRole("row", { name: "Figure 20 15" })).toBeVisible();
  await userEvent.click(both.getByRole("button", { name: "Keep mine" }));
  expect(sent[1]?.body).toMatchObject({ version: 4, value: 20, because: "brine" });
});
