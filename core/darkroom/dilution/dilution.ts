import { failure, parseNumber, type Result, success } from "../../basis/units/index.ts";

/** A working solution 1+n: one part of stock, n parts of water. */
export interface Mixed {
  /** All in one unit, the caller's: ml. */
  readonly stock: number;
  readonly water: number;
  readonly volume: number;
}

/**
 * Stock and water for a volume of 1+n.
 *
 * @param water parts of water to one of stock, n ≥ 0; 0: stock as it is
 * @param volume ml, > 0
 * @returns ml: stock = V/(1 + n)
 * @source PHYSICS section 13
 * @example mixVolume(9, 500) // { stock: 50, water: 450, volume: 500 }
 */
export function mixVolume(water: number, volume: number): Mixed {
  const stock = volume / (1 + water);
  return { stock, water: volume - stock, volume };
}

/**
 * What an amount of stock makes at 1+n.
 *
 * @param water parts of water to one of stock, n ≥ 0
 * @param stock ml, > 0
 * @returns ml
 * @source PHYSICS section 13
 * @example mixStock(9, 40) // { stock: 40, water: 360, volume: 400 }
 */
export function mixStock(water: number, stock: number): Mixed {
  return { stock, water: stock * water, volume: stock * (1 + water) };
}

const HINT = "Write it like 1+9, or 0 for stock as it is.";

/**
 * Reads a dilution: `1+9`, `1 + 9`, `2+7`, `9` (parts of water to one), `0` or `stock` (undiluted).
 *
 * @returns parts of water to one of stock, ≥ 0, or a sentence
 * @example parseDilution("1+9") // { ok: true, value: 9 }
 */
export function parseDilution(text: string): Result<number> {
  const plain = text.trim().toLowerCase();
  if (plain === "stock") return success(0);
  const parts = plain.split("+").map((part) => parseNumber(part.trim()));
  const [first, second] = parts.map((part) => (part.ok ? part.value.value : Number.NaN));
  if (first === undefined || parts.length > 2 || parts.some((part) => !part.ok)) return failure(HINT);
  const water = second === undefined ? first : second / first;
  return water >= 0 && water <= MOST_WATER ? success(water) : failure(`At most 1+${MOST_WATER}. ${HINT}`);
}

/** Parts of water beyond which it is a slip of the hand. */
const MOST_WATER = 1000;

/**
 * A dilution as it stands on a bottle.
 *
 * @returns “1+9”, “stock”
 * @example dilutionWords(9) // "1+9"
 */
export function dilutionWords(water: number): string {
  return water === 0 ? "stock" : `1+${Number(water.toFixed(2))}`;
}
