import { printPapers } from "../../../catalogue/printPapers.ts";
import { fitted, textWidth } from "../../../core/basis/drawing/index.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import type { Negative } from "../../../core/document/index.ts";
import { type HangPlace, hangLayout } from "../../../core/negative/index.ts";
import type { HangSettings } from "../../../storage/index.ts";
import { readableDay } from "../../../ui/format/localTime.ts";
import { factsOf } from "../positive/out/factsOf.ts";
import type { Proof } from "../useProof.ts";

/** Pages with pictures hung on them, mm. */
export interface HungPages {
  readonly width: number;
  readonly height: number;
  readonly count: number;
  readonly pictures: readonly (HangPlace & { readonly negative: Negative; readonly caption: readonly CaptionLine[] })[];
}

/** One line of a caption: its words, and where they begin on the page, mm. */
export interface CaptionLine {
  readonly words: string;
  readonly x: number;
  readonly y: number;
}

/** Read at an arm’s length, so 2.5 mm and more: height of a caption's letters, and how far below its picture each of its lines stands, mm. */
export const CAPTION = { size: 2.7, below: [3.7, 7.1] } as const;

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
    const lines = captions ? captionLines(captionOf(negative, proof), place.width) : [];
    const caption = lines.map((words, line) => ({
      words,
      x: place.x,
      y: place.y + place.height + (CAPTION.below[line] ?? 0),
    }));
    return { ...place, negative, caption };
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

/**
 * A caption in as many lines as there is room for, none wider than its picture: what no longer goes in is left out, its
 * end first.
 *
 * @param parts the most telling first
 * @param width of the picture, mm
 */
export function captionLines(parts: readonly string[], width: number): readonly string[] {
  const isIn = (line: string): boolean => textWidth(line, CAPTION.size, "label") <= width;
  const lines: string[] = [];
  for (const part of parts) {
    const last = lines.at(-1);
    const joined = last === undefined ? part : `${last} · ${part}`;
    if (last !== undefined && isIn(joined)) lines[lines.length - 1] = joined;
    else if (lines.length < CAPTION.below.length) lines.push(part);
    else break;
  }
  return lines.map((line) => fitted(line, CAPTION.size, width, "label"));
}

function captionOf(negative: Negative, proof: Proof): readonly string[] {
  const { camera, subject, seconds, fNumber, openedAt } = factsOf(negative, proof);
  return [
    subject,
    subject === camera ? null : camera,
    fNumber === null ? null : `f/${Math.round(fNumber)}`,
    seconds === null ? null : formatTime(seconds),
    openedAt === null ? null : readableDay(openedAt),
  ].filter((part) => part !== null);
}
