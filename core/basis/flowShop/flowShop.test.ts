import fc from "fast-check";
import { earliestStart, flowShopStarts, type Stay, type Visit, visitsFrom } from "./index.ts";

/** Whether visits break what stations hold, looked at minute by minute. */
function crowded(visits: readonly Visit[], room: Readonly<Record<string, number>>): boolean {
  const end = Math.max(0, ...visits.map(({ to }) => to));
  for (let at = 0; at < end; at++) {
    for (const [station, holds] of Object.entries(room)) {
      if (visits.filter((v) => v.station === station && v.from <= at && v.to > at).length > holds) return true;
    }
  }
  return false;
}

/** The plain way: every start of every job is tried, whole minutes, until none ends earlier in all. */
function bruteForce(jobs: readonly (readonly Stay[])[], room: Readonly<Record<string, number>>, most: number) {
  let best: { readonly starts: readonly number[]; readonly end: number } | null = null;
  const search = (starts: readonly number[], booked: readonly Visit[]): void => {
    const end = Math.max(0, ...booked.map(({ to }) => to));
    if (best !== null && end > best.end) return;
    const stays = jobs[starts.length];
    if (stays === undefined) {
      if (best === null || end < best.end) best = { starts, end };
      return;
    }
    for (let at = starts.at(-1) ?? 0; at <= most; at++) {
      const all = [...booked, ...visitsFrom(at, stays)];
      if (!crowded(all, room)) search([...starts, at], all);
    }
  };
  search([], []);
  return best as { readonly starts: readonly number[]; readonly end: number } | null;
}

const stays = fc.array(
  fc.record({ station: fc.constantFrom("developer", "stop", "fixer"), lasts: fc.integer({ min: 1, max: 4 }) }),
  { minLength: 1, maxLength: 4 },
);
const room = fc.record({
  developer: fc.integer({ min: 1, max: 2 }),
  stop: fc.integer({ min: 1, max: 2 }),
  fixer: fc.integer({ min: 1, max: 3 }),
});

describe("a no-wait flow shop (PHYSICS section 13)", () => {
  test("sheets alike: no order of starts ends earlier, by trying all of them", () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(
          fc.record({ station: fc.constantFrom("developer", "stop", "fixer"), lasts: fc.integer({ min: 1, max: 4 }) }),
          { minLength: 1, maxLength: 3, selector: ({ station }) => station },
        ),
        room,
        fc.integer({ min: 1, max: 3 }),
        (sheet, holds, count) => {
          const jobs = Array.from({ length: count }, () => sheet);
          const starts = flowShopStarts(jobs, { room: holds }) as readonly number[];
          const booked = starts.flatMap((at, index) => visitsFrom(at, jobs[index] as readonly Stay[]));
          expect(crowded(booked, holds)).toBe(false);
          const best = bruteForce(jobs, holds, 16);
          expect(Math.max(...booked.map(({ to }) => to))).toBe(best?.end);
        },
      ),
      { seed: 13, numRuns: 120 },
    );
  });

  test("whatever is booked: the start fits, and none before it does, by trying every minute", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(stays, fc.integer({ min: 0, max: 12 })), { maxLength: 3 }),
        stays,
        room,
        fc.integer({ min: 0, max: 6 }),
        (others, sheet, holds, notBefore) => {
          const booked: Visit[] = [];
          for (const [each, at] of others) {
            const more = visitsFrom(at, each);
            if (!crowded([...booked, ...more], holds)) booked.push(...more);
          }
          const start = earliestStart(sheet, booked, { room: holds }, notBefore) as number;
          expect(start).toBeGreaterThanOrEqual(notBefore);
          expect(crowded([...booked, ...visitsFrom(start, sheet)], holds)).toBe(false);
          for (let at = notBefore; at < start; at++) {
            expect(crowded([...booked, ...visitsFrom(at, sheet)], holds)).toBe(true);
          }
        },
      ),
      { seed: 14, numRuns: 300 },
    );
  });

  test("one pair of hands: moves are never closer than they take, and a developer for one gives 60 s steps", () => {
    const sheet = [
      { station: "developer", lasts: 60 },
      { station: "stop", lasts: 20 },
      { station: "fixer", lasts: 120 },
    ];
    const plenty = { developer: 1, stop: 1, fixer: 4 };
    expect(flowShopStarts([sheet, sheet, sheet], { room: plenty })).toEqual([0, 60, 120]);
    const starts = flowShopStarts([sheet, sheet, sheet, sheet], { room: plenty, hands: 10 }) as readonly number[];
    const moves = starts.flatMap((at) => [at, at + 60, at + 80, at + 200]).sort((a, b) => a - b);
    for (const [index, at] of moves.entries()) {
      if (index > 0) expect(at - (moves[index - 1] as number)).toBeGreaterThanOrEqual(10);
    }
    // A fixer for one holds the next sheet back, so that it never waits in the developer.
    expect(flowShopStarts([sheet, sheet], { room: { ...plenty, fixer: 1 } })).toEqual([0, 120]);
    expect(flowShopStarts([sheet], { room: { developer: 0 } })).toBeNull();
    expect(earliestStart([], [], { room: {} }, 7)).toBe(7);
  });
});
