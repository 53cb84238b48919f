// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import type { JobCard, UnitView } from "../api/types";
import { serverThatAnswers, show } from "../test-data/bench";
import { OutOfTheWay } from "./OutOfTheWay";

const AWAY = { by: "Ana Sol", at: "2026-11-20T08:00:00Z", why: "sold" };
const unit = (more: Partial<UnitView> = {}) => ({ id: "u", tag: "BRP-3", version: 4, ...more }) as UnitView;
const card = (number: number, more: Partial<JobCard> = {}) => ({ number, ...more }) as JobCard;
const signedIn = (role: string) => ({
  "/api/sign-in/me": { id: "a", name: "Ana Sol", role },
  "/api/jobs/7": { job: { number: 7, version: 9 } },
});

async function unfolded(of: UnitView, jobs: JobCard[], role = "MECHANIC") {
  const sent = serverThatAnswers({ ...signedIn(role), "POST anywhere": [] });
  show(<OutOfTheWay unit={of} jobs={jobs} />);
  await userEvent.click(screen.getByText(/Out of the way|Put away by/));
  return sent;
}

describe("a unit out of the way", () => {
  beforeEach(() => localStorage.clear());

  it("first offers to put its open job away, over the version that stands now", async () => {
    const sent = await unfolded(unit(), [card(7), card(3, { signedAt: "2026-01-01T08:00:00Z" })]);
    expect(screen.queryByRole("button", { name: "Put this unit away" })).toBeNull();
    await userEvent.type(screen.getByLabelText("Why"), "opened twice");
    await userEvent.click(screen.getByRole("button", { name: "End job 7" }));
    expect(sent).toMatchObject([
      {
        method: "PUT",
        path: "/api/jobs/7/put-away",
        body: { version: 9, how: "MISTAKE", why: "opened twice" },
      },
    ]);
  });

  it("says how a job ends, and where its parts are", async () => {
    const sent = await unfolded(unit(), [card(7)]);
    expect(screen.queryByLabelText("Where the parts are that came off")).toBeNull();
    await userEvent.selectOptions(screen.getByLabelText("How it ends"), "returned unrepaired");
    await userEvent.type(screen.getByLabelText("Why"), "too dear");
    await userEvent.type(screen.getByLabelText("Where the parts are that came off"), "in a box with it");
    await userEvent.click(screen.getByRole("button", { name: "End job 7" }));
    expect(sent[0]?.body).toEqual({
      version: 9,
      how: "RETURNED",
      why: "too dear",
      partsAt: "in a box with it",
    });
  });

  it("names the job that goes on", async () => {
    const sent = await unfolded(unit(), [card(7)]);
    await userEvent.selectOptions(screen.getByLabelText("How it ends"), "goes on in another job");
    await userEvent.type(screen.getByLabelText("Why"), "the same unit");
    await userEvent.type(screen.getByLabelText("It goes on in job"), "8");
    await userEvent.click(screen.getByRole("button", { name: "End job 7" }));
    expect(sent[0]?.body).toMatchObject({ how: "MERGED", into: 8 });
  });

  it("is put away with a reason where no job is open", async () => {
    const sent = await unfolded(unit(), [card(3, { putAway: AWAY })]);
    await userEvent.type(screen.getByLabelText("Why"), "sold");
    await userEvent.click(screen.getByRole("button", { name: "Put this unit away" }));
    expect(sent).toMatchObject([{ path: "/api/units/u/put-away", body: { version: 4, why: "sold" } }]);
    expect(screen.queryByRole("button", { name: /Purge/ })).toBeNull();
  });

  it("says who put it away and takes it back", async () => {
    const sent = await unfolded(unit({ putAway: AWAY }), []);
    expect(screen.getByText(/^sold. Nothing falls due on it/)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Take the unit back" }));
    expect(sent).toMatchObject([{ method: "POST", path: "/api/units/u/take-back?version=4" }]);
  });

  it("is purged by a lead who types its tag, and told what goes with it", async () => {
    const jobs = [card(7, { signedAt: "2026-01-01T08:00:00Z" }), card(8, { putAway: AWAY })];
    const sent = await unfolded(unit({ putAway: AWAY }), jobs, "LEAD");
    const panel = within(await screen.findByRole("region", { name: "Purge BRP-3 with its 2 jobs" }));
    expect(panel.getByText(/a signed report too\. Only a backup brings it back/)).toBeVisible();
    expect(screen.getByRole("region", { name: "Purge job 8" })).toBeVisible();
    expect(screen.queryByRole("region", { name: "Purge job 7" })).toBeNull();
    await userEvent.type(panel.getByLabelText("Type the tag of the unit"), "BRP-3");
    await userEvent.type(panel.getByLabelText("Why it goes"), "described twice");
    await userEvent.click(panel.getByRole("button", { name: "Purge BRP-3 with its 2 jobs" }));
    expect(sent).toMatchObject([
      { path: "/api/care/purge/units/u", body: { tag: "BRP-3", why: "described twice" } },
    ]);
  });
});
