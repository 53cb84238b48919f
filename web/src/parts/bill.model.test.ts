import { describe, expect, it } from "vitest";
import { billText, readBill, readReplacements, replacementText } from "./bill.model";
import { cents, money } from "./money";

const LINES = "7; SW-1040; 4; pawl\n8; SW-1041; 8; pawl spring; AB 1; AB 1499";

describe("a bill as text", () => {
  it("is read line by line and written back the same", () => {
    const read = readBill(LINES);
    expect(read).toEqual({
      lines: [
        {
          position: "7",
          part: { number: "SW-1040", quantity: 4 },
          name: "pawl",
          machines: { from: "", to: "" },
        },
        {
          position: "8",
          part: { number: "SW-1041", quantity: 8 },
          name: "pawl spring",
          machines: { from: "AB 1", to: "AB 1499" },
        },
      ],
    });
    expect("lines" in read && billText(read.lines)).toBe(LINES);
  });

  it("takes a table pasted with tabs", () => {
    expect(readBill("\tSW-1\t2\tseal\n\n")).toMatchObject({
      lines: [{ position: "", part: { number: "SW-1", quantity: 2 }, name: "seal" }],
    });
  });

  it.each(["7; SW-1040; pawl", "7;; 4; pawl", "7; SW-1040; 4.5; pawl"])(
    "says what is wrong with “%s”",
    (row) => {
      expect(readBill(`1; A; 1; cover\n${row}`)).toEqual({
        fault: `Line 2, “${row}”: write place; number; pieces; name.`,
      });
    },
  );

  it("reads what takes the place of a number", () => {
    const text = "SW-0917 -> 1 SW-1070 + 2 SW-1071; AB 1500";
    const read = readReplacements(text);
    expect(read).toEqual({
      replacements: [
        {
          old: "SW-0917",
          by: [
            { number: "SW-1070", quantity: 1 },
            { number: "SW-1071", quantity: 2 },
          ],
          machines: { from: "AB 1500", to: "" },
        },
      ],
    });
    expect("replacements" in read && replacementText(read.replacements)).toBe(text);
    expect(readReplacements("A -> B")).toMatchObject({
      replacements: [{ by: [{ number: "B", quantity: 1 }] }],
    });
    expect(readReplacements("A and B")).toHaveProperty("fault");
    expect(readReplacements("A -> 1 B C")).toHaveProperty("fault");
  });
});

describe("money", () => {
  it("is told in whole cents", () => {
    expect(money(123405, "EUR")).toBe("1234.05 EUR");
    expect(money(90, "EUR", ",")).toBe("0,90 EUR");
  });

  it.each([
    ["12", 1200],
    ["12,5", 1250],
    ["0.07", 7],
    ["12.345", undefined],
    ["-1", undefined],
    ["", undefined],
  ])("“%s” is %s cents", (text, expected) => {
    expect(cents(text)).toBe(expected);
  });
});
