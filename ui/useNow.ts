import { useEffect, useState } from "react";
import { trueClock } from "./trueClock.ts";

/** The page's clock: one for all that is timed on it. */
export const clockNow: () => number = trueClock(
  () => Date.now(),
  () => performance.now(),
);

/** The page's clock, looked at ten times a second while something runs. */
export function useNow(running: boolean): number {
  const [now, setNow] = useState(clockNow);
  useEffect(() => {
    if (!running) return;
    setNow(clockNow());
    const timer = setInterval(() => setNow(clockNow()), 100);
    return () => clearInterval(timer);
  }, [running]);
  return now;
}
