import { subjects } from "../../../catalogue/subjects.ts";
import { nearEnough, onSheet } from "../../../core/camera/framing/index.ts";
import { movement, USUAL_BRIGHTNESS } from "../../../core/light/exposure/index.ts";
import type { BuildPlan, LengthWords } from "../../../core/make/plan/index.ts";
import { openingTips } from "../../../wording/beforeItOpens.ts";

/** Someone who walks past: how wide, how high, how fast, how far away; mm and mm/s. Common experience. */
const PASSER = { width: 500, height: 1700, speed: 1400, away: 5000 } as const;
/** Shorter times stop what sways. Common practice, s. */
const SWAYS = 1;
/** In longer times a thumb's quarter of a second is no matter. Common practice, s. */
const THUMB = 10;
/** From this light on the sun itself is about. */
const SUNNY = 13;

const FATES = {
  vanishes: "vanishes",
  ghost: "leaves a ghost",
  solid: "shows as if they had stood",
} as const;

/** What to see to before this camera’s hole opens in this light, for this time. */
export function openingWords(
  { piece, container, isWound, loading }: BuildPlan,
  seconds: number,
  ev: number,
  words: LengthWords,
): readonly string[] {
  const [subject] = subjects;
  const near = nearEnough(subject?.height ?? 0, piece.distance, piece.height, 1);
  const { word } = movement({ ...PASSER, brightness: USUAL_BRIGHTNESS }, seconds);
  const filled: Readonly<Record<string, string>> = {
    subject: subject?.name ?? "",
    near: words(near, "far"),
    away: words(PASSER.away, "far"),
    size: words(onSheet(PASSER.height, PASSER.away, piece.distance), 1),
    fate: FATES[word],
  };
  const left: ReadonlySet<string> = new Set([
    ...(container.round === null ? ["rolls"] : []),
    ...(piece.isBent ? [] : ["bent"]),
    ...(isWound ? [] : ["winds"]),
    ...(loading.chambers > 1 ? [] : ["turn"]),
    ...(seconds < SWAYS ? ["branch"] : []),
    ...(seconds > THUMB ? ["shutter"] : []),
    // Only where it surprises: one has to stand nearer than the thing is high.
    ...(near > (subject?.height ?? 0) ? ["near"] : []),
    ...(ev < SUNNY ? ["sun", "shadow"] : []),
  ]);
  return openingTips
    .filter(({ id }) => !left.has(id))
    .map((tip) => tip.words.replace(/\{(\w+)\}/g, (_, name: string) => filled[name] ?? ""));
}
