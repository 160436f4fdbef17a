/** One stay at a station: a tray, a room. */
export interface Stay {
  readonly station: string;
  /** > 0; the unit is the caller's. */
  readonly lasts: number;
}

/** A stay that is taken: from when to when. */
export interface Visit {
  readonly station: string;
  readonly from: number;
  readonly to: number;
}

/** What there is to work with. */
export interface Shop {
  /** How many a station holds at once; one that is not named holds any number. */
  readonly room: Readonly<Record<string, number>>;
  /** Time between two moves of one pair of hands; 0: hands are no matter. */
  readonly hands?: number;
}

/** Rounding must not make two visits that touch overlap. */
const HAIR = 1e-9;

/**
 * The earliest time at which something may begin its stays, one straight after the other, so that no station ever holds
 * more than it can and no two moves come closer than hands can make them.
 *
 * @param stays in their order
 * @param booked visits that are taken already
 * @param notBefore earliest time of interest
 * @returns time ≥ `notBefore`; `null` where a station has no room at all
 * @source no-wait flow shop: Pinedo, “Scheduling”, section 6 (from memory); candidates are where a booked visit ends or begins
 * @example earliestStart([{ station: "a", lasts: 60 }], [{ station: "a", from: 0, to: 60 }], { room: { a: 1 } }, 0) // 60
 */
export function earliestStart(
  stays: readonly Stay[],
  booked: readonly Visit[],
  shop: Shop,
  notBefore: number,
): number | null {
  if (stays.some(({ station }) => (shop.room[station] ?? 1) < 1)) return null;
  const hands = shop.hands ?? 0;
  const offsets = stays.map((_, index) => stays.slice(0, index).reduce((sum, { lasts }) => sum + lasts, 0));
  const end = offsets.length === 0 ? 0 : (offsets.at(-1) as number) + (stays.at(-1)?.lasts ?? 0);
  const moves = hands > 0 ? [...offsets, end] : [];
  const taken = booked.flatMap(({ from, to }) => [from, to]);
  // What stops an earlier start is a visit that must end first, or a move that must be over: one of these is the answer.
  const candidates = [
    ...booked.flatMap(({ station, to }) =>
      stays.flatMap((stay, index) => (stay.station === station ? [to - (offsets[index] as number)] : [])),
    ),
    ...moves.flatMap((offset) => taken.map((at) => at + hands - offset)),
  ].filter((at) => at > notBefore);
  const held = stays.map(({ station }) => ({
    most: shop.room[station] ?? Number.POSITIVE_INFINITY,
    others: booked.filter((visit) => visit.station === station),
  }));
  const fits = (start: number): boolean =>
    moves.every((offset) => taken.every((at) => Math.abs(start + offset - at) >= hands - HAIR)) &&
    held.every(({ most, others }, index) => {
      if (others.length < most) return true;
      const from = start + (offsets[index] as number);
      return mostAtOnce(others, from, from + (stays[index] as Stay).lasts) < most;
    });
  return [notBefore, ...candidates.sort((a, b) => a - b)].find(fits) ?? null;
}

/** The greatest number of visits at one moment between two. */
function mostAtOnce(visits: readonly Visit[], from: number, to: number): number {
  const within = visits.filter((visit) => visit.from < to - HAIR && visit.to > from + HAIR);
  const begins = [from, ...within.map((visit) => visit.from)];
  return Math.max(
    0,
    ...begins.map((at) => within.filter((visit) => visit.from <= at + HAIR && visit.to > at + HAIR).length),
  );
}

/**
 * Visits of something that begins its stays at a time.
 *
 * @returns one for each stay, each beginning where the one before ends
 * @example visitsFrom(10, [{ station: "a", lasts: 5 }, { station: "b", lasts: 2 }])[1].from // 15
 */
export function visitsFrom(start: number, stays: readonly Stay[]): readonly Visit[] {
  let at = start;
  return stays.map(({ station, lasts }) => {
    const from = at;
    at += lasts;
    return { station, from, to: at };
  });
}

/**
 * When each of several may begin, in their order, each as early as those before it allow.
 *
 * @param jobs the stays of each
 * @returns starts; `null` where a station has no room at all
 * @source PHYSICS section 13
 * @example flowShopStarts([[{ station: "a", lasts: 60 }], [{ station: "a", lasts: 60 }]], { room: { a: 1 } }) // [0, 60]
 */
export function flowShopStarts(jobs: readonly (readonly Stay[])[], shop: Shop): readonly number[] | null {
  const booked: Visit[] = [];
  const starts: number[] = [];
  for (const stays of jobs) {
    const start = earliestStart(stays, booked, shop, 0);
    if (start === null) return null;
    starts.push(start);
    booked.push(...visitsFrom(start, stays));
  }
  return starts;
}
