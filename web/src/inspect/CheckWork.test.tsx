// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { JobView, SeenView } from "../api/types";
import { job, line, part, plan, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { CheckWork } from "./CheckWork";

const check = (id: string, lookAt: string, words: [string, string][], more = {}) => ({
  id,
  lookAt,
  how: `how of ${id}`,
  words: words.map(([text, severity]) => ({ text, severity })),
  measured: "",
  source: "common practice, no source",
  minutes: 2,
  looks: ["AS_FOUND", "WASHED"],
  ...more,
});
const CHECKS = [
  check("ANY-1", "whole: the part", [
    ["sound", "SOUND"],
    ["cracked", "CONDEMNED"],
  ]),
  check(
    "BRG-1",
    "feel, turned slowly",
    [
      ["smooth", "SOUND"],
      ["gritty", "WASH"],
      ["notchy", "CONDEMNED"],
    ],
    { caution: "Never with compressed air." },
  ),
  check("BRG-3", "[ball] radial clearance", [], { measured: "G_r µm ↑: A –, B 20, C 40", looks: ["WASHED"] }),
  check("JRN-1", "bearing seat", [["clean", "SOUND"]]),
];

const TWO = [part(1, "ball bearing"), part(2, "4 × ball bearing")];
const LINES = [
  line(1, "ball bearing", "BRG-1", { because: ["growls"] }),
  line(2, "4 × ball bearing", "BRG-1"),
  line(1, "ball bearing", "BRG-3", { level: "SHOULD" }),
  line(2, "4 × ball bearing", "JRN-1", { level: "IN_DOUBT" }),
];

describe("the check in hand", () => {
  let sent: Sent[] = [];
  const onPick = vi.fn();

  beforeEach(() => {
    localStorage.clear();
    onPick.mockClear();
    sent = serverThatAnswers({
      "/api/checks": CHECKS,
      "/api/sign-in/me": { name: "Tomás Vega", role: "MECHANIC" },
      "/api/instruments": [],
      "/api/drawers": [],
    });
  });

  const open = (view: JobView, picked?: string) => {
    const of = (v: JobView) => (
      <CheckWork
        view={v}
        station="INSPECT"
        title="What to look at"
        says="0 of 2"
        picked={picked}
        onPick={onPick}
      />
    );
    const shown = show(of(view));
    return { again: (next: JobView) => shown.again(of(next)) };
  };
  const view = (more: Partial<JobView> = {}) => job(TWO, { plan: plan(LINES), ...more });
  const card = async () => within(await screen.findByRole("region", { name: "Check in hand" }));
  const words = async (id: string) => await screen.findByRole("group", { name: `Found at ${id}` });

  it("begins with the first must and says why and how", async () => {
    open(view());
    const shown = await card();
    expect(shown.getByRole("heading", { name: "1 ball bearing" })).toBeVisible();
    expect(shown.getByText(/: growls · BRG-1 · 2 min/)).toBeVisible();
    expect(shown.getByText("Feel, turned slowly")).toBeVisible();
    expect(shown.getByText("how of BRG-1")).toBeVisible();
    expect(shown.getByText("Never with compressed air.")).toBeVisible();
  });

  it("says when there is nothing to look at yet", () => {
    open(job([], { plan: plan([]) }));
    expect(screen.getByText(/Nothing has come off yet/)).toBeVisible();
  });

  it("shows what was found on a job that was signed before there was a plan", () => {
    const seen = [
      { id: "f", given: { stepId: "step-1", check: "BRG-1", word: "notchy" }, by: "Ana" },
    ] as unknown as SeenView[];
    open(job(TWO, { seen }));
    expect(screen.getByText("ball bearing: notchy (BRG-1, Ana)")).toBeVisible();
  });

  it("keeps by key and Enter, and goes on", async () => {
    open(view());
    await words("BRG-1");
    await userEvent.keyboard("2");
    expect(within(await words("BRG-1")).getByRole("button", { name: /gritty/ })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    expect(sent, "nothing is kept by picking a word").toHaveLength(0);
    await userEvent.keyboard("{Enter}");
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: expect.stringMatching(/^\/api\/jobs\/31\/findings\/[0-9a-f-]{36}$/),
      body: { stepId: "step-1", check: "BRG-1", look: "WASHED", word: "gritty", remark: "" },
    });
    expect(await screen.findByRole("heading", { name: "2 4 × ball bearing" })).toBeVisible();
  });

  it("keeps by Enter too when the check was taken in hand from the list", async () => {
    open(view());
    await words("BRG-1");
    const list = screen.getByRole("list", { name: "Must be answered" });
    await userEvent.click(within(list).getByRole("button", { name: /4 × ball bearing/ }));
    await userEvent.keyboard("1{Enter}");
    expect(sent[0]?.body).toMatchObject({ stepId: "step-2", word: "smooth" });
  });

  it("keeps nothing by Enter while no word was chosen", async () => {
    open(view());
    await words("BRG-1");
    await userEvent.keyboard("{Enter}7");
    expect(sent).toHaveLength(0);
    expect((await card()).getByRole("button", { name: /^Keep, and on to 2/ })).toBeDisabled();
  });

  it("keeps a note, a count and when it was looked at", async () => {
    open(view(), "step-2");
    await userEvent.click(within(await words("BRG-1")).getByRole("button", { name: /notchy/ }));
    await userEvent.click(screen.getByRole("button", { name: "As it came off" }));
    await userEvent.type(screen.getByRole("textbox", { name: "Pieces of 4" }), "2");
    await userEvent.type(screen.getByRole("textbox", { name: "Note" }), "outer race{Enter}");
    expect(sent[0]?.body).toMatchObject({
      stepId: "step-2",
      look: "AS_FOUND",
      word: "notchy",
      pieces: 2,
      remark: "outer race",
    });
  });

  it("says the same of several parts of a kind in one go", async () => {
    open(view());
    await userEvent.click(within(await words("BRG-1")).getByRole("button", { name: /smooth/ }));
    await userEvent.click(screen.getByRole("checkbox", { name: "2 4 × ball bearing" }));
    await userEvent.click(screen.getByRole("button", { name: /^Keep, and on/ }));
    expect(sent.map((s) => [s.body.stepId, s.body.word])).toEqual([
      ["step-1", "smooth"],
      ["step-2", "smooth"],
    ]);
  });

  it("shows what one said before and corrects it in its place", async () => {
    const mine: SeenView = {
      id: "found-1",
      given: { version: 2, stepId: "step-1", check: "BRG-1", look: "WASHED", word: "gritty", remark: "dry" },
      title: "feel",
      severity: "WASH",
      means: "wash",
      by: "Tomás Vega",
      at: "2026-11-20T10:00:00Z",
    };
    open(view({ seen: [mine] }));
    expect(
      await within(await words("BRG-1")).findByRole("button", { name: /gritty/, pressed: true }),
    ).toBeVisible();
    await userEvent.click(within(await words("BRG-1")).getByRole("button", { name: /smooth/ }));
    await userEvent.click(screen.getByRole("button", { name: /^Keep, and on/ }));
    expect(sent[0]?.path).toBe("/api/jobs/31/findings/found-1");
    expect(sent[0]?.body).toMatchObject({ version: 2, word: "smooth", remark: "dry" });
  });

  it("keeps why a check is not made, and goes on", async () => {
    open(view());
    await userEvent.click((await card()).getByRole("button", { name: "Not possible, not needed…" }));
    const form = within(screen.getByRole("form", { name: "Why it is not made" }));
    expect(form.getByRole("button", { name: "Keep that it is not made" })).toBeDisabled();
    await userEvent.click(form.getByRole("button", { name: "no tool for it" }));
    await userEvent.type(form.getByRole("textbox", { name: "Note" }), "no gauge");
    await userEvent.click(form.getByRole("button", { name: "Keep that it is not made" }));
    expect(sent[0]).toMatchObject({
      path: expect.stringMatching(/left-open/),
      body: { stepId: "step-1", check: "BRG-1", why: "NO_TOOL", remark: "no gauge" },
    });
    expect(await screen.findByRole("heading", { name: /^2 4 × ball bearing/ })).toBeVisible();
  });

  it("folds what should be and what is in doubt, and counts it", async () => {
    open(view());
    await card();
    expect(screen.queryByText("Radial clearance (ball)")).toBeNull();
    await userEvent.click(screen.getByRole("button", { name: /1 that should be, 1 open/ }));
    await userEvent.click(screen.getByRole("button", { name: /Radial clearance \(ball\)/ }));
    const shown = await card();
    expect(shown.getByText(/G_r µm: new to 20, renew past 40/)).toBeVisible();
    expect(screen.getByRole("button", { name: /1 more if in doubt/ })).toBeVisible();
  });

  it("shows only the part that is picked in the picture, and all again", async () => {
    open(view(), "step-2");
    await card();
    const list = screen.getByRole("list", { name: "Must be answered" });
    expect(within(list).getAllByRole("button")).toHaveLength(1);
    await userEvent.click(screen.getByRole("button", { name: /This part only/ }));
    expect(onPick).toHaveBeenCalledWith(undefined);
  });

  it("lets nothing be said once the job is signed", async () => {
    open(view({ job: { id: "job-1", number: 31, signedAt: "2026-11-20T10:00:00Z" } as never }));
    expect(within(await words("BRG-1")).getByRole("button", { name: /smooth/ })).toBeDisabled();
    expect(screen.queryByRole("button", { name: /^Keep/ })).toBeNull();
  });
});
