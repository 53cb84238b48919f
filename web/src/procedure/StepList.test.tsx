// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { StepLine } from "../api/types";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { StepList } from "./StepList";
import { labelOf, nextStep, unitsOf } from "./step.model";

const step = (id: string, more: Partial<StepLine> = {}): StepLine => ({
  id,
  at: "PROVE",
  what: `what of ${id}`,
  after: [],
  target: "",
  doneWhen: "",
  by: "YES",
  measured: "",
  unit: "",
  limit: "",
  nobody: true,
  state: "OPEN",
  verdict: "NOT_JUDGED",
  says: "",
  stale: false,
  source: "common practice, no source",
  caution: "",
  moves: [],
  tries: [],
  ...more,
});

const SINK = step("P-19", {
  by: "VALUE",
  measured: "sunk",
  unit: "mm",
  most: 1,
  limit: "at most 1 mm",
  caution: "Nobody under the load.",
});

describe("a list of steps", () => {
  let sent: Sent[] = [];
  beforeEach(() => {
    localStorage.clear();
    sent = serverThatAnswers({});
  });
  const open = (lines: StepLine[], notAsked: string[] = []) =>
    show(<StepList view={job([])} title="Proved by" lines={lines} notAsked={notAsked} />);

  it("shows at a step what its drawers said at Set, and nothing of other drawers or stations", async () => {
    serverThatAnswers({
      "/api/drawers": [
        { name: "bearing-end-float", title: "End float", purpose: "", steps: ["S-02"] },
        { name: "alignment-belt", title: "Belt", purpose: "", steps: ["S-15"] },
      ],
    });
    const said = (id: string, drawer: string, station: string, sentence: string) => ({
      id,
      title: "End float",
      keptBy: "Tomás Vega",
      keptAt: "2026-11-28T08:00:00Z",
      given: { drawer, station, subject: "shims" },
      answer: { sentence },
    });
    const view = {
      ...job([]),
      answers: [
        said("a", "bearing-end-float", "SET", "Take out 0.07 mm."),
        said("b", "alignment-belt", "SET", "Too slack."),
        said("c", "bearing-end-float", "INSPECT", "As found 0.30 mm."),
      ],
    } as never;
    const onWork = vi.fn();
    show(<StepList view={view} title="Set" lines={[step("S-02", { at: "SET" })]} onWork={onWork} />);
    expect(await screen.findByRole("list", { name: "Worked out for it" })).toHaveTextContent(
      /^shims: Take out 0\.07 mm\./,
    );
    expect(screen.queryByText(/Too slack|As found/)).toBeNull();
    await userEvent.click(screen.getByRole("button", { name: "End float" }));
    expect(onWork).toHaveBeenCalledWith("bearing-end-float");
  });

  it("unfolds the first open step with its caution, its limit and who may sign without it", () => {
    open([step("P-02", { state: "PASSED", says: "done" }), SINK], ["hand winch: nothing heats"]);
    expect(screen.getByText("1 of 2 open")).toBeVisible();
    expect(screen.getByRole("button", { name: /what of P-19/ })).toHaveAttribute("aria-expanded", "true");
    expect(screen.getByText("Nobody under the load.")).toBeVisible();
    expect(screen.getByText("sunk at most 1 mm.", { exact: false })).toBeVisible();
    expect(screen.getByText(/Nobody signs without it/)).toBeVisible();
    expect(screen.getByText("Not asked, hand winch: nothing heats.")).toBeVisible();
  });

  it("says what may be moved, what that changes beside, and goes to the next move", async () => {
    const onMove = vi.fn();
    show(
      <StepList
        view={job([])}
        title="Set by"
        lines={[
          step("S-05", {
            at: "SET",
            moves: [
              {
                moved: "BEVEL_WHEEL",
                words: "bevel wheel along its shaft, out is plus",
                stage: 1,
                says: "0.1 mm gives 0.065 mm more backlash at the heel of stage 1",
                also: "the contact goes to the heel",
              },
            ],
          }),
          step("S-13", { at: "SET" }),
        ]}
        onMove={onMove}
      />,
    );
    await userEvent.click(screen.getByText("What to move for it, and what that changes beside"));
    expect(screen.getByText(/0.1 mm gives 0.065 mm more backlash/)).toBeVisible();
    expect(screen.getByText("Also: the contact goes to the heel.")).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Work out the next move" }));
    expect(onMove).toHaveBeenCalledOnce();
    await userEvent.click(screen.getByRole("button", { name: /what of S-13/ }));
    expect(screen.queryByText(/What to move for it/)).not.toBeInTheDocument();
  });

  it("keeps a reading in the unit it was taken in, and goes on", async () => {
    open([SINK, step("P-39", { nobody: false })]);
    await userEvent.selectOptions(screen.getByRole("combobox"), "in");
    await userEvent.type(screen.getByRole("textbox", { name: "sunk" }), "0.02{Enter}");
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: expect.stringMatching(/^\/api\/jobs\/31\/steps-of-procedure\/[0-9a-f-]{36}$/),
      body: { step: "P-19", result: "DONE", value: { text: "0.02", unit: "in" }, remark: "" },
    });
    expect(screen.getByRole("button", { name: /what of P-39/ })).toHaveAttribute("aria-expanded", "true");
    expect(screen.getByText(/A lead may sign without it/)).toBeVisible();
  });

  it.each([
    ["Done", "DONE"],
    ["Not as it should be", "FAILED"],
    ["Not possible here", "NOT_POSSIBLE"],
    ["Has none, or undisturbed", "NOT_FITTED"],
  ])("keeps “%s” as %s with its note", async (button, result) => {
    open([step("P-05")]);
    await userEvent.type(screen.getByRole("textbox", { name: "Note" }), "both speeds");
    await userEvent.click(screen.getByRole("button", { name: button }));
    expect(sent[0]?.body).toMatchObject({ step: "P-05", result, remark: "both speeds" });
    expect(sent[0]?.body.value).toBeUndefined();
  });

  it("keeps the maker’s limit beside the reading", async () => {
    open([SINK]);
    await userEvent.type(screen.getByRole("textbox", { name: "sunk" }), "1.5");
    await userEvent.click(screen.getByRole("button", { name: /the maker’s limit/ }));
    await userEvent.type(screen.getByRole("textbox", { name: "Good to ±" }), "0.1");
    await userEvent.type(screen.getByRole("textbox", { name: "Maker’s most" }), "2");
    await userEvent.click(screen.getByRole("button", { name: "Keep the reading" }));
    expect(sent[0]?.body).toMatchObject({
      value: { text: "1.5", unit: "mm" },
      uncertainty: { text: "0.1", unit: "mm" },
      most: { text: "2", unit: "mm" },
    });
  });

  it("shows every try with who made it, and takes one back", async () => {
    const tried = {
      id: "try-1",
      given: {
        version: 4,
        step: "P-19",
        result: "DONE",
        value: { text: "3", unit: "mm" },
        remark: "new rope",
      },
      by: "Ana",
      at: "2026-11-20T10:00:00Z",
    } as never;
    open([{ ...SINK, state: "FAILED", says: "3 mm: clear fail, at most 1 mm", tries: [tried] }]);
    await userEvent.click(screen.getByRole("button", { name: /3 mm: clear fail/ }));
    const tries = within(screen.getByRole("list", { name: "Tries" }));
    expect(tries.getByText("new rope")).toBeVisible();
    await userEvent.click(tries.getByRole("button", { name: "Take it back" }));
    expect(sent[0]).toMatchObject({
      method: "DELETE",
      path: "/api/jobs/31/steps-of-procedure/try-1?version=4",
    });
  });

  it("asks for what is counted too", async () => {
    open([step("P-09", { by: "VALUE", measured: "drops", most: 0 })]);
    await userEvent.type(screen.getByRole("textbox", { name: "drops" }), "0");
    await userEvent.click(screen.getByRole("button", { name: "Keep the reading" }));
    expect(sent[0]?.body).toMatchObject({ step: "P-09", value: { text: "0", unit: "" } });
  });

  it("sends to where a run or a backlash is measured", () => {
    open([step("P-12", { by: "RUN" })]);
    expect(screen.getByText(/temperatures of the run/)).toBeVisible();
    expect(screen.queryByRole("button", { name: "Done" })).toBeNull();
  });
});

