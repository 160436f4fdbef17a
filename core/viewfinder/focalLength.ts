/**
 * A phone's focal length from something of known width, square to its axis and near the picture's middle.
 *
 * @param pixels that it measures in the picture
 * @param distance of it from the lens, mm
 * @param width of it, mm, above 0
 * @returns pixels
 * @source PHYSICS section 17: f = n·U/L
 * @example calibratedFocalLength(315, 1000, 210) // 1500
 */
export function calibratedFocalLength(pixels: number, distance: number, width: number): number {
  return (pixels * distance) / width;
}

/**
 * How sure a focal length is that was found by {@link calibratedFocalLength}.
 *
 * @param pixels, distance, width as measured, each with its ± in the same unit
 * @returns its ± as a share of it
 * @source independent errors of a product add by their squares (JCGM 100:2008, GUM, 5.1.6)
 * @example calibrationError([300, 3], [1000, 0], [210, 0]) // 0.01
 */
export function calibrationError(...measured: readonly (readonly [value: number, error: number])[]): number {
  return Math.hypot(...measured.map(([value, error]) => error / value));
}

/**
 * A phone's focal length from a turn of a known angle: by how much the picture moved, against by how much the phone turned.
 *
 * @param assumed focal length by which `seen` was reckoned, pixels
 * @param seen turn by the pictures (see `turnSeen`), radians, not 0
 * @param turned as the phone's sensors or a compass tell it, radians, of the same sign
 * @returns pixels
 * @source PHYSICS section 17: what lies far ahead moves by f·tan of the turn
 * @example turnedFocalLength(1000, 0.2, 0.2) // 1000
 */
export function turnedFocalLength(assumed: number, seen: number, turned: number): number {
  return (assumed * Math.tan(seen)) / Math.tan(turned);
}
