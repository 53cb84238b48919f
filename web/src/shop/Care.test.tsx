// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import { describe, expect, it } from "vitest";
import { serverThatAnswers, show } from "../test-data/bench";
import { Care } from "./Care";

const WELL = [
  { what: "Records", says: "version 14, 12 MB", amiss: false },
  { what: "Room", says: "9,000 MB are free", amiss: false },
];

describe("how the records are", () => {
  it("is told as well where it is", async () => {
    serverThatAnswers({ "/api/care": WELL });
    show(<Care />);
    expect(await screen.findByText("all is well")).toBeVisible();
    expect(screen.queryByText(/Look at this/)).toBeNull();
  });

  it("names in words, not by a colour, what has to be looked at", async () => {
    serverThatAnswers({
      "/api/care": [...WELL, { what: "Backups", says: "None is made by itself.", amiss: true }],
    });
    show(<Care />);
    const panel = within(await screen.findByRole("region", { name: "The records" }));
    expect(panel.getByText("1 to look at")).toBeVisible();
    expect(panel.getAllByRole("definition").at(-1)).toHaveTextContent(
      "Look at this: None is made by itself.",
    );
    expect(panel.getAllByText(/Look at this/)).toHaveLength(1);
  });
});
