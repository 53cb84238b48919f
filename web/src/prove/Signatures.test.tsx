// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import type { JobView } from "../api/types";
import { job, serverThatAnswers, show } from "../test-data/bench";
import { Signatures } from "./Signatures";

const signature = (number: number, isWhole = true) => ({
  number,
  signedBy: "Inés Roldán",
  signedAt: "2026-11-20T08:00:00Z",
  why: "",
  digest: "0123456789abcdef",
  isWhole,
});

const head = (more: object): JobView["job"] =>
  ({ number: 31, version: 8, revision: 1, correctedWhy: "", ...more }) as never;

const signed = { signedAt: "2026-11-20T08:00:00Z", signedBy: "Inés Roldán" };

const open = (view: Partial<JobView>, role = "LEAD") => {
  const sent = serverThatAnswers({
    "/api/sign-in/me": { name: "Inés Roldán", role },
    "POST anywhere": job([]),
  });
  show(<Signatures view={job([], view)} />);
  return sent;
};

it("shows the digest of what was sealed, and opens it again for a lead with a reason", async () => {
  const sent = open({ job: head(signed), signatures: [signature(1)] });
  expect(screen.getByText(/SHA-256: 01234567 89abcdef/)).toBeVisible();
  await userEvent.click(await screen.findByRole("button", { name: "Something in it is wrong" }));
  expect(screen.getByRole("button", { name: "Open it again" })).toBeDisabled();
  await userEvent.type(screen.getByLabelText("What is wrong in it?"), "wrong serial number");
  await userEvent.click(screen.getByRole("button", { name: "Open it again" }));
  expect(sent[0]).toMatchObject({
    method: "POST",
    path: "/api/jobs/31/correct",
    body: { version: 8, why: "wrong serial number" },
  });
});

it("leaves a mechanic no way to open it", async () => {
  open({ job: head(signed), signatures: [signature(1)] }, "MECHANIC");
  expect(await screen.findByText(/SHA-256/)).toBeVisible();
  expect(screen.queryByRole("button")).toBeNull();
});

it("leads to what was signed before, and says why it is worked at again", () => {
  const corrected = { revision: 2, correctedWhy: "wrong serial number", correctedBy: "Inés Roldán" };
  open({ job: head(corrected), signatures: [signature(1)] });
  expect(screen.getByText(/Revision 2, opened again by Inés Roldán: wrong serial number/)).toBeVisible();
  expect(screen.getByRole("link", { name: "Revision 1" })).toHaveAttribute(
    "href",
    "/api/jobs/31/report.pdf?revision=1",
  );
});

it("cries out where a seal is not what was signed", () => {
  open({ job: head(signed), signatures: [signature(1, false)] });
  expect(screen.getByText(/changed outside of this app/)).toBeVisible();
});
