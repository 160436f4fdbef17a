import { gaussLegendre, once } from "../../../basis/numeric/index.ts";
import { contrast, type Setting } from "../../../light/hole/index.ts";
import type { ExposureMap } from "../../density/exposureMap.ts";
import { EVERYWHERE, type FoundFault } from "./fault.ts";

/** Edges that count rise at least so far, log₁₀ H, within so many mm; so many of the sharpest are looked at. */
const EDGE = { rise: 0.35, reach: 2.5, share: 0.1, least: 40 } as const;
/** Pixels to either side along an edge that are taken together. */
const BESIDE = 2;
/** Wider than this many times what the hole explains is worth a word. */
const TOO_WIDE = 1.7;

const rule = once(() => gaussLegendre(64));

/**
 * Width of an edge that a hole draws, from 10 to 90 % of its rise: by the integral of its contrast.
 *
 * @param diameter mm
 * @returns mm, > 0
 * @source PHYSICS section 1; edge profile ½ + ∫ M(ν) sin(2πνx)/(πν) dν
 * @example edgeWidth(0.3, { distance: 60, wavelengthNm: 550, subjectDistance: null }) // about 0.2 mm
 */
export function edgeWidth(diameter: number, setting: Setting): number {
  const cutoff = diameter / (setting.wavelengthNm * 1e-6 * setting.distance);
  const { nodes, weights } = rule();
  const parts = nodes.map((node, i) => {
    const frequency = (cutoff * (1 + node)) / 2;
    return { frequency, weight: ((weights[i] as number) * cutoff) / 2, seen: contrast(frequency, diameter, setting) };
  });
  const profile = (x: number): number =>
    parts.reduce(
      (sum, { frequency, weight, seen }) =>
        sum + (weight * seen * Math.sin(2 * Math.PI * frequency * x)) / (Math.PI * frequency),
      0.5,
    );
  let x = 0;
  const step = diameter / 200;
  while (profile(x) < 0.9 && x < 4 * diameter) x += step;
  return 2 * x;
}

/**
 * Whether even the sharpest edges of a sheet are much wider than its hole draws them: a rough hole, or a camera that moved.
 *
 * @param map log₁₀ H of the scan
 * @param pixelsPerMm of the scan
 * @param drawn width of an edge that the hole draws, mm
 * @returns at most one fault, with how many times too wide they are
 * @example softness(map, 20, 0.2) // nothing, or { code: "soft", measured: 2.1 } …
 */
export function softness(map: ExposureMap, pixelsPerMm: number, drawn: number): readonly FoundFault[] {
  const { width, height, log } = map;
  const reach = Math.round(EDGE.reach * pixelsPerMm);
  const margin = Math.round(0.06 * Math.min(width, height)) + reach;
  const widths: number[] = [];
  const every = Math.max(1, Math.round(Math.sqrt((width * height) / 250_000)));
  for (let y = margin; y < height - margin; y += every) {
    for (let x = margin; x < width - margin; x += every) {
      for (const [step, aside] of [
        [1, width],
        [width, 1],
      ] as const) {
        const found = widthAt(log, y * width + x, step, aside, reach);
        if (found !== null) widths.push(found / pixelsPerMm);
      }
    }
  }
  if (widths.length < EDGE.least) return [];
  widths.sort((a, b) => a - b);
  const sharpest = widths[Math.floor(EDGE.share * widths.length)] as number;
  // A scan blurs by about a pixel of its own.
  const explained = Math.hypot(drawn, 1.5 / pixelsPerMm);
  const times = sharpest / explained;
  return times > TOO_WIDE ? [{ code: "soft", at: EVERYWHERE, measured: times }] : [];
}

/** Pixels from 10 to 90 % of an edge through a place, along one direction, or `null` where there is none. */
function widthAt(log: Float32Array, at: number, step: number, aside: number, reach: number): number | null {
  const v = (i: number): number => {
    // The mean of a few along the edge: less grain.
    let sum = 0;
    for (let k = -BESIDE; k <= BESIDE; k++) sum += log[at + i * step + k * aside] as number;
    return 10 ** (sum / (2 * BESIDE + 1));
  };
  // Most places have no edge: that is seen at once.
  const across = (log[at + reach * step] as number) - (log[at - reach * step] as number);
  if (Math.abs(across) < EDGE.rise / 2) return null;
  const [before, after] = [v(-reach), v(reach)];
  if (Math.abs(Math.log10(after / before)) < EDGE.rise) return null;
  const middle = (before + after) / 2;
  // Only where the middle of the edge lies just here.
  if ((v(0) - middle) * (v(1) - middle) > 0) return null;
  // Levels on both sides must be steady, so that it is one edge and no slope.
  const steady = Math.abs(v(-Math.round(reach / 2)) - before) + Math.abs(v(Math.round(reach / 2)) - after);
  if (steady > 0.25 * Math.abs(after - before)) return null;
  const level = (share: number): number => before + share * (after - before);
  const crossing = (value: number): number => {
    for (let i = -reach; i < reach; i++) {
      const [a, b] = [v(i), v(i + 1)];
      if ((a - value) * (b - value) <= 0 && a !== b) return i + (value - a) / (b - a);
    }
    return Number.NaN;
  };
  const width = Math.abs(crossing(level(0.9)) - crossing(level(0.1)));
  return Number.isFinite(width) && width > 0 ? width : null;
}
