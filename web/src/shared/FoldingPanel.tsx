import { Button } from "@mantine/core";
import type { ReactNode } from "react";
import { t } from "../wording/en";
import { Panel } from "./Panel";
import classes from "./Panel.module.css";

interface Props {
  title: string;
  aside?: ReactNode;
  /** What stands on record, in a line; missing while nothing does. */
  said: ReactNode | undefined;
  /** True while it is changed. */
  open: boolean;
  /** Opens it; missing where nothing may be changed. */
  onOpen: (() => void) | undefined;
  openLabel?: string;
  children: ReactNode;
}

/** A record that stands takes one line, so that the next thing to do comes into sight; it opens to be changed. */
export function FoldingPanel({ title, aside, said, open, onOpen, openLabel, children }: Props) {
  if (said === undefined || open) {
    return (
      <Panel title={title} aside={aside}>
        {children}
      </Panel>
    );
  }
  return (
    <section className={classes.fold} aria-label={title}>
      <div className={classes.folded}>
        <h2>{title}</h2>
        <div>{said}</div>
        {onOpen && (
          <Button
            variant="default"
            onClick={onOpen}
            aria-label={`${openLabel ?? t.actions.change}: ${title}`}
          >
            {openLabel ?? t.actions.change}
          </Button>
        )}
      </div>
    </section>
  );
}
