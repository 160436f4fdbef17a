import { findRoot } from "../../basis/numeric/index.ts";

/** How a medium's speed falls off at long times (Schwarzschild effect). */
export type ReciprocityRule =
  | { readonly kind: "none" }
  /** t′ = t^p for t > 1 s, else t; p ≥ 1, 1.2 to 1.4 for film. */
  | { readonly kind: "power"; readonly exponent: number }
  /** t′ = t + k·t^q for every t; k ≥ 0, q > 0. */
  | { readonly kind: "added"; readonly factor: number; readonly exponent: number }
  /** Metered → corrected seconds, rising, interpolated in log–log; the first entry has both equal. */
  | { readonly kind: "table"; readonly entries: readonly (readonly [metered: number, corrected: number])[] };

/** A corrected time and whether it lies past what the medium's maker measured. */
export interface ReciprocityTime {
  readonly seconds: number;
  readonly pastTable: boolean;
}

/**
 * The time to give for a metered time. Monotonic, continuous, inverted by {@link meteredTime}.
 *
 * @param seconds metered time, > 0
 * @param rule of the medium
 * @returns seconds ≥ `seconds` for the rules of real media
 * @source PHYSICS section 3; K. Schwarzschild's exponent
 * @example correctedTime(10, { kind: "power", exponent: 1.3 }).seconds // 19.95…
 */
export function correctedTime(seconds: number, rule: ReciprocityRule): ReciprocityTime {
  switch (rule.kind) {
    case "none":
      return { seconds, pastTable: false };
    case "power":
      return { seconds: seconds > 1 ? seconds ** rule.exponent : seconds, pastTable: false };
    case "added":
      return { seconds: seconds + rule.factor * seconds ** rule.exponent, pastTable: false };
    case "table":
      return fromTable(seconds, rule.entries);
    default:
      return unknownRule(rule);
  }
}

/**
 * The metered time whose corrected time is `seconds`: the inverse of {@link correctedTime}, to 1e-12 of itself.
 *
 * @returns seconds, > 0
 * @example meteredTime(5, { kind: "none" }) // 5
 */
export function meteredTime(seconds: number, rule: ReciprocityRule): number {
  switch (rule.kind) {
    case "none":
      return seconds;
    case "power":
      return seconds > 1 ? seconds ** (1 / rule.exponent) : seconds;
    case "added": {
      const excess = (log: number): number => Math.log(correctedTime(Math.exp(log), rule).seconds / seconds);
      let low = Math.log(seconds) - 1;
      while (excess(low) > 0) low -= 10;
      return Math.exp(findRoot(excess, low, Math.log(seconds), 1e-14));
    }
    case "table":
      return fromTable(
        seconds,
        rule.entries.map(([metered, corrected]) => [corrected, metered]),
      ).seconds;
    default:
      return unknownRule(rule);
  }
}

function fromTable(seconds: number, entries: readonly (readonly [number, number])[]): ReciprocityTime {
  const first = entries[0];
  const last = entries.at(-1);
  if (first === undefined || last === undefined || seconds <= first[0]) return { seconds, pastTable: false };
  let upper = entries.findIndex(([from]) => from >= seconds);
  const pastTable = upper < 0;
  if (pastTable) upper = entries.length - 1;
  if (upper < 1) return { seconds, pastTable };
  const [x0, y0] = entries[upper - 1] as readonly [number, number];
  const [x1, y1] = entries[upper] as readonly [number, number];
  const slope = Math.log(y1 / y0) / Math.log(x1 / x0);
  return { seconds: y0 * (seconds / x0) ** slope, pastTable };
}

function unknownRule(rule: never): never {
  throw new Error(`unknown long-time rule ${JSON.stringify(rule)}`);
}
