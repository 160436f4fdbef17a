import { lightTable } from "../../catalogue/lightTable.ts";
import { mediumById } from "../../catalogue/media.ts";
import { formatStops, isSaid, moreOrLess } from "../../core/basis/units/index.ts";
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

/** A bias in words: what it wants, and how sure that is. */
export function biasWords({ stops, sd }: Bias): string {
  return `${isSaid(stops) ? `${moreOrLess(stops)} than the sums` : "as the sums say"}, ± ${formatStops(sd)}`;
}
