import { parseNumber } from "./parseNumber.ts";
import { plainDigits } from "./plainDigits.ts";
import { failure, type Result, success } from "./result.ts";

const PART = /^\s*([\d.,/ ]+?)\s*(h|hours?|hrs?|min|minutes?|m|′|'|s|secs?|seconds?|″|")(?=$|[\s\d])/i;
const HINT = "Write a time like 4 s, 2 min 30 s, 2:30 or 1/60.";

/**
 * Reads a time: `4`, `4 s`, `1/60`, `2:30`, `3 min`, `1 h 20 min`.
 *
 * @param text what was typed; without a unit it is seconds
 * @returns seconds > 0, or a sentence
 * @example parseTime("2 min 30 s") // { ok: true, value: 150 }
 */
export function parseTime(text: string): Result<number> {
  const trimmed = plainDigits(text).trim();
  if (trimmed === "") return failure(HINT);
  const clock = /^(?:(\d+):)?(\d+):([0-5]?\d(?:[.,]\d+)?)$/.exec(trimmed);
  const seconds = clock ? success(fromClock(clock)) : inParts(trimmed);
  if (!seconds.ok) return seconds;
  return seconds.value > 0 ? seconds : failure(`A time must be above 0. ${HINT}`);
}

function fromClock([, hours = "0", minutes, seconds]: RegExpExecArray): number {
  return Number(hours) * 3600 + Number(minutes) * 60 + Number(String(seconds).replace(",", "."));
}

function inParts(text: string): Result<number> {
  const alone = parseNumber(text);
  if (alone.ok) return success(alone.value.value);
  let rest = text;
  let total = 0;
  while (rest.trim() !== "") {
    const part = PART.exec(rest);
    const number = part ? parseNumber(part[1] as string) : failure(HINT);
    if (!part || !number.ok) return failure(`“${text}” is not a time. ${HINT}`);
    total += number.value.value * secondsIn(part[2] as string);
    rest = rest.slice(part[0].length);
  }
  return success(total);
}

function secondsIn(unit: string): number {
  if (/^h/i.test(unit)) return 3600;
  return /^(m|′|')/i.test(unit) ? 60 : 1;
}

/**
 * A time for reading: `1/60 s`, `4.5 s`, `14 s`, `2 min 30 s`, `1 h 20 min`, `182 days`.
 *
 * @param seconds ≥ 0, finite
 * @returns text in the largest units that say it
 * @example formatTime(150) // "2 min 30 s"
 */
export function formatTime(seconds: number): string {
  if (seconds <= 0) return "0 s";
  if (seconds < 0.3) return `1/${Math.round(1 / seconds)} s`;
  if (seconds < 9.95) return `${seconds.toFixed(1).replace(/\.0$/, "")} s`;
  const whole = Math.round(seconds);
  if (whole < 120) return `${whole} s`;
  if (whole < 3600) return join(Math.floor(whole / 60), "min", whole % 60, "s");
  const minutes = Math.round(seconds / 60);
  if (minutes < 48 * 60) return join(Math.floor(minutes / 60), "h", minutes % 60, "min");
  return `${Math.round(seconds / 86_400)} days`;
}

/**
 * A running time: `0:07`, `2:30`, `1:20:00`.
 *
 * @param seconds ≥ 0; parts of a second are left out
 * @returns text whose width changes only at the minute and the hour
 * @example formatClock(150.9) // "2:30"
 */
export function formatClock(seconds: number): string {
  const whole = Math.floor(seconds);
  const two = (value: number): string => String(value).padStart(2, "0");
  const [h, m, s] = [Math.floor(whole / 3600), Math.floor((whole % 3600) / 60), whole % 60];
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

/** A day of 24 hours, ms. */
export const DAY_MS = 86_400_000;
const DAY_SECONDS = DAY_MS / 1000;
/** Longer times are said in days: nobody counts their minutes; s. */
const UNCOUNTED = 40 * 3600;

/**
 * How long a hole is kept open: as it is counted, or in days where nobody counts.
 *
 * @param seconds ≥ 0, finite
 * @returns text
 * @example sayOpenTime(150) // "2 min 30 s"
 */
export function sayOpenTime(seconds: number): string {
  return seconds > UNCOUNTED ? sayTime(seconds) : formatTime(seconds);
}

/**
 * A time as a person says it: two figures. {@link formatTime} is for sums and clocks.
 *
 * @param seconds ≥ 0, finite
 * @returns text
 * @example sayTime(149) // "2.5 min"
 */
export function sayTime(seconds: number): string {
  if (seconds < 0.3) return formatTime(seconds);
  if (seconds > UNCOUNTED)
    return `about ${Number((seconds / DAY_SECONDS).toPrecision(1 + Number(seconds > 9.5 * DAY_SECONDS)))} days`;
  const [size, unit] = seconds < 99.5 ? [seconds, "s"] : seconds < 5970 ? [seconds / 60, "min"] : [seconds / 3600, "h"];
  return size < 99.5 ? `${Number(size.toPrecision(2))} ${unit}` : formatTime(seconds);
}

function join(large: number, largeUnit: string, small: number, smallUnit: string): string {
  return small === 0 ? `${large} ${largeUnit}` : `${large} ${largeUnit} ${small} ${smallUnit}`;
}
