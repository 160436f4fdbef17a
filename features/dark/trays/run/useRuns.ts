import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { earliestStart, type Shop } from "../../../../core/basis/flowShop/index.ts";
import { allowedLamp, type LampAllowed, lampBorne } from "../../../../core/darkroom/lamp/index.ts";
import { developerSeconds, MOVE_SECONDS, staysOf } from "../../../../core/darkroom/recipe/index.ts";
import {
  comingVisits,
  movedBack,
  movedOn,
  movesTill,
  type Run,
  type RunNow,
  realSeconds,
  runAt,
} from "../../../../core/darkroom/run/index.ts";
import { type Development, runOf, sheetOut } from "../../../../core/document/index.ts";
import { finishDevelopment, takeBackFinish } from "../../../../storage/index.ts";
import { clockNow, useNow } from "../../../../ui/device/useNow.ts";
import { useActs } from "../../../../ui/edits/useActs.ts";
import { isoWithOffset } from "../../../../ui/format/localTime.ts";
import { notify } from "../../../../ui/notices/notify.ts";

/** A sheet that is on its way, with where it is. */
export interface SheetNow {
  readonly development: Development;
  readonly run: Run;
  readonly at: RunNow;
}

export interface Runs {
  /** On their way, the one that has to move first in front; those in the wash come last. */
  readonly going: readonly SheetNow[];
  /** Waiting for their turn, in their order. */
  readonly waiting: readonly Development[];
  /** Through all baths, but no fixer worked on them for long enough: light still darkens them. */
  readonly unfixed: readonly SheetNow[];
  /** The lamp that may be on, by all of them. */
  readonly lamp: LampAllowed;
  /** Seconds until the first that waits may go in, so that it never has to stay in a bath; `null`: none waits. */
  readonly nextIn: number | null;
  readonly now: number;
  readonly start: (id: string) => void;
  readonly move: (id: string) => void;
  readonly back: (id: string) => void;
  /** Takes a sheet out before its last bath: what was done is written down. */
  readonly end: (id: string) => void;
  /** Forgets sheets that wait and have not been in any bath. */
  readonly forget: (ids: readonly string[]) => void;
}

/**
 * Sheets on their way through the baths. Each is in the database from its first bath on, as the moments at which it was
 * moved: a reload, sleep or another page loses nothing, and nothing but a move ends a bath.
 *
 * @param stored as the database has them
 * @param room sheets that each tray holds
 */
export function useRuns(stored: readonly Development[], room: Shop["room"]): Runs {
  const {
    all: held,
    find,
    act,
  } = useActs("developments", stored, ({ message }) =>
    notify(`The sheet goes on, but a reload would lose it. ${message}`, { urgent: true }),
  );
  /** Sheets that are being written down as through. */
  const [hidden, setHidden] = useState<ReadonlySet<string>>(new Set());
  const all = useMemo(() => held.filter(({ id }) => !hidden.has(id)), [held, hidden]);
  const now = useNow("sheets", all.length > 0);

  const change = useCallback(
    (id: string, how: (run: Run, at: number) => Run): void => {
      const at = clockNow();
      const seen = find(id);
      const before = seen && runOf(seen);
      if (!before) return;
      const from = runAt(before, at).step;
      act(id, (development) => {
        const run = development && runOf(development);
        // Another tab may have done it already: what is pressed is meant for the bath that was seen.
        if (!development || !run || runAt(run, at).step !== from) return development;
        const next = how(run, at);
        if (next === run) return development;
        const { movesMs, backsMs = [], byClock } = next;
        return { ...development, movesMs, backsMs, byClock };
      });
    },
    [find, act],
  );
  const finishing = useRef(new Set<string>());
  const finish = useCallback((development: Development, run: Run, at: number): void => {
    const { id } = development;
    if (finishing.current.has(id)) return;
    finishing.current.add(id);
    setHidden(new Set(finishing.current));
    void finished(development, run, at).then((undone) => {
      if (!undone) return;
      // It is here again: it was taken back, or it could not be stored and is tried again at the next look.
      finishing.current.delete(id);
      setHidden(new Set(finishing.current));
    });
  }, []);

  const going = useMemo(
    () =>
      all
        .flatMap((development): readonly SheetNow[] => {
          const run = runOf(development);
          return run === null ? [] : [{ development, run, at: runAt(run, now) }];
        })
        .sort((a, b) => patience(a) - patience(b) || a.at.left - b.at.left),
    [all, now],
  );
  const unfixed = useMemo(() => going.filter((sheet) => sheet.at.now === null && !isFixed(sheet, now)), [going, now]);
  const lamp = useMemo(() => allowedLamp(all.map(sheetOut), now), [all, now]);
  const through = going.find((sheet) => sheet.at.now === null && isFixed(sheet, now));
  useEffect(() => {
    if (through) finish(through.development, through.run, clockNow());
  }, [through, finish]);
  const waiting = useMemo(() => all.filter(({ startedMs }) => startedMs === undefined), [all]);
  const [first] = waiting;
  return {
    going: going.filter(({ at }) => at.now !== null),
    waiting,
    unfixed,
    lamp,
    nextIn: first ? waitFor(first, going, room, now) : null,
    now,
    start: useCallback(
      (id) => {
        const startedMs = clockNow();
        act(id, (development) =>
          development === null || development.startedMs !== undefined
            ? development
            : { ...development, startedMs, at: isoWithOffset(new Date(startedMs)), movesMs: [] },
        );
      },
      [act],
    ),
    move: useCallback((id) => change(id, movedOn), [change]),
    back: useCallback((id) => change(id, movedBack), [change]),
    end: useCallback(
      (id) => {
        const development = find(id);
        const run = development && runOf(development);
        if (development && run) finish(development, run, clockNow());
      },
      [find, finish],
    ),
    forget: useCallback(
      (ids) => {
        for (const id of ids) act(id, (now) => (now?.startedMs === undefined ? null : now));
      },
      [act],
    ),
  };
}

