/** A needle, pin or drill that makes a hole. */
export interface ToolRow {
  readonly id: string;
  readonly name: string;
  readonly kind: "needle" | "pin" | "drill";
  /** Diameter of the shaft, mm. */
  readonly shaft: number;
  /** Full angle of the tip's cone, degrees; `null`: cuts its own diameter. */
  readonly tipDeg: number | null;
  /** How much two holes that it is pushed or driven right through for differ, ± mm. */
  readonly spread: number;
  readonly source: string;
}

/** By practice, from memory: pushed metal springs back or tears, a drill cuts a little wide. */
const PUSHED = 0.04;
const DRILLED = 0.02;
const MEMORY = "from memory; they differ by maker: measure yours";

const needle = (size: number, shaft: number): ToolRow => ({
  id: `needle-${size}`,
  name: `Sewing needle no. ${size}`,
  kind: "needle",
  shaft,
  tipDeg: 12,
  spread: PUSHED,
  source: MEMORY,
});

const pin = (id: string, name: string, shaft: number, tipDeg: number): ToolRow => ({
  id,
  name,
  kind: "pin",
  shaft,
  tipDeg,
  spread: PUSHED,
  source: MEMORY,
});

/** Decimal inch sizes of number drills. */
const NUMBER_DRILLS: readonly (readonly [number: number, inches: number])[] = [
  [80, 0.0135],
  [79, 0.0145],
  [78, 0.016],
  [77, 0.018],
  [76, 0.02],
  [75, 0.021],
  [74, 0.0225],
  [73, 0.024],
  [72, 0.025],
  [71, 0.026],
  [70, 0.028],
  [69, 0.0292],
  [68, 0.031],
  [67, 0.032],
  [66, 0.033],
  [65, 0.035],
  [64, 0.036],
  [63, 0.037],
  [62, 0.038],
  [61, 0.039],
  [60, 0.04],
];

/** Drills for holes in the wall: fractions of an inch and of a millimetre. */
const LARGE_DRILLS: readonly (readonly [id: string, name: string, mm: number, source: string])[] = [
  ["3-64", "Drill 3/64 in", (3 / 64) * 25.4, "ANSI B94.11M fractional drills"],
  ["1.5", "Drill 1.5 mm", 1.5, "ISO 235 sizes, from memory"],
  ["1-16", "Drill 1/16 in", 25.4 / 16, "ANSI B94.11M fractional drills"],
  ["5-64", "Drill 5/64 in", (5 / 64) * 25.4, "ANSI B94.11M fractional drills"],
  ["2", "Drill 2 mm", 2, "ISO 235 sizes, from memory"],
];

/** Needles and pins by the cone of their tips, drills by their size. */
export const tools: readonly ToolRow[] = [
  needle(12, 0.35),
  needle(10, 0.46),
  needle(9, 0.53),
  needle(8, 0.61),
  needle(7, 0.69),
  needle(5, 0.84),
  pin("fine-pin", "Fine dressmaker’s pin", 0.5, 16),
  pin("pin", "Plain pin", 0.65, 18),
  pin("push-pin", "Push pin or drawing pin", 1.1, 24),
  ...NUMBER_DRILLS.map(
    ([number, inches]): ToolRow => ({
      id: `drill-${number}`,
      name: `Number drill ${number}`,
      kind: "drill",
      // In ten-thousandths first: 0.0135 × 25.4 is not exact in floating point.
      shaft: Math.round(inches * 254_000) / 10_000,
      tipDeg: null,
      spread: DRILLED,
      source: "ANSI B94.11M number drills",
    }),
  ),
  ...LARGE_DRILLS.map(
    ([id, name, shaft, source]): ToolRow => ({
      id: `drill-${id}`,
      name,
      kind: "drill",
      shaft,
      tipDeg: null,
      spread: DRILLED,
      source,
    }),
  ),
];
