import { useCallback, useEffect, useRef, useState } from "react";
import type { Count } from "../../../core/document/index.ts";
import { isPaused, openTime } from "../../../core/light/exposure/index.ts";
import { listRecords, removeRecord, saveRecord, useLive } from "../../../storage/index.ts";
import { notify } from "../../../ui/notify.ts";

/** A count with the time it has been open. */
export interface CountNow {
  readonly count: Count;
  /** ms; negative while it is counted in. */
  readonly openMs: number;
  readonly paused: boolean;
  /** Time by the device's clock, where that was set in the meantime and can't be believed; `null`: both agree. */
  readonly doubtMs: number | null;
}

export interface Counts {
  readonly counts: readonly CountNow[];
  /** Begins to count; `inMs`: from now, when the hole is opened. */
  readonly open: (count: Omit<Count, "openedMs" | "closedMs" | "countedMs" | "pauses">, inMs: number) => void;
  readonly close: (id: string) => void;
  readonly pause: (id: string) => void;
  readonly resume: (id: string) => void;
  /** Keeps what is typed of a shot that is not logged yet. */
  readonly note: (id: string, words: Count["words"]) => void;
  /** Notes the photograph it was metered by, once that is stored. */
  readonly picture: (id: string, sha256: string) => void;
  /** Gives a count up, and offers to bring it back. */
  readonly cancel: (id: string) => void;
  /** It is logged: the count is over. */
  readonly done: (id: string) => void;
}

/** Two clocks that differ by less than this, or by this share of the time, say the same, ms. */
const AGREE = { ms: 2000, share: 0.01 } as const;

/** Where the clock that nobody can set stood at a moment when it was known how long the hole had been open; ms. */
interface Anchor {
  readonly at: number;
  readonly openMs: number;
  /** Whether that clock has run since the opening. */
  readonly whole: boolean;
}

const listCounts = (): Promise<readonly Count[]> => listRecords("counts");

/**
 * Exposures that are counted, each in the database from its opening on: a reload, another page or tab loses nothing. As long
 * as the page lives, a clock that nobody can set counts beside the device's own, and where the two disagree the maker is
 * asked. What can't be stored goes on in hand, and is said.
 */
export function useCounts(loaded: readonly Count[]): Counts {
  const live = useLive(loaded, listCounts);
  const [inHand, setInHand] = useState<ReadonlyMap<string, Count | null>>(new Map());
  const anchors = useRef(new Map<string, Anchor>());
  const stored = new Map(live.value.map((count) => [count.id, count]));
  for (const [id, count] of inHand) {
    if (count === null) stored.delete(id);
    else stored.set(id, count);
  }
  const all = [...stored.values()].sort((a, b) => a.openedMs - b.openedMs);
  const latest = useRef(all);
  latest.current = all;

  // What the database has by now need not be held in hand any more.
  useEffect(() => {
    setInHand((held) => {
      const kept = [...held].filter(([id, count]) => {
        const there = live.value.find((each) => each.id === id);
        return count === null ? there !== undefined : JSON.stringify(there) !== JSON.stringify(count);
      });
      return kept.length === held.size ? held : new Map(kept);
    });
  }, [live.value]);

  const [, tick] = useState(0);
  const counting = all.some((count) => count.closedMs === null);
  useEffect(() => {
    if (!counting) return;
    const timer = setInterval(() => tick((round) => round + 1), 100);
    return () => clearInterval(timer);
  }, [counting]);

  const hold = useCallback((id: string, count: Count | null) => {
    setInHand((held) => new Map(held).set(id, count));
    const done = count === null ? removeRecord("counts", id) : saveRecord("counts", count);
    void done.then((result) => {
      if (!result.ok && result.error.reason !== "missing") {
        notify(`The exposure that is counted can’t be kept through a reload. ${result.error.message}`, {
          urgent: true,
        });
      }
    });
  }, []);
  const change = useCallback(
    (id: string, how: (count: Count) => Count) => {
      const count = latest.current.find((each) => each.id === id);
      if (count !== undefined) hold(id, how(count));
    },
    [hold],
  );
  const elapsed = useCallback((count: Count): number => {
    const anchor = anchors.current.get(count.id);
    const now = performance.now();
    if (isPaused(count) || count.closedMs !== null) return anchor?.openMs ?? openTime(count, Date.now());
    if (anchor !== undefined) return anchor.openMs + now - anchor.at;
    const openMs = Math.max(count.openedMs > Date.now() ? -10_000 : 0, openTime(count, Date.now()));
    anchors.current.set(count.id, { at: now, openMs, whole: false });
    return openMs;
  }, []);
  const anchor = useCallback((id: string, openMs: number, whole: boolean) => {
    anchors.current.set(id, { at: performance.now(), openMs, whole });
  }, []);

  return {
    counts: all.map((count) => nowOf(count, elapsed(count))),
    open: useCallback(
      (count, inMs) => {
        anchor(count.id, -inMs, true);
        hold(count.id, { ...count, openedMs: Date.now() + inMs, closedMs: null, pauses: [] });
      },
      [anchor, hold],
    ),
    close: useCallback(
      (id) =>
        change(id, (count) => {
          const openMs = elapsed(count);
          const whole = anchors.current.get(id)?.whole ?? false;
          anchors.current.delete(id);
          const nowMs = Date.now();
          const pauses = count.pauses.map((each) => ({ ...each, untilMs: each.untilMs ?? nowMs }));
          return { ...count, pauses, closedMs: nowMs, countedMs: whole ? Math.max(0, openMs) : null };
        }),
      [change, elapsed],
    ),
    pause: useCallback(
      (id) =>
        change(id, (count) => {
          if (isPaused(count)) return count;
          const before = anchors.current.get(id);
          anchor(id, elapsed(count), before?.whole ?? false);
          return { ...count, pauses: [...count.pauses, { fromMs: Date.now(), untilMs: null }] };
        }),
      [change, elapsed, anchor],
    ),
    resume: useCallback(
      (id) =>
        change(id, (count) => {
          if (!isPaused(count)) return count;
          const before = anchors.current.get(id);
          anchor(id, elapsed(count), before?.whole ?? false);
          const pauses = count.pauses.map((each) => ({ ...each, untilMs: each.untilMs ?? Date.now() }));
          return { ...count, pauses };
        }),
      [change, elapsed, anchor],
    ),
    note: useCallback((id, words) => change(id, (count) => ({ ...count, words })), [change]),
    picture: useCallback((id, picture) => change(id, (count) => ({ ...count, picture })), [change]),
    cancel: useCallback(
      (id) => {
        const count = latest.current.find((each) => each.id === id);
        if (count === undefined) return;
        hold(id, null);
        notify("The count is given up.", { action: { name: "Bring it back", run: () => hold(id, count) } });
      },
      [hold],
    ),
    done: useCallback((id) => hold(id, null), [hold]),
  };
}

function nowOf(count: Count, elapsedMs: number): CountNow {
  const paused = isPaused(count);
  if (count.closedMs === null) return { count, openMs: elapsedMs, paused, doubtMs: null };
  const clockMs = openTime(count, count.closedMs);
  const openMs = count.countedMs ?? Math.max(0, clockMs);
  const agree = Math.abs(clockMs - openMs) <= AGREE.ms + AGREE.share * openMs;
  return { count, openMs, paused: false, doubtMs: agree ? null : clockMs };
}
