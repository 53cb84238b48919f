// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import { expect, it } from "vitest";
import { job, show } from "../test-data/bench";
import { RepairEnds } from "./RepairEnds";

const says =
  "case (7): crack into a bore, foot or boss. This may end the repair: decide before anything else is measured.";

it("says what may end the repair, and leads to the decision", () => {
  show(<RepairEnds view={{ ...job([]), repairEnds: [{ stepId: "s7", says }] }} />);
  expect(screen.getByText(/crack into a bore, foot or boss/)).toBeVisible();
  expect(screen.getByRole("link", { name: "Decide" })).toHaveAttribute("href", "/jobs/31/decide?step=s7");
});

it("is silent while nothing ends it", () => {
  show(<RepairEnds view={job([])} decides />);
  expect(screen.queryByRole("region")).toBeNull();
});
