import { normalNumbers } from "../../basis/numeric/index.ts";
import { toSrgb } from "../../basis/pictureValues/index.ts";
import type { GreyPicture } from "../../make/holeScan/index.ts";

/** A plate with a hole whose shape is known; lengths in mm. */
export interface PlateSample {
  /** Of the circle of the same area, before burrs. */
  readonly diameter: number;
  /** Short over long axis, 0 < r ≤ 1. */
  readonly axisRatio: number;
  /** Direction of the long axis, radians. */
  readonly angle: number;
  /** Tongues of metal that stand into the hole: direction in radians, how far in, how wide along the rim. */
  readonly burrs: readonly { readonly at: number; readonly depth: number; readonly wide: number }[];
  /** Specks in the hole, from its middle. */
  readonly dust: readonly { readonly x: number; readonly y: number; readonly size: number }[];
  /** How far the plate leans under the scanner, degrees: it looks narrower from left to right. */
  readonly tiltDeg: number;
}

/** How a scanner is set, and what it adds of its own. */
export interface ScanSettings {
  readonly dpi: number;
  readonly bits: 8 | 16;
  /** Size of the picture, px. */
  readonly width: number;
  readonly height: number;
  /** Where the hole's middle is, px. */
  readonly at: { readonly x: number; readonly y: number };
  /** Blur of its optics, standard deviation in px. */
  readonly blur: number;
  /** Noise at white, standard deviation as a share of white. */
  readonly noise: number;
  /** By how much light falls off from the left edge to the right, as a share. */
  readonly uneven: number;
  /** Light from behind, or reflected from the plate. */
  readonly light: "behind" | "reflected";
  /** Light of the clear hole (or of the bare plate) as a share of white; above 1 it is over-exposed. */
  readonly exposure: number;
  /** What the numbers of the file stand for. */
  readonly encoding: "linear" | "srgb";
  /** An open strip along the right edge of this width, px: the plate ends there. */
  readonly open: number;
}

// Taken out of their object once: they are called for every point of every pixel.
const { abs, atan2, ceil, cos, exp, floor, hypot, max, min, PI, round, sin, sqrt } = Math;

/** A scanner's share of white where no light comes. */
const BLACK = 0.04;
/** Points on each side of a pixel by which its covered share is found. */
const FINE = 8;
/** What one electron's chance leaves of the noise in the dark, as a share of that at white: shot and reading noise. */
const DARK_NOISE = 0.4;

/**
 * What a flatbed scanner would deliver of a plate: covered shares of pixels, blurred, lit unevenly, with noise that
 * grows with the light, rounded to its numbers.
 *
 * @param random numbers from 0 to 1, 1 left out
 * @returns numbers row by row
 * @example scanPlate({ ...plate, diameter: 0.3 }, { ...scanner, width: 8, height: 6 }, () => 0.5).samples.length // 48
 */
export function scanPlate(sample: PlateSample, settings: ScanSettings, random: () => number): GreyPicture {
  const { width, height, bits, blur, encoding } = settings;
  const most = bits === 8 ? 255 : 65535;
  const window = windowOf(sample, settings);
  const open = blurred(coveredShares(sample, settings, window), window, blur);
  const samples = bits === 8 ? new Uint8Array(width * height) : new Uint16Array(width * height);
  const normal = normalNumbers(random);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const through = max(shareAt(open, window, x, y), openStrip(settings, x));
      const seen = settings.light === "behind" ? through : 1 - through;
      const lit = settings.exposure * (1 - settings.uneven * (x / width));
      const light = (BLACK + (1 - BLACK) * seen) * lit;
      const grain = settings.noise * (DARK_NOISE + (1 - DARK_NOISE) * sqrt(max(0, light))) * normal();
      const value = min(1, max(0, light + grain));
      samples[y * width + x] = round((encoding === "srgb" ? toSrgb(value) : value) * most);
    }
  }
  return { width, height, samples, most, encoding: null };
}

/**
 * Area of the hole without its dust, mm²: ellipse less its burrs, by the outline itself.
 *
 * @returns mm², > 0
 * @example Math.sqrt((4 / Math.PI) * sampleArea({ ...plate, diameter: 0.3 })) // 0.3
 */
export function sampleArea(sample: PlateSample): number {
  const steps = 7200;
  let area = 0;
  for (let i = 0; i < steps; i++) {
    const radius = rimAt(sample, ((i + 0.5) / steps) * 2 * PI);
    area += (radius * radius * PI) / steps;
  }
  return area * cos((sample.tiltDeg * PI) / 180);
}

