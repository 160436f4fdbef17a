import { useEffect, useRef } from "react";
import { signals } from "../../../core/light/exposure/index.ts";
import { soundSchedule } from "../../../ui/soundSchedule.ts";
import type { CountNow } from "./useCounts.ts";

/** How long the device shakes, ms. */
const SHAKES = { tick: 60, open: 150, end: [400, 120, 400] } as const;

let shared: AudioContext | undefined;

/** The page's one audio context: browsers let it sound only once somebody has pressed something. */
export function wakeSound(): void {
  if (!("AudioContext" in globalThis)) return;
  shared ??= new AudioContext();
  if (shared.state === "suspended") void shared.resume();
}

/** Lets counts be heard and felt: the last five seconds and the end of each, and the opening where it is counted in. */
export function useSignals(counts: readonly CountNow[], sound: boolean): void {
  const latest = useRef(counts);
  latest.current = counts;
  // Schedules change when a count begins, ends, is covered or uncovered, not with every tick.
  const running = counts.filter(({ count, paused }) => count.closedMs === null && !paused);
  const key = running.map(({ count }) => `${count.id} ${count.pauses.length}`).join("|");
  useEffect(() => {
    if (key === "") return;
    const ends = latest.current
      .filter(({ count, paused }) => count.closedMs === null && !paused)
      .flatMap(({ count, openMs }) => {
        const open = openMs / 1000;
        const shakes = signals(count.targetSeconds, open).map(({ at, kind }) =>
          setTimeout(() => navigator.vibrate?.(SHAKES[kind] as VibratePattern), 1000 * (at - open)),
        );
        const silence =
          sound && shared !== undefined ? soundSchedule(shared, count.targetSeconds, open) : () => undefined;
        return [silence, ...shakes.map((each) => () => clearTimeout(each))];
      });
    return () => {
      for (const end of ends) end();
    };
  }, [key, sound]);
}
