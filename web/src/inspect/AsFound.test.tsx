// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import type { JobView } from "../api/types";
import { job, line, part, plan, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { AsFound } from "./AsFound";

const SEAL = {
  id: "SLS-1",
  lookAt: "old shaft seal as evidence",
  how: "eye",
  words: [
    { text: "lip even", severity: "SOUND" },
    { text: "lip burnt", severity: "NOTED" },
  ],
  measured: "",
  caution: "Sharp edges.",
  looks: ["AS_FOUND"],
};

describe("before it is washed", () => {
  let sent: Sent[] = [];
  beforeEach(() => {
    sent = serverThatAnswers({ "/api/checks": [SEAL] });
  });
  const open = (view: JobView) => show(<AsFound view={view} of="PARTS" />);
  const seals = (count: number) =>
    Array.from({ length: count }, (_, i) => line(i + 1, `seal ${i + 1}`, "SLS-1"));

  it("asks of the part that came off last first, and keeps by one tap", async () => {
    open(job([part(1, "seal 1")], { plan: plan(seals(2)) }));
    expect(await screen.findByText("2 looks that cannot be repeated")).toBeVisible();
    const [last] = screen.getAllByRole("group");
    expect(last).toHaveAccessibleName("seal 2: old shaft seal as evidence");
    expect(screen.getAllByText("Sharp edges.")).toHaveLength(1);
    await userEvent.click(within(last as HTMLElement).getByRole("button", { name: "lip burnt" }));
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: expect.stringMatching(/^\/api\/jobs\/31\/findings\//),
      body: { stepId: "step-2", check: "SLS-1", look: "AS_FOUND", word: "lip burnt" },
    });
  });

  it("shows a few and counts the rest", async () => {
    open(job([], { plan: plan(seals(5)) }));
    await userEvent.click(await screen.findByRole("button", { name: "4 more" }));
    expect(screen.getAllByRole("group")).toHaveLength(5);
  });

  it("is silent when nothing is asked, and on a signed job", async () => {
    const { container } = open(job([], { plan: plan([]) }));
    expect(container.querySelector("section")).toBeNull();
    open(
      job([], {
        plan: plan(seals(1)),
        job: { id: "job-1", number: 31, signedAt: "2026-11-20T10:00:00Z" } as never,
      }),
    );
    expect(screen.queryByText(/cannot be repeated/)).toBeNull();
  });
});
