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
    return inSixteenths(sixteenths);
  }
  return trimZeros(inches.toFixed(digits + 2));
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

function inSixteenths(sixteenths: number): string {
  const sign = sixteenths < 0 ? "−" : "";
  let [upper, lower] = [Math.abs(sixteenths) % 16, 16];
  const whole = (Math.abs(sixteenths) - upper) / 16;
  while (upper !== 0 && upper % 2 === 0) [upper, lower] = [upper / 2, lower / 2];
  if (upper === 0) return `${sign}${whole}`;
  return `${sign}${whole === 0 ? "" : `${whole} `}${upper}/${lower}`;
}

function trimZeros(text: string): string {
  const short = text.includes(".") ? text.replace(/\.?0+$/, "") : text;
  return short === "-0" ? "0" : short.replace("-", "−");
}
