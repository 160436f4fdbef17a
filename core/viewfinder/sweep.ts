import { bilinear } from "../basis/numeric/index.ts";
import { type PhoneAxes, type PhoneModel, seenAt } from "./phoneModel.ts";

/** What was seen so far of a camera's scene: even angles both ways round the camera's axis, rows from the top. */
export interface SweptView {
  readonly width: number;
  readonly height: number;
  /** Angle from left to right, degrees. */
  readonly across: number;
  /** Linear light, 0 to 1; what nobody has seen is 0. */
  readonly luminance: Float32Array<ArrayBuffer>;
  /** 1 where something was seen. */
  readonly seen: Uint8Array<ArrayBuffer>;
}

/** A view that is being gathered: the last looks at each place are remembered. */
export interface Sweep extends SweptView {
  /** The last looks of each place, one place after the other. */
  readonly looks: Float32Array;
  /** How often each place was looked at. */
  readonly counts: Uint32Array;
}

/** So many looks are remembered: what was in sight for less than half of them, such as a walker, is gone. */
const LOOKS = 9;

/** One picture of a phone: linear light, 0 to 1, rows from the top. */
export interface PhonePicture {
  readonly width: number;
  readonly height: number;
  readonly luminance: Float32Array;
}

/**
 * A view that nothing was seen of yet.
 *
 * @param width pixels, above 0
 * @param across, down angles, degrees
 * @example emptyView(180, 180, 90).height // 90
 */
export function emptyView(width: number, across: number, down: number): SweptView {
  const height = Math.max(1, Math.round((width * down) / across));
  return {
    width,
    height,
    across,
    luminance: new Float32Array(width * height),
    seen: new Uint8Array(width * height),
  };
}

/**
 * A view to be gathered, that nothing was seen of yet.
 *
 * @param width pixels, above 0
 * @param across, down angles, degrees
 * @example emptySweep(180, 180, 90).counts.length // 16200
 */
export function emptySweep(width: number, across: number, down: number): Sweep {
  const view = emptyView(width, across, down);
  const size = view.width * view.height;
  return { ...view, looks: new Float32Array(LOOKS * size), counts: new Uint32Array(size) };
}

/**
 * Adds what a phone sees: each place is as bright as the middle of its last nine looks, so that whoever walks by is gone, as
 * from a sheet that takes its time.
 *
 * @param axes of the phone in the camera's scene
 * @returns the share of the view that was seen by now, 0 … 1
 * @source PHYSICS section 17, for every direction of the view
 * @example sweepInto(emptySweep(4, 40, 20), { width: 1, height: 1, luminance: Float32Array.of(1) }, { width: 1, height: 1, focalLength: 1, centre: [0.5, 0.5], k1: 0 }, phoneAxes({ azimuth: 0, elevation: 0, roll: 0 })) // 1
 */
export function sweepInto(view: Sweep, picture: PhonePicture, phone: PhoneModel, axes: PhoneAxes): number {
  const { width, height, across, luminance, seen, looks, counts } = view;
  const step = (across * Math.PI) / 180 / width;
  // The picture may be smaller than the one the phone's model is of.
  const [perX, perY] = [picture.width / phone.width, picture.height / phone.height];
  let count = 0;
  for (let row = 0; row < height; row++) {
    const elevation = (height / 2 - row - 0.5) * step;
    const [y, flat] = [Math.sin(elevation), Math.cos(elevation)];
    for (let column = 0; column < width; column++) {
      const azimuth = (column + 0.5 - width / 2) * step;
      const at = seenAt(phone, axes, { x: flat * Math.sin(azimuth), y, z: -flat * Math.cos(azimuth) });
      const index = row * width + column;
      if (at !== null && at[0] >= 0 && at[1] >= 0 && at[0] < phone.width && at[1] < phone.height) {
        const number = counts[index] as number;
        looks[LOOKS * index + (number % LOOKS)] = sampled(picture, at[0] * perX - 0.5, at[1] * perY - 0.5);
        counts[index] = number + 1;
        luminance[index] = middleLook(looks, LOOKS * index, Math.min(LOOKS, number + 1));
        seen[index] = 1;
      }
      count += seen[index] as number;
    }
  }
  return count / (width * height);
}

const inOrder = new Float32Array(LOOKS);

/** The middle of some looks; of an even number the mean of the middle two. Written out: it is done for every place of every look. */
function middleLook(looks: Float32Array, from: number, count: number): number {
  for (let i = 0; i < count; i++) {
    const value = looks[from + i] as number;
    let at = i;
    for (; at > 0 && (inOrder[at - 1] as number) > value; at--) inOrder[at] = inOrder[at - 1] as number;
    inOrder[at] = value;
  }
  const upper = inOrder[count >> 1] as number;
  return count % 2 === 1 ? upper : (upper + (inOrder[(count >> 1) - 1] as number)) / 2;
}

/**
 * The light of a picture between four pixels; beyond the rim its own.
 *
 * @param x, y pixels, 0 in the middle of the first
 * @example sampled({ width: 2, height: 1, luminance: Float32Array.of(0, 1) }, 0.5, 0) // 0.5
 */
export function sampled({ width, height, luminance }: PhonePicture, x: number, y: number): number {
  const [left, top] = [Math.floor(x), Math.floor(y)];
  const [l, r] = [Math.max(0, left), Math.min(width - 1, left + 1)];
  const [a, b] = [Math.max(0, top) * width, Math.min(height - 1, top + 1) * width];
  const at = (i: number): number => luminance[i] as number;
  return bilinear(at(a + l), at(a + r), at(b + l), at(b + r), x - left, y - top);
}
