// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { JobView } from "../api/types";
import { job, part, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { DecideStation } from "./DecideStation";

const sound = {
  condition: "sound",
  lookedAt: true,
  open: [],
  proposed: "REUSE" as const,
  proposedReason: "Looked at, and found sound.",
};

describe("Decide", () => {
  let sent: Sent[] = [];

  beforeEach(() => {
    localStorage.clear();
    sent = serverThatAnswers({ "/api/sign-in/me": { name: "Tomás Vega", role: "MECHANIC" } });
  });

  const open = (view: JobView) => show(<DecideStation view={view} chosen={undefined} onChoose={vi.fn()} />);
  const choices = (number: number, name: string) =>
    screen.getByRole("group", { name: `Decision for step ${number}, ${name}` });

  it("takes only the proposals there are, each by its name", async () => {
    open(job([part(1, "cover", sound), part(2, "pawl", { strict: true }), part(3, "wheel", sound)]));
    expect(screen.getByText(/2 proposals wait for you. 1 part has to be looked at/)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Take the 2 proposals" }));
    expect(sent).toEqual([
      { method: "POST", path: "/api/jobs/31/decisions/accept", body: { steps: ["step-1", "step-3"] } },
    ]);
  });

  it("leaves out what somebody is deciding otherwise at that moment", async () => {
    open(job([part(1, "cover", sound), part(2, "wheel", sound)]));
    await userEvent.click(within(choices(1, "cover")).getByRole("button", { name: "Renew" }));
    expect(screen.getByRole("textbox", { name: "Why renew?" })).toHaveFocus();
    await userEvent.click(screen.getByRole("button", { name: "Take the proposal" }));
    expect(sent[0]?.body).toEqual({ steps: ["step-2"] });
    await userEvent.type(screen.getByRole("textbox", { name: "Why renew?" }), "ears cracked before");
    await userEvent.click(screen.getByRole("button", { name: "Keep" }));
    expect(sent[1]).toMatchObject({
      path: "/api/jobs/31/decisions/step-1",
      body: { disposition: "RENEW", reason: "ears cracked before" },
    });
  });

  it("takes one proposal by one tap, with its reason", async () => {
    open(job([part(1, "cover", sound)]));
    await userEvent.click(within(choices(1, "cover")).getByRole("button", { name: "Reuse proposed" }));
    expect(sent[0]?.body).toMatchObject({ disposition: "REUSE", reason: "Looked at, and found sound." });
  });

  it("reckons what reuse of the part in hand costs, and says what was kept of it", () => {
    const parts = job([part(1, "cover", sound), part(2, "wheel", sound)]);
    const kept = (drawer: string, stepId: string, sentence: string) =>
      ({
        id: stepId,
        given: { drawer, about: { stepId } },
        answer: { sentence },
      }) as JobView["answers"][number];
    parts.answers = [
      kept("cost-reuse-or-renew", "step-2", "Reuse is expected to cost 40.00 less."),
      kept("over-pins", "step-1", "Worn by 0.1 mm."),
    ];
    show(<DecideStation view={parts} chosen="step-2" onChoose={vi.fn()} />);
    const links = screen.getAllByRole("link", { name: "What reuse costs" });
    expect(links).toHaveLength(1);
    expect(links[0]).toHaveAttribute("href", "/drawers/cost-reuse-or-renew?job=31&step=step-2");
    expect(screen.getByText("Reuse is expected to cost 40.00 less.")).toBeVisible();
    expect(screen.queryByText("Worn by 0.1 mm.")).toBeNull();
  });

  it("proposes nothing for what nobody looked at, and leads to Inspect", () => {
    open(job([part(1, "pawl", { strict: true })]));
    expect(screen.queryByText("proposed")).toBeNull();
    expect(screen.getByRole("link", { name: "Look at it" })).toHaveAttribute(
      "href",
      "/jobs/31/inspect?step=step-1",
    );
    expect(screen.queryByRole("button", { name: /Take the proposal/ })).toBeNull();
  });

  it("lets somebody say of named parts that they are sound, but not of what holds", async () => {
    open(job([part(1, "cover"), part(2, "pawl", { strict: true }), part(3, "bearing")]));
    const panel = screen.getByRole("region", { name: "Not looked at yet" });
    expect(within(panel).getByText("3 parts")).toBeVisible();
    expect(within(panel).getAllByRole("checkbox")).toHaveLength(2);
    expect(within(panel).getByRole("link", { name: "pawl (2): 1" })).toHaveAttribute(
      "href",
      "/jobs/31/inspect?step=step-2",
    );
    expect(within(panel).getByRole("button", { name: "Tick what you looked at" })).toBeDisabled();
    await userEvent.click(within(panel).getByRole("checkbox", { name: "cover (1)" }));
    await userEvent.click(within(panel).getByRole("checkbox", { name: "bearing (3)" }));
    await userEvent.click(within(panel).getByRole("checkbox", { name: "bearing (3)" }));
    await userEvent.click(
      await within(panel).findByRole("button", { name: "I looked at it: sound (Tomás Vega)" }),
    );
    expect(sent).toEqual([
      {
        method: "POST",
        path: "/api/jobs/31/steps/looked-at",
        body: { parts: [{ stepId: "step-1", version: 3 }] },
      },
    ]);
  });

  it("sends to Inspect for what cannot be said of several at once", () => {
    open(job([part(1, "shaft", { condition: "sound", open: ["JRN-1", "SHF-4"] })]));
    const panel = screen.getByRole("region", { name: "Not looked at yet" });
    expect(within(panel).queryByRole("checkbox")).toBeNull();
    expect(within(panel).getByRole("link", { name: "shaft (1): 2" })).toBeVisible();
  });

  it("asks of a measured part too whether it is whole", () => {
    open(job([part(1, "wheel", { lookedAt: true, open: ["ANY-1"] }), part(2, "cover", sound)]));
    const panel = screen.getByRole("region", { name: "Not looked at yet" });
    expect(within(panel).getByRole("checkbox", { name: "wheel (1)" })).toBeVisible();
    expect(within(panel).getByText("1 part")).toBeVisible();
  });

  it("lets some pieces of a line go their own way", async () => {
    open(job([part(1, "4 × spring", sound), part(2, "cover", sound)]));
    expect(screen.getAllByRole("button", { name: /Not all/ })).toHaveLength(1);
    await userEvent.click(screen.getByRole("button", { name: "Not all 4 alike" }));
    const form = screen.getByRole("form", { name: "Split step 1" });
    const counts = within(form).getAllByRole("textbox");
    expect(counts.map((c) => (c as HTMLInputElement).value)).toEqual(["3", "4 × spring", "1"]);
    await userEvent.click(within(form).getByRole("button", { name: "Split" }));
    expect(sent[0]).toMatchObject({
      path: "/api/jobs/31/steps/step-1/split",
      body: { version: 3, count: 1, keepCount: 3 },
    });
  });

  it("leads to the sum where a sound part may be cheap to renew while the unit lies open", () => {
    open(
      job([
        part(1, "bearing", { givesOut: true }),
        part(2, "seal", { givesOut: true, decided: "RENEW" }),
        part(3, "cover"),
      ]),
    );
    expect(screen.getAllByRole("link", { name: "Cheap while open?" })).toHaveLength(1);
  });

  it("cannot be pressed on a signed job", () => {
    const signed = job([part(1, "cover", { ...sound, decided: "REUSE", decidedBy: "Inés Roldán" })]);
    signed.job.signedAt = "2026-11-21T08:00:00Z";
    open(signed);
    for (const choice of within(choices(1, "cover")).getAllByRole("button")) {
      expect(choice).toBeDisabled();
    }
    expect(screen.getByText(/Inés Roldán/)).toBeVisible();
    expect(screen.queryByRole("region", { name: "Not looked at yet" })).toBeNull();
  });
});
