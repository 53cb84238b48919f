// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { JobView } from "../api/types";
import { job, serverThatAnswers, show } from "../test-data/bench";
import { SetStation } from "./SetStation";

const lash = (mean: number, verdict: string, zone: string) => ({
  given: { station: "SET", kind: "BACKLASH", stage: 1, member: "WHEEL", readings: [] },
  result: { verdict, zone, sentence: "", backlash: { mean: { circumferentialMm: mean } } },
});

const BEVEL = {
  name: "bevel-backlash",
  title: "Backlash of a bevel pair",
  purpose: "Read at the heel.",
  section: "Backlash and play",
  takes: "DIAL",
  fields: [
    {
      name: "wheelTeeth",
      label: "Teeth of the wheel",
      group: "The pair",
      kind: "COUNT",
      units: [],
      start: "",
      optional: false,
      hint: "",
      choices: [],
    },
  ],
  folded: [],
  checks: [],
  steps: [],
  isRule: false,
  examples: [],
};

const PACK = {
  ...BEVEL,
  name: "shim-pack",
  title: "Shims from the shelf",
  purpose: "Fewest pieces.",
  steps: ["S-02"],
};

const worn = {
  stage: 1,
  words: "stage 1, z 20/40",
  before: lash(0.42, "CLEAR_FAIL", "BEYOND"),
  after: lash(0.31, "CLEAR_PASS", "WATCH"),
  change: "0.110 mm less, a real change",
};

describe("Set", () => {
  beforeEach(() => {
    localStorage.clear();
    serverThatAnswers({
      "/api/shims": [],
      "/api/checks": [],
      "/api/drawers": [BEVEL, PACK],
      "/api/instruments": [],
    });
  });

  const open = (view: JobView) => show(<SetStation view={view} chosen={undefined} onChoose={vi.fn()} />);

  it("shows a mesh as found beside what it is now, and never a worn one as a bare pass", () => {
    const signed = job([], { meshes: [worn] as never });
    signed.job.signedAt = "2026-11-21T08:00:00Z";
    open(signed);
    const table = screen.getByRole("region", { name: "Before and after" });
    expect(within(table).getByText(/0.420 mm/)).toBeVisible();
    expect(within(table).getByText("Clear fail")).toBeVisible();
    expect(within(table).getByText("Worn but usable")).toBeVisible();
    expect(within(table).queryByText("Clear pass")).toBeNull();
    expect(within(table).getByText("0.110 mm less, a real change")).toBeVisible();
  });

  it("says of a mesh that nobody measured that it was not measured", () => {
    const signed = job([], { meshes: [{ stage: 1, words: "stage 1, z 20/40" }] as never });
    signed.job.signedAt = "2026-11-21T08:00:00Z";
    open(signed);
    const table = screen.getByRole("region", { name: "Before and after" });
    expect(within(table).getAllByText("not measured")).toHaveLength(2);
  });

  it("offers a mesh of another kind with the drawer that measures it", async () => {
    const others = [
      { stage: 2, words: "bevel z 16/32", drawer: "bevel-backlash", before: true, after: false },
    ];
    open(job([], { otherMeshes: others }));
    expect(screen.queryByRole("region", { name: "Before and after" })).toBeNull();
    const mesh = screen.getByRole("button", { name: "Backlash, stage 2, bevel z 16/32 to measure" });
    await userEvent.click(mesh);
    expect(await screen.findByText("Read at the heel.")).toBeVisible();
    expect(screen.getByLabelText("Measure or work out")).toHaveValue("bevel-backlash");
  });

  it("says why what was measured no longer counts, and shows it all the same", () => {
    const told = "shim 0.15 (6) was changed after it was measured: measure again";
    const mesh = { ...worn, stale: told };
    const view = job([], { meshes: [mesh] as never });
    view.job.signedAt = "2026-11-21T08:00:00Z";
    open(view);
    const table = screen.getByRole("region", { name: "Before and after" });
    expect(within(table).getByText(`${told}.`)).toBeVisible();
    expect(within(table).getByText(/0.310 mm/)).toBeVisible();
    expect(screen.getByRole("button", { name: "Backlash, stage 1 measure again" })).toBeVisible();
  });

  it("says when it was measured after the rebuild", () => {
    const others = [
      { stage: 2, words: "bevel z 16/32", drawer: "bevel-backlash", before: false, after: true },
    ];
    open(job([], { otherMeshes: others }));
    expect(screen.getByRole("button", { name: "Backlash, stage 2, bevel z 16/32 measured" })).toBeVisible();
  });

  it("offers at a step the drawers that work something out for it", async () => {
    const line = (id: string, what: string) => ({
      id,
      what,
      state: "OPEN",
      says: "",
      target: "",
      doneWhen: "",
      limit: "",
      after: [],
      moves: [],
      tries: [],
      unit: "",
      by: "YES",
      source: "common practice, no source",
      caution: "",
      measured: "",
      nobody: true,
    });
    const procedure = {
      setting: [line("S-01", "faces clean"), line("S-02", "float of the pinion")],
      acceptance: [],
    };
    open(job([], { procedure: procedure as never }));
    expect(screen.queryByRole("button", { name: "Shims from the shelf" })).toBeNull();
    await userEvent.click(screen.getByRole("button", { name: /float of the pinion/ }));
    await userEvent.click(await screen.findByRole("button", { name: "Shims from the shelf" }));
    expect(await screen.findByText("Fewest pieces.")).toBeVisible();
    expect(screen.getByLabelText("Measure or work out")).toHaveValue("shim-pack");
    expect(screen.getByLabelText(/What it is about/)).toHaveValue("");
  });
});
