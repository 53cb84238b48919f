// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { JobView } from "../api/types";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { LayOut } from "./LayOut";

const line = (what: string, group: string, out: boolean): JobView["layOut"][number] => ({
  id: what,
  group,
  what,
  because: `for ${what}`,
  out,
  version: out ? 3 : undefined,
});

describe("what to lay out before the first screw", () => {
  let sent: Sent[] = [];
  const open = (more: Partial<JobView>) => {
    const view = {
      ...job([]),
      layOut: [line("hex 6", "tools and keys", false), line("oil seal", "spares that go in anyway", true)],
      ...more,
    };
    sent = serverThatAnswers({ "PUT anywhere": view });
    show(<LayOut view={view} />);
  };

  it("stands open while nothing came off, by groups, and is ticked with the version that was seen", async () => {
    open({ steps: [], done: [] });
    expect(screen.getByText("Lay out before the first screw: 1 of 2 ready")).toBeVisible();
    expect(screen.getByRole("group", { name: "tools and keys" })).toBeVisible();
    await userEvent.click(screen.getByRole("checkbox", { name: "hex 6" }));
    await userEvent.click(screen.getByRole("checkbox", { name: "oil seal" }));
    expect(sent.map((s) => s.body)).toEqual([
      { what: "hex 6", out: true },
      { version: 3, what: "oil seal", out: false },
    ]);
  });

  it("is folded once the strip has begun", () => {
    open({ done: [{ id: "d" } as never], steps: [] });
    expect(screen.getByRole("group", { hidden: true, name: "tools and keys" })).not.toBeVisible();
  });

  it("is not there where there is nothing to lay out", () => {
    open({ layOut: [] });
    expect(screen.queryByText(/Lay out before/)).toBeNull();
  });
});
