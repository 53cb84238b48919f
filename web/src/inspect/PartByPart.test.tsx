// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { JobView, SeenView } from "../api/types";
import { job, part, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { PartByPart } from "./PartByPart";

const CHECKS = [
  {
    id: "ANY-1",
    lookAt: "whole: the part, or each of several equal ones",
    how: "eye and hand",
    words: [
      { text: "sound", severity: "SOUND" },
      { text: "cracked", severity: "CONDEMNED" },
    ],
    measured: "",
  },
  {
    id: "BRG-1",
    lookAt: "feel, turned slowly",
    how: "finger",
    words: [
      { text: "smooth", severity: "SOUND" },
      { text: "gritty", severity: "WASH" },
      { text: "notchy", severity: "CONDEMNED" },
    ],
    measured: "",
  },
  {
    id: "BRG-3",
    lookAt: "[ball] radial clearance",
    how: "lift on indicator",
    words: [],
    measured: "G_r µm ↑",
  },
  {
    id: "NEW-1",
    lookAt: "number, size",
    how: "eye",
    words: [{ text: "right", severity: "SOUND" }],
    measured: "",
  },
];

const found = (word: string, by: string, more: Partial<SeenView["given"]> = {}): SeenView => ({
  id: `found-${word}`,
  given: { version: 2, stepId: "step-1", check: "BRG-1", look: "WASHED", word, remark: "", ...more },
  title: "feel, turned slowly",
  severity: "CONDEMNED",
  means: "condemned",
  by,
  at: "2026-11-20T10:00:00Z",
});

const bearing = part(1, "ball bearing", { checks: ["ANY-1", "BRG-1", "BRG-3", "NEW-1"], open: ["ANY-1"] });
const cover = part(2, "end cover", { checks: ["ANY-1"], lookedAt: true, condition: "sound", open: [] });

describe("Inspect, part by part", () => {
  let sent: Sent[] = [];
  const onMeasure = vi.fn();
  const onChoose = vi.fn();

  beforeEach(() => {
    localStorage.clear();
    sent = serverThatAnswers({
      "/api/checks": CHECKS,
      "/api/sign-in/me": { name: "Tomás Vega", role: "MECHANIC" },
    });
  });

  const open = (view: JobView, chosen?: string) => {
    const screenOf = (v: JobView) => (
      <PartByPart view={v} chosen={chosen} onChoose={onChoose} onMeasure={onMeasure} />
    );
    const shown = show(screenOf(view));
    return { rerender: (next: JobView) => shown.again(screenOf(next)) };
  };

  const row = async (check: string) => await screen.findByRole("group", { name: `Found at ${check}` });

  it("says how many nobody looked at and begins with the first of them", async () => {
    open(job([cover, bearing]));
    expect(screen.getByText("1 of 2 not looked at")).toBeVisible();
    expect(await screen.findByRole("heading", { name: "1 · ball bearing" })).toBeVisible();
    const list = screen.getByRole("list", { name: "Parts to look at" });
    expect(within(list).getByRole("button", { name: /ball bearing not looked at/ })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
  });

  it("does not ask for what is renewed anyway", () => {
    open(job([part(5, "oil seal", { proposed: "RENEW" }), part(6, "key", { decided: "RENEW" }), bearing]));
    expect(screen.getByText("1 of 3 not looked at")).toBeVisible();
  });

  it("keeps a finding by one tap on a fixed word, with when it was looked at", async () => {
    open(job([bearing]));
    await userEvent.click(screen.getByRole("button", { name: "As it came off" }));
    await userEvent.click(within(await row("BRG-1")).getByRole("button", { name: "gritty" }));
    expect(sent).toHaveLength(1);
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: expect.stringMatching(/^\/api\/jobs\/31\/findings\/[0-9a-f-]{36}$/),
      body: { stepId: "step-1", check: "BRG-1", look: "AS_FOUND", word: "gritty", remark: "" },
    });
    expect(sent[0]?.body.version).toBeUndefined();
  });

  it("corrects one's own word in its place and leaves somebody else's", async () => {
    const mine = found("notchy", "Tomás Vega", { remark: "at one place", pieces: 2 });
    open(job([part(1, "4 × ball bearing", { checks: bearing.checks })], { seen: [mine] }));
    const words = await row("BRG-1");
    // What was answered takes one line.
    expect(await within(words).findByRole("button", { name: "notchy" })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    expect(within(words).queryByRole("button", { name: "smooth" })).toBeNull();
    await userEvent.click(within(words).getByRole("button", { name: "Another word" }));
    await userEvent.click(within(words).getByRole("button", { name: "smooth" }));
    expect(sent[0]).toMatchObject({
      path: "/api/jobs/31/findings/found-notchy",
      body: { version: 2, word: "smooth", remark: "at one place", pieces: 2 },
    });
  });

  it("does not take another person's word for one's own", async () => {
    open(job([bearing], { seen: [found("notchy", "Inés Roldán")] }));
    const words = await row("BRG-1");
    expect(within(words).getByRole("button", { name: "notchy" })).toHaveAttribute("aria-pressed", "false");
    await userEvent.click(within(words).getByRole("button", { name: "smooth" }));
    expect(sent[0]?.path).not.toContain("found-notchy");
  });

  it("marks what must be answered, offers to measure, and folds what every part is asked", async () => {
    open(job([bearing]));
    await row("ANY-1");
    expect(screen.getAllByText("must be answered")).toHaveLength(1);
    expect(screen.getByText("Radial clearance (ball)")).toBeVisible();
    await userEvent.click(within(await row("BRG-3")).getByRole("button", { name: "Measure it" }));
    expect(onMeasure).toHaveBeenCalledWith({ stepId: "step-1", check: CHECKS[2], strict: false });
    expect(screen.queryByRole("group", { name: "Found at NEW-1" })).toBeNull();
    await userEvent.click(screen.getByRole("button", { name: "+ Identity, marks, a new part" }));
    expect(await row("NEW-1")).toBeVisible();
  });

  it("lists what was found with its author, and takes a note and a count", async () => {
    open(job([part(1, "4 × ball bearing")], { seen: [found("notchy", "Inés Roldán", { pieces: 2 })] }));
    const list = await screen.findByRole("region", { name: "Found on 4 × ball bearing" });
    expect(within(list).getByText("notchy")).toBeVisible();
    expect(within(list).getByText(/on 2 of 4: condemned/)).toBeVisible();
    expect(within(list).getByText(/BRG-1, washed · Inés Roldán/)).toBeVisible();
    await userEvent.click(within(list).getByRole("button", { name: "Note, pieces" }));
    await userEvent.type(within(list).getByRole("textbox", { name: "Note" }), "inner race");
    const pieces = within(list).getByRole("textbox", { name: "Pieces of 4" });
    await userEvent.clear(pieces);
    await userEvent.type(pieces, "1.5");
    await userEvent.click(within(list).getByRole("button", { name: "Keep" }));
    expect(within(list).getByText("A whole number.")).toBeVisible();
    expect(sent).toHaveLength(0);
    await userEvent.clear(pieces);
    await userEvent.click(within(list).getByRole("button", { name: "Keep" }));
    expect(sent[0]?.body).toMatchObject({ version: 2, word: "notchy", remark: "inner race" });
    expect(sent[0]?.body.pieces).toBeUndefined();
  });

  it("takes a finding back with the version that was seen", async () => {
    open(job([bearing], { seen: [found("notchy", "Tomás Vega")] }));
    await userEvent.click(await screen.findByRole("button", { name: "Take it back" }));
    expect(sent[0]).toMatchObject({ method: "DELETE", path: "/api/jobs/31/findings/found-notchy?version=2" });
  });

  it("shows a signed job without anything to press", async () => {
    const signed = job([bearing], { seen: [found("notchy", "Tomás Vega")] });
    signed.job.signedAt = "2026-11-21T08:00:00Z";
    open(signed);
    const words = await row("BRG-1");
    for (const word of within(words).getAllByRole("button")) {
      expect(word).toBeDisabled();
    }
    expect(screen.queryByRole("button", { name: "Take it back" })).toBeNull();
    expect(screen.queryByRole("button", { name: "Washed" })).toBeNull();
  });

  it("keeps the part in hand when it has been looked at", async () => {
    const { rerender } = open(job([bearing, part(3, "pawl")]));
    await screen.findByRole("heading", { name: "1 · ball bearing" });
    rerender(job([{ ...bearing, lookedAt: true, open: [] }, part(3, "pawl")]));
    expect(screen.getByRole("heading", { name: "1 · ball bearing" })).toBeVisible();
  });

  it("says what to do when nothing has come off", () => {
    open(job([]));
    expect(screen.getByText(/What you take off at Strip is looked at here/)).toBeVisible();
  });

  it("goes to another part from the list", async () => {
    open(job([bearing, cover]), "step-1");
    const list = screen.getByRole("list", { name: "Parts to look at" });
    await userEvent.click(within(list).getByRole("button", { name: /end cover/ }));
    expect(onChoose).toHaveBeenCalledWith("step-2");
  });
});
