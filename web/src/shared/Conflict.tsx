import { Button, Modal } from "@mantine/core";
import type { Problem } from "../api/problem";
import { Fault } from "./Caution";
import classes from "./Conflict.module.css";
import { moment } from "./format";

interface Props {
  problem: Problem | undefined;
  /** What was sent. */
  mine: Record<string, unknown>;
  /** Reads the record out of what the server says stands there now. */
  theirs: (current: unknown) => Record<string, unknown> | undefined;
  /** Names of the fields, for those worth showing. */
  labels: Record<string, string>;
  onKeepMine: (version: number) => void;
  onTakeTheirs: () => void;
}

const shown = (value: unknown): string => {
  if (value === undefined || value === null || value === "") {
    return "—";
  }
  if (typeof value === "boolean") {
    return value ? "yes" : "no";
  }
  if (Array.isArray(value)) {
    return value.map(shown).join("; ");
  }
  if (typeof value === "object") {
    const entered = value as { text?: string; unit?: string };
    return entered.text === undefined
      ? Object.values(value).map(shown).join(", ")
      : `${entered.text} ${entered.unit}`;
  }
  return String(value);
};

/** Two people on one record: both versions side by side, and the choice between them. */
export function Conflict({ problem, mine, theirs, labels, onKeepMine, onTakeTheirs }: Props) {
  const current = problem?.status === 409 && problem.current ? theirs(problem.current) : undefined;
  if (!problem || !current) {
    return problem?.status === 409 ? <Fault>{problem.detail}</Fault> : null;
  }
  const differing = Object.keys(labels).filter((field) => shown(mine[field]) !== shown(current[field]));
  return (
    <Modal
      opened
      onClose={onTakeTheirs}
      title="Two people on one record"
      size="lg"
      closeButtonProps={{ "aria-label": "Close" }}
    >
      <p>
        {problem.changedBy} kept a change to this {problem.changedAt && `at ${moment(problem.changedAt)}`},
        while you had it open. Nothing of yours is lost: choose which stands.
      </p>
      <div className={classes.tableScroll}>
        <table className={classes.both}>
          <thead>
            <tr>
              <th>field</th>
              <th>yours</th>
              <th>{problem.changedBy}’s</th>
            </tr>
          </thead>
          <tbody>
            {differing.map((field) => (
              <tr key={field}>
                <td>{labels[field]}</td>
                <td>{shown(mine[field])}</td>
                <td>{shown(current[field])}</td>
              </tr>
            ))}
            {differing.length === 0 && (
              <tr>
                <td colSpan={3}>Both say the same.</td>
              </tr>
            )}
          </tbody>
        </table>
      </div>
      <div className={classes.row}>
        <Button onClick={() => onKeepMine(Number(current.version))}>Keep mine</Button>
        <Button variant="default" onClick={onTakeTheirs}>
          Take {problem.changedBy}’s
        </Button>
      </div>
    </Modal>
  );
}
