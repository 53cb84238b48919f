// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import { serverThatAnswers, show } from "../test-data/bench";
import { Money } from "./Money";

const known = { version: 2, currency: "EUR", rateCents: 6000, limitCents: 40_000, repairSharePercent: 60 };

it("keeps nothing that is no number, and says so at its field", async () => {
  const sent = serverThatAnswers({ "/api/shop/money": known, "PUT anywhere": known });
  show(<Money lead />);
  const share = await screen.findByLabelText("A repair may cost of a new unit, %");
  const button = screen.getByRole("button", { name: "Reckon with these" });
  await userEvent.clear(share);
  await userEvent.type(share, "half");
  expect(screen.getByText("Enter a number, as 60.")).toBeVisible();
  expect(button).toBeDisabled();
  await userEvent.clear(share);
  await userEvent.type(share, "55,5");
  await userEvent.click(button);
  expect(sent[0]?.body).toEqual({ ...known, repairSharePercent: 55.5 });
});
