/** Something that walks through the picture while the hole is open. */
export interface Passer {
  /** W, its width, mm, > 0. */
  readonly width: number;
  /** v, how fast it goes across, mm/s, > 0. */
  readonly speed: number;
  /** Its brightness over that of what is behind it, L_o/L_b, > 0. */
  readonly brightness: number;
}

export type MovementWord = "vanishes" | "ghost" | "solid";

/** W of somebody who walks across, mm; common practice. */
export const WALKER_WIDTH = 500;
/** What shows: stops by which the tone changes. PHYSICS section 4; editable. */
export const LEAST_SEEN: number = 1 / 8;
/** A quarter of the background's light, as PHYSICS section 4 has it. */
export const USUAL_BRIGHTNESS: number = 1 / 4;
/** Covering nearly all of the time, it looks as if it had stood. */
const STOOD = 0.9;

/**
 * Share q of the exposure that a point is covered: W/(v·t), at most 1.
 *
 * @returns 0 to 1
 * @example coveredShare({ width: 500, speed: 1000 }, 5) // 0.1
 */
export function coveredShare({ width, speed }: Omit<Passer, "brightness">, seconds: number): number {
  return Math.min(1, width / (speed * seconds));
}

/**
 * How a passer-by shows in an exposure.
 *
 * @param seconds t, > 0
 * @returns stops |log₂(1 − q + q·L_o/L_b)| and the word for it
 * @source PHYSICS section 4
 * @example movement({ width: 500, speed: 1400, brightness: 0.25 }, 30).word // "vanishes"
 */
export function movement(
  passer: Passer,
  seconds: number,
  leastSeen: number = LEAST_SEEN,
): { readonly share: number; readonly stops: number; readonly word: MovementWord } {
  const share = coveredShare(passer, seconds);
  const stops = Math.abs(Math.log2(1 - share + share * passer.brightness));
  const word = stops < leastSeen ? "vanishes" : share < STOOD ? "ghost" : "solid";
  return { share, stops, word };
}

/**
 * Speed of its picture on the sheet, mm/s: v·z/u.
 *
 * @returns mm/s
 * @example imageSpeed(1000, 60, 6000) // 10
 */
export function imageSpeed(speed: number, distance: number, away: number): number {
  return (speed * distance) / away;
}
