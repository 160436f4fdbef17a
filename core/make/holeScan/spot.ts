/** A connected patch of pixels that are all above, or all not above, a level. */
export interface Patch {
  readonly bright: boolean;
  /** Pixels in it. */
  readonly area: number;
  readonly x: number;
  readonly y: number;
  /** Second moments about its middle, px². */
  readonly xx: number;
  readonly yy: number;
  readonly xy: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** Whether it reaches the picture's edge. */
  readonly atEdge: boolean;
  /** Index of the patch around it, −1 for those at the left edge. */
  readonly around: number;
}
