// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import { serverThatAnswers, show } from "../test-data/bench";
import { BeginPage } from "./BeginPage";

describe("the first start", () => {
  beforeEach(() => localStorage.clear());

  it("offers the demo and a shop of one's own, and loads nothing by itself", async () => {
    const sent = serverThatAnswers({ "POST /api/begin/demo": { kind: "DEMO" } });
    show(<BeginPage />);
    expect(screen.getByRole("heading", { name: "A new start" })).toBeVisible();
    expect(sent).toHaveLength(0);
    await userEvent.click(screen.getByRole("button", { name: "Look around with the demo" }));
    expect(sent).toMatchObject([{ method: "POST", path: "/api/begin/demo" }]);
  });

  it("begins a shop with its first lead, and only with the same PIN twice", async () => {
    const sent = serverThatAnswers({ "POST /api/begin/shop": { kind: "SHOP" } });
    show(<BeginPage />);
    await userEvent.click(screen.getByRole("button", { name: "Begin my own shop" }));
    await userEvent.type(screen.getByLabelText("Name of the shop"), "Bench");
    await userEvent.type(screen.getByLabelText("Your name"), "Ana Sol");
    await userEvent.type(screen.getByLabelText("Your PIN"), "8264");
    await userEvent.type(screen.getByLabelText("The same PIN again"), "8265");
    await userEvent.click(screen.getByRole("button", { name: "Begin" }));
    expect(screen.getByText("The two PINs differ.")).toBeVisible();
    expect(sent).toHaveLength(0);
    await userEvent.clear(screen.getByLabelText("The same PIN again"));
    await userEvent.type(screen.getByLabelText("The same PIN again"), "8264");
    await userEvent.click(screen.getByRole("button", { name: "Begin" }));
    expect(sent).toMatchObject([
      {
        method: "POST",
        path: "/api/begin/shop",
        body: { lead: "Ana Sol", pin: "8264", shop: { name: "Bench", system: "METRIC" } },
      },
    ]);
  });

  it("keeps what was typed over a reload, but never the PIN", async () => {
    serverThatAnswers({});
    const first = show(<BeginPage />);
    await userEvent.click(screen.getByRole("button", { name: "Begin my own shop" }));
    await userEvent.type(screen.getByLabelText("Your name"), "Ana Sol");
    await userEvent.type(screen.getByLabelText("Your PIN"), "8264");
    first.unmount();
    show(<BeginPage />);
    await userEvent.click(screen.getByRole("button", { name: "Begin my own shop" }));
    expect(screen.getByLabelText("Your name")).toHaveValue("Ana Sol");
    expect(screen.getByLabelText("Your PIN")).toHaveValue("");
    expect(JSON.stringify(localStorage)).not.toContain("8264");
  });
});
