import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import {
  type Count,
  changesBetween,
  closedAt,
  coveredFrom,
  uncoveredAt,
  withTyped,
} from "../../../core/document/index.ts";
import { isPaused, openTime } from "../../../core/light/exposure/index.ts";
import { listRecords, useLive } from "../../../storage/index.ts";
import { useActs } from "../../../ui/edits/useActs.ts";
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
  const {
    all: held,
    find,
    act,
  } = useActs("counts", live.value, ({ message }) =>
    notify(`The exposure that is counted can’t be kept through a reload. ${message}`, { urgent: true }),
  );
  const anchors = useRef(new Map<string, Anchor>());
  const all = useMemo(() => [...held].sort((a, b) => a.openedMs - b.openedMs), [held]);

  const [, tick] = useState(0);
  const counting = all.some((count) => count.closedMs === null);
  useEffect(() => {
    if (!counting) return;
    const timer = setInterval(() => tick((round) => round + 1), 100);
    return () => clearInterval(timer);
  }, [counting]);

  /** Does something to a count that is there: one that was logged or given up elsewhere does not come back. */
  const change = useCallback(
    (id: string, how: (count: Count) => Count) => act(id, (count) => (count === null ? null : how(count))),
    [act],
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
        const opened: Count = { ...count, openedMs: Date.now() + inMs, closedMs: null, pauses: [] };
        act(count.id, (there) => there ?? opened);
      },
      [anchor, act],
    ),
    close: useCallback(
      (id) => {
        const seen = find(id);
        if (seen === undefined || seen.closedMs !== null) return;
        const openMs = elapsed(seen);
        const whole = anchors.current.get(id)?.whole ?? false;
        anchors.current.delete(id);
        const nowMs = Date.now();
        change(id, (count) => closedAt(count, nowMs, whole ? Math.max(0, openMs) : null));
      },
      [change, elapsed, find],
    ),
    pause: useCallback(
      (id) => {
        const seen = find(id);
        if (seen === undefined || isPaused(seen) || seen.closedMs !== null) return;
        anchor(id, elapsed(seen), anchors.current.get(id)?.whole ?? false);
        const fromMs = Date.now();
        change(id, (count) => coveredFrom(count, fromMs));
      },
      [change, elapsed, anchor, find],
    ),
    resume: useCallback(
      (id) => {
        const seen = find(id);
        if (seen === undefined || !isPaused(seen)) return;
        anchor(id, elapsed(seen), anchors.current.get(id)?.whole ?? false);
        const untilMs = Date.now();
        const fromMs = seen.pauses.at(-1)?.fromMs ?? 0;
        change(id, (count) => uncoveredAt(count, fromMs, untilMs));
      },
      [change, elapsed, anchor, find],
    ),
    note: useCallback(
      (id, words) => {
        // Only what was typed: another tab may have filled another line.
        const typed = changesBetween(find(id)?.words ?? {}, words);
        change(id, (count) => withTyped(count, typed));
      },
      [change, find],
    ),
    picture: useCallback((id, picture) => change(id, (count) => ({ ...count, picture })), [change]),
    cancel: useCallback(
      (id) => {
        const count = find(id);
        if (count === undefined) return;
        act(id, () => null);
        notify("The count is given up.", {
          action: { name: "Bring it back", run: () => act(id, (there) => there ?? count) },
        });
      },
      [act, find],
    ),
    done: useCallback((id) => act(id, () => null), [act]),
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
