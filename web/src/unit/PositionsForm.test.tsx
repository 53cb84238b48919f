// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { useState } from "react";
import { describe, expect, it } from "vitest";
import { show } from "../test-data/bench";
import { PositionsForm } from "./PositionsForm";
import { emptyUnit, type UnitFields } from "./UnitForm.model";

let kept: UnitFields["positions"] = [];

function Sheet({ errors }: { errors: Record<string, string> }) {
  const stage = { kind: "BEVEL", values: {} };
  const [fields, setFields] = useState<UnitFields>({ ...emptyUnit("mm"), stages: [stage, stage] });
  kept = fields.positions;
  return (
    <PositionsForm
      fields={fields}
      errors={errors}
      change={(part) => setFields((before) => ({ ...before, ...part }))}
    />
  );
}

const sheet = (errors: Record<string, string> = {}) => show(<Sheet errors={errors} />);

describe("gear positions and outputs", () => {
  it("keeps which output each way leads to; the first is said by nothing", async () => {
    const user = userEvent.setup();
    sheet({ "positions[1].output": "Both end with stage 2." });
    for (const [place, name] of ["left output", "right output"].entries()) {
      await user.click(screen.getByRole("button", { name: "Add a gear position" }));
      const position = screen.getByRole("group", { name: `Position ${place + 1}` });
      await user.type(within(position).getByLabelText(/^Name, as at the lever/), name);
      await user.click(within(position).getByRole("checkbox", { name: `stage ${place + 1}` }));
    }
    const second = screen.getByRole("group", { name: "Position 2" });
    await user.selectOptions(within(second).getByLabelText("Leads to output"), "2");
    expect(kept).toEqual([
      { name: "left output", stages: [1] },
      { name: "right output", stages: [2], output: 2 },
    ]);
    expect(within(second).getByText("Both end with stage 2.")).toBeVisible();
    await user.selectOptions(within(second).getByLabelText("Leads to output"), "1");
    expect(kept[1]).toEqual({ name: "right output", stages: [2], output: undefined });
  });

  it("asks for no output while there is one way", async () => {
    sheet();
    await userEvent.click(screen.getByRole("button", { name: "Add a gear position" }));
    expect(screen.queryByLabelText("Leads to output")).not.toBeInTheDocument();
  });
});
