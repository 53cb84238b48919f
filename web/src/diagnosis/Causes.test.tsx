// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import type { Diagnosis } from "../api/types";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { Causes } from "./Causes";

const cause = (id: string, words: string, probability: number, evidence: object[] = []) => ({
  id,
  cause: words,
  probability,
  evidence,
  unexplained: [],
  putRight: `the reason of ${words}`,
});

const answer = (more: object = {}) =>
  ({
    causes: [
      cause("C01", "shear pin sheared", 0.62, [
        { id: "S01", says: "output does not turn", decibans: 9 },
        { id: "S12", says: "bright metal in the oil", decibans: -4 },
        { id: "S05", says: "a growl", decibans: 0.2 },
      ]),
      cause("C02", "key sheared", 0.2),
      cause("C03", "worm wheel stripped", 0.1),
      cause("C04", "tooth broken out", 0.06),
      cause("C05", "fork bent", 0.004),
    ],
    entropyBits: 2,
    next: [
      {
        id: "T02",
        test: "draw the shear pin: cut",
        minutes: 4,
        gainBits: 1,
        bitsAMinute: 0.25,
        checks: ["SHP-1"],
      },
      { id: "T14", test: "shift by hand", minutes: 20, gainBits: 1, bitsAMinute: 0.05, checks: [] },
    ],
    isEnough: false,
    notes: ["Think of two faults."],
    sentence: "Most likely, by judgement: shear pin sheared (62 %).",
    ...more,
  }) as unknown as Diagnosis;

const answersOf = (one: Sent | undefined) => (one?.body as { answers?: object } | undefined)?.answers ?? {};

describe("what it may be", () => {
  beforeEach(() => localStorage.clear());
  const open = (diagnosis: Diagnosis, signed = false) => {
    const view = job([], { plan: { checks: [{ check: "SHP-1" }] } as never });
    if (signed) {
      view.job.signedAt = "2026-11-21T08:00:00Z";
    }
    sent = serverThatAnswers({
      [`/api/jobs/${view.job.number}/diagnosis`]: {
        diagnosis,
        signs: [
          { id: "S01", words: "output does not turn", present: true },
          { id: "S12", words: "bright metal in the oil", present: false },
        ],
        given: {
          version: 3,
          answers: { S12: false, T09: true },
          isStated: false,
          isFound: false,
          cause: "",
          words: "",
        },
        here: { C01: 2 },
      },
      "PUT anywhere": view,
    });
    show(<Causes view={view} ends />);
  };
  let sent: Sent[] = [];

  it("ranks the causes with what speaks for and against each", async () => {
    open(answer());
    const list = await screen.findByRole("list", { name: "Causes, likeliest first" });
    const [first, ...others] = within(list).getAllByRole("listitem");
    expect(first).toHaveTextContent("shear pin sheared 62 %");
    expect(first).toHaveTextContent("For: output does not turn.");
    expect(first).toHaveTextContent("Against: bright metal in the oil.");
    expect(first).not.toHaveTextContent("growl");
    expect(first).toHaveTextContent("Put right with it: the reason of shear pin sheared.");
    expect(others).toHaveLength(3);
    expect(screen.getByText("Think of two faults.")).toBeVisible();
    expect(screen.getByText("by judgement, one fault at a time")).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "All 5 that are thought of" }));
    expect(within(list).getByText("under 1 %")).toBeVisible();
  });

  it("says which look tells the most, and where it is made", async () => {
    open(answer());
    const next = await screen.findByRole("list", { name: "What to look at next" });
    expect(within(next).getAllByRole("listitem")[0]).toHaveTextContent(
      "draw the shear pin: cut, 4 min · SHP-1 at Inspect",
    );
    expect(next).not.toHaveTextContent("SHP-2");
    expect(within(next).getByRole("link")).toHaveAttribute("href", expect.stringMatching(/inspect$/));
  });

  it("asks for no further look when none tells more", async () => {
    open(answer({ isEnough: true }));
    await screen.findByRole("list", { name: "Causes, likeliest first" });
    expect(screen.queryByText("What tells the most for its minutes")).toBeNull();
  });

  it("ranks nothing while nothing is known, and guesses nothing about a signed job", async () => {
    open(answer({ causes: [cause("C01", "shear pin sheared", 0.1)], sentence: "Nothing is known yet." }));
    expect(await screen.findByText("Nothing is known yet.")).toBeVisible();
    expect(screen.queryByRole("list")).toBeNull();
  });

  it("guesses nothing about a signed job", () => {
    open(answer(), true);
    expect(screen.queryByRole("region", { name: "What it may be" })).toBeNull();
  });

  it("is answered by hand: a quick look, a sign, and what was answered is taken back", async () => {
    open(answer());
    const look = await screen.findByRole("group", { name: "Answer: shift by hand" });
    await userEvent.click(within(look).getByRole("button", { name: "It is not" }));
    expect(sent[0]).toMatchObject({
      method: "PUT",
      body: { version: 3, answers: { S12: false, T09: true, T14: false } },
    });
    await userEvent.click(screen.getByRole("button", { name: /Signs that are there.*2 answered by hand/ }));
    const turns = screen.getByRole("group", { name: "output does not turn" });
    expect(within(turns).getByRole("button", { name: "there" })).toHaveAttribute("aria-pressed", "true");
    await userEvent.click(within(turns).getByRole("button", { name: "not there" }));
    expect(sent[1]?.body).toMatchObject({ answers: { S01: false } });
    const metal = screen.getByRole("group", { name: "bright metal in the oil" });
    await userEvent.click(within(metal).getByRole("button", { name: "not there" }));
    expect(answersOf(sent[2])).not.toHaveProperty("S12");
    await userEvent.click(screen.getByRole("button", { name: "Take it back" }));
    expect(answersOf(sent[3])).not.toHaveProperty("T09");
  });

  it("is stated in the end: by name, in words, or as not found", async () => {
    open(answer());
    const form = within(await screen.findByRole("form", { name: "What it really was" }));
    const button = form.getByRole("button", { name: "State it" });
    expect(button).toBeDisabled();
    await userEvent.selectOptions(form.getByLabelText("What it really was"), "C02");
    await userEvent.click(button);
    expect(sent[0]?.body).toMatchObject({ isStated: true, isFound: true, cause: "C02" });
    await userEvent.selectOptions(form.getByLabelText("What it really was"), "something else, in words");
    expect(button).toBeDisabled();
    await userEvent.type(form.getByLabelText("In words"), "a rag was left in it");
    await userEvent.click(button);
    expect(sent[1]?.body).toMatchObject({ isFound: true, cause: "", words: "a rag was left in it" });
    await userEvent.selectOptions(form.getByLabelText("What it really was"), "it was not found");
    await userEvent.click(button);
    expect(sent[2]?.body).toMatchObject({ isStated: true, isFound: false, cause: "" });
  });

  it("says how often it was it in this shop", async () => {
    open(answer());
    expect(await screen.findByText(/Here it was it 2 times/)).toBeVisible();
  });
});
