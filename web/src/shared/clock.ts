import { useEffect, useState } from "react";

/** The time of day, renewed every few seconds, for "kept 4 s ago". */
export function useNow(everyMs = 5000): number {
  const [now, setNow] = useState(Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return now;
}
