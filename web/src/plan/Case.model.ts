import type { DetailRequest, EnteredNumber, JobView, StepRequest, StepView } from "../api/types";

/** Sizes of a part as they are being typed where it is seen. */
export interface SizeFields {
  shape: "" | "ROUND" | "BOX" | "STEPPED";
  width: EnteredNumber;
  height: EnteredNumber;
  length: EnteredNumber;
  steps: { diameter: EnteredNumber; length: EnteredNumber }[];
  bore: EnteredNumber;
  seat: string;
  leavesBy: string[];
}

const blank = (): EnteredNumber => ({ text: "", unit: "mm" });

export const emptySection = () => ({ diameter: blank(), length: blank() });

export const sizesOf = (step: StepView): SizeFields => {
  const d = step.given.detail;
  const steps = d?.envelope?.steps ?? [];
  return {
    shape: steps.length > 0 ? "STEPPED" : (d?.envelope?.shape ?? ""),
    width: d?.envelope?.width ?? blank(),
    height: d?.envelope?.height ?? blank(),
    length: d?.envelope?.length ?? blank(),
    steps: steps.length > 0 ? steps : [emptySection(), emptySection()],
    bore: d?.bore ?? blank(),
    seat: d?.seat ? String(d.seat) : "",
    leavesBy: d?.leavesBy ?? [],
  };
};

const entered = (number: EnteredNumber) => (number.text.trim() === "" ? undefined : number);

/** The step with these sizes, over the version that was seen; all else that is noted of it stays. */
export const withSizes = (step: StepView, f: SizeFields, seen: number | undefined): StepRequest => {
  const detail: DetailRequest = { ...step.given.detail };
  // Rows at the end that nobody filled are none; one in between is a fault, and told at its place.
  const filled = [...f.steps];
  for (
    let end = filled.at(-1);
    end && filled.length > 1 && !entered(end.diameter) && !entered(end.length);
    end = filled.at(-1)
  ) {
    filled.pop();
  }
  detail.envelope =
    f.shape === ""
      ? undefined
      : f.shape === "STEPPED"
        ? { shape: "ROUND", steps: filled }
        : {
            shape: f.shape,
            width: f.width,
            height: f.shape === "BOX" ? f.height : undefined,
            length: f.length,
          };
  detail.bore = entered(f.bore);
  detail.seat = f.seat === "" ? undefined : Number(f.seat);
  detail.leavesBy = f.leavesBy.length > 0 ? f.leavesBy : undefined;
  return { ...step.given, version: seen, detail };
};

/** What may close an opening: parts of the strip by name, covers and plugs first. */
export const closersOf = (view: JobView): string[] => {
  const first = ["COVER", "PLUG", "HOUSING"];
  const names = (some: StepView[]) => some.map((s) => s.given.part);
  return [
    ...new Set([
      ...names(view.steps.filter((s) => first.includes(s.given.kind))),
      ...names(view.steps.filter((s) => !first.includes(s.given.kind))),
    ]),
  ];
};

const mm = (n: EnteredNumber) =>
  Number(n.text.replace(",", ".")) * (n.unit === "in" ? 25.4 : n.unit === "thou" ? 0.0254 : 1);

/** The outline of a stepped shaft as a path of 100 by 30, from left to right; undefined while no step is known. */
export const outlineOf = (step: StepView | undefined): string | undefined => {
  const steps = (step?.given.detail?.envelope?.steps ?? []).map((s) => ({
    d: mm(s.diameter),
    l: mm(s.length),
  }));
  const long = steps.reduce((sum, s) => sum + s.l, 0);
  const thick = Math.max(...steps.map((s) => s.d));
  if (steps.length === 0 || !(long > 0) || !(thick > 0)) {
    return undefined;
  }
  let x = 0;
  const above: string[] = [];
  const below: string[] = [];
  for (const s of steps) {
    const half = (14 * s.d) / thick;
    const from = x;
    x += (100 * s.l) / long;
    above.push(`L${from} ${15 - half} L${x} ${15 - half}`);
    below.unshift(`L${x} ${15 + half} L${from} ${15 + half}`);
  }
  return `M0 15 ${above.join(" ")} ${below.join(" ")} Z`;
};
