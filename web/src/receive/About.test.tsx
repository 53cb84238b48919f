// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it } from "vitest";
import type { PlanView } from "../api/types";
import { job, plan, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { About } from "./About";

const KNOWN = [
  { code: "GROWL", words: "growls", of: "COMPLAINT" },
  { code: "LEAK", words: "leaks", of: "COMPLAINT" },
  { code: "SEA", words: "salt air", of: "SURROUNDINGS" },
  { code: "REP", words: "an earlier repair", of: "HISTORY" },
  { code: "RED", words: "reducer", of: "KIND" },
  { code: "HWN", words: "hand winch", of: "KIND" },
];

describe("what a job is about", () => {
  let sent: Sent[] = [];
  beforeEach(() => {
    sent = serverThatAnswers({ "/api/circumstances": KNOWN });
  });
  const open = (more: Partial<PlanView>) =>
    show(
      <About
        view={job([], {
          job: { id: "job-1", number: 31, version: 7 } as never,
          plan: plan([], more),
        })}
      />,
    );
  const chip = async (name: string) => await screen.findByRole("button", { name });

  it("shows what was read in the complaint, and keeps what somebody adds with it", async () => {
    open({ read: ["GROWL"], circumstances: ["RED", "GROWL"] });
    expect(await chip("growls")).toHaveAttribute("aria-pressed", "true");
    expect(screen.getByText(/Read in the complaint/)).toBeVisible();
    await userEvent.click(await chip("leaks"));
    expect(sent[0]).toMatchObject({
      method: "PUT",
      path: "/api/jobs/31/circumstances",
      body: { version: 7, ofUnit: [], ofJob: ["GROWL", "LEAK"] },
    });
  });

  it("takes a word back", async () => {
    open({ circumstances: ["RED", "GROWL", "REP"], jobSaid: true, read: ["LEAK"] });
    expect(await chip("leaks (in the words)")).toHaveAttribute("aria-pressed", "false");
    await userEvent.click(await chip("growls"));
    expect(sent[0]?.body).toMatchObject({ ofJob: ["REP"] });
  });

  it("keeps surroundings with the unit and leaves the complaint as it is", async () => {
    open({ circumstances: ["RED", "GROWL"], unitSaid: [] });
    await userEvent.click(await chip("salt air"));
    expect(sent[0]?.body).toMatchObject({ ofUnit: ["SEA"], ofJob: ["GROWL"] });
  });

  it("says that the kind is not known, and keeps the one that is chosen", async () => {
    open({ kindKnown: false, circumstances: ["RED"] });
    expect(await screen.findByText("not known: a general plan")).toBeVisible();
    await userEvent.click(await chip("Change"));
    const kinds = within(screen.getByRole("group", { name: "Kinds, one or two" }));
    expect(kinds.getByRole("button", { name: "reducer" })).toHaveAttribute("aria-pressed", "false");
    await userEvent.click(kinds.getByRole("button", { name: "hand winch" }));
    expect(sent[0]?.body).toMatchObject({ ofUnit: ["HWN"], ofJob: [] });
  });
});
