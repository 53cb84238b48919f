// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import type { PartOrder, PartsOfJob } from "../api/types";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { PartsToBuy } from "./PartsToBuy";

const none: PartsOfJob = {
  bill: { serial: "", lines: [], replacements: [] },
  diagram: [],
  toBuy: [],
  orders: [],
  otherMoney: [],
  grades: [
    { grade: "C", words: "all key sizes measured" },
    { grade: "D", words: "some sizes known" },
  ],
  money: { currency: "EUR", rateCents: 6000 },
  estimate: { hours: 0, workedHours: 0 },
  cost: { estimateCents: 0, actualCents: 0, overCents: 0, labourCents: 0, sentence: "Estimated 0.00." },
  approval: { mayOrder: true, isOverLimit: false, sentence: "" },
} as never;

const order = (more: Partial<PartOrder["given"]>, rest: Partial<PartOrder> = {}): PartOrder => ({
  id: "o1",
  given: { version: 2, name: "pawl", number: "SW-1040", quantity: 4, state: "WANTED", ...more },
  says: "",
  isAlternate: false,
  mayFit: true,
  isFromStores: false,
  keptBy: "Tomás Vega",
  keptAt: "2026-11-20T08:00:00Z",
  ...rest,
});

const over: PartsOfJob["approval"] = {
  mayOrder: false,
  isOverLimit: true,
  sentence: "The parts come to 148.00, more than 100.00: a lead approves them before they are ordered.",
};

const quote: NonNullable<PartOrder["quote"]> = {
  number: "SW-1040",
  standing: "OFFERED",
  name: "pawl",
  priceCents: 1250,
  currency: "EUR",
  stock: 24,
  leadDays: 3,
  replacedBy: [],
  contents: [],
  at: "2026-11-20T08:00:00Z",
};

