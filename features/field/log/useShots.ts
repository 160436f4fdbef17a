import { useCallback } from "react";
import type { Exposure } from "../../../core/document/index.ts";
import { countShots, type Live, shotsBetween, shotsByIds, siftShots, useLive } from "../../../storage/index.ts";
import { isSifted, matches, type ShotFilter } from "./shotFilter.ts";

/** Shots are read so many at a time. */
const PAGE = 50;

/** The beginning of the log, newest first: how many shots there are, and the first of them; `null`: can't be read. */
export interface LogPart {
  readonly count: number;
  /** Ids of all shots asked for, where more is asked than the index knows. */
  readonly ids: readonly string[] | null;
  readonly shots: readonly (Exposure | null)[];
}

/** Reads the beginning of what is asked of the log. */
export async function openLog(filter: ShotFilter): Promise<LogPart> {
  const { count, ids } = await listed(filter);
  return { count, ids, shots: await between(filter, ids, 0, PAGE) };
}

async function listed(filter: ShotFilter): Promise<Pick<LogPart, "count" | "ids">> {
  if (!isSifted(filter)) return { count: await countShots(filter.camera), ids: null };
  const ids = await siftShots(filter.camera, (shot) => matches(shot, filter));
  return { count: ids.length, ids };
}

function between(
  filter: ShotFilter,
  ids: readonly string[] | null,
  from: number,
  until: number,
): Promise<readonly (Exposure | null)[]> {
  return ids === null ? shotsBetween(filter.camera, from, until) : shotsByIds(ids.slice(from, until));
}

/** Follows which shots there are. */
export function useShotList(loaded: LogPart, filter: ShotFilter): Live<Pick<LogPart, "count" | "ids">> {
  const query = useCallback(() => listed(filter), [filter]);
  return useLive(loaded, query);
}

/** The shots between two places of the list, whole pages of them, by their places; what is not read yet is missing. */
export function useShots(
  loaded: LogPart,
  filter: ShotFilter,
  ids: readonly string[] | null,
  first: number,
  last: number,
): ReadonlyMap<number, Exposure | null> {
  const from = Math.floor(first / PAGE) * PAGE;
  const until = Math.ceil((last + 1) / PAGE) * PAGE;
  const query = useCallback(
    async () => byPlace(from, await between(filter, ids, from, until)),
    [filter, ids, from, until],
  );
  return useLive(byPlace(0, loaded.shots), query).value;
}

function byPlace(from: number, shots: readonly (Exposure | null)[]): ReadonlyMap<number, Exposure | null> {
  return new Map(shots.map((shot, index) => [from + index, shot]));
}
