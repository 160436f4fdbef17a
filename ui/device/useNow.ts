import { useEffect, useState } from "react";
import { fetchParts } from "../page/lazyPart.tsx";
import { type PageClock, pageClock } from "./pageClock.ts";

const KEY = "still-box-clock";

function small(work: (local: Storage) => string | null | undefined): string | null {
  try {
    return work(globalThis.localStorage) ?? null;
  } catch {
    // Forbidden, full, or not there.
    return null;
  }
}

function theClock(): PageClock {
  return pageClock({
    wall: () => Date.now(),
    steady: () => performance.now(),
    read: () => small((local) => local.getItem(KEY)),
    keep: (note) =>
      void small((local) => (note === null ? local.removeItem(KEY) : local.setItem(KEY, note)) as undefined),
  });
}

let clock: PageClock | null = null;

/** The page's clock: one for all that is timed on it. */
export function pageTime(): PageClock {
  clock ??= theClock();
  return clock;
}

/** Begins the page's clock anew, as a reload does. For tests. */
export function forgetClock(): void {
  clock = null;
}

/** The time by the page's clock, ms since 1970. */
export function clockNow(): number {
  return pageTime().now();
}

/**
 * The page's clock, looked at ten times a second while something runs.
 *
 * @param what runs: it goes on through reloads until it is said to be over
 */
export function useNow(what: string, running: boolean): number {
  const [now, setNow] = useState(clockNow);
  useEffect(() => {
    pageTime().runs(what, running);
    if (!running) return;
    // Nothing may have to be fetched in the middle of it.
    fetchParts();
    setNow(clockNow());
    const timer = setInterval(() => setNow(clockNow()), 100);
    return () => clearInterval(timer);
  }, [what, running]);
  return now;
}
