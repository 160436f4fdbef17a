import { normalNumbers } from "../../basis/numeric/index.ts";
import { toSrgb } from "../../basis/pictureValues/index.ts";
import type { GreyPicture } from "../../make/holeScan/index.ts";

/** A sheet on the glass: its densities above its own base, emulsion up as it lies, rows from the top. */
export interface SheetSample {
  /** Size of the sheet, mm. */
  readonly width: number;
  readonly height: number;
  /** Pixels of the densities. */
  readonly columns: number;
  readonly rows: number;
  readonly density: Float32Array;
}

/** How a scanner is set, and what it adds of its own. */
export interface SheetScanSettings {
  readonly dpi: number;
  readonly bits: 8 | 16;
  readonly encoding: "linear" | "srgb";
  /** Light of the lid and of the unexposed sheet, linear shares of white. */
  readonly lid: number;
  readonly white: number;
  /** Lid round the sheet, mm. */
  readonly border: number;
  /** How the sheet lies on the glass: quarter turns clockwise, and degrees beside them. */
  readonly quarters: 0 | 1 | 2 | 3;
  readonly turnDeg: number;
  /** Grain: standard deviation of density in a pixel. */
  readonly grain: number;
  /** Whether a hair lies on the glass. */
  readonly hair: boolean;
}

const { abs, ceil, cos, hypot, max, min, PI, round, sin } = Math;

/** Width of a hair, mm, and what it leaves of the light. From memory: 0.05 to 0.1 mm. */
const HAIR = { width: 0.08, light: 0.35 } as const;

/**
 * What a flatbed scanner would deliver of a negative: the sheet a little turned on the glass against the lid, with its
 * grain, perhaps a hair.
 *
 * @param random numbers from 0 to 1, 1 left out
 * @returns numbers row by row, and the corners of the sheet (px, pixel centres at + 0.5), from its own top left, clockwise
 * @example scanSheet(sheet, { ...scanner, dpi: 25.4, border: 5 }, () => 0.5).picture.width // 37 for a sheet of 27 mm …
 */
export function scanSheet(
  sheet: SheetSample,
  settings: SheetScanSettings,
  random: () => number,
): { readonly picture: GreyPicture; readonly corners: readonly (readonly [x: number, y: number])[] } {
  const { dpi, bits, encoding, lid, white, border, grain } = settings;
  const pixel = 25.4 / dpi;
  const angle = ((90 * settings.quarters + settings.turnDeg) * PI) / 180;
  const [across, down] = [cos(angle), sin(angle)];
  const [w, h] = [sheet.width, sheet.height];
  const width = ceil((w * abs(across) + h * abs(down) + 2 * border) / pixel);
  const height = ceil((w * abs(down) + h * abs(across) + 2 * border) / pixel);
  const most = bits === 8 ? 255 : 65535;
  const samples = bits === 8 ? new Uint8Array(width * height) : new Uint16Array(width * height);
  const normal = normalNumbers(random);
  const hair = settings.hair ? hairOf(w, h, random) : null;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      const [dx, dy] = [(x + 0.5 - width / 2) * pixel, (y + 0.5 - height / 2) * pixel];
      // Place on the sheet, mm from its top left.
      const [u, v] = [dx * across + dy * down + w / 2, dy * across - dx * down + h / 2];
      const inside = min(u, v, w - u, h - v) / pixel + 0.5;
      const covered = max(0, min(1, inside));
      let light = lid;
      if (covered > 0) {
        const density = densityAt(sheet, u, v) + grain * normal();
        light = covered * white * 10 ** -density + (1 - covered) * lid;
      }
      if (hair !== null) light *= hair(u, v);
      const value = max(0, min(1, light));
      samples[y * width + x] = round((encoding === "srgb" ? toSrgb(value) : value) * most);
    }
  }
  const corners = [
    [-w / 2, -h / 2],
    [w / 2, -h / 2],
    [w / 2, h / 2],
    [-w / 2, h / 2],
  ].map(
    ([u = 0, v = 0]) =>
      [(u * across - v * down) / pixel + width / 2, (v * across + u * down) / pixel + height / 2] as const,
  );
  return { picture: { width, height, samples, most, encoding }, corners };
}

function densityAt({ width, height, columns, rows, density }: SheetSample, u: number, v: number): number {
  const x = max(0, min(columns - 1, (u / width) * columns - 0.5));
  const y = max(0, min(rows - 1, (v / height) * rows - 0.5));
  const [left, top] = [min(columns - 2, x | 0), min(rows - 2, y | 0)];
  const [p, q] = [x - left, y - top];
  const at = top * columns + left;
  const upper = (density[at] as number) * (1 - p) + (density[at + 1] as number) * p;
  const lower = (density[at + columns] as number) * (1 - p) + (density[at + columns + 1] as number) * p;
  return upper * (1 - q) + lower * q;
}

/** A hair as a bow somewhere on the sheet: what it leaves of the light at a place, mm. */
function hairOf(width: number, height: number, random: () => number): (u: number, v: number) => number {
  const radius = (0.1 + 0.1 * random()) * min(width, height);
  const [x, y] = [width * (0.3 + 0.4 * random()), height * (0.3 + 0.4 * random())];
  return (u, v) => {
    // A bow is a part of a circle.
    const off = abs(hypot(u - x, v - y) - radius);
    return v < y && off < HAIR.width / 2 ? HAIR.light : 1;
  };
}
