import type { ReactNode } from "react";
import classes from "./Panel.module.css";

interface Props {
  title: string;
  /** Short state at the right of the title. */
  aside?: ReactNode;
  children: ReactNode;
}

/** A titled sheet on the bench. */
export function Panel({ title, aside, children }: Props) {
  return (
    <section className={classes.root} aria-label={title}>
      <header className={classes.head}>
        <h2>{title}</h2>
        {aside && <span className={classes.aside}>{aside}</span>}
      </header>
      {children}
    </section>
  );
}
