import { useCallback } from "react";
import type { Exposure } from "../../../core/document/index.ts";
import { countShots, type Live, shotsBetween, useLive } from "../../../storage/index.ts";

/** Shots are read so many at a time. */
const PAGE = 50;

/** The beginning of the log, newest first: how many shots there are, and the first of them; `null`: can't be read. */
export interface LogPart {
  readonly count: number;
  readonly shots: readonly (Exposure | null)[];
}

/** Reads the beginning of the log. */
export async function openLog(cameraId: string | null): Promise<LogPart> {
  const [count, shots] = await Promise.all([countShots(cameraId), shotsBetween(cameraId, 0, PAGE)]);
  return { count, shots };
}

/** Follows how many shots there are. */
export function useShotCount(loaded: LogPart, cameraId: string | null): Live<number> {
  const query = useCallback(() => countShots(cameraId), [cameraId]);
  return useLive(loaded.count, query);
}

/** The shots between two places of the log, whole pages of them, by their places; what is not read yet is missing. */
export function useShots(
  loaded: LogPart,
  cameraId: string | null,
  first: number,
  last: number,
): ReadonlyMap<number, Exposure | null> {
  const from = Math.floor(first / PAGE) * PAGE;
  const until = Math.ceil((last + 1) / PAGE) * PAGE;
  const query = useCallback(
    async () => byPlace(from, await shotsBetween(cameraId, from, until)),
    [cameraId, from, until],
  );
  return useLive(byPlace(0, loaded.shots), query).value;
}

function byPlace(from: number, shots: readonly (Exposure | null)[]): ReadonlyMap<number, Exposure | null> {
  return new Map(shots.map((shot, index) => [from + index, shot]));
}