describe("what a job buys", () => {
  let sent: Sent[] = [];
  const open = (parts: Partial<PartsOfJob>, role = "MECHANIC") => {
    sent = serverThatAnswers({
      "/api/jobs/31/parts": { ...none, ...parts },
      "/api/sign-in/me": { name: "Inés Roldán", role },
      "PUT anywhere": { ...none, ...parts },
      "POST anywhere": { ...none, ...parts },
    });
    show(<PartsToBuy view={job([])} />);
  };
  beforeEach(() => localStorage.clear());

  it("is empty while nothing is renewed, and says where numbers come from", async () => {
    open({});
    expect(await screen.findByText(/what is decided “renew” is listed here/)).toBeVisible();
    expect(screen.getByText(/no bill of parts/)).toBeVisible();
    expect(screen.queryByRole("button", { name: "Ask the supplier" })).toBeNull();
  });

  it("puts a renewed part on the list with the number of the bill", async () => {
    open({ toBuy: [{ stepId: "step-1", name: "pawl", quantity: 4, number: "SW-1040" }] });
    const list = await screen.findByRole("list", { name: "Renewed, and not on the list yet" });
    expect(within(list).getByRole("textbox", { name: "Part number of pawl" })).toHaveValue("SW-1040");
    await userEvent.click(within(list).getByRole("button", { name: "Put on the list" }));
    expect(sent[0]).toMatchObject({
      method: "PUT",
      body: { stepId: "step-1", name: "pawl", number: "SW-1040", quantity: 4, state: "WANTED" },
    });
  });

  it("asks for a number where the bill does not tell", async () => {
    open({ toBuy: [{ stepId: "step-1", name: "pawl", quantity: 4, number: "" }] });
    expect(await screen.findByRole("button", { name: "Put on the list" })).toBeDisabled();
  });

  it("shows what the supplier said and orders it", async () => {
    open({
      orders: [order({}, { quote, lineCents: 5000 })],
      choice: {
        sentence: "Buy 1 × SW-1042 for 52.00. Singly it would be 64.40.",
        packages: [{ number: "SW-1042", quantity: 1 }],
      } as never,
    });
    await userEvent.click(await screen.findByRole("button", { name: "Put the kit on the list instead" }));
    expect(sent.splice(0)[0]).toMatchObject({ method: "POST", path: "/api/jobs/31/parts/take-choice" });
    expect(await screen.findByText(/12\.50 EUR each, 50\.00 EUR together/)).toBeVisible();
    expect(screen.getByText(/24 in stock there/)).toBeVisible();
    expect(screen.getByText(/Buy 1 × SW-1042 for 52\.00/)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Order" }));
    expect(sent[0]).toMatchObject({
      path: "/api/jobs/31/parts/o1",
      body: { version: 2, state: "ORDERED", number: "SW-1040" },
    });
  });

  it("takes from stores what lies there, and only where it is enough", async () => {
    open({ orders: [order({}, { inStores: { pieces: 4, place: "drawer F3" } })] });
    expect(await screen.findByText("4 in stores, drawer F3")).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Take from stores" }));
    expect(sent[0]).toMatchObject({ method: "POST", path: "/api/jobs/31/parts/o1/from-stores?version=2" });
  });

  it("puts back what was taken by mistake", async () => {
    open({ orders: [order({ state: "RECEIVED" }, { isFromStores: true })] });
    await userEvent.click(await screen.findByRole("button", { name: "Put it back in stores" }));
    expect(sent[0]?.path).toBe("/api/jobs/31/parts/o1/back-to-stores?version=2");
  });

  it("asks how well another part than the maker's is known, and orders none that is known too little", async () => {
    const says = "X-1 is not the maker’s number for the pawl. Say how well it is known.";
    open({
      orders: [
        order(
          { number: "X-1" },
          { isAlternate: true, mayFit: false, says, quote, inStores: { pieces: 9, place: "F3" } },
        ),
      ],
    });
    expect(await screen.findByText(says)).toBeVisible();
    expect(screen.getByRole("button", { name: "Order" })).toBeDisabled();
    expect(screen.getByRole("button", { name: "Take from stores" })).toBeDisabled();
    await userEvent.selectOptions(screen.getByLabelText("How well it is known"), "C");
    expect(sent[0]).toMatchObject({ method: "PUT", body: { number: "X-1", known: "C", state: "WANTED" } });
  });

  it("asks nothing of the maker's own part", async () => {
    open({ orders: [order({}, { quote })] });
    expect(await screen.findByRole("button", { name: "Order" })).toBeEnabled();
    expect(screen.queryByLabelText("How well it is known")).toBeNull();
    expect(screen.queryByRole("button", { name: "Put it back in stores" })).toBeNull();
  });

  it("does not offer stores that hold too few", async () => {
    open({ orders: [order({}, { inStores: { pieces: 3, place: "drawer F3" } })] });
    expect(await screen.findByText("3 in stores, drawer F3")).toBeVisible();
    expect(screen.queryByRole("button", { name: "Take from stores" })).toBeNull();
  });

  it("cannot order what nobody quoted, but asks", async () => {
    open({ orders: [order({})] });
    await userEvent.click(await screen.findByRole("button", { name: "Ask the supplier" }));
    expect(sent[0]).toMatchObject({ method: "POST", path: "/api/jobs/31/parts/ask" });
    expect(screen.queryByRole("button", { name: "Order" })).toBeNull();
  });

  it("takes another number where one is replaced", async () => {
    open({
      orders: [
        order(
          { number: "SW-0917" },
          {
            says: "The supplier sells in its place: 1 × SW-1070.",
            quote: { ...quote, standing: "REPLACED" },
          },
        ),
      ],
    });
    expect(await screen.findByText(/sells in its place/)).toBeVisible();
    expect(screen.queryByRole("button", { name: "Order" })).toBeNull();
    const number = screen.getByRole("textbox", { name: "Part number of pawl" });
    await userEvent.clear(number);
    await userEvent.type(number, "SW-1070");
    await userEvent.click(screen.getByRole("button", { name: "Keep the number" }));
    expect(sent[0]?.body).toMatchObject({ number: "SW-1070", state: "WANTED" });
  });

  it("asks the owner where the repair passes its share of a new unit", async () => {
    const sentence = "The repair comes to 700.00, 70 % of a new unit at 1000.00. Ask the owner first.";
    open({
      orders: [order({}, { quote })],
      estimate: { version: 3, hours: 2, workedHours: 0, newUnitCents: 100_000 },
      repairLimit: { limitCents: 60_000, isOver: true, sentence },
    });
    expect(await screen.findByRole("alert")).toHaveTextContent(sentence);
    const price = screen.getByRole("textbox", { name: "Price of a new unit, EUR" });
    expect(price).toHaveValue("1000");
    await userEvent.clear(price);
    await userEvent.type(price, "12,x");
    expect(screen.getByRole("button", { name: "Keep the hours" })).toBeDisabled();
    await userEvent.clear(price);
    await userEvent.type(price, "1200.50");
    await userEvent.click(screen.getByRole("button", { name: "Keep the hours" }));
    expect(sent[0]?.body).toMatchObject({ version: 3, hours: 2, newUnitCents: 120_050 });
  });

  it("waits for a lead above the limit", async () => {
    open({ orders: [order({}, { quote })], approval: over });
    expect(await screen.findByText(/more than 100.00: a lead approves them/)).toBeVisible();
    expect(screen.getByRole("button", { name: "Order" })).toBeDisabled();
  });

  it("is approved by a lead", async () => {
    open({ orders: [order({}, { quote })], approval: over }, "LEAD");
    await userEvent.click(await screen.findByRole("button", { name: "Approve these parts as Inés Roldán" }));
    expect(sent[0]).toMatchObject({ method: "POST", path: "/api/jobs/31/parts/approve" });
  });

  it("says what a part from stores cost the shop, or that nobody knows", async () => {
    const taken = { isFromStores: true };
    open({
      orders: [
        order({ state: "RECEIVED", remark: "from stores, drawer F3" }, { ...taken, lineCents: 3700 }),
        { ...order({ state: "RECEIVED", name: "seal" }, taken), id: "o2" },
      ],
    });
    expect(await screen.findByText("37.00 EUR as the shop paid")).toBeVisible();
    expect(screen.getByText("nobody knows what it cost")).toBeVisible();
  });

  it.each([
    ["ORDERED", "It is here", "RECEIVED"],
    ["ORDERED", "Call off", "CALLED_OFF"],
    ["WANTED", "Not needed", "CALLED_OFF"],
    ["CALLED_OFF", "Wanted after all", "WANTED"],
  ] as const)("from %s by “%s” to %s", async (state, button, next) => {
    open({ orders: [order({ state })] });
    await userEvent.click(await screen.findByRole("button", { name: button }));
    expect(sent[0]?.body).toMatchObject({ state: next });
  });

  it("tells what the bill and the log do not share", async () => {
    open({
      differences: {
        missing: [
          {
            position: "8",
            part: { number: "SW-1041", quantity: 8 },
            name: "pawl spring",
            machines: { from: "", to: "" },
          },
        ],
        otherCount: ["wave washer: 1 came off, 2 belong there"],
        notListed: [],
      } as never,
    });
    expect(await screen.findByText(/8 × pawl spring \(SW-1041\) belongs there/)).toBeVisible();
    expect(screen.getByText(/wave washer: 1 came off, 2 belong there/)).toBeVisible();
  });

  it("keeps the hours", async () => {
    open({ orders: [order({})] });
    await userEvent.type(await screen.findByRole("textbox", { name: "Hours estimated" }), "2,5");
    await userEvent.click(screen.getByRole("button", { name: "Keep the hours" }));
    expect(sent[0]).toMatchObject({ path: "/api/jobs/31/estimate", body: { hours: 2.5, workedHours: 0 } });
  });
});
