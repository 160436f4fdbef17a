import type { BathName } from "../recipe/index.ts";

/** Baths that are mixed, kept in bottles and wear out. */
export type Chemical = Extract<BathName, "developer" | "stop" | "fixer">;

/** What a working solution bears. */
export interface BottleFacts {
  readonly volumeMl: number;
  /** Area of sheets that a litre of working solution bears, cm². */
  readonly capacityCm2: number;
  /** Days it keeps once mixed. */
  readonly keepsDays: number;
  /** Area processed in it, cm². */
  readonly usedCm2: number;
}

/** An 8×10 in sheet, cm². */
const EIGHT_BY_TEN = (203.2 * 254) / 100;

/** What a class of working solution bears: from memory, of no product; the bottle's own data sheet counts. */
export const USUAL_BOTTLES: Readonly<
  Record<Chemical, { readonly water: number; readonly capacityCm2: number; readonly keepsDays: number }>
> = {
  developer: { water: 9, capacityCm2: 25 * EIGHT_BY_TEN, keepsDays: 14 },
  stop: { water: 19, capacityCm2: 40 * EIGHT_BY_TEN, keepsDays: 60 },
  fixer: { water: 4, capacityCm2: 40 * EIGHT_BY_TEN, keepsDays: 60 },
};

/**
 * The share of a bottle's strength that is used up by the sheets processed in it.
 *
 * @returns 0: fresh; 1: spent; may pass 1
 * @source PHYSICS section 13: area per litre, counted down
 * @example usedShare({ volumeMl: 500, capacityCm2: 10_000, usedCm2: 2500, … }) // 0.5
 */
export function usedShare({ volumeMl, capacityCm2, usedCm2 }: BottleFacts): number {
  return usedCm2 / ((capacityCm2 * volumeMl) / 1000);
}

/**
 * Whole sheets of a size that a bottle still bears.
 *
 * @param sheetCm2 area of one, > 0
 * @returns ≥ 0
 * @example sheetsLeft({ volumeMl: 1000, capacityCm2: 1000, usedCm2: 100, … }, 200) // 4
 */
export function sheetsLeft(bottle: BottleFacts, sheetCm2: number): number {
  const left = (bottle.capacityCm2 * bottle.volumeMl) / 1000 - bottle.usedCm2;
  // A hair of rounding must not cost a sheet.
  return Math.max(0, Math.floor(left / sheetCm2 + 1e-9));
}

/**
 * What there is to say before sheets go into a bottle's bath: nothing, that it runs low, or that it would spoil them.
 *
 * @param sheetsCm2 area of what is to go in
 * @param ageDays days since it was mixed
 * @returns `fresh`; `low`: beyond four fifths, or its last days; `spent`: used up by these sheets, or too old
 * @example bottleState({ volumeMl: 1000, capacityCm2: 1000, usedCm2: 990, keepsDays: 14 }, 20, 1) // "spent"
 */
export function bottleState(bottle: BottleFacts, sheetsCm2: number, ageDays: number): "fresh" | "low" | "spent" {
  const after = usedShare({ ...bottle, usedCm2: bottle.usedCm2 + sheetsCm2 });
  const age = ageDays / bottle.keepsDays;
  if (after > 1 + 1e-9 || age > 1) return "spent";
  return after > LOW || age > LOW ? "low" : "fresh";
}

/** From this share on a bottle is called low. */
const LOW = 0.8;

/**
 * What the clip test says of a fixer: an undeveloped scrap of film clears in it, and took so long when it was fresh.
 *
 * @param freshSeconds, seconds > 0
 * @returns `good`; `tired`: half as long again; `spent`: twice as long or more
 * @source common practice: discard at twice the fresh clearing time
 * @example clipTest(30, 61) // "spent"
 */
export function clipTest(freshSeconds: number, seconds: number): "good" | "tired" | "spent" {
  const times = seconds / freshSeconds;
  return times >= 2 ? "spent" : times >= 1.5 ? "tired" : "good";
}
