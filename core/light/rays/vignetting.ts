/** A hole in a plate behind an opening in a wall. Lengths in mm. */
export interface Aperture {
  /** d, hole diameter, > 0. */
  readonly diameter: number;
  /** t, plate thickness, ≥ 0. */
  readonly plateThickness: number;
  /** D_o, diameter of the opening in the body, ≥ d; `null`: nothing cuts. */
  readonly openingDiameter: number | null;
  /** w, thickness of the wall the opening is cut in, ≥ 0. */
  readonly wall: number;
}

/**
 * Share V of the hole that a slanting ray bundle sees: the area common to three circles along one line, over πd²/4 —
 * diameter d at 0 (one face of the plate), d at t·tan α (its other face), D_o at −w·tan α (the opening).
 *
 * Half the width of that common area at height y is the right-hand edge (the hole's own or the opening's, whichever is
 * nearer) less the left-hand edge of the plate's far face; both pieces integrate in closed form.
 *
 * @param aperture hole, plate and opening
 * @param slope tan α of the ray to the hole's axis, ≥ 0
 * @returns V in [0, 1]; without an opening (2/π)(acos s − s√(1−s²)), s = t·slope/d
 * @source PHYSICS section 2; circular segments, elementary geometry
 * @example vignetting({ diameter: 0.3, plateThickness: 0.1, openingDiameter: null, wall: 0 }, 3) // 0
 */
export function vignetting(aperture: Aperture, slope: number): number {
  const a = aperture.diameter / 2;
  const shift = aperture.plateThickness * slope;
  if (shift >= 2 * a) return 0;
  const far = aperture.wall * slope;
  const opening = aperture.openingDiameter === null ? Number.POSITIVE_INFINITY : aperture.openingDiameter / 2;
  if (far + a <= opening) return lens(a, shift, 0) / (Math.PI * a * a);
  // Where the opening's circle meets the hole's: below that height the opening is the right-hand edge.
  const meetX = (opening * opening - a * a - far * far) / (2 * far);
  const meetY = meetX > 0 ? Math.sqrt(Math.max(0, a * a - meetX * meetX)) : a;
  // Where the opening's circle meets that of the plate's far face: above that height nothing is left.
  const span = far + shift;
  if (span >= opening + a) return 0;
  const endX = (opening * opening - a * a - span * span) / (2 * span);
  const endY = endX < 0 ? Math.sqrt(Math.max(0, a * a - endX * endX)) : a;
  const top = Math.min(meetY, endY);
  const cut = 2 * (segment(opening, top) + segment(a, top) - span * top);
  const rest = meetY < endY ? lens(a, shift, meetY) : 0;
  return Math.min(1, Math.max(0, cut + rest) / (Math.PI * a * a));
}

/**
 * How far a slanting ray is from being shut out, 1 on the axis, 0 where the last of the hole is hidden, negative beyond:
 * the limits of {@link vignetting} as a number that varies smoothly.
 *
 * @param slope tan α, ≥ 0
 * @returns at most 1
 * @example vignettingMargin({ diameter: 0.3, plateThickness: 0.1, openingDiameter: null, wall: 0 }, 1.5) // 0.5
 */
export function vignettingMargin(aperture: Aperture, slope: number): number {
  const { diameter, plateThickness, openingDiameter, wall } = aperture;
  const plate = 1 - (plateThickness * slope) / diameter;
  if (openingDiameter === null) return plate;
  return Math.min(plate, 1 - (2 * (plateThickness + wall) * slope) / (openingDiameter + diameter));
}

/**
 * tan α from which on nothing passes: the plate's d/t or the opening's (D_o + d)/(2(t + w)); infinite where nothing shuts it.
 *
 * @returns tan α, > 0, or infinity
 * @example steepestSlope({ diameter: 0.3, plateThickness: 0.1, openingDiameter: null, wall: 0 }) // 3
 */
export function steepestSlope({ diameter, plateThickness, openingDiameter, wall }: Aperture): number {
  const plate = plateThickness > 0 ? diameter / plateThickness : Number.POSITIVE_INFINITY;
  const far = 2 * (plateThickness + wall);
  return openingDiameter === null || far === 0 ? plate : Math.min(plate, (openingDiameter + diameter) / far);
}

/** Area above |y| = `from` common to two circles of radius a, `shift` apart. */
function lens(a: number, shift: number, from: number): number {
  const top = Math.sqrt(Math.max(0, a * a - (shift * shift) / 4));
  if (from >= top) return 0;
  return 2 * (2 * (segment(a, top) - segment(a, from)) - shift * (top - from));
}

/** ∫₀^y √(r² − y²) dy. */
function segment(r: number, y: number): number {
  const share = Math.min(1, y / r);
  return (y * Math.sqrt(Math.max(0, r * r - y * y)) + r * r * Math.asin(share)) / 2;
}
