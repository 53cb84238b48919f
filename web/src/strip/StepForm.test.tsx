// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { StepForm } from "./StepForm";
import type { Kinds } from "./StepForm.model";

const KINDS: Kinds = [
  { kind: "COVER", words: "cover", singleUse: false, hint: "\\b(covers?)\\b" },
  { kind: "NUT", words: "nut", singleUse: false, hint: "\\b(nuts?)\\b" },
];

const VIEW = {
  ...job([]),
  unit: { shafts: ["input shaft"], stages: [], layout: { openings: [] } } as never,
};

describe("the fields of a step", () => {
  let sent: Sent[] = [];
  const onDone = vi.fn();
  beforeEach(() => {
    localStorage.clear();
    onDone.mockReset();
    sent = serverThatAnswers({
      "GET /api/ways-of-tightening": ["finger tight", "snug"],
      "PUT anywhere": job([]),
    });
    show(<StepForm view={VIEW} editing={undefined} kinds={KINDS} shut={false} onDone={onDone} />);
  });
  const type = (label: string | RegExp, text: string, at = 0) =>
    userEvent.type(screen.getAllByLabelText(label)[at] as HTMLElement, text);
  const body = () => sent.find((s) => s.method === "PUT")?.body as Record<string, never>;

  it("keeps several sets of screws, one of them by feel, and takes one out again", async () => {
    await type("What came off", "cover");
    await userEvent.click(screen.getByLabelText("Held by screws, a nut or studs"));
    await type("How many", "6");
    await type("Thread", "M8");
    await userEvent.click(screen.getByRole("button", { name: "Another set of screws on this part" }));
    expect(screen.getByRole("group", { name: "Set 2 of 2" })).toBeVisible();
    await type("How many", "2", 1);
    await type("Thread", "M10", 1);
    await type("How tight, without a figure", "snug", 1);
    await userEvent.click(screen.getByRole("button", { name: "Another set of screws on this part" }));
    await userEvent.click(
      within(screen.getByRole("group", { name: "Set 3 of 3" })).getByRole("button", {
        name: "Take this set out",
      }),
    );
    await userEvent.click(screen.getByRole("button", { name: /^Keep/ }));
    expect(body()).toMatchObject({
      part: "cover",
      kind: "COVER",
      fastening: { count: 6, thread: "M8" },
      detail: { alsoHeldBy: [{ count: 2, thread: "M10", byFeel: "snug" }] },
    });
    expect(onDone).toHaveBeenCalledWith(true);
  });

  it("asks how the screws stand from three on, and sends a frame as it was typed", async () => {
    await type("What came off", "cover");
    await userEvent.click(screen.getByLabelText("Held by screws, a nut or studs"));
    await type("How many", "2");
    expect(screen.queryByLabelText("The screws stand")).toBeNull();
    await userEvent.clear(screen.getByLabelText("How many"));
    await type("How many", "10");
    await type("Thread", "M8");
    await userEvent.selectOptions(
      screen.getByLabelText("The screws stand"),
      "round a frame: one row along each side",
    );
    await type("Screws along the top", "4");
    await type("Down a side, with the corners", "3");
    await type("From one to the next across", "60");
    await type("From one to the next down", "2,5");
    await userEvent.click(screen.getByRole("button", { name: /^Keep/ }));
    expect(body()).toMatchObject({
      detail: {
        screws: {
          arrangement: "FRAME",
          across: 4,
          up: 3,
          pitchAcross: { text: "60", unit: "mm" },
          pitchUp: { text: "2,5", unit: "mm" },
        },
      },
    });
  });

  it("takes the place of each screw that stands anywhere", async () => {
    await type("What came off", "cover");
    await userEvent.click(screen.getByLabelText("Held by screws, a nut or studs"));
    await type("How many", "3");
    await type("Thread", "M8");
    await userEvent.selectOptions(screen.getByLabelText("The screws stand"), "anywhere: measured one by one");
    await type("Screw 2, from the left", "40");
    await type("Screw 3, from below", "55");
    await userEvent.click(screen.getByRole("button", { name: /^Keep/ }));
    const places = (body() as unknown as { detail: { screws: { places: unknown[] } } }).detail.screws.places;
    expect(places).toHaveLength(3);
    expect(places[1]).toMatchObject({ across: { text: "40" }, up: { text: "" } });
    expect(places[2]).toMatchObject({ up: { text: "55" } });
  });

  it("asks what belongs there only where what came off does not go back", async () => {
    await type("What came off", "plain bolt");
    await userEvent.click(screen.getByText("Missing, wrong, or another part from now on"));
    expect(screen.queryByLabelText("What belongs there")).toBeNull();
    await userEvent.selectOptions(
      screen.getByLabelText("Does what came off go back?"),
      "no: it does not belong there",
    );
    await type("What belongs there", "shoulder bolt");
    await userEvent.selectOptions(screen.getByLabelText("Its kind"), "nut");
    await type("Why: the earlier repair, the kit", "somebody had none");
    await userEvent.click(screen.getByRole("button", { name: /^Keep/ }));
    expect(body()).toMatchObject({
      detail: {
        belongs: { standing: "WRONG", part: "shoulder bolt", kind: "NUT", because: "somebody had none" },
      },
    });
  });

  it("goes back to the line without keeping anything", async () => {
    await type("What came off", "cover");
    await userEvent.click(screen.getByRole("button", { name: "Back to the line" }));
    expect(onDone).toHaveBeenCalledWith(false);
    expect(body()).toBeUndefined();
    expect(localStorage.length).toBe(0);
  });
});
