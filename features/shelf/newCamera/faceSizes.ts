import type { FaceBesideCard } from "../../../core/camera/besideCard/index.ts";
import type { DesignField } from "../../../core/camera/container/index.ts";

/** Which face of a box a photograph shows. */
export type FaceSide = "front" | "side";

/** Under the glass a corner is set to about so much of a pixel of the screen, one standard deviation; and never to less than a pixel of the picture. */
const MARKED = 0.5;

/**
 * How far a marked corner may be off, px of the picture.
 *
 * @param perPixel pixels of the picture in one of the screen
 */
export function markedTo(perPixel: number): number {
  return Math.max(1, MARKED * perPixel);
}

/** Where the marks stand at first, as shares of the picture. */
export const START = {
  card: [
    [0.08, 0.55],
    [0.32, 0.55],
    [0.32, 0.75],
    [0.08, 0.75],
  ],
  face: [
    [0.42, 0.25],
    [0.9, 0.25],
    [0.9, 0.75],
    [0.42, 0.75],
  ],
} as const;

/** One size of a container, outside as it was seen and inside as it is asked for, mm. */
export interface SeenSize {
  readonly field: DesignField;
  readonly name: string;
  readonly outside: number;
  readonly error: number;
  readonly inside: number;
}

/** What a measured face says of a container: two walls less each way. */
export function insideSizes(
  { width, height, widthError, heightError }: FaceBesideCard,
  { round, side, wall }: { readonly round: boolean; readonly side: FaceSide; readonly wall: number },
): readonly SeenSize[] {
  const across: readonly [DesignField, string] = round
    ? ["container.diameter", "Diameter"]
    : side === "front"
      ? ["container.width", "Width"]
      : ["container.depth", "Depth"];
  const seen = [
    [...across, width, widthError],
    ["container.height", "Height", height, heightError],
  ] as const;
  return seen.map(([field, name, outside, error]) => ({
    field,
    name,
    outside,
    error,
    inside: Math.max(1, outside - 2 * wall),
  }));
}
