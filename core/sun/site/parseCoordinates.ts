import { failure, type Result, success } from "../../basis/units/index.ts";

/** A place on the Earth, degrees: north and east positive. */
export interface Coordinates {
  readonly latitude: number;
  readonly longitude: number;
}

const HOW = "Write it like 52.2, 0.1 or 52°12′30″ N 0°6′ E: latitude first, or each with its letter.";
const NUMBER = "\\d+(?:[.,]\\d+)?";
/** Degrees, and minutes and seconds where they are marked. */
const MARKED = `(${NUMBER})\\s*°\\s*(?:(${NUMBER})\\s*[′’']\\s*)?(?:(${NUMBER})\\s*(?:″|”|"|'')\\s*)?`;
/** The same with nothing but blanks between: only beside a letter. */
const BLANKS = `(${NUMBER})(?:\\s+(${NUMBER}))?(?:\\s+(${NUMBER}))?\\s*`;

/**
 * Reads a place as people write it: decimal degrees, or degrees, minutes and seconds, with signs or letters.
 *
 * @param text latitude first where no letters are given; decimal commas where a semicolon parts the two
 * @returns degrees, or what is allowed
 * @example parseCoordinates("52°12′ N 0°6′ W") // { ok: true, value: { latitude: 52.2, longitude: -0.1 } }
 */
export function parseCoordinates(text: string): Result<Coordinates> {
  const plain = text.trim().replace(/^geo:/i, "").replace(/[−–]/g, "-").toUpperCase();
  const pair = lettered(plain, MARKED) ?? lettered(plain, BLANKS) ?? signed(plain, MARKED) ?? decimals(plain);
  if (pair === null) return failure(HOW);
  const { latitude, longitude } = pair;
  if (Math.abs(latitude) > 90) return failure("A latitude lies between 90° S and 90° N.");
  if (Math.abs(longitude) > 180) return failure("A longitude lies between 180° W and 180° E.");
  return success({ latitude, longitude });
}

/** Each with its letter, before or behind it, in any order. */
function lettered(text: string, angle: string): Coordinates | null {
  const behind = new RegExp(`^${angle}([NS])[\\s,;]*${angle}([EW])$`).exec(text);
  if (behind) return placeOf(behind.slice(1, 4), behind[4], behind.slice(5, 8), behind[8]);
  const turned = new RegExp(`^${angle}([EW])[\\s,;]*${angle}([NS])$`).exec(text);
  if (turned) return placeOf(turned.slice(5, 8), turned[8], turned.slice(1, 4), turned[4]);
  const before = new RegExp(`^([NS])\\s*${angle}[\\s,;]*([EW])\\s*${angle}$`).exec(text);
  if (before) return placeOf(before.slice(2, 5), before[1], before.slice(6, 9), before[5]);
  return null;
}

function placeOf(
  north: readonly (string | undefined)[],
  side: string | undefined,
  east: readonly (string | undefined)[],
  other: string | undefined,
): Coordinates | null {
  const [latitude, longitude] = [degreesOf(north), degreesOf(east)];
  if (latitude === null || longitude === null) return null;
  return { latitude: side === "S" ? -latitude : latitude, longitude: other === "W" ? -longitude : longitude };
}

/** Marked degrees with signs. */
function signed(text: string, angle: string): Coordinates | null {
  const found = new RegExp(`^([+-]?)${angle}[\\s,;]*([+-]?)${angle}$`).exec(text);
  if (!found) return null;
  const pair = placeOf(
    found.slice(2, 5),
    found[1] === "-" ? "S" : "N",
    found.slice(6, 9),
    found[5] === "-" ? "W" : "E",
  );
  return pair;
}

function decimals(text: string): Coordinates | null {
  const dots = /^([+-]?\d+(?:\.\d+)?)(?:\s*[,;]\s*|\s+)([+-]?\d+(?:\.\d+)?)$/.exec(text);
  const commas = /^([+-]?\d+(?:,\d+)?)\s*;\s*([+-]?\d+(?:,\d+)?)$/.exec(text);
  const found = dots ?? commas;
  if (!found) return null;
  const [latitude = Number.NaN, longitude = Number.NaN] = found.slice(1).map((each) => Number(each.replace(",", ".")));
  return { latitude, longitude };
}

/** `null` where minutes or seconds are 60 or more. */
function degreesOf(parts: readonly (string | undefined)[]): number | null {
  const [degrees = 0, minutes = 0, seconds = 0] = parts.map((part) => Number((part ?? "0").replace(",", ".")));
  return minutes < 60 && seconds < 60 ? degrees + minutes / 60 + seconds / 3600 : null;
}
