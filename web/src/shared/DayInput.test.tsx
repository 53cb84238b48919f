// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { describe, expect, it } from "vitest";
import { show } from "../test-data/bench";
import { DayInput, dayOf } from "./DayInput";

function Field({ start }: { start: string }) {
  const [iso, setIso] = useState(start);
  return (
    <>
      <DayInput label="Drawn on" value={iso} onChange={setIso} />
      <output>{iso === "" ? "none" : iso}</output>
    </>
  );
}

describe("a day as it is typed", () => {
  it.each([
    ["2026-11-30", "2026-11-30"],
    ["30 Nov 2026", "2026-11-30"],
    ["30 november 26", "2026-11-30"],
    ["3.4.2026", "2026-04-03"],
    ["03/04/26", "2026-04-03"],
    ["29 Feb 2024", "2024-02-29"],
  ])("%s", (typed, iso) => expect(dayOf(typed)).toBe(iso));

  it.each(["31 Nov 2026", "29 Feb 2026", "2026-13-01", "13 foo 2026", "4/2026", "soon", ""])(
    "“%s” is none",
    (typed) => expect(dayOf(typed)).toBeNull(),
  );
});

describe("the field of a day", () => {
  it("writes the month in letters, whatever the browser does", async () => {
    show(<Field start="2026-04-03" />);
    expect(screen.getByLabelText("Drawn on")).toHaveValue("3 Apr 2026");
  });

  it("takes what is typed, keeps what is no day out, and can be emptied", async () => {
    show(<Field start="" />);
    const field = screen.getByLabelText("Drawn on");
    await userEvent.type(field, "30.11.2026");
    await userEvent.tab();
    expect(screen.getByRole("status")).toHaveTextContent("2026-11-30");
    expect(field).toHaveValue("30 Nov 2026");
    await userEvent.click(screen.getByRole("button", { name: "No day" }));
    expect(screen.getByRole("status")).toHaveTextContent("none");
    await userEvent.type(field, "31.11.2026");
    await userEvent.tab();
    // What is kept now is refused with what was typed, and not taken for no day.
    expect(screen.getByRole("status")).toHaveTextContent("31.11.2026");
    expect(field).toHaveValue("31.11.2026");
    expect(field).toHaveAccessibleDescription(/“31\.11\.2026” is no day\. Write it as \d{1,2} \w{3} \d{4}\./);
    await userEvent.clear(field);
    await userEvent.type(field, "30 Nov 2026");
    await userEvent.tab();
    expect(screen.getByRole("status")).toHaveTextContent("2026-11-30");
    expect(field).not.toHaveAccessibleDescription(/is no day/);
  });

  it("tells after a reload what was typed and is no day", () => {
    show(<Field start="31.11.2026" />);
    expect(screen.getByLabelText("Drawn on")).toHaveAccessibleDescription(/“31\.11\.2026” is no day/);
  });
});
