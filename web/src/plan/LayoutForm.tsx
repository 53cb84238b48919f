import { Button, NativeSelect, TextInput } from "@mantine/core";
import { type FormEvent, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView, OpeningRequest, UnitLayout } from "../api/types";
import { useKeep } from "../job/bench";
import { Fault } from "../shared/Caution";
import { MeasureInput } from "../shared/MeasureInput";
import { Panel } from "../shared/Panel";
import { emptyOpening, withAxes, withOpening, withoutOpening } from "./Layout.model";
import classes from "./Plan.module.css";

/** Shafts, bores and covers of the unit, and the openings by which parts come and go. */
export function LayoutForm({ view, signed }: { view: JobView; signed: boolean }) {
  const { keep, problem, busy } = useKeep(view.job.number);
  const [axes, setAxes] = useState(view.unit.shafts.join("\n"));
  const [opening, setOpening] = useState(emptyOpening());
  const layout = view.unit.layout;
  const errors = fieldErrors(problem);
  const at = `layout.openings[${layout.openings.length}].`;

  const send = (next: UnitLayout) =>
    keep("PUT", "/layout", { version: view.unit.version, layout: next }, "openings");
  const add = async (event: FormEvent) => {
    event.preventDefault();
    if (await send(withOpening(layout, opening))) {
      setOpening(emptyOpening());
    }
  };
  const names = (event: FormEvent) => {
    event.preventDefault();
    void send(withAxes(layout, axes));
  };

  return (
    <Panel title="Openings and shafts" aside={`${layout.openings.length} openings`}>
      <p className={classes.soft}>
        With the sizes of openings and parts, the plan knows that a hub has to be inside before its shaft, or
        that a shaft enters from one side only.
      </p>
      {problem && <Fault>{elsewhere(problem, ["layout"]) ?? problem.detail}</Fault>}
      <ul className={classes.said}>
        {layout.openings.map((o) => (
          <li key={o.name}>
            <span>
              {o.name}: {o.shape === "ROUND" ? "Ø" : ""}
              {o.width.text}
              {o.shape === "RECTANGLE" && ` × ${o.height?.text}`} {o.width.unit}
              {o.closedBy && <small>closed by {o.closedBy}</small>}
            </span>
            {!signed && (
              <Button variant="default" disabled={busy} onClick={() => send(withoutOpening(layout, o))}>
                Remove
              </Button>
            )}
          </li>
        ))}
      </ul>
      {!signed && (
        <form className={classes.say} onSubmit={add} aria-label="New opening">
          <TextInput
            label="Opening"
            placeholder="side hole"
            value={opening.name}
            error={errors[`${at}name`]}
            onChange={(e) => setOpening({ ...opening, name: e.currentTarget.value })}
          />
          <NativeSelect
            label="Shape"
            value={opening.shape}
            data={[
              { value: "ROUND", label: "round" },
              { value: "RECTANGLE", label: "rectangular" },
            ]}
            onChange={(e) =>
              setOpening({ ...opening, shape: e.currentTarget.value as OpeningRequest["shape"] })
            }
          />
          <MeasureInput
            label={opening.shape === "ROUND" ? "Diameter" : "Width"}
            units={["mm", "in"]}
            value={opening.width}
            error={errors[`${at}width`]}
            onChange={(width) => setOpening({ ...opening, width })}
          />
          {opening.shape === "RECTANGLE" && (
            <MeasureInput
              label="Height"
              units={["mm", "in"]}
              value={opening.height}
              error={errors[`${at}height`]}
              onChange={(height) => setOpening({ ...opening, height })}
            />
          )}
          <TextInput
            label="Closed by"
            placeholder="side cover"
            value={opening.closedBy}
            onChange={(e) => setOpening({ ...opening, closedBy: e.currentTarget.value })}
          />
          <Button type="submit" loading={busy}>
            Add opening
          </Button>
        </form>
      )}
      {!signed && (
        <form className={classes.axes} onSubmit={names} aria-label="Shafts, bores and covers">
          <label>
            <span>Shafts, bores and covers, one a line, those of the papers first</span>
            <textarea
              rows={Math.max(3, axes.split("\n").length)}
              value={axes}
              onChange={(e) => setAxes(e.currentTarget.value)}
            />
          </label>
          <Button type="submit" variant="default" loading={busy}>
            Keep the names
          </Button>
        </form>
      )}
    </Panel>
  );
}
