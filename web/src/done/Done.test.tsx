// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import type { DoneView } from "../api/types";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { DoneAfter, PutBack } from ".";

const done = (id: string, line: string, more: Partial<DoneView> = {}, back = false): DoneView => ({
  id,
  given: { act: "DISCONNECT", line, back, version: 4 },
  act: "disconnected",
  mirror: "connect it again as it was",
  by: "Tomás Vega",
  at: "2026-11-02T09:00:00Z",
  ...more,
});

describe("what was done beside taking parts off", () => {
  let sent: Sent[] = [];
  const view = {
    ...job([]),
    done: [
      done("a", "battery lead off"),
      done("b", "washed in spirit", { act: "cleaned", mirror: "" }),
      done("c", "hose off", {}, true),
    ],
  };
  beforeEach(() => {
    sent = serverThatAnswers({});
  });

  it("stands in the log with who did it and what undoes it", async () => {
    show(
      <ul>
        <DoneAfter view={view} after={undefined} />
      </ul>,
    );
    const rows = screen.getAllByRole("listitem");
    expect(rows).toHaveLength(3);
    expect(rows[2]).toHaveTextContent("disconnected battery lead off");
    expect(rows[2]).toHaveTextContent("before it leaves: connect it again as it was");
    expect(rows[1]).not.toHaveTextContent("before it leaves");
    expect(rows[0]).toHaveTextContent("put back");
    await userEvent.click(screen.getAllByRole("button", { name: "Take it back" })[2] as HTMLElement);
    expect(sent[0]).toMatchObject({ method: "DELETE", path: expect.stringContaining("/done/a?version=4") });
  });

  it("belongs after its step and nowhere else", () => {
    const { container } = show(<DoneAfter view={view} after="some-step" />);
    expect(container.querySelector("li")).toBeNull();
  });

  it("is ticked off before the unit leaves, where something has to be undone", async () => {
    show(<PutBack view={view} />);
    expect(screen.getByText("1 open")).toBeVisible();
    expect(screen.getAllByRole("checkbox")).toHaveLength(2);
    expect(screen.getByRole("checkbox", { name: /hose off/ })).toBeChecked();
    await userEvent.click(
      screen.getByRole("checkbox", { name: "battery lead off: connect it again as it was" }),
    );
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: expect.stringContaining("/done/a"),
      body: { act: "DISCONNECT", line: "battery lead off", back: true, version: 4 },
    });
  });

  it("shows nothing where nothing has to be put back", () => {
    const { container } = show(<PutBack view={{ ...job([]), done: [done("b", "swept", { mirror: "" })] }} />);
    expect(container.querySelector("section")).toBeNull();
  });
});
