/** Left free at the hole between the two ends of a curled sheet, mm. Common practice: about 10 mm. */
export const HOLE_GAP = 10;

/** Side of a square plate, mm: about a thumbnail, 3/4 in; common practice. */
export const PLATE_SIZE = 19;

/** Between a person's eyes, mm; common practice for the base of two holes. */
export const EYES = 65;

/** An opening in the body where the design has none: a 1/4 in drill, mm; common practice. */
export const USUAL_OPENING = 6.35;

/** A plate where nobody chose one: brass shim, mm; common practice. */
export const USUAL_PLATE = 0.05;

/** From this diameter on a hole in the wall is drilled, below it pushed with a pin; mm, common practice. */
export const DRILLED_FROM = 1;

/** Diameters that are usual for the sun’s trails, and the one where nobody chose, mm; common practice (TRADE section 9). */
export const TRAIL_HOLES = { least: 0.4, usual: 0.5, most: 2 } as const;

/** The thinnest drill that is sold, mm: number 80 is 0.343; common practice. */
export const THINNEST_DRILL = 0.35;
