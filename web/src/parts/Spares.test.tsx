// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import { type Sent, serverThatAnswers, show } from "../test-data/bench";
import { Spares } from "./Spares";

const spare = {
  id: "s1",
  given: {
    version: 3,
    name: "fuse gear",
    number: "SW-1080",
    place: "drawer F3",
    onShelf: 2,
    perYear: 1.8,
    leadDays: 14,
    levelPercent: 95,
  },
  reserved: 1,
  onItsWay: 0,
  reorder: { point: 1, free: 1, order: 1, demand: 0.07, sentence: "Order 1: 1 free." },
};

describe("spares in stores", () => {
  let sent: Sent[] = [];
  beforeEach(() => {
    localStorage.clear();
    sent = serverThatAnswers({ "/api/spares": [spare], "PUT anywhere": [spare] });
  });

  it("say where they lie, who wants them and what to order", async () => {
    show(<Spares />);
    const row = await screen.findByRole("button", { name: /fuse gear/ });
    expect(row).toHaveTextContent("SW-1080, drawer F3");
    expect(row).toHaveTextContent("2 there, 1 wanted by jobs");
    expect(row).toHaveTextContent("Order 1: 1 free.");
  });

  it("are counted and kept", async () => {
    show(<Spares />);
    await userEvent.click(await screen.findByRole("button", { name: /fuse gear/ }));
    const count = screen.getByLabelText("Pieces there");
    await userEvent.clear(count);
    expect(count).toHaveDisplayValue("");
    await userEvent.type(count, "7");
    await userEvent.click(screen.getByRole("button", { name: "Keep" }));
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: "/api/spares/s1",
      body: { version: 3, onShelf: 7, number: "SW-1080" },
    });
  });
});
