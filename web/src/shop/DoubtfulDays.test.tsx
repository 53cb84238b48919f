// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import { type Sent, serverThatAnswers, show } from "../test-data/bench";
import { Instruments } from "./Instruments";

const dial = (inDoubt: object[]) => ({
  id: "7",
  name: "Dial 31",
  kind: "DIAL_INDICATOR",
  dueOn: "2027-01-10",
  overdue: false,
  given: {
    version: 4,
    name: "Dial 31",
    kind: "DIAL_INDICATOR",
    resolution: { text: "0.01", unit: "mm" },
    maxError: { text: "0.01", unit: "mm" },
    low: { text: "0", unit: "mm" },
    high: { text: "10", unit: "mm" },
    calibratedOn: "2026-01-10",
    dueOn: "2027-01-10",
    inDoubt,
  },
});

describe("an instrument found out of calibration", () => {
  let sent: Sent[] = [];
  beforeEach(() => localStorage.clear());

  it("is said on its card, from its last good check on", async () => {
    sent = serverThatAnswers({ "/api/instruments": [dial([])], "PUT anywhere": [] });
    show(<Instruments />);
    await userEvent.click(await screen.findByRole("button", { name: /Dial 31/ }));
    await userEvent.click(screen.getByRole("button", { name: "It reads wrong" }));
    const time = screen.getByRole("group", { name: "Time 1" });
    expect(within(time).getByLabelText("Last known good on")).toHaveValue("2026-01-10");
    await userEvent.type(within(time).getByLabelText("What was found"), "sticks at 3 mm");
    await userEvent.click(screen.getByRole("button", { name: "Keep" }));
    expect(sent[0]?.body).toMatchObject({
      version: 4,
      inDoubt: [{ lastGood: "2026-01-10", why: "sticks at 3 mm" }],
    });
  });

  it("names the jobs it was read in, and whose customer is told", async () => {
    serverThatAnswers({
      "/api/instruments/7/in-doubt": [
        { job: 12, tag: "VFM-5", readings: 2, signed: false },
        { job: 9, tag: "TWS-6", readings: 1, signed: true },
      ],
      "/api/instruments": [dial([{ lastGood: "2026-01-10", foundOn: "2026-02-03", why: "sticks" }])],
    });
    show(<Instruments />);
    expect(await screen.findByText(/in doubt until/)).toBeVisible();
    await userEvent.click(screen.getByRole("button", { name: /Dial 31/ }));
    expect((await screen.findByRole("link", { name: "Job 12, VFM-5" })).closest("li")).toHaveTextContent(
      "2 readings in doubt. To be measured again.",
    );
    expect(screen.getByRole("link", { name: "Job 9, TWS-6" }).closest("li")).toHaveTextContent(
      "1 reading in doubt. Signed with it: tell its customer.",
    );
    await userEvent.click(screen.getByRole("button", { name: "Take out" }));
    expect(screen.queryByRole("group", { name: "Time 1" })).toBeNull();
  });
});
