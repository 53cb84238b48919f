// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import { serverThatAnswers, show } from "../test-data/bench";
import { OwnDevices } from "./OwnDevices";

const here = { id: "h", isHandHeld: false, seenFrom: "", lastUsedAt: "2026-11-20T08:00:00Z", isThis: true };
const lost = {
  id: "l",
  isHandHeld: true,
  seenFrom: "192.168.1.20",
  lastUsedAt: "2026-11-19T08:00:00Z",
  isThis: false,
};

it("forgets a device that was lost, and not the one in hand", async () => {
  const sent = serverThatAnswers({
    "/api/people/me/devices": [here, lost],
    "POST anywhere": [here],
  });
  show(<OwnDevices />);
  expect(await screen.findByText(/, this one/)).toBeVisible();
  const [mine, other] = screen.getAllByRole("listitem");
  expect(within(mine as HTMLElement).queryByRole("button")).toBeNull();
  expect(other).toHaveTextContent(/tablet or phone.* from 192.168.1.20/);
  await userEvent.click(screen.getByRole("button", { name: "Forget it" }));
  expect(sent[0]).toMatchObject({ method: "POST", path: "/api/people/me/devices/l/forget" });
  expect(screen.queryByText(/tablet or phone/)).toBeNull();
});
