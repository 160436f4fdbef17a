/** What a maker measures in. */
export type LengthUnit = "mm" | "in";

/** 1 in = 25.4 mm exactly (international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;

/**
 * A length for reading: `66.5 mm`; in inches to the nearest 1/16 where that is exact to 0.02 mm, else decimal.
 *
 * @param mm length, finite
 * @param unit to show it in
 * @param digits decimals in millimetres, 0 to 3 (inches show one or two more)
 * @returns text with its unit
 * @example formatLength(60.325, "in") // "2 3/8 in"
 */
export function formatLength(mm: number, unit: LengthUnit, digits = 1): string {
  return `${formatLengthNumber(mm, unit, digits)} ${unit}`;
}

/**
 * {@link formatLength} without its unit.
 *
 * @returns text
 * @example formatLengthNumber(60.325, "in") // "2 3/8"
 */
export function formatLengthNumber(mm: number, unit: LengthUnit, digits = 1): string {
  if (unit === "mm") return trimZeros(mm.toFixed(digits));
  const inches = mm / MM_PER_INCH;
  const sixteenths = Math.round(inches * 16);
  if (digits <= 1 && sixteenths !== 0 && Math.abs(sixteenths / 16 - inches) * MM_PER_INCH < 0.02) {
    return inFractions(sixteenths, 16);
  }
  return trimZeros(inches.toFixed(digits + 2));
}

/** Below this a length is that of a hole, a plate or a drill, mm: 0.05 in. */
const FINE = 1.27;
/** What a ruler's eye leaves, mm: more is said. */
const HAIR = 0.2;

/**
 * A length as a maker reads it aloud: in millimetres as they are; in inches as a ruler has them, in fractions to the nearest
 * 1/32 (1/64 below one inch) with what is left over told, and holes, plates and drills in thousandths.
 *
 * @param mm length, finite
 * @param digits decimals in millimetres; left out, as many as a ruler, a caliper or a hole's size has. Three want a figure, no fraction; none want no more than eighths, nothing told over
 * @returns text with its unit
 * @source fractions of an inch on a steel rule: common practice
 * @example sayLength(190, "in") // "a hair over 7 15/32 in"
 */
export function sayLength(mm: number, unit: LengthUnit, digits: number = usualDigits(mm)): string {
  if (unit === "mm") return formatLength(mm, unit, digits);
  const inches = mm / MM_PER_INCH;
  if (Math.abs(mm) < FINE) return `${trimZeros((Math.round(inches * 2000) / 2000).toFixed(4))} in`;
  if (digits >= 3) return `${trimZeros(inches.toFixed(3))} in`;
  const parts = (Math.abs(inches) < 1 ? 64 : 32) / (digits === 0 ? 4 : 1);
  const count = Math.round(inches * parts);
  const left = mm - (count / parts) * MM_PER_INCH;
  const hair = digits === 0 || Math.abs(left) <= HAIR ? "" : left > 0 ? "a hair over " : "a hair under ";
  return `${hair}${inFractions(count, parts)} in`;
}

/** Thousandths for holes, hundredths for what a caliper measures, tenths for what a ruler does. */
function usualDigits(mm: number): number {
  if (Math.abs(mm) < 1.2) return 3;
  return Math.abs(mm) < 50 ? 2 : 1;
}

/** Millimetres in a nanometre. */
export const MM_PER_NM = 1e-6;

/**
 * A distance as a person says it: two figures, in metres or feet.
 *
 * @param mm distance, ≥ 0
 * @returns text with its unit
 * @example formatDistance(2076, "mm") // "2.1 m"
 */
export function formatDistance(mm: number, unit: LengthUnit): string {
  const [size, name] = unit === "mm" ? [mm / 1000, "m"] : [mm / (12 * MM_PER_INCH), "ft"];
  return `${Number(size.toPrecision(2))} ${name}`;
}

/** A count of halves, quarters, … of an inch as whole and reduced fraction. */
function inFractions(count: number, parts: number): string {
  const sign = count < 0 ? "−" : "";
  let [upper, lower] = [Math.abs(count) % parts, parts];
  const whole = (Math.abs(count) - upper) / parts;
  while (upper !== 0 && upper % 2 === 0) [upper, lower] = [upper / 2, lower / 2];
  if (upper === 0) return `${sign}${whole}`;
  return `${sign}${whole === 0 ? "" : `${whole} `}${upper}/${lower}`;
}

function trimZeros(text: string): string {
  const short = text.includes(".") ? text.replace(/\.?0+$/, "") : text;
  return short === "-0" ? "0" : short.replace("-", "−");
}
