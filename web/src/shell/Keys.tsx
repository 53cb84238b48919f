import { Modal } from "@mantine/core";
import classes from "./Shell.module.css";

const KEYS: [string, string][] = [
  ["?", "these keys"],
  ["Alt + 1 … 8", "go to a station of the job"],
  ["Enter", "keep the step or the reading that is being typed"],
  ["Space or F", "at Build: fitted"],
  ["← →", "at Build: card before, card after; in the stack: part before, part after"],
  ["U", "at Strip: undo"],
];

export function Keys({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  return (
    <Modal opened={opened} onClose={onClose} title="Keys" closeButtonProps={{ "aria-label": "Close" }}>
      <dl className={classes.keys}>
        {KEYS.map(([key, what]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Modal>
  );
}