/** Distance from the middle to the rim in a direction, mm. */
function rimAt({ diameter, axisRatio, angle, burrs }: PlateSample, direction: number): number {
  const long = diameter / 2 / sqrt(axisRatio);
  const short = long * axisRatio;
  const off = direction - angle;
  const ellipse = (long * short) / hypot(short * cos(off), long * sin(off));
  return burrs.reduce((radius, burr) => {
    const turn = atan2(sin(direction - burr.at), cos(direction - burr.at));
    const along = (2 * turn * ellipse) / burr.wide;
    return abs(along) >= 1 ? radius : radius - (burr.depth * (1 + cos(PI * along))) / 2;
  }, ellipse);
}

interface Window {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

function windowOf({ diameter, axisRatio }: PlateSample, { dpi, at, blur, width, height }: ScanSettings): Window {
  const reach = ((diameter / sqrt(axisRatio) / 2) * dpi) / 25.4 + 5 * blur + 3;
  const left = max(0, floor(at.x - reach));
  const top = max(0, floor(at.y - reach));
  return {
    left,
    top,
    width: max(1, min(width, ceil(at.x + reach) + 1) - left),
    height: max(1, min(height, ceil(at.y + reach) + 1) - top),
  };
}

/** How much of each pixel is open. */
function coveredShares(sample: PlateSample, { dpi, at }: ScanSettings, window: Window): Float64Array {
  const pixel = 25.4 / dpi;
  const lean = cos((sample.tiltDeg * PI) / 180);
  const shares = new Float64Array(window.width * window.height);
  for (let y = 0; y < window.height; y++) {
    for (let x = 0; x < window.width; x++) {
      const [mx, my] = [((window.left + x - at.x) * pixel) / lean, (window.top + y - at.y) * pixel];
      if (!nearRim(sample, mx, my, 2 * pixel)) {
        shares[y * window.width + x] = isOpen(sample, mx, my) ? 1 : 0;
        continue;
      }
      let count = 0;
      for (let j = 0; j < FINE; j++) {
        for (let i = 0; i < FINE; i++) {
          const px = ((window.left + x + (i + 0.5) / FINE - 0.5 - at.x) * pixel) / lean;
          const py = (window.top + y + (j + 0.5) / FINE - 0.5 - at.y) * pixel;
          if (isOpen(sample, px, py)) count++;
        }
      }
      shares[y * window.width + x] = count / FINE ** 2;
    }
  }
  return shares;
}

/** Whether a rim (the hole's or a speck's) may pass within a distance of a point. */
function nearRim(sample: PlateSample, x: number, y: number, within: number): boolean {
  if (abs(hypot(x, y) - rimAt(sample, atan2(y, x))) < 2 * within) return true;
  return sample.dust.some((speck) => abs(hypot(x - speck.x, y - speck.y) - speck.size / 2) < within);
}

function isOpen(sample: PlateSample, x: number, y: number): boolean {
  if (hypot(x, y) > rimAt(sample, atan2(y, x))) return false;
  return !sample.dust.some((speck) => hypot(x - speck.x, y - speck.y) < speck.size / 2);
}

function blurred(values: Float64Array, { width, height }: Window, sigma: number): Float64Array {
  if (sigma <= 0) return values;
  const reach = ceil(4 * sigma);
  const kernel = Array.from({ length: 2 * reach + 1 }, (_, i) => exp(-((i - reach) ** 2) / (2 * sigma * sigma)));
  const whole = kernel.reduce((sum, weight) => sum + weight, 0);
  const along = (from: Float64Array, stride: number, length: number, place: (at: number) => number): Float64Array =>
    Float64Array.from(from, (_, at) => {
      const here = place(at);
      let sum = 0;
      for (let k = -reach; k <= reach; k++) {
        if (here + k >= 0 && here + k < length)
          sum += (kernel[k + reach] as number) * (from[at + k * stride] as number);
      }
      return sum / whole;
    });
  const rows = along(values, 1, width, (at) => at % width);
  return along(rows, width, height, (at) => floor(at / width));
}

function shareAt(open: Float64Array, { left, top, width, height }: Window, x: number, y: number): number {
  const [wx, wy] = [x - left, y - top];
  return wx < 0 || wy < 0 || wx >= width || wy >= height ? 0 : (open[wy * width + wx] as number);
}

function openStrip({ width, open }: ScanSettings, x: number): number {
  return open > 0 && x >= width - open ? 1 : 0;
}
