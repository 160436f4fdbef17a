/**
 * Length wound on a spool by n turns: L(n) = π n (D₀ + n τ), each layer lying on the one below.
 *
 * @param turns n ≥ 0
 * @param core D₀, diameter of the bare spool, mm
 * @param thickness τ of the film, backing paper included, mm
 * @returns mm
 * @source PHYSICS section 6 (layer model)
 * @example woundLength(1, 12, 0.14) // 38.138…
 */
export function woundLength(turns: number, core: number, thickness: number): number {
  return Math.PI * turns * (core + turns * thickness);
}

/**
 * Turns that wind a length: the inverse of {@link woundLength}.
 *
 * @returns turns, ≥ 0
 * @example turnsFor(100, 5, 0.3) // 4.916…
 */
export function turnsFor(length: number, core: number, thickness: number): number {
  // (−D₀ + √(D₀² + 4τL/π)) / 2τ, written so that a thin film does not cancel.
  return (2 * length) / (Math.PI * (core + Math.sqrt(core * core + (4 * thickness * length) / Math.PI)));
}
