import { plainDigits } from "./plainDigits.ts";
import { failure, type Result, success } from "./result.ts";

/** Fractions that have a character of their own. */
const VULGAR: Readonly<Record<string, string>> = {
  "½": "1/2",
  "¼": "1/4",
  "¾": "3/4",
  "⅛": "1/8",
  "⅜": "3/8",
  "⅝": "5/8",
  "⅞": "7/8",
  "⅓": "1/3",
  "⅔": "2/3",
};

/** A number as a person writes it, and whether it was written as a fraction. */
export interface WrittenNumber {
  readonly value: number;
  readonly fraction: boolean;
}

const DECIMAL = /^([+-]?)(\d*)(?:[.,](\d+))?$/;
const FRACTION = /^([+-]?)(?:(\d+)[ -]+)?(\d+)\/(\d+)$/;

/**
 * Reads a plain number: `60`, `0.3`, `0,3`, `7/8`, `2 3/8`, `2⅜`. A comma before exactly three digits (`1,250`) and two
 * different separators could mean two things, so they are refused rather than guessed.
 *
 * @param text without unit
 * @returns the number, or a sentence for the maker
 * @example parseNumber("2 3/8") // { ok: true, value: { value: 2.375, fraction: true } }
 */
export function parseNumber(text: string): Result<WrittenNumber> {
  const plain = spellOut(text);
  const fraction = FRACTION.exec(plain);
  if (fraction) {
    const [, sign, whole = "0", upper, lower] = fraction;
    if (Number(lower) === 0) return failure("A fraction can’t have 0 below the line.");
    const size = Number(whole) + Number(upper) / Number(lower);
    return success({ value: sign === "-" ? -size : size, fraction: true });
  }
  const decimal = DECIMAL.exec(plain);
  if (decimal && plain !== "" && (decimal[2] || decimal[3])) {
    const [, sign, whole = "", rest] = decimal;
    if (plain.includes(",") && rest?.length === 3 && /^[1-9]\d{0,2}$/.test(whole)) {
      return failure(
        `“${text.trim()}” could mean ${whole}${rest} or ${whole}.${rest}. Write ${whole}${rest} or ${whole}.${rest}.`,
      );
    }
    const size = Number(`${whole || "0"}.${rest ?? "0"}`);
    return success({ value: sign === "-" ? -size : size, fraction: false });
  }
  if (/\d[.,' ]\d{3}([.,' ]|$)/.test(plain)) {
    return failure(`Write “${text.trim()}” without separators between thousands, such as 1250 or 1250.5.`);
  }
  return failure(`“${text.trim()}” is not a number. Write it like 60, 0.3 or 2 3/8.`);
}

function spellOut(text: string): string {
  const spelt = plainDigits(text)
    .replace(/[½¼¾⅛⅜⅝⅞⅓⅔]/g, (mark) => ` ${VULGAR[mark] ?? mark}`)
    .replace(/\u2212/g, "-")
    .replace(/\u2044/g, "/");
  return spelt
    .trim()
    .replace(/\s+/g, " ")
    .replace(/^([+-]) /, "$1")
    .replace(/ ?\/ ?/g, "/");
}
