/** A diameter with its standard uncertainty, mm. */
export interface Sized {
  readonly diameter: number;
  readonly uncertainty: number;
}

/** Half of an even distribution's width is √3 standard uncertainties (JCGM 100:2008, 4.3.7). */
const EVEN = Math.sqrt(3);

/**
 * By projection: the plate beside a clear ruler in an enlarger or a slide projector; m = projected ruler / ruler,
 * d = D/m.
 *
 * @param ruler length on the clear ruler, mm, > 0
 * @param projected the same length as projected, mm, > 0
 * @param hole the hole as projected, mm, > 0
 * @param reading half of the smallest step one can read on the wall, mm
 * @returns diameter and standard uncertainty, mm
 * @source PHYSICS section 8; JCGM 100:2008 for the uncertainty
 * @example byProjection(10, 400, 12, 0.5).diameter // 0.3
 */
export function byProjection(ruler: number, projected: number, hole: number, reading = 0.5): Sized {
  const magnification = projected / ruler;
  const diameter = hole / magnification;
  // Both edges are read, each to ± reading.
  const edges = (reading / EVEN) * Math.SQRT2;
  return { diameter, uncertainty: diameter * Math.hypot(edges / hole, edges / projected) };
}

/**
 * By a reticle under a loupe or a microscope: divisions × value, read to a quarter of a division.
 *
 * @param divisions it covers, > 0
 * @param value of a division, mm, > 0
 * @returns diameter and standard uncertainty, mm
 * @source PHYSICS section 8
 * @example byReticle(6, 0.05) // 0.3 ± 0.0102
 */
export function byReticle(divisions: number, value: number): Sized {
  return { diameter: divisions * value, uncertainty: ((value / 4) * Math.SQRT2) / EVEN };
}

/** By hand a hole comes out within such a share of what was meant; common practice. */
const BY_HAND = 0.2;

/**
 * A hole that nobody can measure, as it was meant to be.
 *
 * @param target mm, above 0
 * @returns diameter and standard uncertainty, mm: the times it gives are good to half a stop
 * @source common practice: a fifth either way
 * @example asMade(0.3).diameter // 0.3
 */
export function asMade(target: number): Sized {
  return { diameter: target, uncertainty: BY_HAND * target };
}

/**
 * Against wires or drills of known size: between the thickest that passes and the thinnest that does not.
 *
 * @param passes, stops mm, 0 ≤ passes < stops
 * @returns diameter and standard uncertainty, mm
 * @source JCGM 100:2008, 4.3.7: an even distribution between the two
 * @example byGauge(0.3, 0.34).diameter // 0.32
 */
export function byGauge(passes: number, stops: number): Sized {
  return { diameter: (passes + stops) / 2, uncertainty: (stops - passes) / 2 / EVEN };
}
