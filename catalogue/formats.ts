import type { SheetFormat } from "../core/camera/sheet/index.ts";

const ISO_216 = "ISO 216:2007, A series";
const INCH = "nominal inch size, exact at 25.4 mm; common practice";
const CENTIMETRE = "nominal centimetre size; common practice";
const FRAME_135 = "frame on 135 film (ISO 1007); frame size from memory";
const FRAME_120 = "frame on 120 film (ISO 732); frame size from memory";

const inches = (a: number, b: number): { width: number; height: number } => ({
  // In tenths first: 7 × 25.4 is not 177.8 in floating point.
  width: Math.round(a * 2540) / 100,
  height: Math.round(b * 2540) / 100,
});

const sheets: readonly SheetFormat[] = [
  { id: "in-8x10", name: "8×10 in", ...inches(10, 8), kind: "sheet", source: INCH },
  { id: "in-5x7", name: "5×7 in", ...inches(7, 5), kind: "sheet", source: INCH },
  { id: "in-4x5", name: "4×5 in", ...inches(5, 4), kind: "sheet", source: INCH },
  { id: "cm-18x24", name: "18×24 cm", width: 240, height: 180, kind: "sheet", source: CENTIMETRE },
  { id: "cm-13x18", name: "13×18 cm", width: 180, height: 130, kind: "sheet", source: CENTIMETRE },
  { id: "cm-9x12", name: "9×12 cm", width: 120, height: 90, kind: "sheet", source: CENTIMETRE },
  { id: "iso-a4", name: "A4", width: 297, height: 210, kind: "sheet", source: ISO_216 },
  { id: "iso-a5", name: "A5", width: 210, height: 148, kind: "sheet", source: ISO_216 },
  { id: "iso-a6", name: "A6", width: 148, height: 105, kind: "sheet", source: ISO_216 },
];

/** A sheet cut once across its long side. */
function half(sheet: SheetFormat): SheetFormat {
  const [a, b] = [sheet.width / 2, sheet.height];
  return {
    id: `${sheet.id}-half`,
    name: `half ${sheet.name}`,
    width: Math.max(a, b),
    height: Math.min(a, b),
    kind: "half",
    cutFrom: sheet.id,
    source: `cut once across the long side of ${sheet.name} (${sheet.source})`,
  };
}

const trims: readonly SheetFormat[] = [
  {
    id: "trim-4x7",
    name: "4×7 in, cut from 5×7",
    ...inches(7, 4),
    kind: "trim",
    cutFrom: "in-5x7",
    source: "common practice in schools",
  },
  {
    id: "trim-1.75-square",
    name: "1 3/4 in square, cut",
    ...inches(1.75, 1.75),
    kind: "trim",
    cutFrom: "in-5x7",
    source: "picture of a film canister; common practice",
  },
];

const frames: readonly SheetFormat[] = [
  { id: "film-24x36", name: "35 mm film, 24×36", width: 36, height: 24, kind: "frame", source: FRAME_135 },
  { id: "film-18x24", name: "35 mm film, half frame", width: 24, height: 18, kind: "frame", source: FRAME_135 },
  { id: "film-6x4.5", name: "120 film, 6×4.5", width: 56, height: 41.5, kind: "frame", source: FRAME_120 },
  { id: "film-6x6", name: "120 film, 6×6", width: 56, height: 56, kind: "frame", source: FRAME_120 },
  { id: "film-6x7", name: "120 film, 6×7", width: 69, height: 56, kind: "frame", source: FRAME_120 },
  { id: "film-6x9", name: "120 film, 6×9", width: 84, height: 56, kind: "frame", source: FRAME_120 },
  {
    id: "film-6x9-strips",
    name: "120 film, 6×9 piece of which 6×6 is seen",
    width: 60,
    height: 60,
    kind: "frame",
    piece: 90,
    source: "two rubber strips over the ends of a 6×9 piece leave about 60 × 60 mm; common practice",
  },
];

/** All sheets and frames the Bench tries in a container. */
export const formats: readonly SheetFormat[] = [...sheets, ...sheets.map(half), ...trims, ...frames];
