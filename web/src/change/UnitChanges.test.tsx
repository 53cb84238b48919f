// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import type { JobView, UnitChangeView } from "../api/types";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { UnitChanges } from "./UnitChanges";

const KIT: UnitChangeView = {
  id: "c-1",
  given: { version: 2, what: "KIT", was: "roll pin", becomes: "self-locking nut M6", because: "the kit" },
  words: "kit or parts of another kind",
  provedAgain: true,
  by: "Tomás Vega",
  at: "2026-11-20T10:00:00Z",
};

describe("what a job changes on the unit", () => {
  let sent: Sent[] = [];
  const open = (changes: UnitChangeView[], more: Partial<JobView> = {}) => {
    const view = { ...job([]), unit: { id: "u-1" } as never, places: [], unitChanges: changes, ...more };
    sent = serverThatAnswers({ "PUT anywhere": view, "DELETE anywhere": view });
    show(<UnitChanges view={view} />);
  };
  beforeEach(() => localStorage.clear());

  it("is kept with what it was and why", async () => {
    open([]);
    await userEvent.click(screen.getByRole("button", { name: "This job changes the unit" }));
    await userEvent.selectOptions(screen.getByLabelText("What is changed"), "lubricant");
    await userEvent.type(screen.getByLabelText("What it was"), "CKC 220");
    await userEvent.type(screen.getByLabelText("What it is from now on"), "CKE 460");
    await userEvent.type(screen.getByLabelText("Why"), "bronze wheel");
    await userEvent.click(screen.getByRole("button", { name: "Keep the change" }));
    expect(sent[0]?.path).toMatch(/unit-changes\/[-0-9a-f]+$/);
    expect(sent[0]?.body).toMatchObject({
      what: "LUBRICANT",
      was: "CKC 220",
      becomes: "CKE 460",
      because: "bronze wheel",
    });
    expect(screen.queryByRole("form", { name: "Change of the unit" })).toBeNull();
  });

  it("shows what was, that it is proved again, and takes it back", async () => {
    open([KIT]);
    expect(screen.getByText("self-locking nut M6")).toBeVisible();
    expect(screen.getByText("was roll pin")).toBeVisible();
    expect(screen.getByText(/what was set and proved before is made again/)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: "Take it back" }));
    expect(sent[0]?.path).toMatch(/unit-changes\/c-1\?version=2$/);
  });

  it("leads to the sheet of each place for another lubricant", () => {
    open([], { places: [{ id: "p-1", name: "sump" }] as never });
    expect(screen.getByRole("link", { name: "Another lubricant: sump" })).toHaveAttribute(
      "href",
      `/units/u-1/places/p-1?job=${job([]).job.number}`,
    );
  });

  it("leads to the papers for new teeth", () => {
    open([]);
    expect(screen.getByRole("link", { name: "New teeth or another ratio" })).toHaveAttribute(
      "href",
      `/units/u-1/papers?job=${job([]).job.number}`,
    );
  });
});
