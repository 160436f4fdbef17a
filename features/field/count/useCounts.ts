import { useCallback, useMemo } from "react";
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
import { clockNow, pageTime, useNow } from "../../../ui/device/useNow.ts";
import { useActs } from "../../../ui/edits/useActs.ts";
import { notify } from "../../../ui/notices/notify.ts";

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

/** Counted in for no longer than this, ms: a hole that opens later is open by a clock that was set. */
const COUNTED_IN_AT_MOST = 10_000;

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
    notify(`This count would be lost by a reload. ${message}`, { urgent: true }),
  );
  const all = useMemo(() => [...held].sort((a, b) => a.openedMs - b.openedMs), [held]);

  useNow(
    "counts",
    all.some((count) => count.closedMs === null),
  );
  /** Does something to a count that is there: one that was logged or given up elsewhere does not come back. */
  const change = useCallback(
    (id: string, how: (count: Count) => Count) => act(id, (count) => (count === null ? null : how(count))),
    [act],
  );
  return {
    counts: all.map((count) => nowOf(count, clockNow())),
    open: useCallback(
      (count, inMs) => {
        pageTime().runs("counts", true);
        const opened: Count = { ...count, openedMs: clockNow() + inMs, closedMs: null, pauses: [] };
        act(count.id, (there) => there ?? opened);
      },
      [act],
    ),
    close: useCallback(
      (id) => {
        const seen = find(id);
        if (seen === undefined || seen.closedMs !== null) return;
        const at = clockNow();
        const countedMs = Math.max(0, openFor(seen, at));
        // What nobody has said yet whether it passed stands beside what was counted: it is asked for before it is logged.
        const closedMs = at + (pageTime().jump() ?? 0);
        change(id, (count) => closedAt(count, closedMs, countedMs));
      },
      [change, find],
    ),
    pause: useCallback(
      (id) => {
        const seen = find(id);
        if (seen === undefined || isPaused(seen) || seen.closedMs !== null) return;
        const fromMs = clockNow();
        change(id, (count) => coveredFrom(count, fromMs));
      },
      [change, find],
    ),
    resume: useCallback(
      (id) => {
        const seen = find(id);
        if (seen === undefined || !isPaused(seen)) return;
        const untilMs = clockNow();
        const fromMs = seen.pauses.at(-1)?.fromMs ?? 0;
        change(id, (count) => uncoveredAt(count, fromMs, untilMs));
      },
      [change, find],
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

function nowOf(count: Count, now: number): CountNow {
  const paused = isPaused(count);
  if (count.closedMs === null) return { count, openMs: openFor(count, now), paused, doubtMs: null };
  const clockMs = openTime(count, count.closedMs);
  const openMs = count.countedMs ?? Math.max(0, clockMs);
  const agree = Math.abs(clockMs - openMs) <= AGREE.ms + AGREE.share * openMs;
  return { count, openMs, paused: false, doubtMs: agree ? null : clockMs };
}

/** How long a hole has been open, ms; negative while it is counted in, which never lasts longer than that does. */
function openFor(count: Count, now: number): number {
  return Math.max(count.openedMs > now ? -COUNTED_IN_AT_MOST : 0, openTime(count, now));
}
