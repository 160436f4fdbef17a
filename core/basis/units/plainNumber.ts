import { parseNumber } from "./parseNumber.ts";
import { type Result, success } from "./result.ts";

/**
 * Reads a number alone, with or without the sign of its unit behind it; also with the long minus that print uses.
 *
 * @param sign what may stand behind the number, such as `°`, `mm` or `dpi`
 * @returns the number, or a sentence that says what can be read
 * @example plainNumber("−12.5°", "°") // { ok: true, value: -12.5 }
 */
export function plainNumber(text: string, sign = ""): Result<number> {
  const trimmed = text.trim().replace("−", "-");
  const bare =
    sign !== "" && trimmed.toLowerCase().endsWith(sign.toLowerCase()) ? trimmed.slice(0, -sign.length) : trimmed;
  const number = parseNumber(bare);
  return number.ok ? success(number.value.value) : number;
}
