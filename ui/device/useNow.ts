import { useEffect, useState } from "react";
import { fetchParts } from "../page/lazyPart.tsx";
import { type ClockAnswer, type PageClock, pageClock } from "./pageClock.ts";

const KEY = "still-box-clock";
const ANSWER_KEY = "still-box-clock-answer";

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
    // Other tabs hear of what changes: no two answers are the same.
    tell: (answer) =>
      void small(
        (local) => local.setItem(ANSWER_KEY, JSON.stringify({ ...answer, id: crypto.randomUUID() })) as undefined,
      ),
  });
}

/** Hears in this tab what is answered in others. */
function listen(clock: PageClock): void {
  if (typeof window === "undefined") return;
  window.addEventListener("storage", ({ key, newValue }) => {
    if (key === ANSWER_KEY && newValue !== null) clock.heard(JSON.parse(newValue) as ClockAnswer);
  });
}

let clock: PageClock | null = null;

/** The page's clock: one for all that is timed on it. */
export function pageTime(): PageClock {
  if (clock === null) {
    clock = theClock();
    listen(clock);
  }
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
