import { useCallback, useEffect, useRef, useState } from "react";
import type { PracticeEvent } from "../../../core/simulate/darkroom/index.ts";
import { clockNow } from "../../../ui/device/useNow.ts";

/** Something done, without its moment. */
type Done = { readonly bath: Extract<PracticeEvent, { bath: unknown }>["bath"] } | { readonly lamp: boolean };

export interface PracticeClock {
  readonly events: readonly PracticeEvent[];
  /** s since the first thing was done; it stands until then. */
  readonly now: number;
  readonly note: (done: Done) => void;
  readonly reset: () => void;
}

/**
 * The time of a practice: it begins with the first thing that is done, and may run faster than the clock on the wall.
 *
 * @param speed 1: as the wall's
 */
export function usePracticeClock(speed: number): PracticeClock {
  const [events, setEvents] = useState<readonly PracticeEvent[]>([]);
  const [now, setNow] = useState(0);
  /** Practice time at a moment of the wall's, from where it goes on. */
  const anchor = useRef({ practice: 0, wall: 0, speed });
  const running = events.length > 0;
  const read = useCallback((): number => {
    const { practice, wall, speed: rate } = anchor.current;
    return practice + ((clockNow() - wall) / 1000) * rate;
  }, []);
  useEffect(() => {
    anchor.current = { practice: running ? read() : 0, wall: clockNow(), speed };
  }, [speed, running, read]);
  useEffect(() => {
    if (!running) return;
    let frame = requestAnimationFrame(function look() {
      setNow(read());
      frame = requestAnimationFrame(look);
    });
    return () => cancelAnimationFrame(frame);
  }, [running, read]);
  return {
    events,
    now,
    note: useCallback(
      (done) => {
        setEvents((before) => {
          const at = before.length === 0 ? 0 : read();
          return [...before, { at, ...done }];
        });
      },
      [read],
    ),
    reset: useCallback(() => {
      setEvents([]);
      setNow(0);
    }, []),
  };
}
