import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { changesBetween, type RecordName, type Records } from "../../core/document/index.ts";
import { type Act, doActs, noteActs, type StorageFailure } from "../../storage/index.ts";
import { useLatest } from "../page/useLatest.ts";
import { mayPass, TRY_AGAIN_AFTER_MS } from "./tryAgain.ts";

/** What the database has by now is dropped at the latest after so long: its own word should have come back, also on a slow machine, ms. */
const DROP_AFTER_MS = 10_000;

interface Done<R> {
  readonly act: Act<R>;
  readonly isStored: boolean;
}

/** Records to which things happen, as they are now. */
export interface Acts<R> {
  /** As stored, with what is not stored yet done to them. */
  readonly all: readonly R[];
  /** The same at this moment, also between two drawings. */
  readonly find: (id: string) => R | undefined;
  /** Does something to a record: on the screen at once, in the database a moment later. */
  readonly act: (id: string, act: Act<R>) => void;
}

/**
 * Holds records to which things happen (opened, closed, moved on) rather than records that are edited: each happening is
 * done to the record as it is stored then, so that what other tabs did stays. What can't be stored stays in hand, is tried
 * again where that may help, and goes along with the next.
 *
 * @param stored as a live query has them
 * @param onFailed tells the maker; called once until something is stored again
 */
export function useActs<N extends RecordName>(
  name: N,
  stored: readonly Records[N][],
  onFailed: (failure: StorageFailure) => void,
): Acts<Records[N]> {
  type R = Records[N];
  const inHand = useRef(new Map<string, readonly Done<R>[]>());
  const [round, redraw] = useState(0);
  const latest = useLatest(stored);
  const [page] = useState(() => crypto.randomUUID());
  const put = useCallback(
    (id: string, acts: readonly Done<R>[]): void => {
      if (acts.length > 0) inHand.current.set(id, acts);
      else inHand.current.delete(id);
      // What is stored needs no note; what is not must outlive this tab.
      const there = latest.current.find((each) => each.id === id) ?? null;
      const base = after(
        acts.filter(({ isStored }) => isStored),
        there,
      );
      noteActs(name, id, page, base, after(acts, there));
      redraw((before) => before + 1);
    },
    [name, page],
  );
  /** Drops what the database has: what it shows by now, and those acts that it should have shown long ago. */
  const drop = useCallback(
    (overdue: readonly Act<R>[]): void => {
      for (const [id, acts] of inHand.current) {
        const kept = acts.filter(({ isStored }) => isStored);
        const there = latest.current.find((each) => each.id === id) ?? null;
        // What the database said last may be older than what it has stored since: a record must not jump back for a moment.
        const isIn = same(there, after(kept, there));
        const left = acts.filter(({ act, isStored }) => !(isStored && (isIn || overdue.includes(act))));
        if (left.length < acts.length) put(id, left);
      }
    },
    [put],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: whenever the database has spoken
  useEffect(() => drop([]), [stored, drop]);
  const told = useRef(false);
  const failed = useLatest(onFailed);
  const store = useCallback(
    async (id: string): Promise<void> => {
      const acts = inHand.current.get(id)?.filter(({ isStored }) => !isStored) ?? [];
      if (acts.length === 0) return;
      const stores = acts.map(({ act }) => act);
      const done = await doActs(name, id, stores);
      if (!done.ok) {
        if (!told.current) failed.current(done.error);
        told.current = true;
        if (mayPass(done.error)) setTimeout(() => void store(id), TRY_AGAIN_AFTER_MS);
        return;
      }
      told.current = false;
      const now = inHand.current.get(id) ?? [];
      put(
        id,
        now.map((each) => (acts.includes(each) ? { ...each, isStored: true } : each)),
      );
      setTimeout(() => drop(stores), DROP_AFTER_MS);
    },
    [name, put, drop],
  );
  const act = useCallback(
    (id: string, what: Act<R>): void => {
      put(id, [...(inHand.current.get(id) ?? []), { act: what, isStored: false }]);
      void store(id);
    },
    [put, store],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is in hand is known by its round
  const all = useMemo(() => shown(stored, inHand.current), [stored, round]);
  const find = useCallback((id: string) => shown(latest.current, inHand.current).find((each) => each.id === id), []);
  return { all, find, act };
}

/** Whether doing something to a record left it as it was: an act does no more twice than once. */
function same<R>(before: R | null, now: R | null): boolean {
  if (before === null || now === null) return before === now;
  return changesBetween(before, now).length === 0;
}

/** A record with what was done to it. */
function after<R>(acts: readonly Done<R>[] | undefined, record: R | null): R | null {
  return (acts ?? []).reduce<R | null>((now, { act }) => act(now), record);
}

function shown<R extends { readonly id: string }>(
  stored: readonly R[],
  inHand: ReadonlyMap<string, readonly Done<R>[]>,
): readonly R[] {
  if (inHand.size === 0) return stored;
  const known = new Set(stored.map(({ id }) => id));
  const added = [...inHand.keys()].filter((id) => !known.has(id)).map((id) => after(inHand.get(id), null));
  return [...stored.map((each) => after(inHand.get(each.id), each)), ...added].filter((each) => each !== null);
}
