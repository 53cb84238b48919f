// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, expect, it, vi } from "vitest";
import type { PlaceView } from "../api/types";
import { serverThatAnswers, show } from "../test-data/bench";
import { FillForm } from "./FillForm";

const NOTHING = { fields: {}, readings: {} };
const SUMP = {
  id: "p-1",
  given: { version: 4, name: "sump", entries: NOTHING },
  prefill: NOTHING,
  grease: false,
  level: true,
} as unknown as PlaceView;

beforeEach(() => localStorage.clear());

const fill = (send = vi.fn(async () => true)) => {
  show(
    <FillForm
      place={SUMP}
      kept={undefined}
      atJob
      draftKey="fill.x"
      problem={undefined}
      busy={false}
      send={send}
    />,
  );
  return send;
};

/** What the server says of the place, held back until the test lets it go. */
function answering(told: () => Promise<Response>) {
  serverThatAnswers({ "/api/drawers": [], "/api/lubricants": [] });
  const known = globalThis.fetch;
  vi.stubGlobal("fetch", async (input: string, init?: RequestInit) =>
    input === "/api/drawers/lubricated-place" ? told() : known(input, init),
  );
}

it("names no can while it is worked out which goes, and then the one that does", async () => {
  let tell: (answer: Response) => void = () => {};
  answering(() => new Promise((done) => (tell = done)));
  fill();
  expect(screen.getByLabelText("From")).toBeDisabled();
  expect(screen.queryByLabelText("Name on the can")).toBeNull();
  expect(screen.getByRole("button", { name: "Keep what went in" })).toBeDisabled();
  const cans = [{ id: "c-1", name: "Gear oil 220", says: "goes", wanted: true, forbidden: false }];
  tell(new Response(JSON.stringify({ shelf: { take: "c-1", cans, amount: 2.86 } })));
  expect(await screen.findByDisplayValue("Gear oil 220: goes")).toBeEnabled();
  expect(screen.getByRole("button", { name: "Keep what went in" })).toBeEnabled();
});

it("can be filled in and kept where the server cannot be reached", async () => {
  answering(() => Promise.reject(new TypeError("no line")));
  const send = fill();
  await userEvent.type(await screen.findByLabelText("Name on the can"), "CLP 220");
  await userEvent.type(screen.getByLabelText("Filled"), "2.8");
  await userEvent.click(screen.getByRole("button", { name: "Keep what went in" }));
  expect(send).toHaveBeenCalledWith(
    expect.objectContaining({ can: "CLP 220", amount: { text: "2.8", unit: "L" } }),
  );
});
