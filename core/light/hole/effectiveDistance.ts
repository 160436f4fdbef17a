/**
 * z′ of a hole: the distance that stands for hole→film and hole→subject together, 1/z′ = 1/z + 1/u.
 *
 * @param distance z, hole to film along the axis, mm, > 0
 * @param subjectDistance u, mm, > 0, or `null` for a far subject
 * @returns z′ in mm
 * @source Rayleigh, Phil. Mag. 31 (1891) 87
 * @example effectiveDistance(100, 100) // 50
 */
export function effectiveDistance(distance: number, subjectDistance: number | null): number {
  return distance / magnification(distance, subjectDistance);
}

/** 1 + z/u: how much larger the hole's shadow on the film is than the hole itself; 1 for a far subject. */
export function magnification(distance: number, subjectDistance: number | null): number {
  return subjectDistance === null ? 1 : 1 + distance / subjectDistance;
}
