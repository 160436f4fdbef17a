/** What a ray from the hole meets. One object is filled again and again: millions of rays are looked along. */
export interface Hit {
  /** Luminance, cd/m². */
  luminance: number;
  /** How much brighter it is for a blue-sensitive sheet than for the eye, 1 for grey things. */
  blue: number;
  /** Distance from the hole, mm; infinite for the sky. */
  distance: number;
}

/** What is told of a scene without looking into it. */
export interface SceneFacts {
  readonly id: string;
  readonly name: string;
  readonly sentence: string;
  /** The light it is in (EV at ISO 100): a meter would say so. */
  readonly ev: number;
  /** Someone who walks across, if anyone does. */
  readonly walker?: Walker;
}

/** A scene of high dynamic range with depth; the hole is its origin, x to the right, y up, −z ahead; mm. */
export interface PreviewScene extends SceneFacts {
  /** Looks along a unit direction and fills `hit`. */
  readonly look: (x: number, y: number, z: number, hit: Hit) => void;
}

/** Someone who walks across the picture, to the right. */
export interface Walker {
  /** How far ahead the path runs, mm. */
  readonly ahead: number;
  /** Eye-height ground under it, mm (below the hole: negative). */
  readonly ground: number;
  readonly height: number;
  /** mm/s. */
  readonly speed: number;
  /** Where the walker is in the middle of the exposure, mm to the right. */
  readonly middle: number;
  readonly luminance: number;
}

/** 18 % grey in full sun at EV 15: L = 2^EV·K/100 (ISO 2720:1974), cd/m². */
export const GREY: number = (2 ** 15 * 12.5) / 100;

/** Luminance of the sky near the horizon in full sun, cd/m²; from memory. */
export const SKY_LIGHT: number = 10_500;

/** Luminance of a matt surface of a reflectance in full sun, cd/m². */
export function lit(reflectance: number): number {
  return (GREY * reflectance) / 0.18;
}
