/** A point or direction in the camera frame (FORMAT, “Axes”): x right, y up, z into the camera. */
export interface Vector {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/**
 * The way from b to a.
 *
 * @returns a − b
 * @example subtract({ x: 1, y: 2, z: 3 }, { x: 0, y: 0, z: 1 }).z // 2
 */
export function subtract(a: Vector, b: Vector): Vector {
  return { x: a.x - b.x, y: a.y - b.y, z: a.z - b.z };
}

/**
 * A vector times a number.
 *
 * @returns a new vector
 * @example multiplied({ x: 1, y: 2, z: 3 }, 2).z // 6
 */
export function multiplied(a: Vector, factor: number): Vector {
  return { x: a.x * factor, y: a.y * factor, z: a.z * factor };
}

/**
 * Scalar product of two vectors; its unit is the product of theirs.
 *
 * @returns a · b
 * @example dot({ x: 1, y: 2, z: 3 }, { x: 4, y: 5, z: 6 }) // 32
 */
export function dot(a: Vector, b: Vector): number {
  return a.x * b.x + a.y * b.y + a.z * b.z;
}

function cross(a: Vector, b: Vector): Vector {
  return { x: a.y * b.z - a.z * b.y, y: a.z * b.x - a.x * b.z, z: a.x * b.y - a.y * b.x };
}

/**
 * Length of a vector, in its own unit.
 *
 * @returns √(x² + y² + z²), ≥ 0
 * @example length({ x: 1, y: 2, z: 2 }) // 3
 */
export function length(a: Vector): number {
  return Math.hypot(a.x, a.y, a.z);
}

/**
 * Angle between two directions in radians, [0, π]; exact for small and large angles alike.
 *
 * @returns radians
 * @example angleBetween({ x: 1, y: 0, z: 0 }, { x: 0, y: 2, z: 0 }) // 1.5707…
 */
export function angleBetween(a: Vector, b: Vector): number {
  return Math.atan2(length(cross(a, b)), dot(a, b));
}

/** Cosines of at most this are edge-on: rounding must not let light in from behind a face, nor land a parallel ray. */
export const EDGE_ON = 1e-12;
