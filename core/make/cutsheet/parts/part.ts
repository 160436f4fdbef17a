import { type LabelMark, label, type Mark, type Point, type Rectangle } from "../../../basis/drawing/index.ts";

/** What a part is cut from: what lies on a cutter together. */
export type PartMaterial = "card" | "plate metal" | "photographic sheet" | "tape" | "plywood" | "paper";

/** One part at true size: marks in mm with the part's own top left corner at (0, 0). */
export interface Part {
  readonly id: string;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly of: PartMaterial;
  /** How many a camera needs; left out: one. */
  readonly count?: number;
  /** Lines where they are; words where they would best stand: `drawnPart` finds them a place that is free. */
  readonly marks: readonly (Mark | NoteMark)[];
}

/** Words of a part that mean one corner of it, and may stand nowhere else. */
export interface NoteMark extends LabelMark {
  readonly within?: Rectangle;
}

/** Height of the type on a part, mm. */
export const TEXT = 3.2;

/** A few words on a part, from its left. */
export function note(
  words: string,
  at: Point,
  more: Partial<Pick<NoteMark, "anchor" | "turn" | "layer" | "size" | "within">> = {},
): NoteMark {
  const { size = TEXT, within, ...rest } = more;
  return { ...label(words, at, size, { anchor: "start", ...rest }), ...(within === undefined ? {} : { within }) };
}
