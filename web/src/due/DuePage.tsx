import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { DueLine, InstrumentView, LubricantView } from "../api/types";
import { instrumentsQuery, lubricantsQuery } from "../drawers/queries";
import { dueQuery } from "../place/queries";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import classes from "./Due.module.css";

const SOON_DAYS = 30;

interface Entry {
  key: string;
  to: string;
  tag: string;
  what: string;
  detail: string;
  due: string;
  inDays: number;
}

/** What falls due: oil, grease, instruments to calibrate and cans that grow old, the soonest first. */
export function DuePage() {
  const due = useQuery(dueQuery);
  const instruments = useQuery(instrumentsQuery);
  const shelf = useQuery(lubricantsQuery);
  const all = [
    ...(due.data ?? []).map(ofPlace),
    ...(instruments.data ?? []).map(ofInstrument),
    ...(shelf.data ?? []).flatMap(ofCan),
  ].sort((a, b) => a.due.localeCompare(b.due));
  const groups: [string, Entry[]][] = [
    ["Overdue", all.filter((e) => e.inDays < 0)],
    [`In the next ${SOON_DAYS} days`, all.filter((e) => e.inDays >= 0 && e.inDays <= SOON_DAYS)],
    ["Later", all.filter((e) => e.inDays > SOON_DAYS)],
  ];
  return (
    <>
      <header className={classes.head}>
        <h1>Due</h1>
      </header>
      {due.isError && <Fault>What is due cannot be fetched. Check the connection.</Fault>}
      {due.data && all.length === 0 && (
        <p>
          Nothing has a date yet. Dates come from what was filled at a place of a unit, from the calibration
          of instruments, and from the cans on the shelf.
        </p>
      )}
      {groups.map(
        ([title, entries]) =>
          entries.length > 0 && (
            <section key={title} aria-label={title}>
              <h2>{title}</h2>
              <ul className={classes.list}>
                {entries.map((e) => (
                  <li key={e.key} data-over={e.inDays < 0}>
                    <Link to={e.to}>
                      <b>{e.tag}</b>
                      <span>
                        {e.what}
                        <small>{e.detail}</small>
                      </span>
                      <span className={classes.when}>
                        {day(e.due)}
                        <small>{inWords(e.inDays)}</small>
                      </span>
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          ),
      )}
    </>
  );
}

const inWords = (days: number) => {
  const count = Math.abs(days);
  const words = `${count} ${count === 1 ? "day" : "days"}`;
  return days < 0 ? `${words} ago` : days === 0 ? "today" : `in ${words}`;
};

const ofPlace = (line: DueLine): Entry => ({
  key: line.placeId,
  to: `/units/${line.unitId}/places/${line.placeId}`,
  tag: line.tag,
  what: `${line.place}: ${line.task}`,
  detail: `${line.can}; ${line.next.reason}`,
  due: line.next.due,
  inDays: line.next.inDays,
});

const ofInstrument = (instrument: InstrumentView): Entry => ({
  key: instrument.id,
  to: "/shop",
  tag: "Shop",
  what: `${instrument.name}: calibration`,
  detail: "a reading with it carries no weight once it is over",
  due: instrument.dueOn,
  inDays: instrument.inDays,
});

const ofCan = ({ id, given, goodDays }: LubricantView): Entry[] =>
  given.useBy === undefined || goodDays === undefined
    ? []
    : [
        {
          key: id,
          to: "/shop",
          tag: "Shelf",
          what: `${given.name}: last good day`,
          detail: `${given.amount.text} ${given.amount.unit} left${given.lot ? `, lot ${given.lot}` : ""}; past it, have it tested or leave it`,
          due: given.useBy,
          inDays: goodDays,
        },
      ];
