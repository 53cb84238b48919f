import { NativeSelect } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { DrawerEntries } from "../api/types";
import { openJobsQuery, useKeep } from "../job/bench";
import { Fault, Remark } from "../shared/Caution";
import classes from "./Drawers.module.css";
import { drawersQuery, isOfTheOilRoom } from "./queries";
import { Sheet } from "./Sheet";

/** One drawer on its own. */
export function DrawerPage() {
  const { name } = useParams();
  const drawers = useQuery(drawersQuery);
  const jobs = useQuery(openJobsQuery);
  const [job, setJob] = useState("");
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
      { station, drawer: name, subject: "", remark: "kept from the Drawers", entries },
      drawer?.title ?? "answer",
    );
    setSaid(
      kept ? `Kept to job ${job}; it stands at ${station === "FILL" ? "Fill" : "Inspect"}.` : undefined,
    );
    return kept;
  };
  if (drawers.isPending) {
    return <p>Opening…</p>;
  }
  return (
    <>
      <p className={classes.back}>
        <Link to="/drawers">All drawers</Link>
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
            key={drawer.name}
            drawer={drawer}
            draftKey={`drawer.${drawer.name}`}
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
