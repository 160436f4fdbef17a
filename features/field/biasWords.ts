import { lightTable } from "../../catalogue/lightTable.ts";
import { mediumById } from "../../catalogue/media.ts";
import { formatStops } from "../../core/basis/units/index.ts";
import type { Bias, Biased } from "../../core/learning/index.ts";

/** What a camera, medium or light of the log is called. */
export function nameOfKey(of: Biased, key: string, cameraNames: ReadonlyMap<string, string>): string {
  if (of === "camera") return cameraNames.get(key) ?? "a camera that is gone";
  if (of === "medium") return mediumById(key).id === key ? mediumById(key).name : key;
  if (key.startsWith("meter:")) return METERS[key] ?? `light by ${key.slice("meter:".length)}`;
  return lightTable.find(({ id }) => id === key)?.name ?? key;
}

const METERS: Readonly<Record<string, string>> = {
  "meter:meter": "light by your meter",
  "meter:practice": "light by the practice meter",
};

/** Less than this is as the sums say, stops: half of a third, the finest that is spoken of. */
const LEAST_SAID = 1 / 6;

/** Whether a correction is worth a word. */
export function isSaid(stops: number): boolean {
  return Math.abs(stops) >= LEAST_SAID;
}

/** Stops with their sign in words: “⅔ stop more”. */
export function moreOrLess(stops: number): string {
  return `${formatStops(stops)} ${stops > 0 ? "more" : "less"}`;
}

/** A bias in words: what it wants, and how sure that is. */
export function biasWords({ stops, sd }: Bias): string {
  return `${isSaid(stops) ? `${moreOrLess(stops)} than the sums` : "as the sums say"}, ± ${formatStops(sd)}`;
}
