// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import { expect, it } from "vitest";
import type { ShaftStackData, StackItem } from "../../api/types";
import { show } from "../../test-data/bench";
import { Neighbourhood } from "./Neighbourhood";

const item = (part: string, more: Partial<StackItem> = {}): StackItem => ({
  number: 0,
  part,
  kind: "SPACER",
  count: 1,
  zone: "INSIDE",
  side: "LEFT",
  stage: 0,
  diameter: 0,
  width: 0,
  now: "ON_BENCH",
  wayRound: "",
  tray: "",
  ...more,
});

const STACK = {
  meetings: [],
  housing: [item("drain plug", { stepId: "s9", number: 9 })],
  shafts: [
    {
      name: "input shaft",
      now: "IN_PLACE",
      items: [
        item("spacer 12", { stepId: "s1", number: 1 }),
        item("ball bearing 6209", { stepId: "s2", number: 2, kind: "BEARING" }),
        item("circlip 45", { stepId: "s3", number: 3, kind: "CIRCLIP" }),
      ],
    },
  ],
} as unknown as ShaftStackData;

it("names what stands at both sides of the part in hand, and offers nothing to tap", () => {
  show(<Neighbourhood stack={STACK} stepId="s2" />);
  const picture = screen.getByRole("img");
  const [left, right] = ["spacer 12", "circlip 45"];
  expect(picture).toHaveAccessibleName(`Where it sits: left of it ${left}, right of it ${right}`);
  expect(screen.getByText(`← ${left}`)).toBeVisible();
  expect(screen.getByText(`${right} →`)).toBeVisible();
  expect(screen.queryByRole("button")).toBeNull();
});

it("says of the last one only what it stands against", () => {
  show(<Neighbourhood stack={STACK} stepId="s1" />);
  expect(screen.getByRole("img").getAttribute("aria-label")).not.toContain("left of it");
});

it("shows nothing of a part that sits on no shaft", () => {
  show(<Neighbourhood stack={STACK} stepId="s9" />);
  expect(screen.queryByRole("img")).toBeNull();
});
