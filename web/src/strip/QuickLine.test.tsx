// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { LineAnswer, StepRequest } from "../api/types";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { QuickLine } from "./QuickLine";

const step = (part: string, more: Partial<StepRequest> = {}): StepRequest => ({
  part,
  kind: "WASHER",
  count: 1,
  shaft: 1,
  side: "LEFT",
  wayRound: "",
  singleUse: false,
  tray: "",
  condition: "NOT_SAID",
  note: "",
  ...more,
});

const answer = (more: Partial<LineAnswer>): LineAnswer => ({
  act: "TAKE_OFF",
  says: "taken off",
  steps: [],
  pieces: [],
  carried: [],
  cautions: [],
  problems: [],
  ...more,
});

describe("one typed line", () => {
  let sent: Sent[] = [];
  const onCorrect = vi.fn();
  const onFields = vi.fn();
  const open = (read: LineAnswer) => {
    sent = serverThatAnswers({ "POST anywhere": read });
    show(
      <QuickLine
        view={job([])}
        shut={false}
        after={undefined}
        onCorrect={onCorrect}
        onFields={onFields}
        onKept={() => {}}
      />,
    );
    return screen.getByRole("textbox", { name: /^Quick line/ });
  };
  beforeEach(() => {
    localStorage.clear();
    onCorrect.mockReset();
  });

  it("shows every part it understood, with its kind, its count and what stays in words", async () => {
    const field = open(
      answer({
        steps: [
          step("tab washer", { kind: "TAB_WASHER", singleUse: true }),
          step("locknut", { kind: "NUT", count: 2, note: "some more" }),
        ],
        pieces: [{ words: "chamfer in", meaning: "which way round", from: 24 }],
        carried: ["tray B"],
        cautions: ["It flies when it comes free: eye protection."],
      }),
    );
    await userEvent.type(field, "tab washer and 2 locknuts, chamfer in");
    expect(await screen.findByText("tab washer", { selector: "small" })).toBeVisible();
    expect(screen.getByText(/2 × locknut/)).toBeVisible();
    expect(screen.getByText("In words: some more")).toBeVisible();
    expect(screen.getByText("tray B, as the step before")).toBeVisible();
    expect(screen.getByText("It flies when it comes free: eye protection.")).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: /Put the first into the form/ }));
    expect(onCorrect).toHaveBeenCalledWith(expect.objectContaining({ part: "tab washer" }));
  });

  it("says when no part came off, and lets the mechanic say that one did", async () => {
    const field = open(answer({ act: "DISCONNECT", says: "disconnected" }));
    await userEvent.type(field, "battery lead off");
    expect(await screen.findByText(/No part came off/)).toHaveTextContent("Kept in the log as: disconnected");
    await userEvent.click(screen.getByRole("button", { name: /It is a part that came off/ }));
    expect(onCorrect).toHaveBeenCalledWith(
      expect.objectContaining({ part: "battery lead off", kind: "OTHER", condition: "NOT_SAID" }),
    );
  });

  it("does not keep what has to be counted first, and keeps the words", async () => {
    const field = open(
      answer({
        steps: [step("springs")],
        problems: ["How many springs? Count them and say it: “3 springs”."],
      }),
    );
    await userEvent.type(field, "springs");
    expect(await screen.findByText(/How many springs/)).toBeVisible();
    expect(screen.getByRole("button", { name: "Keep line ↵" })).toBeDisabled();
    await userEvent.keyboard("{Enter}");
    expect(sent.filter((s) => s.method === "PUT")).toHaveLength(0);
    expect(field).toHaveValue("springs");
  });

  it("sends the line as it was typed", async () => {
    const field = open(answer({ steps: [step("cover")] }));
    await userEvent.type(field, "cover, tray A{Enter}");
    const kept = sent.filter((s) => s.method === "PUT");
    expect(kept).toHaveLength(1);
    expect(kept[0]?.path).toMatch(/\/steps\/[-0-9a-f]+\/line$/);
    expect(kept[0]?.body).toEqual({ line: "cover, tray A" });
    expect(field).toHaveValue("");
  });
});
