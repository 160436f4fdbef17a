/** A printer's paper, upright, mm. */
export interface Paper {
  readonly id: "a4" | "letter";
  readonly name: string;
  readonly width: number;
  readonly height: number;
}

/** A4: ISO 216. Letter: 8 1/2 × 11 in, ANSI/ASME Y14.1, exact at 25.4. */
export const PAPERS: readonly Paper[] = [
  { id: "a4", name: "A4", width: 210, height: 297 },
  { id: "letter", name: "Letter", width: 215.9, height: 279.4 },
];

/** White rim most printers leave; common practice. */
export const PRINTER_MARGIN = 10;
/** Strip at the foot of every page for check rulers and title, mm. */
export const FOOT = 26;
/** By how much neighbouring tiles overlap, mm. */
export const OVERLAP = 10;
/** Strip at the left of every page for the upright check ruler, mm. */
export const SIDE = 6;
