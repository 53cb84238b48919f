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
  halfIn: [],
  mark: "",
  mustBeNew: false,
  goesOn: "",
  lubricant: "",
  fasten: "",
  tightening: [],
  screws: [],
  rounds: [],
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
      steps: [{ id: "s-1", given: { count, part: "Gasket", note: "", tray: "B" } } as never],
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
    open(card({ cameOff: 6 }), 6);
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

  const COVER = card({
    title: "Fit cover",
    tightening: [1, 3, 2, 4],
    screws: [
      { acrossMm: 0, upMm: 80 },
      { acrossMm: 60, upMm: 80 },
      { acrossMm: 60, upMm: 0 },
      { acrossMm: 0, upMm: 0 },
    ],
    rounds: ["snug by hand", "24 N·m"],
  });
  const tick = (name: RegExp) => userEvent.click(screen.getByRole("button", { name }));

  it("ticks the screws one by one in their order, round by round, and keeps how many", async () => {
    open(COVER);
    expect(screen.getByRole("img", { name: "Tighten in this order: 1, 3, 2, 4" })).toBeVisible();
    await tick(/1 is snug/);
    await tick(/^2 is tight: snug by hand/);
    await tick(/^3 is tight: snug by hand/);
    await tick(/^4 is tight: snug by hand/);
    expect(screen.getByText("24 N·m")).toHaveAttribute("aria-current", "step");
    await putIn();
    expect(sent).toHaveLength(0);
    expect(screen.getByText(/Round 2 of 2 is not finished: 1 is next/)).toBeVisible();
    for (const place of [1, 2, 3, 4]) {
      await tick(new RegExp(`^${place} is tight: 24 N·m`));
    }
    expect(screen.getByText("All 4 screws, 2 rounds, one by one.")).toBeVisible();
    expect(screen.queryByRole("button", { name: /is tight/ })).toBeNull();
    await putIn();
    expect(sent[0]?.body).toMatchObject({ done: true, ticked: 8 });
  });

  it("takes a tick back, and without ticks the part goes in as before", async () => {
    open(COVER);
    await tick(/1 is snug/);
    await tick(/Take one tick back/);
    expect(screen.queryByRole("button", { name: /Take one tick back/ })).toBeNull();
    await putIn();
    expect(sent[0]?.body).toMatchObject({ done: true });
    expect(sent[0]?.body).not.toHaveProperty("ticked");
  });

  it.each([
    ["came off again since", { version: 7, done: false }, {}],
    ["is tightened in another order now", undefined, { tightening: [1, 2, 3, 4] }],
    ["has another torque now", undefined, { rounds: ["snug by hand", "30 N·m"] }],
  ])("counts no tick of a part that %s", async (_, given, more) => {
    open(COVER);
    await tick(/1 is snug/);
    document.body.innerHTML = "";
    const view = {
      ...job([]),
      steps: [{ id: "s-1", given: { count: 1, part: "Cover", note: "", tray: "B" } } as never],
      rebuild: [COVER],
      photos: [],
      watch: [],
    } as JobView;
    show(
      <BuildCard
        view={view}
        card={{ ...COVER, ...more }}
        fitting={given && ({ stepId: "s-1", given } as never)}
        onNext={onNext}
        onBack={() => {}}
      />,
    );
    expect(screen.getByRole("button", { name: /1 is snug/ })).toBeVisible();
    expect(screen.queryByRole("button", { name: /Take one tick back/ })).toBeNull();
  });

  it("asks where a setting stands now, beside where it stood", async () => {
    const view = {
      ...job([]),
      steps: [
        {
          id: "s-1",
          given: {
            count: 1,
            part: "Selector rod",
            note: "",
            tray: "",
            detail: { setting: { name: "stop screw", value: "14.35 mm out", mustKeep: true } },
          },
        } as never,
      ],
      rebuild: [card()],
      photos: [],
      watch: [],
    } as JobView;
    sent = serverThatAnswers({ "PUT anywhere": view });
    show(<BuildCard view={view} card={card()} fitting={undefined} onNext={onNext} onBack={() => {}} />);
    expect(screen.getByText("It stood at 14.35 mm out and has to stand there again.")).toBeVisible();
    await userEvent.type(screen.getByLabelText("stop screw: stands now at"), "14.30 mm out");
    await putIn();
    expect(sent[0]?.body).toMatchObject({ done: true, setTo: "14.30 mm out" });
  });

  it("finds the ticks again after a reload", async () => {
    open(COVER);
    await tick(/1 is snug/);
    await tick(/^2 is tight/);
    document.body.innerHTML = "";
    open(COVER);
    expect(screen.getByRole("button", { name: /^3 is tight: snug by hand/ })).toBeVisible();
  });

  it("shows what was worked out at Set for this part, the last word of each drawer, and nothing of others", () => {
    const worked = (id: string, given: object, sentence: string) => ({
      id,
      given: { station: "SET", drawer: "shim-pack", subject: "", ...given },
      title: "Shims from the shelf",
      answer: { sentence },
    });
    const view = {
      ...job([]),
      steps: [{ id: "s-1", given: { count: 1, part: "Shim pack", note: "", tray: "" } } as never],
      rebuild: [card()],
      photos: [],
      watch: [],
      answers: [
        worked("a", { subject: "shim pack" }, "Take 0.500 mm."),
        worked("b", { about: { stepId: "s-1" } }, "Take 0.450 mm."),
        worked("c", { about: { stepId: "s-2" } }, "Take 0.900 mm."),
        worked("d", { subject: "shim pack", station: "INSPECT" }, "As found."),
      ],
    } as unknown as JobView;
    serverThatAnswers({ "PUT anywhere": view });
    show(<BuildCard view={view} card={card()} fitting={undefined} onNext={onNext} onBack={() => {}} />);
    const list = screen.getByRole("list", { name: "Worked out at Set" });
    expect(list).toHaveTextContent("shims from the shelfTake 0.450 mm.");
    expect(screen.queryByText(/0\.900|0\.500|As found/)).toBeNull();
  });

  it.each([
    [2, undefined, { refitted: 2, renewed: 0, scrapped: 1 }, "2 go in, 3 came off"],
    [4, undefined, { refitted: 3, renewed: 1, scrapped: 0 }, "4 go in, 3 came off"],
    [1, undefined, { refitted: 1, renewed: 0, scrapped: 2 }, "1 goes in, 3 came off"],
    [3, undefined, { refitted: 3, renewed: 0, scrapped: 0 }, undefined],
    [2, 3, { refitted: 3, renewed: 0, scrapped: 0 }, undefined],
  ])(
    "fits the %i pieces of a pack worked out at Set, unless the card says %s",
    async (wanted, instead, counts, told) => {
      const view = {
        ...job([]),
        steps: [{ id: "s-1", given: { count: 3, part: "Shim pack", note: "", tray: "" } } as never],
        rebuild: [card({ cameOff: 3 })],
        photos: [],
        watch: [],
        answers: [],
        ledger: { entries: [{ stepId: "s-1", wanted }] },
      } as unknown as JobView;
      const sent = serverThatAnswers({ "PUT anywhere": view });
      const fitting = {
        given: { done: false, refitted: 0, renewed: 0, scrapped: 0, reason: "", wantedInstead: instead },
      };
      show(
        <BuildCard
          view={view}
          card={card({ cameOff: 3 })}
          fitting={fitting as never}
          onNext={onNext}
          onBack={() => {}}
        />,
      );
      if (told) {
        expect(screen.getByText(told)).toBeVisible();
      } else {
        expect(screen.queryByText(/came off$/)).toBeNull();
      }
      await putIn();
      expect(sent[0]?.body).toMatchObject(counts);
    },
  );

  it("says what is done while a shaft is half in", () => {
    const words = "Half in by the large bore: it goes through the hub; hold each in line.";
    open(card({ title: "Fit feed shaft", halfIn: [words] }));
    expect(screen.getByRole("group", { name: "going in" })).toHaveTextContent(words);
  });

  it("says nothing of going in for what simply goes on", () => {
    open(card());
    expect(screen.queryByRole("group", { name: "going in" })).toBeNull();
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
