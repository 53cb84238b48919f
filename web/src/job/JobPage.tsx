import { type ComponentType, lazy, type ReactNode, Suspense, useEffect, useState } from "react";
import { Link, Navigate, useNavigate, useParams, useSearchParams } from "react-router";
import { ProblemError } from "../api/problem";
import type { Station } from "../api/types";
import { Fault } from "../shared/Caution";
import { day } from "../shared/format";
import { ShaftStack } from "../shared/stack/ShaftStack";
import { HeadBar } from "../shell/HeadBar";
import { Refusals } from "../shell/Refusals";
import shell from "../shell/Shell.module.css";
import { t } from "../wording/en";
import { useJob } from "./bench";
import classes from "./Job.module.css";
import { PutAwayNote } from "./PutAwayNote";
import { RouteRail } from "./RouteRail";
import { Side } from "./Side";
import type { StationProps } from "./station";
import { Waiting } from "./Waiting";

export const STATIONS: Station[] = ["RECEIVE", "STRIP", "INSPECT", "DECIDE", "BUILD", "SET", "FILL", "PROVE"];

const SCREENS: Record<Station, ComponentType<StationProps>> = {
  RECEIVE: lazy(() => import("../receive")),
  STRIP: lazy(() => import("../strip")),
  INSPECT: lazy(() => import("../inspect")),
  DECIDE: lazy(() => import("../decide")),
  BUILD: lazy(() => import("../build")),
  SET: lazy(() => import("../set")),
  FILL: lazy(() => import("../fill")),
  PROVE: lazy(() => import("../prove")),
};

const BAND = "yunque.picture";

/** Stations that place picture and watch list themselves. */
const OWN_PICTURE = new Set<Station>(["INSPECT"]);

/** The picture where it is no tool: a band that opens, so that the screen is the work's. It stays as it was left. */
function Band({ children }: { children: ReactNode }) {
  const [open, setOpen] = useState(() => localStorage.getItem(BAND) === "open");
  return (
    <details
      className={classes.band}
      open={open}
      onToggle={(e) => {
        const now = e.currentTarget.open;
        setOpen(now);
        localStorage.setItem(BAND, now ? "open" : "shut");
      }}
    >
      <summary>Picture of the unit</summary>
      {open && children}
    </details>
  );
}

/** One job: route at the left, stack on top, the station below, watch list and tray at the right. */
export function JobPage() {
  const { number = "", station } = useParams();
  const job = useJob(number);
  const navigate = useNavigate();
  const [params] = useSearchParams();
  // A scanned label opens the step it is stuck to.
  const [chosen, setChosen] = useState<string | undefined>(params.get("step") ?? undefined);
  const here = STATIONS.find((s) => s.toLowerCase() === station);

  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const place = event.altKey ? STATIONS[Number(event.key) - 1] : undefined;
      if (place) {
        event.preventDefault();
        void navigate(`/jobs/${number}/${place.toLowerCase()}`);
      }
    };
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [navigate, number]);

  // A station begins at its top, wherever the one before was left.
  useEffect(() => {
    if (here) {
      window.scrollTo(0, 0);
    }
  }, [here]);

  useEffect(() => {
    document.title = job.data ? `${job.data.unit.tag} · job ${number} · Yunque` : "Yunque";
  }, [job.data, number]);

  if (!job.data) {
    return (
      <main className={classes.lost}>
        {job.isError ? (
          <Fault>
            {job.error instanceof ProblemError
              ? job.error.problem.detail
              : "The job cannot be fetched. Check the connection; what you entered is kept on this device."}
          </Fault>
        ) : (
          <p>Opening job {number}…</p>
        )}
        <Link to="/">Back to the Floor</Link>
      </main>
    );
  }
  const view = job.data;
  if (!here) {
    return <Navigate to={`/jobs/${number}/${view.next.toLowerCase()}`} replace />;
  }
  const Screen = SCREENS[here];
  const own = OWN_PICTURE.has(here);
  return (
    <div className={classes.frame} data-own={own}>
      <a className="skip" href="#work">
        Skip to the work
      </a>
      <HeadBar>
        <Link to="/" className={shell.mark}>
          YUNQUE
        </Link>
        <h1 className={classes.title}>
          {view.unit.tag} · {view.unit.name}
        </h1>
        <span className={classes.complaint}>
          Job {view.job.number} · {view.job.complaint}
        </span>
      </HeadBar>
      <RouteRail number={view.job.number} stops={view.route.stops} here={here} />
      {!own && (
        <div className={classes.stack}>
          {here === "STRIP" ? (
            <ShaftStack stack={view.stack} chosen={chosen} onChoose={setChosen} />
          ) : (
            <Band>
              <ShaftStack stack={view.stack} chosen={chosen} onChoose={setChosen} low />
            </Band>
          )}
        </div>
      )}
      <main id="work" className={classes.work}>
        <Refusals />
        {view.job.signedAt && (
          <p className={classes.signed}>
            Signed {day(view.job.signedAt)} by {view.job.signedBy}: nothing is changed any more.{" "}
            <Link to={`/jobs/${number}/report`}>Read the report</Link>
          </p>
        )}
        {view.job.putAway && <PutAwayNote view={view} />}
        <Waiting job={view.job.number} />
        <h2 className="visually-hidden">{t.stations[here]}</h2>
        <Suspense fallback={<p>Opening…</p>}>
          <Screen view={view} chosen={chosen} onChoose={setChosen} />
        </Suspense>
      </main>
      {!own && <Side view={view} here={here} chosen={chosen} onChoose={setChosen} />}
    </div>
  );
}
