// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, expect, it } from "vitest";
import type { JobView } from "../api/types";
import { job, serverThatAnswers, show } from "../test-data/bench";
import { Arrival } from "./Arrival";
import { Permission } from "./Permission";

beforeEach(() => localStorage.clear());

const PERMITTED = {
  version: 2,
  approvedBy: "Works manager",
  reference: "order 77",
  keptBy: "Tomás Vega",
  keptAt: "2026-11-20T08:00:00Z",
};
const at = (receive: object, more: Partial<JobView> = {}) =>
  job([], {
    job: { id: "job-1", number: 31, version: 7 } as never,
    unit: { id: "u-1", underWarranty: false } as never,
    receive: { complaint: "Knocks", symptoms: "", oilAsFound: "", version: 7, ...receive } as never,
    ...more,
  });

it("asks for a permission that is missing, and says the one that stands in a line", async () => {
  const sent = serverThatAnswers({ "PUT anywhere": at({ permission: PERMITTED }) });
  const shown = show(<Permission view={at({})} />);
  await userEvent.type(screen.getByLabelText("Allowed by"), "Works manager");
  await userEvent.click(screen.getByRole("button", { name: "Keep the permission" }));
  expect(sent[0]).toMatchObject({
    method: "PUT",
    path: "/api/jobs/31/permission",
    body: { approvedBy: "Works manager", reference: "" },
  });
  shown.again(<Permission view={at({ permission: PERMITTED })} />);
  const panel = within(screen.getByRole("region", { name: "Permission to open" }));
  expect(panel.getByText("Works manager, order 77")).toBeVisible();
  expect(panel.queryByLabelText("Allowed by")).toBeNull();
});

it("opens what stands to be changed, and sends it over the version that was seen", async () => {
  const sent = serverThatAnswers({ "PUT anywhere": at({ permission: PERMITTED }) });
  show(<Permission view={at({ permission: PERMITTED })} />);
  await userEvent.click(screen.getByRole("button", { name: "Change: Permission to open" }));
  const reference = screen.getByLabelText("Reference");
  expect(reference).toHaveValue("order 77");
  await userEvent.type(reference, "8");
  await userEvent.click(screen.getByRole("button", { name: "Keep the permission" }));
  expect(sent[0]?.body).toMatchObject({ approvedBy: "Works manager", reference: "order 778", version: 2 });
  expect(screen.queryByLabelText("Reference")).toBeNull();
});

it("shows the complaint in a line, asks to write what was found, and comes back to what was typed", async () => {
  serverThatAnswers({});
  const first = show(<Arrival view={at({})} />);
  expect(screen.getByText("nothing written of what was found before opening")).toBeVisible();
  await userEvent.click(screen.getByRole("button", { name: "Write it: Arrival" }));
  await userEvent.type(screen.getByLabelText("Found before opening"), "lash 2 mm");
  first.unmount();
  show(<Arrival view={at({})} />);
  expect(screen.getByLabelText("Found before opening")).toHaveValue("lash 2 mm");
});

it("offers no change on a job that is signed", () => {
  serverThatAnswers({});
  const signed = { job: { id: "job-1", number: 31, version: 7, signedAt: "2026-11-21T08:00:00Z" } as never };
  show(<Permission view={at({ permission: PERMITTED }, signed)} />);
  expect(screen.getByText("Works manager, order 77")).toBeVisible();
  expect(screen.queryByRole("button")).toBeNull();
});
