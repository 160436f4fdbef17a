import type { PhoneModel } from "./phoneModel.ts";
import type { PhonePicture } from "./sweep.ts";

/** How a phone turned between two pictures. */
export interface SeenTurn {
  /** Radians to the right and up. */
  readonly azimuth: number;
  readonly elevation: number;
  /** How alike what both show is: 1 the same, 0 nothing in common. */
  readonly fit: number;
}

/** Pictures that are less alike than this do not show one place. */
export const LEAST_FIT = 0.6;
/** Pictures are compared so wide, px: fine enough for a tenth of a degree between pixels. */
const COMPARED = 64;
/** After a rough look at half the size it is looked so far about, px. */
const NEAR = 3;
/** A turn is looked for up to so much of the width and of the height. */
const FARTHEST = 0.4;
/** Light is taken against what lies so many pixels about: a camera that makes itself brighter changes nothing. */
const ABOUT = 4;

/**
 * How a phone turned from one picture to the next, by what both show: for a phone that does not tell how it is held. Good for
 * small turns of what is far, the phone being held level.
 *
 * @param phone the model of either picture
 * @returns `null` where there is nothing in a picture to hold on to
 * @source normalised cross-correlation of local contrast over all shifts, a parabola through the best; folklore, from memory
 * @example turnSeen({ width: 1, height: 1, luminance: Float32Array.of(1) }, { width: 1, height: 1, luminance: Float32Array.of(1) }, { width: 4, height: 3, focalLength: 4, centre: [2, 1.5], k1: 0 }) // null
 */
export function turnSeen(before: PhonePicture, now: PhonePicture, phone: PhoneModel): SeenTurn | null {
  const rough = [contrastOf(before, COMPARED / 2), contrastOf(now, COMPARED / 2)] as const;
  const [one, other] = [contrastOf(before, COMPARED), contrastOf(now, COMPARED)];
  if (rough[0] === null || rough[1] === null || one === null || other === null) return null;
  if (one.height !== other.height) return null;
  const far = [Math.floor(FARTHEST * rough[0].width), Math.floor(FARTHEST * rough[0].height)] as const;
  const about = bestOf(rough[0], rough[1], [0, 0], far);
  const { dx, dy, fit } = bestOf(one, other, [2 * about.dx, 2 * about.dy], [NEAR, NEAR]);
  if (!(fit > Number.NEGATIVE_INFINITY)) return null;
  const likeness = (x: number, y: number): number => alike(one, other, dx + x, dy + y);
  const right = dx + peak(likeness(-1, 0), fit, likeness(1, 0));
  const down = dy + peak(likeness(0, -1), fit, likeness(0, 1));
  const focal = (phone.focalLength * one.width) / phone.width;
  // What moved to the left in the picture was left behind by a phone that turned to the right.
  return { azimuth: -Math.atan2(right, focal), elevation: Math.atan2(down, focal), fit };
}

/** The shift at which two pictures are most alike, of all that are so near to one. */
function bestOf(
  one: Contrast,
  other: Contrast,
  [x, y]: readonly [number, number],
  [wide, high]: readonly [number, number],
): { readonly dx: number; readonly dy: number; readonly fit: number } {
  let best = { dx: x, dy: y, fit: Number.NEGATIVE_INFINITY };
  for (let dy = y - high; dy <= y + high; dy++) {
    for (let dx = x - wide; dx <= x + wide; dx++) {
      const fit = alike(one, other, dx, dy);
      if (fit > best.fit) best = { dx, dy, fit };
    }
  }
  return best;
}

interface Contrast {
  readonly width: number;
  readonly height: number;
  readonly values: Float32Array;
}

/** A picture made small, in logarithms, each place against its neighbourhood; `null`: it is even all over. */
function contrastOf({ width, height, luminance }: PhonePicture, wide: number): Contrast | null {
  if (width < 2 * ABOUT || height < 2 * ABOUT) return null;
  const high = Math.max(1, Math.round((wide * height) / width));
  const small = new Float32Array(wide * high);
  for (let y = 0; y < high; y++) {
    const [top, bottom] = [Math.floor((y * height) / high), Math.max(1, Math.floor(((y + 1) * height) / high))];
    for (let x = 0; x < wide; x++) {
      const [left, right] = [Math.floor((x * width) / wide), Math.max(1, Math.floor(((x + 1) * width) / wide))];
      let [sum, count] = [0, 0];
      for (let row = top; row < Math.max(bottom, top + 1); row++) {
        for (let column = left; column < Math.max(right, left + 1); column++, count++) {
          sum += luminance[row * width + column] as number;
        }
      }
      small[y * wide + x] = Math.log(DARKEST + sum / count);
    }
  }
  const values = new Float32Array(small.length);
  let most = 0;
  for (let y = 0; y < high; y++) {
    for (let x = 0; x < wide; x++) {
      let [sum, count] = [0, 0];
      for (let row = Math.max(0, y - ABOUT); row <= Math.min(high - 1, y + ABOUT); row++) {
        for (let column = Math.max(0, x - ABOUT); column <= Math.min(wide - 1, x + ABOUT); column++, count++) {
          sum += small[row * wide + column] as number;
        }
      }
      const value = (small[y * wide + x] as number) - sum / count;
      values[y * wide + x] = value;
      most = Math.max(most, Math.abs(value));
    }
  }
  return most < EVEN ? null : { width: wide, height: high, values };
}

/** What is taken for black, linear. */
const DARKEST = 1e-3;
/** Less contrast than this is noise, natural logarithm of light. */
const EVEN = 0.05;

/** The correlation of two pictures where one lies shifted on the other; −∞ where one of them is even there. */
function alike(one: Contrast, other: Contrast, dx: number, dy: number): number {
  const { width, height } = one;
  const [left, right] = [Math.max(0, -dx), Math.min(width, width - dx)];
  const [top, bottom] = [Math.max(0, -dy), Math.min(height, height - dy)];
  let [product, mine, theirs] = [0, 0, 0];
  for (let y = top; y < bottom; y++) {
    let [from, to] = [y * width + left, (y + dy) * width + left + dx];
    for (let x = left; x < right; x++, from++, to++) {
      const [a, b] = [one.values[from] as number, other.values[to] as number];
      product += a * b;
      mine += a * a;
      theirs += b * b;
    }
  }
  const whole = Math.sqrt(mine * theirs);
  return whole > 0 ? product / whole : Number.NEGATIVE_INFINITY;
}

/** Where a parabola through three neighbours is highest, from the middle one: within half a step. */
function peak(before: number, at: number, after: number): number {
  const bend = before - 2 * at + after;
  if (!(bend < 0) || !Number.isFinite(bend)) return 0;
  return Math.max(-0.5, Math.min(0.5, (0.5 * (before - after)) / bend));
}
