import type { Load, LoadedPlace } from "../../../../core/document/index.ts";

/**
 * The place to expose next: the one picked, else the first that is free.
 *
 * @param picked `""`: none in particular
 * @returns `null` where all are used, or nothing is known of places
 */
export function nextPlace(held: readonly LoadedPlace[] | null, picked: string | null): string | null {
  if (picked !== null) return picked === "" ? null : picked;
  return held?.find(({ exposureId }) => !exposureId)?.place ?? null;
}

/**
 * The places that a press opens: those chosen together, of which each still has its own; else the one that is next.
 *
 * @param together places chosen together; none: one by one
 */
export function placesToOpen(
  held: readonly LoadedPlace[] | null,
  together: ReadonlySet<string>,
  place: string | null,
): readonly (LoadedPlace | null)[] {
  const chosen = held?.filter((each) => together.has(each.place)) ?? [];
  return chosen.length > 0 ? chosen : [held?.find((each) => each.place === place) ?? null];
}

/**
 * Why opening is asked for first; `null`: it is not.
 *
 * @param opened as {@link placesToOpen} has them
 */
export function openedTwice(
  held: readonly LoadedPlace[] | null,
  opened: readonly (LoadedPlace | null)[],
  nameOf: (place: string) => string,
): string | null {
  if (held === null) return null;
  const twice = opened
    .filter((each) => each !== null && Boolean(each.exposureId))
    .map((each) => nameOf(each?.place ?? ""));
  if (twice.length > 0) {
    return `${twice.join(", ")} ${twice.length === 1 ? "is" : "are"} exposed already: a second picture falls on the first, and both are on the sheet.`;
  }
  return held.every(({ exposureId }) => exposureId)
    ? "Nothing is left in it, as far as noted: all its places are exposed."
    : null;
}

/** A load whose next three free places have the times of a bracket; `null` where three are not left. */
export function bracketed(load: Load, times: readonly [number, number, number], from: string | null): Load | null {
  const begin = Math.max(
    0,
    load.places.findIndex(({ place }) => place === from),
  );
  const free = load.places.slice(begin).filter(({ exposureId }) => !exposureId);
  if (free.length < times.length) return null;
  const planned = new Map(free.slice(0, times.length).map(({ place }, index) => [place, times[index] as number]));
  return {
    ...load,
    places: load.places.map((each) => {
      const plannedSeconds = planned.get(each.place);
      return plannedSeconds === undefined ? each : { ...each, plannedSeconds };
    }),
  };
}
