// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { beforeEach, describe, expect, it, vi } from "vitest";
import type { Card, JobView } from "../api/types";
import { job, type Sent, serverThatAnswers, show } from "../test-data/bench";
import { BuildCard } from "./BuildCard";

const card = (more: Partial<Card> = {}): Card => ({
  place: 1,
  stepId: "s-1",
  title: "Fit gasket",
  instead: "",
  cameOff: 1,
  where: "input shaft, left end",
  wayRound: "",
  mark: "",
  mustBeNew: false,
  goesOn: "",
  fasten: "",
  tightening: [],
  tool: "",
  position: "",
  checks: [],
  caution: "",
  schools: [],
  ...more,
});

describe("a card of the rebuild", () => {
  let sent: Sent[] = [];
  const onNext = vi.fn();
  const open = (shown: Card, count = 1) => {
    const view = {
      ...job([]),
      steps: [{ id: "s-1", given: { count, note: "", tray: "B" } } as never],
      rebuild: [shown],
      photos: [],
      watch: [],
    } as JobView;
    sent = serverThatAnswers({ "PUT anywhere": view });
    show(<BuildCard view={view} card={shown} fitting={undefined} onNext={onNext} onBack={() => {}} />);
  };
  beforeEach(() => {
    localStorage.clear();
    onNext.mockReset();
  });
  const putIn = () => userEvent.click(screen.getByRole("button", { name: /^Fitted/ }));

  it("puts back as many as came off", async () => {
    open(card(), 6);
    expect(screen.getByText("B", { selector: "b" })).toBeVisible();
    await putIn();
    expect(sent[0]?.body).toMatchObject({ done: true, refitted: 6, renewed: 0, scrapped: 0 });
    expect(onNext).toHaveBeenCalled();
  });

  it("fits a new one of what was missing, and scraps nothing, for nothing came off", async () => {
    open(
      card({
        title: "Fit feed trip lever",
        instead: "it was missing",
        cameOff: 0,
        mustBeNew: true,
      }),
    );
    expect(screen.getByText("it was missing")).toBeVisible();
    expect(screen.getByText("Must be new")).toBeVisible();
    await putIn();
    expect(sent[0]?.body).toMatchObject({ refitted: 0, renewed: 1, scrapped: 0 });
  });

  it("scraps what does not belong there", async () => {
    open(card({ cameOff: 2, mustBeNew: true, instead: "Not the pins that came out." }), 2);
    await putIn();
    expect(sent[0]?.body).toMatchObject({ refitted: 0, renewed: 2, scrapped: 2 });
  });

  it("tells both schools where practitioners disagree, and which to start from", async () => {
    open(
      card({
        schools: [
          {
            question: "Gasket or sealant",
            usual: "the gasket",
            why: "it sets the depth",
            other: "sealant",
            when: "where the faces met metal to metal",
          },
        ],
      }),
    );
    await userEvent.click(screen.getByText("Two schools: gasket or sealant"));
    expect(screen.getByText(/Start from:/)).toHaveTextContent("the gasket, because it sets the depth.");
    expect(screen.getByText(/Others:/)).toHaveTextContent("Where the maker says one of them, that is it.");
  });
});
