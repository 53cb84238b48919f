// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, expect, it, vi } from "vitest";
import { Refusal, serverThatAnswers, show } from "../test-data/bench";
import { PlaceSheet } from "./PlaceSheet";

// The sheet itself has tests of its own; here it only hands on what was entered.
vi.mock("../drawers/Sheet", () => ({
  Sheet: (props: { keep: (entries: object) => void; keepLabel: string }) => (
    <button type="button" onClick={() => props.keep(NOTHING)}>
      {props.keepLabel}
    </button>
  ),
}));

const DRAWER = {
  name: "lubricated-place",
  title: "Lubricated place",
  fields: [],
  examples: [],
  sections: [],
};
const NOTHING = { fields: {}, readings: {} };
const SUMP = {
  id: "p-1",
  given: { version: 4, name: "sump", entries: NOTHING },
  prefill: NOTHING,
} as never;

beforeEach(() => localStorage.clear());

const answers = {
  "/api/drawers": [DRAWER],
  "/api/units/u-1/places": { places: [SUMP], apart: [], suggested: [], papers: NOTHING },
};

it("asks why where a job changes the lubricant, and says at the box what is wrong with it", async () => {
  const sent = serverThatAnswers({
    ...answers,
    "PUT anywhere": new Refusal({
      status: 422,
      detail: "Why it is changed is missing.",
      fields: [{ field: "because", sentence: "Why it is changed is missing." }],
    }),
  });
  const done = vi.fn();
  show(<PlaceSheet unitId="u-1" place={SUMP} job="31" onDone={done} />);
  await userEvent.click(await screen.findByRole("button", { name: "Keep the place" }));
  expect(sent[0]?.path).toBe("/api/units/u-1/places/p-1?job=31&because=");
  expect(screen.getByLabelText("Why it is changed")).toHaveAccessibleDescription(
    expect.stringContaining("missing"),
  );
  expect(done).not.toHaveBeenCalled();

  const again = serverThatAnswers(answers);
  await userEvent.type(screen.getByLabelText("Why it is changed"), "runs hot & long");
  await userEvent.click(screen.getByRole("button", { name: "Keep the place" }));
  expect(again[0]?.path).toBe("/api/units/u-1/places/p-1?job=31&because=runs%20hot%20%26%20long");
  expect(again[0]?.body).toMatchObject({ version: 4, name: "sump" });
  expect(done).toHaveBeenCalledOnce();
});

it("is a correction where no job is named", async () => {
  const sent = serverThatAnswers(answers);
  show(<PlaceSheet unitId="u-1" place={SUMP} onDone={() => {}} />);
  await userEvent.click(await screen.findByRole("button", { name: "Keep the place" }));
  expect(sent[0]?.path).toBe("/api/units/u-1/places/p-1");
  expect(screen.queryByLabelText("Why it is changed")).toBeNull();
});
