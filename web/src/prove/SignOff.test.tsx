// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import type { JobView } from "../api/types";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { SignOff } from "./SignOff";

const against = (...points: [string, string, "NEVER" | "LEAD"][]) =>
  job([], {
    route: { stops: [], againstSigning: points.map(([id, says, weight]) => ({ id, says, weight })) } as never,
  });

describe("the signature", () => {
  let sent: Sent[] = [];

  const open = (view: JobView, role: string) => {
    localStorage.clear();
    sent = serverThatAnswers({ "/api/sign-in/me": { name: "Inés Roldán", role } });
    show(<SignOff view={view} />);
  };
  beforeEach(() => {
    sent = [];
  });

  it("is free when nothing stands against it", async () => {
    open(against(), "MECHANIC");
    await userEvent.click(await screen.findByRole("button", { name: "Sign as Inés Roldán" }));
    expect(sent).toEqual([{ method: "POST", path: "/api/jobs/31/sign", body: {} }]);
  });

  it("is nobody's while something stands that nobody signs", async () => {
    open(
      against(["binds", "A mesh binds.", "NEVER"], ["leak", "It is not confirmed tight.", "LEAD"]),
      "LEAD",
    );
    expect(await screen.findByRole("button", { name: "Sign as Inés Roldán" })).toBeDisabled();
    expect(screen.getByText("Nobody signs while this is so:")).toBeVisible();
    expect(screen.getByText("A lead has to answer for this too:")).toBeVisible();
    expect(screen.queryByRole("textbox", { name: "The risk that is taken" })).toBeNull();
  });

  it("is not a mechanic's while a lead has to answer", async () => {
    open(against(["leak", "It is not confirmed tight.", "LEAD"]), "MECHANIC");
    expect(await screen.findByRole("button", { name: "Sign as Inés Roldán" })).toBeDisabled();
    expect(screen.getByText(/A lead can sign all the same, and says why/)).toBeVisible();
  });

  it("is a lead's with all four parts of the reason", async () => {
    open(against(["leak", "It is not confirmed tight.", "LEAD"]), "LEAD");
    const reason = await screen.findByRole("group", { name: "As a lead, sign all the same" });
    for (const [label, text] of [
      ["The risk that is taken", "weeps at the seal"],
      ["Until then", "a tray under it"],
      ["Looked at again", "1 March"],
      ["Who told the customer", "Inés Roldán"],
    ] as const) {
      await userEvent.type(within(reason).getByRole("textbox", { name: label }), text);
    }
    await userEvent.click(screen.getByRole("button", { name: "Sign as Inés Roldán" }));
    expect(sent[0]?.body).toEqual({
      despite: {
        risk: "weeps at the seal",
        restriction: "a tray under it",
        nextLook: "1 March",
        toldBy: "Inés Roldán",
        witness: "",
      },
    });
    expect(screen.queryByRole("textbox", { name: "Second person" })).toBeNull();
  });

  it("asks for a second person where two things are taken on one part", async () => {
    open(against(["second-person", "Two things are taken on one part: shaft (2).", "LEAD"]), "LEAD");
    await userEvent.type(await screen.findByRole("textbox", { name: "Second person" }), "Tomás Vega");
    await userEvent.click(screen.getByRole("button", { name: "Sign as Inés Roldán" }));
    expect(sent[0]?.body).toMatchObject({ despite: { witness: "Tomás Vega" } });
  });

  it("stands with its reason when it was given", () => {
    const signed = against();
    signed.job.signedAt = "2026-11-21T08:00:00Z";
    signed.job.signedBy = "Inés Roldán";
    signed.job.signedDespite = "weeps at the seal. Until then: a tray under it.";
    open(signed, "LEAD");
    expect(screen.getByText(/With something open: weeps at the seal/)).toBeVisible();
    expect(screen.queryByRole("button", { name: /Sign as/ })).toBeNull();
  });
});
