import { Button, TextInput } from "@mantine/core";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { request } from "../api/http";
import type { InstrumentRequest } from "../api/types";
import classes from "./Shop.module.css";
import type { Card } from "./useCard";

const today = () => new Date().toISOString().slice(0, 10);

const FIELDS = [
  ["lastGood", "Last known good on", "date"],
  ["foundOn", "Found out on", "date"],
  ["why", "What was found", "text"],
] as const;

/** Days in which the instrument was not to be trusted. What was read with it then counts as not made. */
export function DoubtfulDays({ card, change, errors }: Card<InstrumentRequest>) {
  const days = card.inDoubt;
  const set = (place: number, part: Partial<(typeof days)[number]>) =>
    change({ inDoubt: days.map((d, i) => (i === place ? { ...d, ...part } : d)) });
  return (
    <fieldset className={classes.doubt}>
      <legend>Found out of calibration</legend>
      <p>
        {days.length === 0
          ? "Never. When a check shows that it reads wrong, say so here: what was read with it since its last good check counts as not made, in every open job."
          : "What was read with it in these days counts as not made."}
      </p>
      {days.map((doubt, place) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: they have no other name than their place
        <div key={place} className={classes.doubtRow} role="group" aria-label={`Time ${place + 1}`}>
          {FIELDS.map(([name, label, type]) => (
            <TextInput
              key={name}
              type={type}
              label={label}
              value={doubt[name]}
              placeholder={name === "why" ? "reads 0.04 mm short on the 50 mm block" : undefined}
              error={errors[`inDoubt[${place}].${name}`]}
              onChange={(e) => set(place, { [name]: e.currentTarget.value })}
            />
          ))}
          <Button variant="default" onClick={() => change({ inDoubt: days.filter((_, i) => i !== place) })}>
            Take out
          </Button>
        </div>
      ))}
      <Button
        variant="default"
        onClick={() =>
          change({ inDoubt: [...days, { lastGood: card.calibratedOn, foundOn: today(), why: "" }] })
        }
      >
        It reads wrong
      </Button>
    </fieldset>
  );
}

/** Which jobs it was read in while it was in doubt. */
export function ReadInDoubt({ id }: { id: string }) {
  const jobs = useQuery({
    queryKey: ["instruments", id, "in-doubt"],
    queryFn: () => request("GET", `/api/instruments/${id}/in-doubt`),
  });
  if (!jobs.data) {
    return null;
  }
  return (
    <div className={classes.doubt}>
      {jobs.data.length === 0 ? (
        <p>Nothing on record was read with it in those days.</p>
      ) : (
        <ul>
          {jobs.data.map(({ job, tag, readings, signed }) => (
            <li key={job}>
              <Link to={`/jobs/${job}`}>
                Job {job}, {tag}
              </Link>
              : {readings === 1 ? "1 reading" : `${readings} readings`} in doubt.{" "}
              {signed ? <b>Signed with it: tell its customer.</b> : "To be measured again."}
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
