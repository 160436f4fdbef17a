/** Radians in a degree: an angle in degrees times this is one in radians. */
export const RADIANS: number = Math.PI / 180;

/** Degrees in a radian: an angle in radians times this is one in degrees. */
export const DEGREES: number = 180 / Math.PI;

/** Once round, rad. */
export const TURN: number = 2 * Math.PI;
