// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import { job, part, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { PlanPanel } from "./PlanPanel";

const BEFORE = {
  first: "spring",
  // biome-ignore lint/suspicious/noThenProperty: what comes after is called so in the API
  then: "plug",
  reason: "detent spring goes out by the inspection hole, which the inspection plug closes",
  origin: "PASSAGE",
};

const sequence = (order: string[], minutes: number) => ({
  order,
  minutes,
  boundMinutes: minutes - 1,
  isExact: false,
  changes: { tools: 2, flips: 1, moves: 0 },
});

const PLAN = {
  planned: sequence(["spring", "plug"], 14),
  withTwo: {
    turns: [
      {
        task: "spring",
        first: true,
        second: false,
        from: 3,
        to: 7,
        changing: 3,
        changes: ["unit left side up", "pliers"],
      },
      { task: "plug", first: false, second: true, from: 7, to: 9, changing: 0, changes: [] },
    ],
    waits: [{ first: false, from: 0, to: 7, what: "detent spring" }],
    minutes: 9,
    boundMinutes: 9,
    isExact: true,
    criticalPath: ["spring", "plug"],
    criticalMinutes: 6,
  },
  relaxations: [],
  others: [],
  befores: [],
  choices: [],
  why: [
    { task: "spring", earliest: 1, latest: 1, before: BEFORE, saves: 0 },
    { task: "plug", earliest: 1, latest: 2, saves: 0 },
  ],
  trapped: {},
  asks: [],
  isFinished: true,
};

describe("the order of the rebuild", () => {
  let sent: Sent[] = [];
  const parts = [part(1, "plug", { stepId: "plug" }), part(2, "spring", { stepId: "spring" })];
  const open = (plan: object) => {
    sent = serverThatAnswers({ "/api/jobs/31/plan": { standing: "DONE", plan } });
    show(<PlanPanel view={job(parts)} />);
  };
  beforeEach(() => {
    sent = [];
  });

  it("says for each step why it stands there", async () => {
    open(PLAN);
    const order = within(await screen.findByRole("list", { name: "Planned order" }));
    const [spring] = order.getAllByRole("listitem");
    const plug = order.getAllByRole("listitem").at(-1);
    await userEvent.click(within(spring as HTMLElement).getByText("why here"));
    expect(spring).toHaveTextContent(/which the inspection plug closes/);
    expect(plug).toHaveTextContent("nothing holds it here");
  });

  it("tells the strip turned round from a plan where an opening forbids it", async () => {
    open(PLAN);
    expect(await screen.findByText("a constraint forbids it")).toBeVisible();
    expect(screen.getByText(/cannot be under 13 min/)).toBeVisible();
  });

  it("tells line by line what each of two does, changes and waits for", async () => {
    open(PLAN);
    await userEvent.click(await screen.findByText("The first mechanic, line by line"));
    expect(
      within(screen.getByRole("list", { name: "What the first mechanic does" })).getAllByRole("listitem"),
    ).toHaveLength(1);
    expect(screen.getByText("unit left side up · pliers")).toBeVisible();
    await userEvent.click(screen.getByText("The second mechanic, line by line"));
    const second = within(screen.getByRole("list", { name: "What the second mechanic does" }));
    expect(second.getAllByRole("listitem")[0]).toHaveTextContent("minute 0: waits 7 min for detent spring");
  });

  it("names a part that passes no opening on record", async () => {
    open({ ...PLAN, trapped: { spring: "spring, Ø30 × 40, passes no opening on record (hole (Ø20))." } });
    expect(await screen.findByText(/passes no opening on record/)).toBeVisible();
  });

  it("tells what each thing of a contradiction would free", async () => {
    const { planned, withTwo, ...rest } = PLAN;
    open({
      ...rest,
      contradiction: { says: "These 3 statements contradict each other.", cycle: [], frees: [], freeing: [] },
      relaxations: [
        { givenUp: "“plug” comes off before “spring” (said)", minutes: 14.5, next: "" },
        {
          givenUp: "“spring” comes off before “plug” (log)",
          next: "These 2 statements contradict each other.",
        },
      ],
    });
    const [frees, not] = within(
      await screen.findByRole("list", { name: "What each of them would free" }),
    ).getAllByRole("listitem");
    expect(frees).toHaveTextContent(
      "An order of 14.5 min, were it not that “plug” comes off before “spring” (said).",
    );
    expect(not).toHaveTextContent(
      /^No order yet, were it not that .*These 2 statements contradict each other\.$/,
    );
    expect(screen.getByText("What is left when one of these is taken back or corrected:")).toBeVisible();
    expect(screen.getByText("These 3 statements contradict each other.")).toBeVisible();
  });

  it("does not tell again what the station tells above", async () => {
    const { planned, withTwo, ...rest } = PLAN;
    const says = "These 2 statements contradict each other.";
    sent = serverThatAnswers({
      "/api/jobs/31/plan": {
        standing: "DONE",
        plan: {
          ...rest,
          contradiction: { says, cycle: [], frees: [], freeing: [] },
          relaxations: [{ givenUp: "“plug” comes off before “spring” (said)", next: says }],
        },
      },
    });
    show(<PlanPanel view={{ ...job(parts), contradiction: says }} />);
    expect(await screen.findByText("No single statement frees it: more than one has to go.")).toBeVisible();
    expect(screen.getAllByText(says)).toHaveLength(1);
  });

  it("says that it is being worked out until it is", async () => {
    open(PLAN);
    expect(screen.getByText("Working out the order…")).toBeVisible();
    await screen.findByRole("list", { name: "Planned order" });
    expect(screen.queryByText("Working out the order…")).toBeNull();
  });

  it("keeps the planned order when it is chosen", async () => {
    open(PLAN);
    await userEvent.click(await screen.findByRole("button", { name: "Use the planned order" }));
    expect(sent.find((s) => s.method === "PUT")).toMatchObject({
      path: "/api/jobs/31/plan/order",
      body: { steps: ["spring", "plug"] },
    });
  });
});
