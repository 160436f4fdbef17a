import { type LengthUnit, MM_PER_INCH } from "./length.ts";
import { parseNumber } from "./parseNumber.ts";
import { plainDigits } from "./plainDigits.ts";
import { failure, type Result, success } from "./result.ts";

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
