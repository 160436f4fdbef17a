import { useCallback } from "react";
import type { Exposure } from "../../core/document/index.ts";
import { exposureIds, getExposures, type Live, useLive } from "../../storage/index.ts";

/** Shots are read so many at a time. */
const PAGE = 50;
/** Stands in no id. */
const BETWEEN = "\n";

/** Part of the log: the order of all its shots, and the shots of the part that is looked at. */
export interface LogPart {
  readonly ids: readonly string[];
  readonly shots: readonly (Exposure | null)[];
}

/** The beginning of the log, newest first. */
export async function openLog(cameraId: string | null): Promise<LogPart> {
  const ids = await exposureIds(cameraId);
  return { ids, shots: await getExposures(ids.slice(0, PAGE)) };
}

/** Follows the order of the log. */
export function useShotIds(loaded: LogPart, cameraId: string | null): Live<readonly string[]> {
  const query = useCallback(() => exposureIds(cameraId), [cameraId]);
  return useLive(loaded.ids, query);
}

/** The shots between two places of the log, whole pages of them, by their ids; what is not read yet is missing. */
export function useShots(
  loaded: LogPart,
  ids: readonly string[],
  first: number,
  last: number,
): ReadonlyMap<string, Exposure | null> {
  const from = Math.floor(first / PAGE) * PAGE;
  const wanted = ids.slice(from, Math.ceil((last + 1) / PAGE) * PAGE).join(BETWEEN);
  const query = useCallback(async () => {
    const read = wanted === "" ? [] : wanted.split(BETWEEN);
    return pairs(read, await getExposures(read));
  }, [wanted]);
  return useLive(pairs(loaded.ids, loaded.shots), query).value;
}

function pairs(ids: readonly string[], shots: readonly (Exposure | null)[]): ReadonlyMap<string, Exposure | null> {
  return new Map(shots.map((shot, index) => [ids[index] ?? "", shot]));
}
