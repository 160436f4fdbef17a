import { parseNumber } from "./parseNumber.ts";
import { plainDigits } from "./plainDigits.ts";
import { failure, type Result, success } from "./result.ts";

/**
 * Reads an f-number: `f/180`, `F 22`, `1:8`, `16`.
 *
 * @returns the number, > 0, or a sentence
 * @example parseFNumber("f/90.8") // { ok: true, value: 90.8 }
 */
export function parseFNumber(text: string): Result<number> {
  const number = parseNumber(
    plainDigits(text)
      .trim()
      .replace(/^(f\s*\/?|1:)\s*/i, ""),
  );
  if (!number.ok || number.value.fraction || number.value.value <= 0) {
    return failure("Write an f-number above 0, such as f/16 or 22.");
  }
  return success(number.value.value);
}
