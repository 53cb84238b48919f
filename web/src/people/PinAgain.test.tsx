// @vitest-environment jsdom
import { screen, waitFor, waitForElementToBeRemoved } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, describe, expect, it, vi } from "vitest";
import { request } from "../api/http";
import { show } from "../test-data/bench";
import { PinAgain } from "./PinAgain";

const WANTED = "Signing closes job 7 under your name. Type your PIN for it.";

/** A server that signs once the right PIN was shown, and what it was asked. */
function serverThatWantsThePin() {
  const asked: { path: string; id: string | undefined; body: unknown }[] = [];
  let shown = false;
  vi.stubGlobal("fetch", async (path: string, init: RequestInit) => {
    const body = JSON.parse(String(init.body)) as { pin?: string };
    asked.push({ path, id: (init.headers as Record<string, string>)["Write-Id"], body });
    const told = (status: number, detail: string) =>
      new Response(JSON.stringify({ status, detail }), { status });
    if (path === "/api/sign-in/again") {
      shown = body.pin === "2580";
      return shown
        ? new Response(null, { status: 204 })
        : told(422, "That PIN is not Ana Sol’s. Tries left: 4.");
    }
    return shown ? new Response('{"signed":true}', { status: 200 }) : told(428, WANTED);
  });
  return asked;
}

const sign = () => request("POST", "/api/jobs/7/sign", {}, "write-1");

describe("the PIN once more", () => {
  afterEach(() => vi.unstubAllGlobals());

  it("is asked for with what it is for, and the same is sent again under the same identity", async () => {
    const asked = serverThatWantsThePin();
    show(<PinAgain name="Ana Sol" />);
    const answer = sign();
    const field = await screen.findByLabelText("PIN once more");
    await waitFor(() => expect(screen.getByText(WANTED)).toBeVisible());
    await userEvent.type(field, "1111{Enter}");
    expect(await screen.findByText(/That PIN is not Ana Sol’s/)).toBeVisible();
    expect(field).toHaveValue("");
    await userEvent.type(field, "2580{Enter}");
    expect(await answer).toEqual({ signed: true });
    const signs = asked.filter((a) => a.path.endsWith("/sign"));
    expect(signs.map((a) => a.id)).toEqual(["write-1", "write-1"]);
    expect(signs[1]?.body).toEqual({});
  });

  it("is not given: what was asked is refused, nothing else is sent", async () => {
    const asked = serverThatWantsThePin();
    show(<PinAgain name="Ana Sol" />);
    const answer = sign().catch((fault: Error) => fault.message);
    await userEvent.click((await screen.findAllByRole("button", { name: "Not now" })).at(-1) as HTMLElement);
    expect(await answer).toContain("Type your PIN for it.");
    expect(asked).toHaveLength(1);
    const field = screen.queryByLabelText("PIN once more");
    if (field) {
      await waitForElementToBeRemoved(field);
    }
  });

  it("nobody is there to ask: refused", async () => {
    serverThatWantsThePin();
    await expect(sign()).rejects.toThrow("Type your PIN for it.");
  });
});
