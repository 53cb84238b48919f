// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { DocumentView } from "../api/types";
import { type Sent, serverThatAnswers, show } from "../test-data/bench";
import { DocumentsPanel } from "./Documents";

const PAPER: DocumentView = {
  id: "d-1",
  title: "Procedure, chapter 4",
  media: "application/pdf",
  pages: 3,
  version: 0,
  by: "Inés Roldán",
  at: "2026-11-20T10:00:00Z",
};

describe("papers of the maker", () => {
  let sent: Sent[] = [];
  const open = (papers: DocumentView[]) => {
    sent = serverThatAnswers({ "GET /api/units/u-1/documents": papers, "DELETE anywhere": [] });
    show(<DocumentsPanel unitId="u-1" />);
  };
  beforeEach(() => localStorage.clear());

  it("turns the pages of a paper and stops at both ends", async () => {
    open([PAPER]);
    await userEvent.click(await screen.findByRole("button", { name: /Procedure, chapter 4/ }));
    const page = () => screen.getByRole("img");
    expect(page()).toHaveAttribute("src", "/api/units/u-1/documents/d-1/pages/1");
    expect(screen.getByRole("button", { name: "← Page before" })).toBeDisabled();
    await userEvent.click(screen.getByRole("button", { name: "Next page →" }));
    await userEvent.click(screen.getByRole("button", { name: "Next page →" }));
    expect(page()).toHaveAccessibleName("Procedure, chapter 4, page 3");
    expect(screen.getByText("3 of 3")).toBeVisible();
    expect(screen.getByRole("button", { name: "Next page →" })).toBeDisabled();
    expect(screen.getByRole("link", { name: "As it was handed in" })).toHaveAttribute(
      "href",
      "/api/units/u-1/documents/d-1",
    );
  });

  it("takes one away and shows what is left", async () => {
    open([PAPER]);
    await userEvent.click(await screen.findByRole("button", { name: /Procedure, chapter 4/ }));
    await userEvent.click(screen.getByRole("button", { name: "Take it away" }));
    expect(sent).toEqual([{ method: "DELETE", path: "/api/units/u-1/documents/d-1?version=0", body: {} }]);
    expect(await screen.findByText(/Hand in the maker’s procedure/)).toBeVisible();
  });

  it("asks for the file and for what it is before it sends anything", async () => {
    open([]);
    await userEvent.click(await screen.findByRole("button", { name: "Hand it in" }));
    expect(screen.getByText("Choose the file first.")).toBeVisible();
    await userEvent.upload(
      screen.getByLabelText("PDF or picture"),
      new File(["%PDF-"], "plate.pdf", { type: "application/pdf" }),
    );
    await userEvent.click(screen.getByRole("button", { name: "Hand it in" }));
    expect(screen.getByText(/Say what it is/)).toBeVisible();
    expect(sent).toEqual([]);
  });

  it("keeps the title and says why when the server takes no such file", async () => {
    open([]);
    vi.stubGlobal(
      "fetch",
      async () =>
        new Response(JSON.stringify({ status: 422, detail: "The PDF is locked.", fields: [] }), {
          status: 422,
        }),
    );
    await userEvent.upload(
      screen.getByLabelText("PDF or picture"),
      new File(["%PDF-"], "plate.pdf", { type: "application/pdf" }),
    );
    await userEvent.type(screen.getByLabelText("What paper it is"), "Plate");
    await userEvent.click(screen.getByRole("button", { name: "Hand it in" }));
    expect(await screen.findByText("The PDF is locked.")).toBeVisible();
    expect(screen.getByLabelText("What paper it is")).toHaveValue("Plate");
  });
});