/** A sheet in the wash is in no hurry: what develops or is fixed comes before it, however long it has lain there. */
function patience({ at }: SheetNow): number {
  return at.now?.bath === "wash" ? 1 : 0;
}

/** Whether light may fall on a sheet by now. */
function isFixed({ development }: SheetNow, now: number): boolean {
  return lampBorne(sheetOut(development), now) === "white";
}

/** Seconds until a sheet may go in beside those on their way. */
function waitFor({ steps }: Development, going: readonly SheetNow[], room: Shop["room"], now: number): number | null {
  const booked = going.flatMap(({ run }) => comingVisits(run, now));
  return earliestStart(staysOf(steps), booked, { room, hands: going.length > 0 ? MOVE_SECONDS : 0 }, 0);
}

/** Writes that a sheet is through, with its real times. @returns whether it is not finished after all */
async function finished(development: Development, run: Run, at: number): Promise<boolean> {
  const real = realSeconds(run, at);
  const moves = movesTill(run, at);
  const { now, elapsed } = runAt(run, at);
  const steps = development.steps.map((step, index) => ({
    ...step,
    // Taken out early, the bath it was in counts as long as it was in it.
    real: real[index] ?? (index === real.length && now !== null ? elapsed : null),
  }));
  const done = steps.flatMap(({ bath, real: seconds }) => (seconds === null ? [] : [{ bath, seconds }]));
  const finishedAt = isoWithOffset(new Date(now === null ? (moves.at(-1) ?? at) : at));
  const whole = { ...development, steps, movesMs: moves, finishedAt };
  const written = await finishDevelopment(whole, {
    developmentId: development.id,
    at: development.at,
    recipe: development.recipeName ?? "",
    seconds: Math.round(developerSeconds(done)),
    celsius: development.celsius ?? 20,
    ...(development.postFlashed ? { postFlashed: true } : {}),
  });
  if (!written.ok) {
    notify(`The sheet is through, but this could not be saved. ${written.error.message}`, { urgent: true });
    return true;
  }
  return new Promise((resolve) => {
    notify(`${development.sheet || "The sheet"} is through.`, {
      action: {
        name: "Undo",
        run: () => {
          // The last move is taken back with it, or it would be through again at once.
          const before = written.value.before ?? development;
          const backsMs = [...(before.backsMs ?? []), clockNow()];
          const again = { ...before, movesMs: moves.slice(0, -1), backsMs, byClock: false, finishedAt: null };
          void takeBackFinish(again, written.value).then((taken) => {
            if (!taken.ok) notify(`It can’t be taken back. ${taken.error.message}`, { urgent: true });
            resolve(taken.ok);
          });
        },
      },
    });
  });
}
