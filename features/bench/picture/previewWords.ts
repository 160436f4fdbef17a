import type { DevelopedPreview, PreviewScene } from "../../../core/bench/preview/index.ts";
import { onSheet } from "../../../core/camera/framing/index.ts";
import {
  imageSpeed,
  movement,
  type SheetResponse,
  USUAL_BRIGHTNESS,
  WALKER_WIDTH,
} from "../../../core/light/exposure/index.ts";
import { RESPONSE_WORDS } from "../../../wording/responseWords.ts";
import type { Words } from "../readings/readingRow.ts";

/** What to conclude from a developed sheet, by what light does to it. */
export function previewWords(
  { burnt, blank }: Pick<DevelopedPreview, "burnt" | "blank">,
  response: SheetResponse,
): string {
  const { tooMuch, tooLittle } = RESPONSE_WORDS[response];
  const share = (part: number): string => `${Math.round(100 * part)} %`;
  const [much, little] = [
    `${share(burnt)} of the sheet went ${tooMuch}`,
    `${share(blank)} of the sheet stayed ${tooLittle}`,
  ];
  // Nobody counts seconds of a sheet that stays out for weeks, and none is flashed.
  if (response === "printing-out") return `${much}, ${little}. It darkens with every clear day, by itself.`;
  if (burnt > 0.3) return `${much}: give it half the time.`;
  if (blank > 0.6) return `${little}: give it twice the time.`;
  if (blank > 0.3 && burnt > 0.1)
    return `${share(blank)} ${tooLittle} and ${share(burnt)} ${tooMuch}: more contrast than the sheet holds. Pre-flash it.`;
  if (blank > 0.3) return `${little}: the shadows are empty. Give it twice the time, or pre-flash it.`;
  return `${little}, ${share(burnt)} went ${tooMuch}: both ends are there.`;
}

/** How someone who walks through shows, and how large and fast they are on the sheet. */
export function walkerWords(
  { ahead, speed, height }: NonNullable<PreviewScene["walker"]>,
  seconds: number,
  distance: number,
  words: Words,
): string {
  const { word, share } = movement({ width: WALKER_WIDTH, speed, brightness: USUAL_BRIGHTNESS }, seconds);
  const size = `${words(onSheet(height, ahead, distance), 1)} high on the sheet, ${words(imageSpeed(speed, distance, ahead), 1)} a second`;
  const covers = `covers a point for ${share < 0.01 ? "less than 1" : Math.round(share * 100)} % of the time`;
  const fate = { vanishes: "and vanishes", ghost: "and leaves a ghost", solid: "and shows" }[word];
  return `The walker, ${size}, ${covers} ${fate}.`;
}
