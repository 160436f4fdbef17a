import { type LabelMark, label, type Mark, type Point } from "../../basis/drawing/index.ts";

/** One part at true size: marks in mm with the part's own top left corner at (0, 0). */
export interface Part {
  readonly id: string;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly marks: readonly Mark[];
}

/** Height of the type on a part, mm. */
const TEXT = 3.2;

/** A few words on a part, from its left. */
export function note(
  words: string,
  at: Point,
  more: Partial<Pick<LabelMark, "anchor" | "turn" | "layer" | "size">> = {},
): LabelMark {
  const { size = TEXT, ...rest } = more;
  return label(words, at, size, { anchor: "start", ...rest });
}
