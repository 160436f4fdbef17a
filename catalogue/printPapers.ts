/** Paper that a printer takes, its long side upright, mm. */
export interface PrintPaper {
  readonly id: string;
  readonly name: string;
  readonly width: number;
  readonly height: number;
  readonly source: string;
}

const ISO_216 = "ISO 216:2007, A series";
const ANSI = "ANSI/ASME Y14.1 (sizes A and B), exact at 25.4 mm; from memory";
const PHOTO = "nominal inch size of photographic printing paper, exact at 25.4 mm; common practice";

/** Papers on which pictures are hung. */
export const printPapers: readonly PrintPaper[] = [
  { id: "a4", name: "A4", width: 210, height: 297, source: ISO_216 },
  { id: "a3", name: "A3", width: 297, height: 420, source: ISO_216 },
  { id: "a2", name: "A2", width: 420, height: 594, source: ISO_216 },
  { id: "a5", name: "A5", width: 148, height: 210, source: ISO_216 },
  { id: "letter", name: "Letter, 8.5×11 in", width: 215.9, height: 279.4, source: ANSI },
  { id: "tabloid", name: "Tabloid, 11×17 in", width: 279.4, height: 431.8, source: ANSI },
  { id: "in-8x10", name: "8×10 in", width: 203.2, height: 254, source: PHOTO },
  { id: "in-11x14", name: "11×14 in", width: 279.4, height: 355.6, source: PHOTO },
];
