/** Places of one exposure in the emulsion. */
export interface Place {
  /** Silver developed so far, density. */
  readonly density: number;
  /** Strength of the developer in it: 1 in a tray, less after a still bath has used it up. */
  readonly strength: number;
}

/** How long a fresh developer at 20 °C works before anything shows, s. PHYSICS section 13. */
export const INDUCTION = 8;
/** In which half of what is still to come comes up, s. PHYSICS section 13. */
const HALVING = 15;
/** Density that the developer held by the emulsion brings up before it is used up: 1/κ. PHYSICS section 13. */
const HELD = 1.2;

/**
 * A place after so much more time in a tray of developer: (D∞ − D) halves every τ.
 *
 * @param end D∞, the density its exposure gives in the end
 * @param time past the induction, s of a fresh developer at 20 °C
 * @returns the place; its developer is renewed
 * @source PHYSICS section 13, practice model (a stand-in)
 * @example inDeveloper({ density: 0, strength: 1 }, 2, 15).density // 1
 */
export function inDeveloper({ density }: Place, end: number, time: number): Place {
  return { density: end - (end - density) * 2 ** (-time / HALVING), strength: 1 };
}

/**
 * A place after so much more time in still water, where only the developer left in the emulsion works:
 * dD/dt = k·m·(D∞ − D), dm/dt = −κ·dD/dt, solved in closed form.
 *
 * @param end D∞
 * @param time past the induction, s of a fresh developer at 20 °C
 * @returns the place with what strength is left
 * @source PHYSICS section 13; partial fractions of dx/((a − x)(b − x)), a = D∞ − D, b = m/κ
 * @example inWater({ density: 0, strength: 1 }, 10, 1e6).density // 1.2
 */
export function inWater({ density, strength }: Place, end: number, time: number): Place {
  const [a, b] = [end - density, strength * HELD];
  if (a <= 0 || b <= 0) return { density, strength };
  const rate = (Math.LN2 / HALVING / HELD) * time;
  const near = Math.abs(b - a) < 1e-9 * (a + b);
  // e^((b − a)t) may be beyond any number: what uses up first is the end then.
  const grown = near ? 0 : Math.expm1(-Math.abs(b - a) * rate);
  const [less, more] = [Math.min(a, b), Math.max(a, b)];
  const risen = near ? (a * a * rate) / (1 + a * rate) : (less * more * -grown) / (more - less * (1 + grown));
  return { density: density + risen, strength: Math.max(0, strength - risen / HELD) };
}
