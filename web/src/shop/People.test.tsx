// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import { serverThatAnswers, show } from "../test-data/bench";
import { OwnPin } from "./OwnPin";
import { People } from "./People";

const person = (id: string, name: string, role: string, more = {}) => ({
  id,
  name,
  role,
  locks: 0,
  changedBy: "Ana Sol",
  changedAt: "2026-11-20T08:00:00Z",
  version: 4,
  ...more,
});

const EVERYBODY = [
  person("a", "Ana Sol", "LEAD"),
  person("b", "Leo Mar", "MECHANIC", { lockedUntil: "2026-11-20T08:01:00Z", locks: 3 }),
  person("c", "Rita Luz", "VIEWER", { leftAt: "2026-10-01T08:00:00Z" }),
];

describe("the people of a shop", () => {
  beforeEach(() => localStorage.clear());

  it("says who is locked and who has left", async () => {
    serverThatAnswers({
      "/api/people": EVERYBODY,
      "PUT anywhere": EVERYBODY,
      "POST anywhere": EVERYBODY,
    });
    show(<People />);
    expect(
      await screen.findByRole("button", {
        name: /Leo Mar mechanic locked until .*, 3 times in a row: is somebody guessing\?$/,
      }),
    ).toBeVisible();
    expect(screen.getByRole("button", { name: "Rita Luz viewer left 1 Oct 2026" })).toBeVisible();
  });

  it("adds a person with a first PIN", async () => {
    const sent = serverThatAnswers({
      "/api/people": EVERYBODY,
      "PUT anywhere": EVERYBODY,
      "POST anywhere": EVERYBODY,
    });
    show(<People />);
    await userEvent.click(await screen.findByRole("button", { name: "Add a person" }));
    await userEvent.type(screen.getByLabelText("Name"), "Nico Paz");
    await userEvent.selectOptions(screen.getByLabelText("May"), "VIEWER");
    await userEvent.type(screen.getByLabelText("First PIN"), "8264");
    await userEvent.click(screen.getByRole("button", { name: "Keep" }));
    const kept = sent.find((s) => s.method === "PUT");
    expect(kept?.path).toMatch(/^\/api\/people\/[0-9a-f-]{36}$/);
    expect(kept?.body).toMatchObject({ name: "Nico Paz", role: "VIEWER", pin: "8264" });
  });

  it("changes a role without touching the PIN, over the version that was seen", async () => {
    const sent = serverThatAnswers({
      "/api/people": EVERYBODY,
      "PUT anywhere": EVERYBODY,
      "POST anywhere": EVERYBODY,
    });
    show(<People />);
    await userEvent.click(await screen.findByRole("button", { name: /Leo Mar/ }));
    await userEvent.selectOptions(screen.getByLabelText("May"), "LEAD");
    await userEvent.click(screen.getByRole("button", { name: "Keep" }));
    const body = sent.find((s) => s.method === "PUT")?.body as Record<string, unknown>;
    expect(body).toEqual({ version: 4, name: "Leo Mar", role: "LEAD" });
  });

  it("lifts a lock, lets go and takes back, each where it makes sense", async () => {
    const sent = serverThatAnswers({
      "/api/people": EVERYBODY,
      "PUT anywhere": EVERYBODY,
      "POST anywhere": EVERYBODY,
    });
    show(<People />);
    await userEvent.click(await screen.findByRole("button", { name: /Leo Mar/ }));
    await userEvent.click(screen.getByRole("button", { name: "Lift the lock" }));
    await userEvent.click(await screen.findByRole("button", { name: /Rita Luz/ }));
    expect(screen.queryByRole("button", { name: "Rita Luz leaves" })).toBeNull();
    expect(screen.queryByRole("button", { name: "Lift the lock" })).toBeNull();
    await userEvent.click(screen.getByRole("button", { name: "Take Rita Luz back" }));
    await userEvent.click(await screen.findByRole("button", { name: /Ana Sol/ }));
    await userEvent.click(screen.getByRole("button", { name: "Ana Sol leaves" }));
    expect(sent.filter((s) => s.method === "POST").map((s) => s.path)).toEqual([
      "/api/people/b/unlock",
      "/api/people/c/come-back?version=4",
      "/api/people/a/leave?version=4",
    ]);
  });
});

describe("my PIN", () => {
  it("is changed with the present one and the new one twice", async () => {
    const sent = serverThatAnswers({});
    show(<OwnPin />);
    const panel = within(screen.getByRole("region", { name: "My PIN" }));
    await userEvent.type(panel.getByLabelText("PIN up to now"), "6172");
    await userEvent.type(panel.getByLabelText("New PIN"), "8264");
    await userEvent.type(panel.getByLabelText("New PIN again"), "8265");
    await userEvent.click(panel.getByRole("button", { name: "Change my PIN" }));
    expect(panel.getByText("The two PINs differ.")).toBeVisible();
    await userEvent.type(panel.getByLabelText("New PIN again"), "{backspace}4");
    await userEvent.click(panel.getByRole("button", { name: "Change my PIN" }));
    expect(sent).toMatchObject([
      { method: "PUT", path: "/api/people/me/pin", body: { current: "6172", pin: "8264" } },
    ]);
    expect(await panel.findByRole("status")).toHaveTextContent("counts from now on");
    expect(panel.getByLabelText("New PIN")).toHaveValue("");
  });
});
