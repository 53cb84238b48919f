import { Button } from "@mantine/core";
import { IconArrowBackUp } from "@tabler/icons-react";
import classes from "./TakenAway.module.css";

interface Props {
  /** What was taken away, in words. */
  what: string;
  onPutBack: () => void;
}

/** What was just taken away, and the way to have it back. */
export function TakenAway({ what, onPutBack }: Props) {
  return (
    <div role="status" className={classes.away}>
      <span>Taken away: {what}</span>
      <Button variant="default" leftSection={<IconArrowBackUp size={20} />} onClick={onPutBack}>
        Put it back
      </Button>
    </div>
  );
}
