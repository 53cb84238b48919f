import { useCallback, useEffect, useState } from "react";

/**
 * State of a form that outlives a reload, a crash and a wrong tap on Back: kept on the device with every stroke and
 * thrown away once the server has it.
 *
 * @param key     one for each form and record
 * @param initial what the form starts with when there is no draft
 */
export function useDraft<T extends object>(key: string, initial: T) {
  const store = `yunque.draft.${key}`;
  const [value, setValue] = useState<T>(() => read(store, initial));
  const [touched, setTouched] = useState(() => localStorage.getItem(store) !== null);

  // An untouched form follows the record; a touched one keeps what was typed.
  const fresh = JSON.stringify(initial);
  useEffect(() => {
    if (!touched && localStorage.getItem(store) === null) {
      setValue(JSON.parse(fresh) as T);
    }
  }, [fresh, store, touched]);

  const change = useCallback(
    (part: Partial<T>) => {
      setValue((old) => {
        const next = { ...old, ...part };
        localStorage.setItem(store, JSON.stringify(next));
        return next;
      });
      setTouched(true);
    },
    [store],
  );

  const clear = useCallback(
    (next?: T) => {
      localStorage.removeItem(store);
      setTouched(false);
      if (next) {
        setValue(next);
      }
    },
    [store],
  );

  return { value, change, clear, touched };
}

function read<T extends object>(store: string, initial: T): T {
  const kept = localStorage.getItem(store);
  return kept === null ? initial : { ...initial, ...(JSON.parse(kept) as Partial<T>) };
}
