import { NativeSelect, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { request } from "../api/http";
import type { DrawerAnswer, DrawerEntries, JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import classes from "./Drawers.module.css";
import { KeptAnswers, type Room } from "./KeptAnswers";
import { drawersQuery, isOfTheOilRoom } from "./queries";
import { Sheet } from "./Sheet";
import { initialEntries } from "./sheet.model";
import { limitEntries, prefill, type Wanted } from "./wanted.model";

interface Props {
  view: JobView;
  station: Room;
  /** The check that somebody came here to measure. */
  wanted?: Wanted | undefined;
  onWanted?: (wanted: Wanted | undefined) => void;
  /** A drawer somebody came here to open, of a stage or, with 0, of none; a new object opens it again. */
  opened?: { drawer: string; stage: number } | undefined;
  /** True where only what somebody came here for is wanted, without what was kept before. */
  only?: boolean;
}

/** The drawer that holds any reading against its limits, where no other measures a check. */
const AGAINST_LIMITS = "against-limits";

const PLACES = ["sump", "bearings", "pawls", "screw and nut", "open gears", "chain", "splines", "seal lips"];

/** Every way of measuring and working out there is, at a job: the papers of the unit are filled in, answers are kept. */
export function MeasuringRoom({ view, station, wanted, onWanted, opened, only }: Props) {
  const drawers = useQuery(drawersQuery);
  const [picked, setName] = useState("");
  const measures = drawers.data?.find((d) => wanted && d.checks.includes(wanted.check.id))?.name;
  const name = picked === "" && wanted ? (measures ?? AGAINST_LIMITS) : picked;
  const room = useRef<HTMLDivElement>(null);
  const filling = station === "FILL";
  const gears = filling ? [] : gearsAndMeshes(view);
  const [typed, setTyped] = useState<string>();
  const [gear, setGear] = useState((gears.find((g) => g.value.endsWith("WHEEL")) ?? gears[0])?.value ?? "");
  useEffect(() => {
    if (wanted) {
      setName("");
    }
  }, [wanted]);
  useEffect(() => {
    if (opened) {
      setName(opened.drawer);
      if (opened.stage === 0) {
        setTyped("");
        room.current?.scrollIntoView?.({ block: "start" });
      } else {
        setGear(`${opened.stage}`);
      }
    }
  }, [opened]);
  const part = view.steps.find((step) => step.id === wanted?.stepId);
  const [remark, setRemark] = useState("");
  const [where, setWhere] = useState("");
  const subject = part?.given.part ?? typed ?? gears.find((g) => g.value === gear)?.label ?? "";
  const [stage, which] = gear.split(" ");
  const member =
    which === "PINION" ? ("PINION" as const) : which === "WHEEL" ? ("WHEEL" as const) : undefined;
  // A part that is named by its name is looked up in the log as one that somebody came here for.
  const logged = part ?? view.steps.find((step) => same(step.given.part, subject));
  const papers = useQuery({
    queryKey: ["papers-entries", view.job.number, gear, logged?.id],
    queryFn: () =>
      request(
        "GET",
        `/api/jobs/${view.job.number}/papers-entries?stage=${stage || 0}&member=${member ?? "WHEEL"}${
          logged ? `&step=${logged.id}` : ""
        }`,
      ),
  });
  const { keep, problem } = useKeep(view.job.number);
  const offered = drawers.data?.filter((d) => !filling || isOfTheOilRoom(d)) ?? [];
  const drawer = offered.find((d) => d.name === name);
  const sections = [...new Set(offered.map((d) => d.section))];
  const named = filling ? PLACES : [...new Set(view.steps.map((step) => step.given.part))];

  const about = wanted ? `${wanted.stepId ?? wanted.stage}.${wanted.check.id}` : gear;
  // A part or gear is named by its key, so that a corrected name changes nothing.
  const tie = wanted
    ? { about: { stepId: wanted.stepId, stage: wanted.stage }, check: wanted.check.id }
    : typed === undefined && gear !== "" && !filling
      ? { about: { stage: Number(stage), member } }
      : {};

  const save = async (entries: DrawerEntries, _answer: DrawerAnswer) => {
    const kept = await keep(
      "PUT",
      `/answers/${crypto.randomUUID()}`,
      { station, drawer: name, subject, ...(where && { where }), remark, entries, ...tie },
      drawer?.title ?? name,
    );
    if (kept) {
      setRemark("");
      setWhere("");
      setTyped(undefined);
      onWanted?.(undefined);
    }
    return kept;
  };

  return (
    <div ref={room}>
      <Panel
        title={filling ? "Oil room" : "Measuring room"}
        aside={
          filling
            ? "each lubricated place with its own lubricant, kept to this job"
            : "every other way to measure and work out, kept to this job"
        }
      >
        {!isClosed(view) && (
          <div className={classes.choose}>
            <NativeSelect
              label={filling ? "Work out" : "Measure or work out"}
              value={name}
              onChange={(e) => setName(e.currentTarget.value)}
              data={[
                { value: "", label: "choose a drawer" },
                ...sections.map((section) => ({
                  group: section,
                  items: offered
                    .filter((d) => d.section === section)
                    .map((d) => ({ value: d.name, label: d.title })),
                })),
              ]}
            />
            {wanted && !only && (
              <p className={classes.wanted}>
                For {part?.given.part ?? `the mesh of stage ${wanted.stage}`}, {wanted.check.id}:{" "}
                {wanted.check.lookAt}.{" "}
                <button type="button" onClick={() => onWanted?.(undefined)}>
                  Not for this part
                </button>
              </p>
            )}
            {gears.length > 0 && !wanted && (
              <NativeSelect
                label="Gear or mesh"
                value={gear}
                onChange={(e) => setGear(e.currentTarget.value)}
                data={gears}
              />
            )}
            {drawer && (
              <>
                {!wanted && (
                  <TextInput
                    label={filling ? "Lubricated place" : "What it is about"}
                    description={
                      filling
                        ? "Sump, bearings, pawls: each place for itself."
                        : "A part named here takes the verdict to Decide."
                    }
                    inputWrapperOrder={["label", "input", "description", "error"]}
                    list="parts-off"
                    value={subject}
                    onChange={(e) => setTyped(e.currentTarget.value)}
                  />
                )}
                <datalist id="parts-off">
                  {named.map((part) => (
                    <option key={part} value={part} />
                  ))}
                </datalist>
                {!filling && (
                  <TextInput
                    label="Where on it"
                    placeholder="left seat"
                    maxLength={60}
                    value={where}
                    onChange={(e) => setWhere(e.currentTarget.value)}
                  />
                )}
                <TextInput label="Remark" value={remark} onChange={(e) => setRemark(e.currentTarget.value)} />
              </>
            )}
          </div>
        )}
        {drawer && papers.data && !isClosed(view) && (
          <>
            <p className={classes.soft}>{drawer.purpose}</p>
            {problem && <Fault>{problem.detail}</Fault>}
            <Sheet
              key={`${name} ${about} ${logged?.id ?? ""}`}
              drawer={drawer}
              draftKey={`room.${view.job.id}.${station}.${name}.${about}`}
              start={initialEntries(
                drawer,
                wanted && drawer.name === AGAINST_LIMITS
                  ? limitEntries(wanted)
                  : prefill(drawer, papers.data, wanted),
              )}
              keep={save}
              keepLabel="Keep to this job"
            />
          </>
        )}
        {!drawer && (
          <p className={classes.soft}>
            {filling
              ? "Viscosity hot and cold, blends, sump temperature, samples, change interval, what goes where and what stands on the shelf, litres of any sump, grease."
              : "Over pins, gear-tooth caliper, maps round a turn, worm and bevel, screw and nut, the true mesh, contact pattern, shims, timing, unknown gears."}
          </p>
        )}
      </Panel>
      {!only && <KeptAnswers view={view} station={station} />}
    </div>
  );
}

const same = (one: string, other: string) => one.trim().toLowerCase() === other.trim().toLowerCase();

/** The gears of each pair, and each stage that is measured as a whole. */
const gearsAndMeshes = (view: JobView): { value: string; label: string }[] => [
  ...view.unit.stages.flatMap(({ stage, pair }) =>
    pair
      ? [
          { value: `${stage} PINION`, label: `pinion ${stage}, z ${pair.pinionTeeth}` },
          { value: `${stage} WHEEL`, label: `wheel ${stage}, z ${pair.wheelTeeth}` },
        ]
      : [],
  ),
  ...view.otherMeshes.map((m) => ({ value: `${m.stage}`, label: `stage ${m.stage}, ${m.words}` })),
];
