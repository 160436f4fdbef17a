import { useCallback, useEffect, useState } from "react";
import { type RunningExposure, writeSetting } from "../../storage/index.ts";

/** The hole is shut, open and counting, or shut again with a time to log. */
export type TimerState =
  | { readonly is: "ready" }
  | { readonly is: "open"; readonly running: RunningExposure; readonly elapsedMs: number }
  | { readonly is: "closed"; readonly running: RunningExposure; readonly elapsedMs: number };

export interface Timer {
  readonly state: TimerState;
  readonly open: (reckoned: Omit<RunningExposure, "openedMs" | "closedMs">) => void;
  readonly close: () => void;
  readonly discard: () => void;
}

/** Counts while the hole is open. It counts from the moment of opening, which is stored: a reload loses nothing. */
export function useTimer(stored: RunningExposure | null): Timer {
  const [state, setState] = useState<TimerState>(() => resumed(stored));
  const counting = state.is === "open";
  useEffect(() => {
    if (!counting) return;
    const timer = setInterval(
      () => setState((now) => (now.is === "open" ? { ...now, elapsedMs: Date.now() - now.running.openedMs } : now)),
      100,
    );
    return () => clearInterval(timer);
  }, [counting]);
  const open = useCallback((reckoned: Omit<RunningExposure, "openedMs" | "closedMs">) => {
    const running = { ...reckoned, openedMs: Date.now(), closedMs: null };
    void writeSetting("running", running);
    setState({ is: "open", running, elapsedMs: 0 });
  }, []);
  const close = useCallback(() => {
    setState((now) => {
      if (now.is !== "open") return now;
      const running = { ...now.running, closedMs: Date.now() };
      void writeSetting("running", running);
      return resumed(running);
    });
  }, []);
  const discard = useCallback(() => {
    void writeSetting("running", null);
    setState({ is: "ready" });
  }, []);
  return { state, open, close, discard };
}

function resumed(running: RunningExposure | null): TimerState {
  if (running === null) return { is: "ready" };
  const { openedMs, closedMs } = running;
  return closedMs === null
    ? { is: "open", running, elapsedMs: Date.now() - openedMs }
    : { is: "closed", running, elapsedMs: closedMs - openedMs };
}
