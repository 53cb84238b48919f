import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { Fault } from "../shared/Caution";
import classes from "./Drawers.module.css";
import { drawersQuery } from "./queries";
import { Sheet } from "./Sheet";

/** One drawer on its own. */
export function DrawerPage() {
  const { name } = useParams();
  const drawers = useQuery(drawersQuery);
  const drawer = drawers.data?.find((d) => d.name === name);
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
          <Sheet key={drawer.name} drawer={drawer} draftKey={`drawer.${drawer.name}`} />
        </>
      ) : (
        <Fault>There is no such drawer. Look under Drawers.</Fault>
      )}
    </>
  );
}
