import { useCallback, useEffect, useRef, useState } from "react";
import type { RunningExposure } from "../../storage/index.ts";
import { keep } from "../../ui/keep.ts";

/** The hole is shut, open and counting, or shut again with a time to log. */
export type TimerState =
  | { readonly is: "ready" }
  | { readonly is: "open"; readonly running: RunningExposure; readonly elapsedMs: number }
  | {
      readonly is: "closed";
      readonly running: RunningExposure;
      readonly elapsedMs: number;
      /** Time by the device's clock, where that was set in the meantime and can't be believed; `null`: both agree. */
      readonly doubtMs: number | null;
    };

export interface Timer {
  readonly state: TimerState;
  readonly open: (reckoned: Omit<RunningExposure, "openedMs" | "closedMs" | "countedMs">) => void;
  readonly close: () => void;
  readonly discard: () => void;
}

/** Two clocks that differ by less than this, or by this share of the time, say the same, ms. */
const AGREE = { ms: 2000, share: 0.01 } as const;
const KEPT = "The exposure that is counted";

/**
 * Counts while the hole is open. The moment of opening is stored, so a reload loses nothing; as long as the page lives, a
 * clock that nobody can set counts beside the device's own, and where the two disagree the maker is asked.
 */
export function useTimer(stored: RunningExposure | null): Timer {
  const [state, setState] = useState<TimerState>(() => resumed(stored, null));
  /** The other clock at the moment of opening; `null` where that was before this page. */
  const opened = useRef<number | null>(null);
  const counting = state.is === "open";
  useEffect(() => {
    if (!counting) return;
    const timer = setInterval(
      () => setState((now) => (now.is === "open" ? { ...now, elapsedMs: elapsed(now.running, opened.current) } : now)),
      100,
    );
    return () => clearInterval(timer);
  }, [counting]);
  const open = useCallback((reckoned: Omit<RunningExposure, "openedMs" | "closedMs" | "countedMs">) => {
    opened.current = performance.now();
    const running = { ...reckoned, openedMs: Date.now(), closedMs: null };
    keep("running", running, KEPT);
    setState({ is: "open", running, elapsedMs: 0 });
  }, []);
  const close = useCallback(() => {
    setState((now) => {
      if (now.is !== "open") return now;
      const countedMs = opened.current === null ? null : performance.now() - opened.current;
      const running = { ...now.running, closedMs: Date.now(), countedMs };
      keep("running", running, KEPT);
      return resumed(running, null);
    });
  }, []);
  const discard = useCallback(() => {
    keep("running", null, "That it is over");
    setState({ is: "ready" });
  }, []);
  return { state, open, close, discard };
}

/** Time since the hole was opened: by the clock that nobody can set, where it ran all the time. */
function elapsed({ openedMs }: RunningExposure, opened: number | null): number {
  return opened === null ? Math.max(0, Date.now() - openedMs) : performance.now() - opened;
}

function resumed(running: RunningExposure | null, opened: number | null): TimerState {
  if (running === null) return { is: "ready" };
  const { openedMs, closedMs, countedMs = null } = running;
  if (closedMs === null) return { is: "open", running, elapsedMs: elapsed(running, opened) };
  const clockMs = closedMs - openedMs;
  const counted = countedMs ?? Math.max(0, clockMs);
  const agree = Math.abs(clockMs - counted) <= AGREE.ms + AGREE.share * counted;
  return { is: "closed", running, elapsedMs: counted, doubtMs: agree ? null : clockMs };
}
