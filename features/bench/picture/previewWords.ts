import type { DevelopedPreview, PreviewScene } from "../../../core/bench/preview/index.ts";
import { onSheet } from "../../../core/camera/framing/index.ts";
import {
  imageSpeed,
  movement,
  type SheetResponse,
  USUAL_BRIGHTNESS,
  WALKER_WIDTH,
} from "../../../core/light/exposure/index.ts";
import { type SunStay, USUAL_STAY } from "../../../core/sun/index.ts";
import { sayDay } from "../../../ui/format/sayDay.ts";
import { RESPONSE_WORDS } from "../../../wording/responseWords.ts";
import type { Words } from "../readings/readingRow.ts";

/** What to conclude from a developed sheet, by what light does to it. */
export function previewWords(
  { burnt, blank }: Pick<DevelopedPreview, "burnt" | "blank">,
  response: Exclude<SheetResponse, "printing-out">,
): string {
  const { tooMuch, tooLittle } = RESPONSE_WORDS[response];
  const share = (part: number): string => `${Math.round(100 * part)} %`;
  const [much, little] = [
    `${share(burnt)} of the sheet went ${tooMuch}`,
    `${share(blank)} of the sheet stayed ${tooLittle}`,
  ];
  if (burnt > 0.3) return `${much}: give it half the time.`;
  if (blank > 0.6) return `${little}: give it twice the time.`;
  if (blank > 0.3 && burnt > 0.1)
    return `${share(blank)} ${tooLittle} and ${share(burnt)} ${tooMuch}: more contrast than the sheet holds. Pre-flash it.`;
  if (blank > 0.3) return `${little}: the shadows are empty. Give it twice the time, or pre-flash it.`;
  return `${little}, ${share(burnt)} went ${tooMuch}: both ends are there.`;
}

/**
 * What to conclude from a sheet that hangs out for weeks and months.
 *
 * @param stay its plan; `null`: none yet
 */
export function tracksWords({ tracked }: Pick<DevelopedPreview, "tracked">, stay: SunStay | null): string {
  const { site, from, to } = stay ?? USUAL_STAY;
  const when =
    stay === null
      ? `From solstice to solstice at ${Math.round(site.latitude)}° north, looking south`
      : `As planned under Sun, ${sayDay(from)} to ${sayDay(to)}`;
  const share = Math.round(100 * tracked);
  return share === 0
    ? `${when}, no track of the sun lands on this sheet.`
    : `${when}, the sun’s tracks cover about ${share} % of the sheet.`;
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
