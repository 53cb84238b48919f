import { Causes } from "../diagnosis";
import { AsFound } from "../inspect/AsFound";
import type { StationProps } from "../job/station";
import { About } from "./About";
import { Arrival } from "./Arrival";
import { IsolationPanel } from "./IsolationPanel";
import { Permission } from "./Permission";
import classes from "./Receive.module.css";
import { TurnCount } from "./TurnCount";

/** Complaint and what it is about, permission, isolation, turn count. */
export function ReceiveStation({ view }: StationProps) {
  return (
    <div className={classes.grid}>
      <div className={classes.column}>
        <Arrival view={view} />
        <Permission view={view} />
        <IsolationPanel view={view} />
        <TurnCount view={view} />
      </div>
      <div className={classes.column}>
        <About view={view} />
        <Causes view={view} />
        <AsFound view={view} of="MESHES" />
      </div>
    </div>
  );
}
