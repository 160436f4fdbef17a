import { median } from "../../../basis/numeric/index.ts";
import { distributionBuilder, quantile } from "../../model/distribution.ts";
import type { FoundFault } from "./fault.ts";
import type { UprightDensities } from "./uprightDensities.ts";

/**
 * A scratch or hair: a line so many times as strong as its surroundings' own roughness, so long, so thin. Its sides are
 * looked at so near (shares of the hole's diameter) that a line of the scene, drawn by the hole, has hardly fallen there.
 */
const LINE = { strong: 6, least: 0.05, longest: 0.08, slim: 5, near: 0.3, far: 0.9, steep: 0.7 } as const;
/** Nearer than this, px, sampling itself widens a line. */
const LEAST_NEAR = 2;
/** Ridges of a finger: their spacing, mm; a patch so large, mm, with so many times the usual strength at that spacing. From memory: ridges lie 0.4 to 0.6 mm apart. */
const FINGER = { spacing: 0.5, least: 7, most: 30, strong: 3.5 } as const;

/**
 * Thin lines that no pinhole can draw: scratches, hairs on the glass. Lines of the scene are at least as wide as the hole.
 *
 * @param densities fine enough that the hole is several pixels wide; else nothing is said
 * @param diameter of the hole, mm
 * @returns each line's place
 * @example scratches({ width: 2, height: 2, pitch: 1, share: new Float32Array(4) }, 0.3).length // 0
 */
export function scratches({ width, height, pitch, share }: UprightDensities, diameter: number): readonly FoundFault[] {
  const near = Math.round((LINE.near * diameter) / pitch);
  const far = Math.round((LINE.far * diameter) / pitch);
  if (near < LEAST_NEAR) return [];
  const ridge = new Float32Array(share.length);
  for (let y = far; y + far < height; y++) {
    for (let x = far; x + far < width; x++) {
      const at = y * width + x;
      ridge[at] = Math.max(thinness(share, at, 1, near, far), thinness(share, at, width, near, far));
    }
  }
  const { add, read } = distributionBuilder(0, 2);
  ridge.forEach(add);
  const limit = Math.max(LINE.least, LINE.strong * quantile(read(), 0.75));
  return piecesOf(ridge, width, height, limit).flatMap(({ count, left, right, top, bottom }): readonly FoundFault[] => {
    const length = Math.hypot(right - left, bottom - top);
    if (length < LINE.longest * Math.min(width, height) || count > LINE.slim * length) return [];
    return [
      { code: "scratch", at: { left: left / width, right: right / width, top: top / height, bottom: bottom / height } },
    ];
  });
}

/** By how much a place stands out of both its sides already near by; 0 where it does so only further off. */
function thinness(share: Float32Array, at: number, step: number, near: number, far: number): number {
  const v = (offset: number): number => share[at + offset * step] as number;
  const out = (by: number): number =>
    Math.min(Math.abs(v(0) - v(-by)), Math.abs(v(0) - v(by))) * sameSide(v(0), v(-by), v(by));
  const close = out(near);
  return close > LINE.steep * out(far) ? close : 0;
}

function sameSide(middle: number, one: number, other: number): 0 | 1 {
  return middle > one === middle > other ? 1 : 0;
}

interface Piece {
  readonly count: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Connected places above a limit, also over corners. */
function piecesOf(values: Float32Array, width: number, height: number, limit: number): readonly Piece[] {
  const seen = new Uint8Array(values.length);
  const pieces: Piece[] = [];
  for (let start = 0; start < values.length; start++) {
    if (seen[start] === 1 || (values[start] as number) <= limit) continue;
    const stack = [start];
    seen[start] = 1;
    let [count, left, right, top, bottom] = [0, width, 0, height, 0];
    for (let at = stack.pop(); at !== undefined; at = stack.pop()) {
      const [x, y] = [at % width, Math.floor(at / width)];
      count++;
      [left, right] = [Math.min(left, x), Math.max(right, x + 1)];
      [top, bottom] = [Math.min(top, y), Math.max(bottom, y + 1)];
      for (let j = Math.max(0, y - 1); j <= Math.min(height - 1, y + 1); j++) {
        for (let i = Math.max(0, x - 1); i <= Math.min(width - 1, x + 1); i++) {
          const to = j * width + i;
          if (seen[to] === 1 || (values[to] as number) <= limit) continue;
          seen[to] = 1;
          stack.push(to);
        }
      }
    }
    pieces.push({ count, left, right, top, bottom });
  }
  return pieces;
}

/**
 * A patch with the ridges of a finger: a ripple of half a millimetre, as large as a finger's tip.
 *
 * @param densities fine enough to show half a millimetre (pitch up to 0.15 mm); else nothing is said
 * @returns each patch's place
 * @example fingers({ width: 2, height: 2, pitch: 1, share: new Float32Array(4) }).length // 0
 */
export function fingers({ width, height, pitch, share }: UprightDensities): readonly FoundFault[] {
  const half = Math.round(FINGER.spacing / pitch / 2);
  if (half < 2) return [];
  // Blocks of two millimetres, and how strong the ripple is in each.
  const block = Math.max(4, Math.round(2 / pitch));
  const [across, down] = [Math.floor(width / block), Math.floor(height / block)];
  if (across < 4 || down < 4) return [];
  const strength = new Float32Array(across * down);
  for (let y = 2 * half; y + 2 * half < height; y++) {
    for (let x = 2 * half; x + 2 * half < width; x++) {
      const [column, row] = [Math.floor(x / block), Math.floor(y / block)];
      if (column >= across || row >= down) continue;
      const at = y * width + x;
      const ripple = Math.max(rippled(share, at, half), rippled(share, at, half * width));
      const cell = row * across + column;
      strength[cell] = (strength[cell] as number) + ripple / (block * block);
    }
  }
  const usual = median(strength) || 0;
  const [least, most] = [FINGER.least / (block * pitch), FINGER.most / (block * pitch)];
  return piecesOf(strength, across, down, Math.max(0.01, FINGER.strong * usual)).flatMap(
    ({ count, left, right, top, bottom }): readonly FoundFault[] => {
      const [w, h] = [right - left, bottom - top];
      if (Math.min(w, h) < least || Math.max(w, h) > most || count < 0.5 * w * h) return [];
      return [
        { code: "finger", at: { left: left / across, right: right / across, top: top / down, bottom: bottom / down } },
      ];
    },
  );
}

/** By how much a place differs from both half a ripple away, less what it differs from both a whole one away. */
function rippled(share: Float32Array, at: number, half: number): number {
  const v = (offset: number): number => share[at + offset] as number;
  const apart = Math.min(Math.abs(v(0) - v(-half)), Math.abs(v(0) - v(half))) * sameSide(v(0), v(-half), v(half));
  const again = Math.abs(v(0) - (v(-2 * half) + v(2 * half)) / 2);
  return Math.max(0, apart - again);
}
