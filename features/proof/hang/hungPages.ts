import { printPapers } from "../../../catalogue/printPapers.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import type { Negative } from "../../../core/document/index.ts";
import { type HangPlace, hangLayout } from "../../../core/negative/index.ts";
import type { HangSettings } from "../../../storage/index.ts";
import { readableDay } from "../../../ui/localTime.ts";
import { factsOf } from "../positive/factsOf.ts";
import type { Proof } from "../useProof.ts";

/** Pages with pictures hung on them, mm. */
export interface HungPages {
  readonly width: number;
  readonly height: number;
  readonly count: number;
  readonly pictures: readonly (HangPlace & { readonly negative: Negative; readonly caption: string })[];
}

/** Height of a caption's letters, and where it stands below its picture, mm. */
export const CAPTION = { size: 2.8, below: 4 } as const;

/** Where some negatives hang. `ratios`: width to height of their positives, by id, as far as they are known. */
export function hungPages(
  hung: readonly Negative[],
  { kind, paper: id, across, captions }: HangSettings,
  ratios: ReadonlyMap<string, number>,
  proof: Proof,
): HungPages {
  const paper = printPapers.find((each) => each.id === id) ?? (printPapers[0] as (typeof printPapers)[number]);
  const page = across ? { width: paper.height, height: paper.width } : { width: paper.width, height: paper.height };
  const sizes = hung.map((negative) => sizeOf(negative, ratios.get(negative.id) ?? null));
  const pictures = hangLayout(kind, sizes, page).map((place) => {
    const negative = hung[place.index] as Negative;
    return { ...place, negative, caption: captions ? captionOf(negative, proof) : "" };
  });
  return { ...page, count: Math.max(0, ...pictures.map((each) => each.page + 1)), pictures };
}

/** Size on paper, mm: the sheet's own area in the shape of its positive. */
function sizeOf(
  { settings: { sheet } }: Negative,
  ratio: number | null,
): { readonly width: number; readonly height: number } {
  if (ratio === null) return sheet;
  const height = Math.sqrt((sheet.width * sheet.height) / ratio);
  return Math.abs(ratio - sheet.width / sheet.height) < 0.01 ? sheet : { width: height * ratio, height };
}

function captionOf(negative: Negative, proof: Proof): string {
  const { camera, subject, seconds, fNumber, openedAt } = factsOf(negative, proof);
  return [
    subject,
    subject === camera ? null : camera,
    fNumber === null ? null : `f/${Math.round(fNumber)}`,
    seconds === null ? null : formatTime(seconds),
    openedAt === null ? null : readableDay(openedAt),
  ]
    .filter((part) => part !== null)
    .join(" · ");
}
