import { Button } from "@mantine/core";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { request } from "../api/http";
import type { DeviceView } from "../api/types";
import { Fault } from "../shared/Caution";
import { moment } from "../shared/format";
import { Panel } from "../shared/Panel";
import { useWrite } from "../shared/useWrite";
import classes from "./Shop.module.css";

const KEY = ["own-devices"];

/** The devices that know the person at the bench; one that was lost is forgotten here. */
export function OwnDevices() {
  const client = useQueryClient();
  const devices = useQuery({
    queryKey: KEY,
    queryFn: () => request("GET", "/api/people/me/devices"),
  });
  const { send, problem } = useWrite<DeviceView[]>((left) => client.setQueryData(KEY, left));
  return (
    <Panel title="Devices that know me" aside="where I signed in during the last half year">
      {problem && <Fault>{problem.detail}</Fault>}
      <ul className={classes.people}>
        {devices.data?.map((d) => (
          <li key={d.id} className={classes.device}>
            <span>
              <b>{d.isHandHeld ? "tablet or phone" : "computer"}</b>
              {d.isThis && ", this one"}
              <br />
              {moment(d.lastUsedAt)}
              {d.seenFrom !== "" && ` from ${d.seenFrom}`}
            </span>
            {!d.isThis && (
              <Button
                variant="default"
                onClick={() => void send("POST", `/api/people/me/devices/${d.id}/forget`)}
              >
                Forget it
              </Button>
            )}
          </li>
        ))}
      </ul>
      <p className={classes.soft}>
        A device that is forgotten is signed out at once. Was it lost? Change the PIN too.
      </p>
    </Panel>
  );
}
