import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { request } from "../api/http";
import type { Circumstance, CircumstanceView, JobView } from "../api/types";
import { useKeep } from "../job/bench";
import { isClosed } from "../job/closed";
import { Fault } from "../shared/Caution";
import { Panel } from "../shared/Panel";
import classes from "./Receive.module.css";

const circumstancesQuery = {
  queryKey: ["circumstances"],
  queryFn: () => request("GET", "/api/circumstances"),
  staleTime: Number.POSITIVE_INFINITY,
};

/** What the plan of checks goes by: words of the complaint, as many as fit, its history, surroundings and kind of the unit. */
export function About({ view }: { view: JobView }) {
  const known = useQuery(circumstancesQuery);
  const { keep, problem } = useKeep(view.job.number);
  const [kinds, setKinds] = useState(false);
  const { plan } = view;
  if (!plan || !known.data) {
    return null;
  }
  const all = known.data;
  const of = (group: CircumstanceView["of"]) => all.filter((c) => c.of === group);
  const counts = new Set<Circumstance>(plan.circumstances);
  const groupOf = (code: Circumstance) => all.find((c) => c.code === code)?.of;
  const flipped = (codes: Circumstance[], code: Circumstance) =>
    codes.includes(code) ? codes.filter((c) => c !== code) : [...codes, code];
  const toggle = (c: CircumstanceView) => {
    const isOfJob = c.of === "COMPLAINT" || c.of === "HISTORY";
    const ofJob = plan.circumstances.filter((code) => /COMPLAINT|HISTORY/.test(groupOf(code) ?? ""));
    return keep(
      "PUT",
      "/circumstances",
      {
        version: view.job.version,
        ofUnit: isOfJob ? plan.unitSaid : flipped(plan.unitSaid, c.code),
        ofJob: isOfJob ? flipped(ofJob, c.code) : ofJob,
      },
      `about: ${c.words}`,
    );
  };
  const chips = (group: CircumstanceView["of"], label: string) => (
    <fieldset className={classes.chips}>
      <legend>{label}</legend>
      {of(group).map((c) => (
        <button
          key={c.code}
          type="button"
          disabled={isClosed(view)}
          aria-pressed={group === "KIND" ? plan.unitSaid.includes(c.code) : counts.has(c.code)}
          onClick={() => void toggle(c)}
        >
          {c.words}
          {plan.read.includes(c.code) && !counts.has(c.code) && " (in the words)"}
        </button>
      ))}
    </fieldset>
  );
  const kindWords = of("KIND")
    .filter((c) => plan.kinds.includes(c.code as (typeof plan.kinds)[number]))
    .map((c) => c.words)
    .join(", ");
  return (
    <Panel title="What it is about" aside="the plan of checks goes by this">
      {problem && <Fault>{problem.detail}</Fault>}
      <p className={classes.soft}>
        {plan.jobSaid
          ? "As you said it."
          : plan.read.length > 0
            ? "Read in the complaint. Tap what else fits, and what does not."
            : "Tap every word that fits the complaint."}
      </p>
      {chips("COMPLAINT", "The customer says: it")}
      {chips("HISTORY", "Before this job")}
      {chips("SURROUNDINGS", "The unit stands in, or was")}
      <p>
        Kind of unit: <b>{plan.kindKnown ? kindWords : "not known: a general plan"}</b>{" "}
        <button type="button" className={classes.link} aria-expanded={kinds} onClick={() => setKinds(!kinds)}>
          {kinds ? "Fold" : "Change"}
        </button>
      </p>
      {kinds && chips("KIND", "Kinds, one or two")}
    </Panel>
  );
}
