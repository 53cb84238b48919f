import type { DetailRequest, EnteredNumber, JobView, StepRequest, StepView } from "../api/types";

/** One step of a shaft as it is being typed; the bore is that of an inner wall in which it runs, and mostly empty. */
export interface SectionFields {
  diameter: EnteredNumber;
  length: EnteredNumber;
  wallBore: EnteredNumber;
}

/** Sizes of a part as they are being typed where it is seen. */
export interface SizeFields {
  shape: "" | "ROUND" | "BOX" | "STEPPED";
  width: EnteredNumber;
  height: EnteredNumber;
  length: EnteredNumber;
  steps: SectionFields[];
  bore: EnteredNumber;
  seat: string;
  leavesBy: string[];
}

const blank = (): EnteredNumber => ({ text: "", unit: "mm" });

export const emptySection = (): SectionFields => ({ diameter: blank(), length: blank(), wallBore: blank() });

export const sizesOf = (step: StepView): SizeFields => {
  const d = step.given.detail;
  const steps = d?.envelope?.steps ?? [];
  return {
    shape: steps.length > 0 ? "STEPPED" : (d?.envelope?.shape ?? ""),
    width: d?.envelope?.width ?? blank(),
    height: d?.envelope?.height ?? blank(),
    length: d?.envelope?.length ?? blank(),
    steps:
      steps.length > 0
        ? steps.map((s) => ({ ...s, wallBore: s.wallBore ?? blank() }))
        : [emptySection(), emptySection()],
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
    end && filled.length > 1 && [end.diameter, end.length, end.wallBore].every((n) => !entered(n));
    end = filled.at(-1)
  ) {
    filled.pop();
  }
  detail.envelope =
    f.shape === ""
      ? undefined
      : f.shape === "STEPPED"
        ? {
            shape: "ROUND",
            steps: filled.map(({ wallBore, ...s }) => (entered(wallBore) ? { ...s, wallBore } : s)),
          }
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

/**
 * A stepped shaft as it is drawn, 100 by 30, from left to right, and the inner walls in which it runs, 8 more above and below; undefined
 * while a size of it is not known.
 */
export const outlineOf = (step: StepView | undefined): { shaft: string; walls: string } | undefined => {
  const steps = (step?.given.detail?.envelope?.steps ?? []).map((s) => ({
    d: mm(s.diameter),
    l: mm(s.length),
    bore: s.wallBore && mm(s.wallBore),
  }));
  const long = steps.reduce((sum, s) => sum + s.l, 0);
  const thick = Math.max(...steps.map((s) => Math.max(s.d, s.bore ?? 0)));
  if (steps.length === 0 || !(long > 0) || !(thick > 0)) {
    return undefined;
  }
  let x = 0;
  const above: string[] = [];
  const below: string[] = [];
  const walls: string[] = [];
  for (const s of steps) {
    const half = (14 * s.d) / thick;
    const from = x;
    x += (100 * s.l) / long;
    above.push(`L${from} ${15 - half} L${x} ${15 - half}`);
    below.unshift(`L${x} ${15 + half} L${from} ${15 + half}`);
    if (s.bore) {
      const hole = (14 * s.bore) / thick;
      const at = (from + x) / 2;
      walls.push(`M${at} -8 V${15 - hole} M${at} ${15 + hole} V38`);
    }
  }
  return { shaft: `M0 15 ${above.join(" ")} ${below.join(" ")} Z`, walls: walls.join(" ") };
};
