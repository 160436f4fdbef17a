import { useEffect, useRef } from "react";
import { signals } from "../../../core/light/exposure/index.ts";
import { planSignals } from "../../../ui/device/signals.ts";
import type { CountNow } from "./useCounts.ts";

/** What is planned for each count, and how it is taken back. It outlives the page of the app: one may look into the log. */
const planned = new Map<string, { readonly key: string; readonly silence: () => void }>();

/** Lets counts be heard and felt: the last five seconds and the end of each, and the opening where it is counted in. */
export function useSignals(counts: readonly CountNow[], sound: boolean): void {
  const latest = useRef(counts);
  latest.current = counts;
  // Plans change when a count begins, ends, is covered or uncovered, not with every tick.
  const keys = counts
    .filter(({ count, paused }) => count.closedMs === null && !paused)
    .map(({ count }) => `${count.id} ${count.pauses.length} ${sound}`);
  const all = keys.join("|");
  useEffect(() => {
    const wanted = new Set(all.split("|"));
    for (const [id, { key, silence }] of planned) {
      if (wanted.has(key)) continue;
      silence();
      planned.delete(id);
    }
    for (const { count, openMs, paused } of latest.current) {
      const key = `${count.id} ${count.pauses.length} ${sound}`;
      if (count.closedMs !== null || paused || planned.has(count.id)) continue;
      planned.set(count.id, { key, silence: plan(count.targetSeconds, openMs / 1000, sound) });
    }
  }, [all, sound]);
}

/** Plans the signals of a count that has been open so long, s. @returns takes back what has not come yet */
function plan(target: number, open: number, sound: boolean): () => void {
  const tones = signals(target, open).map(({ at, kind }) => ({ after: at - open, kind }));
  return planSignals(tones, sound);
}
