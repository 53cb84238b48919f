import { useEffect, useRef } from "react";

/** What opens somewhere else than where it was asked for comes into sight as soon as it is open. */
export function useIntoView<E extends HTMLElement>(open: boolean) {
  const ref = useRef<E>(null);
  useEffect(() => {
    if (open) {
      ref.current?.scrollIntoView({ block: "start" });
    }
  }, [open]);
  return ref;
}
