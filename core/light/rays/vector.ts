/** A point or direction in the camera frame (FORMAT, “Axes”): x right, y up, z into the camera. */
export interface Vector {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

export function subtract(a: Vector, b: Vector): Vector {
  return { x: a.x - b.x, y: a.y - b.y, z: a.z - b.z };
}

export function multiplied(a: Vector, factor: number): Vector {
  return { x: a.x * factor, y: a.y * factor, z: a.z * factor };
}

export function dot(a: Vector, b: Vector): number {
  return a.x * b.x + a.y * b.y + a.z * b.z;
}

function cross(a: Vector, b: Vector): Vector {
  return { x: a.y * b.z - a.z * b.y, y: a.z * b.x - a.x * b.z, z: a.x * b.y - a.y * b.x };
}

export function length(a: Vector): number {
  return Math.hypot(a.x, a.y, a.z);
}

/** Angle between two directions in radians, [0, π]; exact for small and large angles alike. */
export function angleBetween(a: Vector, b: Vector): number {
  return Math.atan2(length(cross(a, b)), dot(a, b));
}
