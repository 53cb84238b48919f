// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { describe, expect, it } from "vitest";
import { show } from "../test-data/bench";
import { Apart } from "./UnitPlaces";

const FOUND = [
  { rule: "gears and pawls", reason: "Grease creeps.", instead: "Grease thinly." },
  { rule: "gears and bearings", reason: "They mix poorly.", instead: "A gun for each." },
  { rule: "pawls and bearings", reason: "Grease creeps here too.", instead: "Wipe." },
];

describe("what must be kept apart", () => {
  it("tells one of the place in hand, and the rest behind a count", async () => {
    show(<Apart found={FOUND} place="bearings" />);
    expect(screen.getByText(/They mix poorly/)).toBeVisible();
    expect(screen.getByText(/Grease creeps\. Grease thinly/)).not.toBeVisible();
    await userEvent.click(screen.getByText("To keep apart at this unit: 2 more"));
    expect(screen.getByText(/Grease creeps\. Grease thinly/)).toBeVisible();
    expect(screen.getByText(/Grease creeps here too/)).toBeVisible();
  });

  it("tells all of it on the page of the unit", () => {
    show(<Apart found={FOUND} />);
    for (const { reason } of FOUND) {
      expect(screen.getByText(new RegExp(reason.replace(".", "\\.")))).toBeVisible();
    }
    expect(screen.queryByText(/more$/)).toBeNull();
  });
});
