// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { expect, it } from "vitest";
import { job, serverThatAnswers, show } from "../test-data/bench";
import { TryItYourself } from "./TryItYourself";

const TOMAS = { id: "p-1", name: "Tomás Vega", role: "MECHANIC" };

const at = (triedBy: string[], isolated = true) =>
  job([], {
    job: { id: "job-1", number: 31, version: 7 } as never,
    receive: { isolation: { confirmedBy: "Inés Roldán", isolated, triedBy } } as never,
  });

it("asks whoever comes to an isolated unit to try it", async () => {
  const sent = serverThatAnswers({ "/api/sign-in/me": TOMAS });
  show(<TryItYourself view={at(["Inés Roldán"])} />);
  expect(await screen.findByText(/^Inés Roldán isolated this unit\./)).toHaveTextContent(
    /put your own lock and tag on/,
  );
  await userEvent.click(screen.getByRole("button", { name: "I tried it, nothing moves (Tomás Vega)" }));
  expect(sent[0]).toMatchObject({ method: "POST", path: "/api/jobs/31/isolation/tried" });
});

it.each([
  [["Inés Roldán", "Tomás Vega"], true],
  [["Inés Roldán"], false],
])("is silent where it was tried or the energy is on again: %j, %s", async (triedBy, isolated) => {
  serverThatAnswers({ "/api/sign-in/me": TOMAS });
  show(
    <>
      <TryItYourself view={at(triedBy, isolated)} />
      <p>the rest</p>
    </>,
  );
  await screen.findByText("the rest");
  await new Promise((done) => setTimeout(done, 50));
  expect(screen.queryByRole("button")).toBeNull();
});
