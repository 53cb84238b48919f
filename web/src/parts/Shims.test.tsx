// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import { FromShelf } from "../drawers/FromShelf";
import { type Sent, serverThatAnswers, show } from "../test-data/bench";
import { Shims } from "./Shims";

const shim = (id: string, name: string, um: number, pieces: number) => ({
  id,
  given: { version: 1, name, thickness: { text: String(um / 1000), unit: "mm" }, pieces, place: "drawer S2" },
  thicknessUm: um,
});
const SHELF = [
  shim("a", "input cover, Ø 62/80", 50, 2),
  shim("b", "input cover, Ø 62/80", 100, 4),
  shim("c", "input cover, Ø 62/80", 200, 0),
  shim("d", "worm bearing, Ø 40/52", 500, 1),
];

describe("shims on the shelf", () => {
  let sent: Sent[] = [];
  beforeEach(() => {
    localStorage.clear();
    sent = serverThatAnswers({ "/api/shims": SHELF, "PUT anywhere": SHELF });
  });

  it("say what they fit, how thick they are and how many lie there", async () => {
    show(<Shims />);
    const rows = await screen.findAllByRole("button", { name: /input cover/ });
    expect(rows[1]).toHaveTextContent("0.1 mm");
    expect(rows[1]).toHaveTextContent("4 there");
    expect(rows[2]).toHaveTextContent("none left");
  });

  it("are counted and kept", async () => {
    show(<Shims />);
    await userEvent.click((await screen.findAllByRole("button", { name: /input cover/ }))[0] as HTMLElement);
    const pieces = screen.getByLabelText("Pieces there");
    await userEvent.clear(pieces);
    await userEvent.type(pieces, "7");
    await userEvent.click(screen.getByRole("button", { name: "Keep" }));
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: "/api/shims/a",
      body: { version: 1, pieces: 7, thickness: { text: "0.05", unit: "mm" } },
    });
  });

  it("fill in a pack's drawer with what is there for one place", async () => {
    const onFill = vi.fn();
    show(<FromShelf onFill={onFill} />);
    await userEvent.selectOptions(
      await screen.findByLabelText("From the shelf of shims"),
      "input cover, Ø 62/80: 2 thicknesses",
    );
    expect(onFill).toHaveBeenCalledWith({
      "stock.thicknessUm": [
        { text: "50", unit: "µm" },
        { text: "100", unit: "µm" },
      ],
      "stock.pieces": [
        { text: "2", unit: "" },
        { text: "4", unit: "" },
      ],
    });
  });

  it("offer nothing while the shelf is empty", async () => {
    serverThatAnswers({ "/api/shims": [shim("c", "input cover", 200, 0)] });
    show(<FromShelf onFill={vi.fn()} />);
    await new Promise((done) => setTimeout(done, 20));
    expect(screen.queryByLabelText("From the shelf of shims")).toBeNull();
  });
});
