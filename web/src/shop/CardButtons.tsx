import { Button } from "@mantine/core";
import { t } from "../wording/en";
import classes from "./Shop.module.css";

interface Props {
  isNew: boolean;
  onDone: () => void;
  send: (method: "PUT" | "DELETE") => Promise<void>;
}

/** Keep, leave, put away for good. */
export function CardButtons({ isNew, onDone, send }: Props) {
  return (
    <div className={classes.buttons}>
      <Button onClick={() => void send("PUT")}>{t.actions.keep}</Button>
      <Button variant="default" onClick={onDone}>
        Leave it
      </Button>
      {!isNew && (
        <Button variant="default" onClick={() => void send("DELETE")}>
          Put away for good
        </Button>
      )}
    </div>
  );
}
