import { parseNumber, type Result, success } from "../../core/units/index.ts";

/** Reads a plain number or an angle (`25`, `-10°`). */
export function readCount(text: string): Result<number> {
  const number = parseNumber(text.replace(/°\s*$/, "").replace("−", "-"));
  return number.ok ? success(number.value.value) : number;
}
