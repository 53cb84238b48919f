import { NativeSelect } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { request } from "../api/http";
import type { DrawerEntries } from "../api/types";
import { openJobsQuery, useKeep } from "../job/bench";
import { Fault, Remark } from "../shared/Caution";
import classes from "./Drawers.module.css";
import { drawersQuery, isOfTheOilRoom } from "./queries";
import { Sheet } from "./Sheet";
import { initialEntries } from "./sheet.model";
import { prefill } from "./wanted.model";

/** One drawer on its own. */
export function DrawerPage() {
  const { name } = useParams();
  const drawers = useQuery(drawersQuery);
  const jobs = useQuery(openJobsQuery);
  // Come from a job: what is known there is filled in, and the answer is kept there.
  const [params] = useSearchParams();
  const step = /^[\w-]{1,36}$/.exec(params.get("step") ?? "")?.[0];
  const from = /^\d{1,9}$/.exec(params.get("job") ?? "")?.[0] ?? "";
  const [picked, setJob] = useState(from);
  // Kept to open jobs only: one that was signed meanwhile is none.
  const job = jobs.data && !jobs.data.some((j) => String(j.number) === picked) ? "" : picked;
  const known = useQuery({
    queryKey: ["papers-entries", Number(from), step],
    queryFn: () =>
      request(
        "GET",
        `/api/jobs/${Number(from)}/papers-entries?stage=0&member=WHEEL${step ? `&step=${step}` : ""}`,
      ),
    enabled: from !== "",
  });
  const [said, setSaid] = useState<string>();
  const { keep, problem } = useKeep(Number(job));
  const drawer = drawers.data?.find((d) => d.name === name);
  const station = drawer && isOfTheOilRoom(drawer) ? "FILL" : "INSPECT";
  const save = async (entries: DrawerEntries) => {
    if (!name) {
      return false;
    }
    const kept = await keep(
      "PUT",
      `/answers/${crypto.randomUUID()}`,
      {
        station,
        drawer: name,
        subject: "",
        // What was asked of a part of one job says nothing of another.
        about: step && job === from ? { stepId: step } : undefined,
        remark: "kept from the Drawers",
        entries,
      },
      drawer?.title ?? "answer",
    );
    setSaid(
      kept ? `Kept to job ${job}; it stands at ${station === "FILL" ? "Fill" : "Inspect"}.` : undefined,
    );
    return kept;
  };
  if (drawers.isPending || (from !== "" && known.isPending)) {
    return <p>Opening…</p>;
  }
  return (
    <>
      <p className={classes.back}>
        {from === "" ? (
          <Link to="/drawers">All drawers</Link>
        ) : (
          <Link to={`/jobs/${from}/decide`}>Back to job {from}</Link>
        )}
      </p>
      {drawer ? (
        <>
          <h1>{drawer.title}</h1>
          <p className={classes.soft}>{drawer.purpose}</p>
          <NativeSelect
            className={classes.keepTo}
            label="Keep the answer to a job"
            value={job}
            onChange={(e) => setJob(e.currentTarget.value)}
            data={[
              { value: "", label: "not kept" },
              ...(jobs.data ?? []).map((card) => ({
                value: String(card.number),
                label: `job ${card.number}, ${card.tag}: ${card.complaint}`,
              })),
            ]}
          />
          {problem && <Fault>{problem.detail}</Fault>}
          {said && <Remark>{said}</Remark>}
          <Sheet
            key={`${drawer.name}.${step ?? ""}`}
            drawer={drawer}
            draftKey={`drawer.${drawer.name}${from && `.${from}`}${step ? `.${step}` : ""}`}
            start={known.data && initialEntries(drawer, prefill(drawer, known.data, undefined))}
            keep={job === "" ? undefined : save}
            keepLabel={`Keep to job ${job}`}
          />
        </>
      ) : (
        <Fault>There is no such drawer. Look under Drawers.</Fault>
      )}
    </>
  );
}
