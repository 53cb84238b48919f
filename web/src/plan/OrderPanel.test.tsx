// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import type { JobView } from "../api/types";
import { job, part, serverThatAnswers, show } from "../test-data/bench";
import { OrderPanel } from "./OrderPanel";

const mm = (text: string) => ({ text, unit: "mm" });

const OPENING = { name: "side hole", shape: "ROUND", width: mm("80"), closedBy: "side cover", faces: "LEFT" };

const KINDS: Record<string, { kind: string; shaft: number; detail?: unknown }> = {
  "side cover": { kind: "COVER", shaft: 1 },
  "feed shaft": {
    kind: "SHAFT",
    shaft: 1,
    detail: {
      tool: "press",
      envelope: {
        shape: "ROUND",
        steps: [
          { diameter: mm("30"), length: mm("60") },
          { diameter: mm("58"), length: mm("20") },
        ],
      },
    },
  },
  hub: { kind: "GEAR", shaft: 1, detail: { tray: "C" } },
};

const names = Object.keys(KINDS);

/** A feed box: a cover, a shaft of two steps, a hub. */
const feedBox = (more: Partial<JobView> = {}) => {
  const view = job(names.map((name, i) => part(i + 1, name)));
  const item = (name: string, i: number) => ({
    stepId: `step-${i + 1}`,
    number: i + 1,
    part: name,
    now: "ON_BENCH",
  });
  return {
    ...view,
    unit: {
      ...view.unit,
      version: 4,
      shafts: ["feed shaft"],
      layout: { axes: [], openings: [OPENING] },
    },
    stack: { shafts: [{ name: "feed", items: names.map(item) }], meetings: [], housing: [] },
    steps: view.steps.map((s) => ({
      ...s,
      inWords: s.given.part,
      given: { ...s.given, ...KINDS[s.given.part] },
    })),
    statements: [],
    follows: [],
    asks: [],
    ...more,
  } as unknown as JobView;
};

const picture = () => within(screen.getByRole("region", { name: "The case and its openings" }));

