import { Button, NativeSelect, TextInput } from "@mantine/core";
import { type FormEvent, useState } from "react";
import { elsewhere, fieldErrors } from "../api/problem";
import type { JobView, OpeningRequest, UnitLayout } from "../api/types";
import { useKeep } from "../job/bench";
import { Fault } from "../shared/Caution";
import { MeasureInput } from "../shared/MeasureInput";
import { closersOf } from "./Case.model";
import {
  emptyOpening,
  FACES,
  type Faces,
  fieldsOfOpening,
  type OpeningFields,
  withOpening,
  withoutOpening,
} from "./Layout.model";
import classes from "./Plan.module.css";

interface Props {
  view: JobView;
  /** The opening that was tapped; undefined for a new one. */
  opening: OpeningRequest | undefined;
  faces: Faces;
  onDone: () => void;
}

const SHOWN = ["name", "width", "height", "depth", "closedBy", "shaft"];

/** One opening: its size, what closes it, which way it looks. */
export function OpeningForm({ view, opening, faces, onDone }: Props) {
  const { keep, problem, busy } = useKeep(view.job.number);
  const [f, setFields] = useState<OpeningFields>(opening ? fieldsOfOpening(opening) : emptyOpening(faces));
  const change = (part: Partial<OpeningFields>) => setFields({ ...f, ...part });
  const layout = view.unit.layout;
  const errors = fieldErrors(problem);
  const at = `layout.openings[${opening ? layout.openings.indexOf(opening) : layout.openings.length}].`;
  // What somebody else keeps meanwhile is not written over: the server tells.
  const [seen] = useState(view.unit.version);
  const send = async (next: UnitLayout) => {
    if (await keep("PUT", "/layout", { version: seen, layout: next }, "openings")) {
      onDone();
    }
  };
  const submit = (event: FormEvent) => {
    event.preventDefault();
    void send(withOpening(layout, f, opening));
  };
  const closers = closersOf(view);
  // What closed it at an earlier job may have another name now: it is shown until something else is chosen.
  const known = f.closedBy && !closers.includes(f.closedBy) ? [f.closedBy, ...closers] : closers;
  const along = f.faces === "LEFT" || f.faces === "RIGHT";
  return (
    <form className={classes.say} onSubmit={submit} aria-label={opening ? opening.name : "New opening"}>
      {problem && (
        <Fault>
          {elsewhere(
            problem,
            SHOWN.map((s) => at + s),
          ) ?? problem.detail}
        </Fault>
      )}
      <TextInput
        label="Opening"
        placeholder="side hole"
        value={f.name}
        error={errors[`${at}name`]}
        onChange={(e) => change({ name: e.currentTarget.value })}
      />
      <NativeSelect
        label="Closed by"
        description="a part of the strip"
        value={f.closedBy}
        error={errors[`${at}closedBy`]}
        data={[
          { value: "", label: "nothing: it is always open" },
          ...known.map((n) => ({ value: n, label: n })),
        ]}
        onChange={(e) => change({ closedBy: e.currentTarget.value })}
      />
      <NativeSelect
        label="Shape"
        value={f.shape}
        data={[
          { value: "ROUND", label: "round" },
          { value: "RECTANGLE", label: "rectangular" },
        ]}
        onChange={(e) => change({ shape: e.currentTarget.value as OpeningRequest["shape"] })}
      />
      <MeasureInput
        label={f.shape === "ROUND" ? "Diameter" : "Width"}
        units={["mm", "in"]}
        value={f.width}
        error={errors[`${at}width`]}
        onChange={(width) => change({ width })}
      />
      {f.shape === "RECTANGLE" && (
        <MeasureInput
          label="Height"
          units={["mm", "in"]}
          value={f.height}
          error={errors[`${at}height`]}
          onChange={(height) => change({ height })}
        />
      )}
      <NativeSelect
        label="Looks to the"
        description="left and right as on the picture"
        value={f.faces}
        data={Object.entries(FACES).map(([value, label]) => ({ value, label }))}
        onChange={(e) => change({ faces: e.currentTarget.value as Faces })}
      />
      {along ? (
        <NativeSelect
          label="Bore of one shaft"
          description="a large opening serves all"
          value={String(f.shaft)}
          error={errors[`${at}shaft`]}
          data={[
            { value: "0", label: "no: it serves all" },
            ...view.unit.shafts.map((name, i) => ({ value: String(i + 1), label: name })),
          ]}
          onChange={(e) => change({ shaft: Number(e.currentTarget.value) })}
        />
      ) : (
        <MeasureInput
          label="Free depth behind it"
          hint="where a long part is brought out"
          units={["mm", "in"]}
          value={f.depth}
          error={errors[`${at}depth`]}
          onChange={(depth) => change({ depth })}
        />
      )}
      <div className={classes.actions}>
        <Button type="submit" loading={busy}>
          {opening ? "Keep the opening" : "Add the opening"}
        </Button>
        {opening && (
          <Button
            variant="default"
            disabled={busy}
            onClick={() => void send(withoutOpening(layout, opening))}
          >
            Remove it
          </Button>
        )}
        <Button variant="default" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
