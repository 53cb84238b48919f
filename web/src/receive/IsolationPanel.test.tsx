// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import { job, serverThatAnswers, show } from "../test-data/bench";
import { IsolationPanel } from "./IsolationPanel";

const STEPS = [
  { id: "ELECTRIC_LOCKED", energy: "ELECTRIC", says: "Main switch off" },
  { id: "ELECTRIC_DEAD", energy: "ELECTRIC", says: "Proved dead" },
  { id: "SPRING_DOWN", energy: "SPRING", says: "Springs let down" },
];

const TOMAS = { id: "p-1", name: "Tomás Vega", role: "MECHANIC" };

const at = (isolation: unknown) =>
  job([], { job: { id: "job-1", number: 31, version: 7 } as never, receive: { isolation } as never });

it("asks for the steps of the chosen sources only, and sends what was ticked", async () => {
  const sent = serverThatAnswers({
    "/api/isolation-steps": STEPS,
    "/api/sign-in/me": TOMAS,
  });
  show(<IsolationPanel view={at(undefined)} />);
  expect(screen.queryByRole("group", { name: "Done at these sources" })).toBeNull();
  await userEvent.click(await screen.findByLabelText("electric"));
  const steps = within(await screen.findByRole("group", { name: "Done at these sources" }));
  expect(steps.getAllByRole("checkbox")).toHaveLength(2);
  await userEvent.click(steps.getByLabelText("Main switch off"));
  await userEvent.click(steps.getByLabelText("Proved dead"));
  await userEvent.click(steps.getByLabelText("Proved dead"));
  await userEvent.click(screen.getByLabelText("spring"));
  await userEvent.click(steps.getByLabelText("Springs let down"));
  await userEvent.type(screen.getByLabelText("How it is locked and tagged"), "lock 14");
  await userEvent.click(screen.getByLabelText("I tried to start it, and nothing moved"));
  await userEvent.click(screen.getByRole("button", { name: /^I have isolated it/ }));
  expect(sent[0]).toMatchObject({
    method: "PUT",
    path: "/api/jobs/31/isolation",
    body: {
      sources: ["ELECTRIC", "SPRING"],
      how: "lock 14",
      triedToStart: true,
      done: ["ELECTRIC_LOCKED", "SPRING_DOWN"],
    },
  });
});

it("forgets the steps of a source that is not isolated after all", async () => {
  const sent = serverThatAnswers({ "/api/isolation-steps": STEPS, "/api/sign-in/me": TOMAS });
  show(<IsolationPanel view={at(undefined)} />);
  await userEvent.click(await screen.findByLabelText("electric"));
  await userEvent.click(screen.getByLabelText("spring"));
  await userEvent.click(await screen.findByLabelText("Main switch off"));
  await userEvent.click(screen.getByLabelText("Springs let down"));
  await userEvent.click(screen.getByLabelText("electric"));
  await userEvent.click(screen.getByLabelText("electric"));
  expect(screen.getByLabelText("Main switch off")).not.toBeChecked();
  expect(screen.getByLabelText("Springs let down")).toBeChecked();
  await userEvent.click(screen.getByRole("button", { name: "I have isolated it (Tomás Vega)" }));
  expect(sent[0]?.body).toMatchObject({ done: ["SPRING_DOWN"] });
});

it("keeps what one ticked for them alone, through a reload", async () => {
  serverThatAnswers({ "/api/isolation-steps": STEPS, "/api/sign-in/me": TOMAS });
  const first = show(<IsolationPanel view={at(undefined)} />);
  await userEvent.click(await screen.findByLabelText("electric"));
  await userEvent.click(await screen.findByLabelText("Main switch off"));
  first.unmount();
  serverThatAnswers({
    "/api/isolation-steps": STEPS,
    "/api/sign-in/me": { ...TOMAS, id: "p-2", name: "Aitana Luna" },
  });
  const second = show(<IsolationPanel view={at(undefined)} />);
  expect(await screen.findByRole("button", { name: "I have isolated it (Aitana Luna)" })).toBeVisible();
  expect(screen.getByLabelText("electric")).not.toBeChecked();
  second.unmount();
  serverThatAnswers({ "/api/isolation-steps": STEPS, "/api/sign-in/me": TOMAS });
  show(<IsolationPanel view={at(undefined)} />);
  expect(await screen.findByLabelText("Main switch off")).toBeChecked();
});

it("shows what was done by whom, and nothing where the first days had no steps", async () => {
  serverThatAnswers({ "/api/isolation-steps": STEPS });
  const kept = {
    version: 0,
    sources: ["ELECTRIC"],
    how: "breaker locked",
    done: ["Main switch off", "Proved dead"],
    confirmedBy: "Aitana Luna",
    confirmedAt: "2026-11-20T08:00:00Z",
    isolated: true,
  };
  const shown = show(<IsolationPanel view={at(kept)} />);
  expect(screen.getByText(/^Confirmed by Aitana Luna, /)).toBeVisible();
  await userEvent.click(screen.getByRole("button", { name: "Open: Isolation" }));
  expect(screen.getAllByRole("listitem").map((s) => s.textContent)).toEqual([
    "Main switch off",
    "Proved dead",
  ]);
  shown.again(<IsolationPanel view={at({ ...kept, done: [] })} />);
  expect(screen.queryByRole("listitem")).toBeNull();
});
