import { BOUND_SHARE, type SheetJudgement } from "./judgeLight.ts";

/**
 * How far a sheet exposed just right is judged from right, by what its scene happens to hold, stops (standard deviation).
 * Found by judging computed sheets of every kind of camera, medium and scene (workers/judgedRight.test): 0.2, taken half as
 * large again, since real scenes differ more.
 */
const SCENE = 0.3;
/** What is added where the unexposed paper had to be guessed, stops: a sheet without a blank place hides its base. */
const GUESSED_WHITE = 0.3;
/** What is added where much of the sheet held nothing: the change is a bound, and how far off it is nobody knows, stops. */
const BOUNDED = 0.7;

/**
 * The ± of what a sheet says of its time.
 *
 * @param judged by `judgeScan`
 * @param whiteGuessed whether the unexposed paper was taken to be the lightest part
 * @returns standard deviation of the correction, stops
 * @source common practice for the sizes; they add in squares (JCGM 100:2008, 5.1.2)
 * @example judgementSpread({ blank: 0, burnt: 0 }, false) // 0.3
 */
export function judgementSpread(judged: Pick<SheetJudgement, "blank" | "burnt">, whiteGuessed: boolean): number {
  const bounded = judged.blank > BOUND_SHARE || judged.burnt > BOUND_SHARE;
  return Math.hypot(SCENE, whiteGuessed ? GUESSED_WHITE : 0, bounded ? BOUNDED : 0);
}
