// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { describe, expect, it } from "vitest";
import type { ShaftStackData, StackItem } from "../../api/types";
import { show } from "../../test-data/bench";
import { ShaftStack } from "./ShaftStack";

const item = (part: string, more: Partial<StackItem> = {}): StackItem => ({
  number: 0,
  part,
  kind: "GEAR",
  count: 1,
  zone: "INSIDE",
  side: "MIDDLE",
  stage: 0,
  diameter: 0,
  width: 0,
  now: "IN_PLACE",
  wayRound: "",
  tray: "",
  ...more,
});

const winchWithWorm: ShaftStackData = {
  meetings: [
    {
      stage: 1,
      lie: "SKEW",
      drivenBy: 1,
      driver: 1,
      driven: 2,
      centreDistance: 100,
      isToSize: true,
      inWords: "worm 1/40",
      positions: [],
      members: [],
    },
    {
      stage: 2,
      lie: "COAXIAL",
      drivenBy: 2,
      driver: 2,
      driven: 3,
      centreDistance: 24,
      isToSize: false,
      inWords: "planetary z 24/24/72",
      positions: ["slow"],
      members: [
        item("sun 2, z 24", { stage: 2, role: "SUN", diameter: 26 }),
        item("planet, z 24", {
          stage: 2,
          role: "PLANET",
          diameter: 26,
          count: 3,
          now: "ON_BENCH",
          number: 4,
          stepId: "s4",
          tray: "C",
        }),
        item("ring gear 2, z 72", { stage: 2, role: "RING", kind: "RING_GEAR", diameter: 74 }),
      ],
    },
  ],
  shafts: [
    {
      name: "worm shaft",
      isIn: true,
      isOutput: false,
      items: [item("worm 1", { stage: 1, role: "WORM", diameter: 48 })],
    },
    {
      name: "sun shaft",
      isIn: true,
      isOutput: false,
      items: [item("worm wheel 1, z 40", { stage: 1, role: "WORM_WHEEL", diameter: 168 })],
    },
    { name: "drum shaft", isIn: true, isOutput: true, items: [] },
  ],
  housing: [item("drain plug", { kind: "PLUG", now: "TO_RENEW", number: 1, stepId: "s1" })],
};

function Bench() {
  const [chosen, choose] = useState<string>();
  return <ShaftStack stack={winchWithWorm} chosen={chosen} onChoose={choose} />;
}

describe("the picture", () => {
  const picture = () => within(screen.getByRole("group", { name: "Parts on their shafts" }));

  it("offers every wheel once as a button with what is known of it", () => {
    show(<Bench />);
    expect(
      picture()
        .getAllByRole("button")
        .map((b) => b.getAttribute("aria-label")),
    ).toEqual([
      "worm 1 · in place",
      "worm wheel 1, z 40 · in place",
      "ring gear 2, z 72 · in place",
      "step 4 · 3 × planet, z 24 · on the bench · tray C",
      "sun 2, z 24 · in place",
    ]);
  });

  it("counts wheels of a stage in one axis among the parts", () => {
    show(<Bench />);
    const counts = within(screen.getByRole("region", { name: "Shaft stack" })).getAllByRole("listitem");
    expect(counts.map((c) => c.textContent)).toEqual(["in place 4", "on the bench 1", "to renew 1"]);
  });

  it("chooses the wheel itself by its view from the crossing shaft", async () => {
    show(<Bench />);
    await userEvent.click(screen.getByText("worm wheel 1, z 40, on the sun shaft, seen along its axis"));
    expect(picture().getByRole("button", { name: "worm wheel 1, z 40 · in place" })).toHaveAttribute(
      "aria-pressed",
      "true",
    );
    expect(screen.getByRole("status")).toHaveTextContent("worm wheel 1, z 40 · in place");
  });

  it("goes through the wheels by arrow keys", async () => {
    show(<Bench />);
    picture().getByRole("button", { name: "worm 1 · in place" }).focus();
    await userEvent.keyboard("{ArrowLeft}");
    expect(screen.getByRole("status")).toHaveTextContent("sun 2, z 24 · in place");
  });

  it("says what is drawn from counted teeth only", () => {
    show(<Bench />);
    expect(screen.getByText("Not to size, from counted teeth: stage 2.")).toBeVisible();
  });

  it("writes every number above all parts", () => {
    show(<Bench />);
    const number = picture().getByText("4");
    const last = picture().getAllByRole("button").at(-1) as HTMLElement;
    expect(last.compareDocumentPosition(number) & Node.DOCUMENT_POSITION_FOLLOWING).toBeTruthy();
  });

  it("names every shaft, and the position in which a stage carries", () => {
    show(<Bench />);
    for (const name of ["worm", "sun", "drum", "slow"]) {
      expect(picture().getAllByText(name)[0]).toBeInTheDocument();
    }
  });
});
