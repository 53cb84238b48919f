import { IconAlertTriangle } from "@tabler/icons-react";
import type { ReactNode } from "react";
import classes from "./Caution.module.css";

/** What could hurt somebody, at the moment it could. */
export function Caution({ children }: { children: ReactNode }) {
  return (
    <p className={classes.root}>
      <IconAlertTriangle size={22} aria-label="Caution" />
      <span>{children}</span>
    </p>
  );
}

/** Something that went wrong with what was entered. */
export function Fault({ children }: { children: ReactNode }) {
  return (
    <p className={classes.root} role="alert">
      <span>{children}</span>
    </p>
  );
}

/** Something worth knowing before going on. */
export function Remark({ children }: { children: ReactNode }) {
  return <p className={classes.remark}>{children}</p>;
}
