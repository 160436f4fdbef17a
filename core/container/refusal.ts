import type { Camera } from "./camera.ts";
import { type DesignField, designFaults, type LengthWords } from "./designFaults.ts";

/**
 * Why a size can't be set, or `null` when it can. A container may become too small for its sheet (a verdict offers to
 * trim it), but not so small that the sheet would go more than once round.
 *
 * @param next design with the size already set
 * @param field that was set
 */
export function refusal(next: Camera, field: DesignField, words: LengthWords): string | null {
  const fault = designFaults(next, words).find((each) => each.field === field);
  if (fault !== undefined) return fault.message;
  const { width } = next.chambers[0].film;
  if (
    field === "container.diameter" &&
    next.container.shape === "cylinder" &&
    width > Math.PI * next.container.diameter
  ) {
    return `The sheet, ${words(width)} long, would go more than once round: the inside must be ${words(width / Math.PI)} across at least. Trim the sheet first.`;
  }
  return null;
}