describe("a step", () => {
  it("says the unit where there is none to choose", () => {
    expect(labelOf(step("P-15", { measured: "velocity", unit: "mm/s" }))).toBe("velocity, mm/s");
    expect(labelOf(SINK)).toBe("sunk");
    expect(labelOf(step("P-09", { measured: "drops" }))).toBe("drops");
    expect(labelOf(step("S-02", { unit: "mm" }))).toBe("Reading");
  });

  it("is read in the units of its tool", () => {
    expect(unitsOf(SINK)).toEqual(["mm", "in", "thou"]);
    expect(unitsOf(step("P-03", { unit: "N·m" }))).toContain("lbf·in");
    expect(unitsOf(step("P-18", { unit: "misses" }))).toEqual([""]);
  });

  it("comes after those it depends on", () => {
    const lines = [step("S-05", { after: ["S-02"] }), step("S-02"), step("S-16", { after: ["S-99"] })];
    expect(nextStep(lines)?.id).toBe("S-02");
    expect(nextStep([step("S-05", { after: ["S-02"] }), step("S-02", { state: "PASSED" })])?.id).toBe("S-05");
    expect(nextStep([step("S-16", { after: ["S-99"] })])?.id).toBe("S-16");
    expect(nextStep([step("S-01", { state: "NOT_NEEDED" })])).toBeUndefined();
  });
});
