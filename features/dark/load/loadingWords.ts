import {
  type BuildPlan,
  type LengthWords,
  type LoadingStep,
  MARKED_WITH,
  sameMark,
} from "../../../core/make/plan/index.ts";
import { loadingSteps as words } from "../../../wording/make/loadingSteps.ts";

/** One thing to do in the dark, in words. */
export interface LoadingLine {
  readonly id: LoadingStep;
  readonly words: string;
}

/** What is done in the dark to load this camera, in its order, with the measures of its plan. */
export function loadingLines({ piece, hole, loading }: BuildPlan, length: LengthWords): readonly LoadingLine[] {
  const filled: Readonly<Record<string, string>> = {
    sheet: `${length(piece.width, 1)} × ${length(piece.height, 1)}`,
    piece: length(piece.offRoll ?? piece.width, 1),
    gap: length(piece.gap?.free ?? 0, 0),
    cuts: cutsOf(piece, length),
    pen: MARKED_WITH,
    places: loading.places.join(", "),
    rim: hole.plate === null ? "rim of the hole" : "scratchy rim of the plate",
  };
  return loading.steps.map((id) => ({
    id,
    words: words[id].replace(/\{(\w+)\}/g, (whole, name: string) => filled[name] ?? whole),
  }));
}

/** The sheet that goes in, in words: what it is cut from and to. */
export function sheetWords({ piece }: BuildPlan, length: LengthWords): string {
  const size = `${length(piece.width, 1)} × ${length(piece.height, 1)}`;
  const { name } = piece.stock;
  if (piece.offRoll !== null && piece.offRoll > piece.width) {
    return `${name}, a piece ${length(piece.offRoll, 1)} long of which ${size} is seen`;
  }
  if (name === null) return size;
  return piece.cuts.length > 0 ? `${name}, cut to ${size}` : name;
}

/** Where the cuts are made, in their order; against one mark where two are alike. */
function cutsOf({ cuts }: BuildPlan["piece"], length: LengthWords): string {
  const [first, second] = cuts;
  if (first !== undefined && second !== undefined && sameMark(first, second))
    return `${length(first.at, 1)}, both ways`;
  return cuts.map(({ at }) => length(at, 1)).join(", then ");
}
