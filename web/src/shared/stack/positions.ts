import type { ShaftStackData, StackMeeting } from "../../api/types";
import type { PlacedPart, StackLayout } from "./placed";

/** Names of the lever positions on the sheet, and how far what slides goes between them. */

/** Width of a letter of a position's name, with a little air. */
const LETTER = 7;

/** Name of each position at the foot of the case, where its stage carries. */
export function positionsOf(
  stack: ShaftStackData,
  parts: PlacedPart[],
  bottom: number,
  plane: (stage: number) => number | undefined,
): StackLayout["positions"] {
  return stack.meetings
    .filter((m) => m.positions.length > 0)
    .flatMap((m) => {
      const x = whereItCarries(m, stack, parts, plane(m.stage));
      return x === undefined ? [] : [{ stage: m.stage, x, y: bottom - 10, text: m.positions.join(", ") }];
    });
}

/** Where the name of a position stands: in the plane of its stage, or under its own wheel where two face each other. */
function whereItCarries(
  meeting: StackMeeting,
  stack: ShaftStackData,
  parts: PlacedPart[],
  plane: number | undefined,
): number | undefined {
  const isFacing = stack.meetings.some((o) => o !== meeting && o.drivenBy === meeting.drivenBy);
  if (!isFacing) {
    return plane;
  }
  const wheel = parts.find((p) => p.item.stage === meeting.stage && p.item.role === "BEVEL_WHEEL");
  return wheel && wheel.x + wheel.width / 2;
}

/** Stages between the same two shafts that carry in turn are those of a cluster or of gears that slide: from one position to the next. */
export function slidesBetween(
  positions: StackLayout["positions"],
  stack: ShaftStackData,
): StackLayout["slides"] {
  const of = (stage: number) => stack.meetings.find((m) => m.stage === stage);
  return positions.flatMap((one) => {
    const next = positions.find(
      (p) =>
        p.stage > one.stage &&
        of(p.stage)?.driver === of(one.stage)?.driver &&
        of(p.stage)?.driven === of(one.stage)?.driven,
    );
    const half = (text: string) => (text.length * LETTER) / 2 + LETTER;
    const [from, to] = [one.x + half(one.text), (next?.x ?? 0) - half(next?.text ?? "")];
    return next && to - from > 2 * LETTER ? [{ y: one.y - 4, from, to }] : [];
  });
}
