import { parseNumber } from "./parseNumber.ts";
import { plainDigits } from "./plainDigits.ts";
import { failure, type Result, success } from "./result.ts";

/** What a maker measures in. */
export type LengthUnit = "mm" | "in";

/** 1 in = 25.4 mm exactly (international yard and pound agreement, 1959). */
export const MM_PER_INCH = 25.4;

const UNITS: readonly (readonly [ending: RegExp, mm: number])[] = [
  [/\s*(?:mm|millimetres?|millimeters?)$/i, 1],
  [/\s*(?:cm|centimetres?|centimeters?)$/i, 10],
  [/\s*(?:m|metres?|meters?)$/i, 1000],
  [/\s*(?:inches|inch|in\.?|"|″|”|'')$/i, MM_PER_INCH],
];

/**
 * Reads a length as makers write it: `60`, `60 mm`, `6 cm`, `2 3/8 in`, `7/8"`, `1/16`.
 * Without a unit a number is in the maker's own unit; a bare fraction is in inches, the only unit rulers divide so.
 *
 * @param text what was typed
 * @param unit the maker's own unit
 * @returns millimetres, never rounded; negative numbers are read as such (ranges are the caller's)
 * @example parseLength('7/8"', "mm") // { ok: true, value: 22.225 }
 */
export function parseLength(text: string, unit: LengthUnit): Result<number> {
  const trimmed = plainDigits(text).trim();
  if (trimmed === "") return failure("Type a length, such as 60 mm or 2 3/8 in.");
  const named = UNITS.find(([ending]) => ending.test(trimmed));
  const bare = named ? trimmed.replace(named[0], "") : trimmed;
  const number = parseNumber(bare);
  if (!number.ok) {
    return /[a-z°%]/i.test(bare) && /\d/.test(bare)
      ? failure(`“${trimmed}” has a unit we don’t know. Use mm, cm or in, such as 60 mm or 2 3/8 in.`)
      : failure(number.error);
  }
  const ownUnit = number.value.fraction || unit === "in" ? MM_PER_INCH : 1;
  return success(number.value.value * (named ? named[1] : ownUnit));
}

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
