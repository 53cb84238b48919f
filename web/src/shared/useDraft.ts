import { useCallback, useEffect, useState } from "react";
import { forgetDraft, readDraft, writeDraft } from "./drafts";

/**
 * State of a form that outlives a reload, a crash and a wrong tap on Back: kept on the device with every stroke and
 * thrown away once the server has it.
 *
 * @param key     one for each form and record
 * @param initial what the form starts with when there is no draft
 */
export function useDraft<T extends object>(key: string, initial: T) {
  const [value, setValue] = useState<T>(() => read(key, initial));
  const [touched, setTouched] = useState(() => readDraft(key) !== null);

  // An untouched form follows the record; a touched one keeps what was typed.
  const fresh = JSON.stringify(initial);
  useEffect(() => {
    if (!touched && readDraft(key) === null) {
      setValue(JSON.parse(fresh) as T);
    }
  }, [fresh, key, touched]);

  const change = useCallback(
    (part: Partial<T>) => {
      setValue((old) => {
        const next = { ...old, ...part };
        writeDraft(key, JSON.stringify(next));
        return next;
      });
      setTouched(true);
    },
    [key],
  );

  const clear = useCallback(
    (next?: T) => {
      forgetDraft(key);
      setTouched(false);
      if (next) {
        setValue(next);
      }
    },
    [key],
  );

  return { value, change, clear, touched };
}

function read<T extends object>(key: string, initial: T): T {
  const kept = readDraft(key);
  return kept === null ? initial : { ...initial, ...(JSON.parse(kept) as Partial<T>) };
}
