import type { Camera } from "./camera.ts";
import { type DesignField, designFaults, type LengthWords } from "./designFaults.ts";

/**
 * Why a change can't be made, or `null` when it can. A container may become too small for its sheet (a verdict offers to
 * trim it), but no change may lead to a design that the file format itself refuses: a sheet more than once round its
 * can, a hole wider than the opening before it.
 *
 * @param next design with the change made and its hole settled
 * @param field that was set, or `null` for a change of something else (rule, paper, sheet)
 */
export function refusal(next: Camera, field: DesignField | null, words: LengthWords): string | null {
  const fault = designFaults(next, words).find((each) => each.field === field);
  return fault?.message ?? onceRound(next, words) ?? openingTooNarrow(next, words);
}

function onceRound({ container, chambers }: Camera, words: LengthWords): string | null {
  const { width } = chambers[0].film;
  if (container.shape !== "cylinder" || width <= Math.PI * container.diameter) return null;
  return `The sheet, ${words(width)} long, would go more than once round: the inside must be ${words(width / Math.PI)} across at least. Trim the sheet first.`;
}

function openingTooNarrow({ chambers }: Camera, words: LengthWords): string | null {
  const { diameter, openingDiameter = null } = chambers[0].holes[0];
  if (openingDiameter === null || diameter === "best" || diameter <= openingDiameter) return null;
  return `The hole, ${words(diameter)}, would be wider than the opening before it, ${words(openingDiameter)}. Widen the opening first.`;
}