describe("what blocks what, on the picture", () => {
  it("shows each opening in its wall, with what closes it, and the steps of a shaft", () => {
    serverThatAnswers({});
    show(<OrderPanel view={feedBox()} />);
    expect(
      within(picture().getByRole("group", { name: "left wall" })).getByText("closed by side cover"),
    ).toBeVisible();
    expect(picture().getByRole("img", { name: "Steps of the feed shaft" })).toBeVisible();
    expect(screen.getByText(/tap a shaft \(feed shaft\) and say its steps/)).toBeVisible();
  });

  it("adds an opening in the wall that was tapped, closed by a part that is chosen", async () => {
    const sent = serverThatAnswers({});
    show(<OrderPanel view={feedBox()} />);
    await userEvent.click(screen.getByRole("button", { name: "+ opening, top" }));
    const form = within(screen.getByRole("form", { name: "New opening" }));
    await userEvent.type(form.getByLabelText("Opening"), "top opening");
    await userEvent.selectOptions(form.getByLabelText("Shape"), "rectangular");
    await userEvent.type(form.getByLabelText("Width"), "40");
    await userEvent.type(form.getByLabelText("Height"), "110");
    await userEvent.type(form.getByLabelText("Free depth behind it"), "130");
    expect(form.getByLabelText("Closed by").tagName).toBe("SELECT");
    await userEvent.selectOptions(form.getByLabelText("Closed by"), "side cover");
    await userEvent.click(form.getByRole("button", { name: "Add the opening" }));
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: "/api/jobs/31/layout",
      body: {
        version: 4,
        layout: {
          openings: [
            OPENING,
            {
              name: "top opening",
              shape: "RECTANGLE",
              width: mm("40"),
              height: mm("110"),
              closedBy: "side cover",
              faces: "TOP",
              depth: mm("130"),
            },
          ],
        },
      },
    });
  });

  it("corrects and removes an opening that is tapped", async () => {
    const sent = serverThatAnswers({});
    show(<OrderPanel view={feedBox()} />);
    await userEvent.click(picture().getByRole("button", { name: /^side hole/ }));
    const form = within(screen.getByRole("form", { name: "side hole" }));
    await userEvent.selectOptions(form.getByLabelText("Bore of one shaft"), "feed shaft");
    await userEvent.click(form.getByRole("button", { name: "Keep the opening" }));
    expect(sent[0]?.body).toMatchObject({ layout: { openings: [{ name: "side hole", shaft: 1 }] } });
    await userEvent.click(picture().getByRole("button", { name: /^side hole/ }));
    await userEvent.click(screen.getByRole("button", { name: "Remove it" }));
    expect(sent[1]?.body).toMatchObject({ layout: { openings: [] } });
  });

  it("keeps the size and bore of a hub with all else that is noted of it", async () => {
    const sent = serverThatAnswers({});
    show(<OrderPanel view={feedBox()} />);
    await userEvent.click(picture().getByRole("button", { name: "3 hub" }));
    const form = within(screen.getByRole("form", { name: "Sizes of hub" }));
    await userEvent.selectOptions(form.getByLabelText("Shape"), "round");
    await userEvent.type(form.getByLabelText("Largest diameter"), "96");
    await userEvent.type(form.getByLabelText("Length"), "28");
    await userEvent.type(form.getByLabelText("Bore"), "30");
    await userEvent.selectOptions(form.getByLabelText("Sits on the feed shaft"), "step 1: Ø30 mm");
    await userEvent.click(form.getByLabelText("side hole"));
    await userEvent.click(form.getByRole("button", { name: "Keep the sizes" }));
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: "/api/jobs/31/steps/step-3",
      body: {
        part: "hub",
        version: 3,
        detail: {
          tray: "C",
          envelope: { shape: "ROUND", width: mm("96"), length: mm("28") },
          bore: mm("30"),
          seat: 1,
          leavesBy: ["side hole"],
        },
      },
    });
  });

  it("takes the steps of a shaft, one more and one less", async () => {
    const sent = serverThatAnswers({});
    show(<OrderPanel view={feedBox()} />);
    await userEvent.click(picture().getByRole("button", { name: "2 feed shaft" }));
    await userEvent.click(screen.getByRole("button", { name: "One step more" }));
    await userEvent.type(screen.getByLabelText("Diameter of step 3"), "25");
    await userEvent.type(screen.getByLabelText("Length of step 3"), "40");
    expect(screen.queryByLabelText("Inner wall at step 3, bore")).toBeNull();
    await userEvent.click(screen.getByLabelText("It runs in an inner wall of the case"));
    await userEvent.type(screen.getByLabelText("Inner wall at step 3, bore"), "42");
    await userEvent.click(screen.getByRole("button", { name: "One step more" }));
    await userEvent.click(screen.getByRole("button", { name: "One step less" }));
    await userEvent.click(screen.getByRole("button", { name: "Keep the sizes" }));
    expect(sent[0]?.body).toMatchObject({
      detail: {
        tool: "press",
        envelope: {
          shape: "ROUND",
          steps: [
            { diameter: mm("30"), length: mm("60") },
            { diameter: mm("58"), length: mm("20") },
            { diameter: mm("25"), length: mm("40"), wallBore: mm("42") },
          ],
        },
      },
    });
  });

  it("forgets the bore of a wall that was taken back", async () => {
    const sent = serverThatAnswers({});
    show(<OrderPanel view={feedBox()} />);
    await userEvent.click(picture().getByRole("button", { name: "2 feed shaft" }));
    await userEvent.click(screen.getByLabelText("It runs in an inner wall of the case"));
    await userEvent.type(screen.getByLabelText("Inner wall at step 1, bore"), "42");
    await userEvent.click(screen.getByLabelText("It runs in an inner wall of the case"));
    await userEvent.click(screen.getByRole("button", { name: "Keep the sizes" }));
    expect(sent[0]?.body).toHaveProperty("detail.envelope.steps", [
      { diameter: mm("30"), length: mm("60") },
      { diameter: mm("58"), length: mm("20") },
    ]);
  });

  it("draws the inner wall in which a step runs", () => {
    serverThatAnswers({});
    const shown = show(<OrderPanel view={feedBox()} />);
    expect(picture().getByRole("img", { name: "Steps of the feed shaft" })).toBeVisible();
    const walled = structuredClone(feedBox());
    const [first] = walled.steps[1]?.given.detail?.envelope?.steps ?? [];
    if (first) {
      first.wallBore = mm("40");
    }
    shown.again(<OrderPanel view={walled} />);
    expect(picture().getByRole("img", { name: "Steps of the feed shaft, in inner walls" })).toBeVisible();
  });

  it("tells a row in between that nobody filled at its place, and drops those at the end", async () => {
    const sent = serverThatAnswers({});
    show(<OrderPanel view={feedBox()} />);
    await userEvent.click(picture().getByRole("button", { name: "2 feed shaft" }));
    await userEvent.clear(screen.getByLabelText("Diameter of step 1"));
    await userEvent.clear(screen.getByLabelText("Length of step 1"));
    await userEvent.click(screen.getByRole("button", { name: "One step more" }));
    await userEvent.click(screen.getByRole("button", { name: "Keep the sizes" }));
    expect(sent[0]?.body).toHaveProperty("detail.envelope.steps", [
      { diameter: mm(""), length: mm("") },
      { diameter: mm("58"), length: mm("20") },
    ]);
  });

  it("keeps over the version that was seen, whoever kept meanwhile", async () => {
    const sent = serverThatAnswers({});
    const shown = show(<OrderPanel view={feedBox()} />);
    await userEvent.click(picture().getByRole("button", { name: "3 hub" }));
    const later = feedBox();
    shown.again(
      <OrderPanel
        view={{ ...later, steps: later.steps.map((s) => ({ ...s, given: { ...s.given, version: 9 } })) }}
      />,
    );
    await userEvent.type(screen.getByLabelText("Bore"), "30");
    await userEvent.click(screen.getByRole("button", { name: "Keep the sizes" }));
    expect(sent[0]?.body).toMatchObject({ version: 3, detail: { bore: mm("30") } });
    expect(screen.queryByRole("form", { name: "Sizes of hub" })).toBeNull();
  });

  it("asks in words which of two tapped parts is off first", async () => {
    const sent = serverThatAnswers({});
    show(<OrderPanel view={feedBox()} />);
    await userEvent.click(picture().getByRole("button", { name: "3 hub" }));
    await userEvent.click(picture().getByRole("button", { name: "2 feed shaft" }));
    await userEvent.click(screen.getByRole("button", { name: "Say it" }));
    expect(screen.getByText("Choose one of the sentences.")).toBeVisible();
    await userEvent.click(screen.getByLabelText("feed shaft must be off before hub"));
    await userEvent.type(screen.getByLabelText("Because"), "it is drawn out of it");
    await userEvent.click(screen.getByRole("button", { name: "Say it" }));
    expect(sent[0]?.body).toEqual({
      kind: "MUST",
      first: "step-2",
      // biome-ignore lint/suspicious/noThenProperty: what comes after is called so in the API
      then: "step-3",
      reason: "it is drawn out of it",
    });
  });

  it("wants the other part of an either-way before it is said", async () => {
    const sent = serverThatAnswers({});
    show(<OrderPanel view={feedBox()} />);
    await userEvent.click(picture().getByRole("button", { name: "3 hub" }));
    await userEvent.click(picture().getByRole("button", { name: "2 feed shaft" }));
    await userEvent.click(screen.getByLabelText(/^feed shaft comes off when hub is off, or when another/));
    await userEvent.click(screen.getByRole("button", { name: "Say it" }));
    expect(screen.getByText("Choose the other part that opens the way.")).toBeVisible();
    await userEvent.selectOptions(screen.getByLabelText("the other part that opens the way"), "1 side cover");
    await userEvent.type(screen.getByLabelText("Because"), "both ends are open");
    await userEvent.click(screen.getByRole("button", { name: "Say it" }));
    expect(sent[0]?.body).toMatchObject({ kind: "EITHER", first: "step-3", orElse: "step-1" });
  });

  it("tells what follows, what is missing, and what was said without effect", () => {
    serverThatAnswers({});
    show(
      <OrderPanel
        view={feedBox({
          follows: ["Hub goes in before the feed shaft: it does not pass."],
          asks: ["Measure the bore of the hub."],
          statements: [
            {
              id: "x",
              says: "The order does not matter.",
              saidBy: "Aitana Luna",
              remark: "It changes nothing.",
            },
          ] as never,
        })}
      />,
    );
    expect(screen.getByText("Hub goes in before the feed shaft: it does not pass.")).toBeVisible();
    expect(screen.getByText("Measure the bore of the hub.")).toBeVisible();
    expect(screen.getByText("It changes nothing.")).toBeVisible();
  });
});
