import sharp from "sharp";
import { chance } from "../../../core/basis/numeric/chance.ts";
import { holeInFile } from "../../jobs/hole/holeJob.ts";
import { iccEncoding } from "./iccEncoding.ts";
import { readScan } from "./readScan.ts";

/**
 * Scans drawn in another way than by our own scanner: a disc or ellipse counted on a grid of 8 × 8 points a pixel,
 * blurred by a sampled Gaussian, and written by libvips (sharp). The truth is the ellipse's own area.
 */
interface Drawn {
  /** Diameter of the disc of the same area, px. */
  readonly size: number;
  readonly blur: number;
  readonly noise: number;
  readonly look: "plain" | "oval" | "inverted" | "uneven" | "glass beside";
}

function drawn({ size, blur, noise, look }: Drawn, seed: number, tagged: boolean) {
  const random = chance(seed);
  const width = Math.max(200, Math.round(size * 3));
  const height = Math.round(width * 0.9);
  const [x0, y0] = [width / 2 + 4 * random(), height / 2 + 4 * random()];
  const stretch = look === "oval" ? 1.1 : 1;
  const covered = new Float64Array(width * height);
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      covered[y * width + x] =
        look === "glass beside" && x > 0.9 * width
          ? 1
          : cover(x - x0, y - y0, (size / 2) * stretch, size / 2 / stretch);
    }
  }
  const light = blurred(blurred(covered, width, height, blur, 1), width, height, blur, width);
  const pixels = Buffer.alloc(width * height);
  for (let i = 0; i < pixels.length; i++) {
    let value = 0.06 + 0.8 * (light[i] as number);
    if (look === "uneven") value *= 0.75 + (0.4 * (i % width)) / width;
    if (look === "inverted") value = 0.95 - value;
    // Twelve even numbers make a nearly normal one.
    let normal = -6;
    for (let k = 0; k < 12; k++) normal += random();
    const seen = Math.max(0, Math.min(1, value + 0.8 * noise * normal));
    pixels[i] = Math.round(255 * (tagged ? toSrgb(seen) : seen));
  }
  const picture = sharp(pixels, { raw: { width, height, channels: 1 } });
  // With its metadata libvips writes the resolution and the ICC profile of sRGB.
  return tagged ? picture.withMetadata({ density: DPI }) : picture.toColourspace("b-w");
}

const DPI = 2400;

/** IEC 61966-2-1. */
function toSrgb(light: number): number {
  return light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055;
}

const GRID = 8;

function cover(x: number, y: number, across: number, up: number): number {
  const away = Math.hypot(x + 0.5, y + 0.5);
  if (away < Math.min(across, up) - 1) return 1;
  if (away > Math.max(across, up) + 1) return 0;
  let inside = 0;
  for (let i = 0; i < GRID * GRID; i++) {
    const u = (x + ((i % GRID) + 0.5) / GRID) / across;
    const v = (y + (Math.floor(i / GRID) + 0.5) / GRID) / up;
    if (u * u + v * v <= 1) inside++;
  }
  return inside / (GRID * GRID);
}

/** Blurred along rows (`step` 1) or columns (`step` the width). */
function blurred(light: Float64Array, width: number, height: number, blur: number, step: number): Float64Array {
  if (blur === 0) return light;
  const reach = Math.ceil(4 * blur);
  const weights = Array.from({ length: 2 * reach + 1 }, (_, i) => Math.exp(-((i - reach) ** 2) / (2 * blur * blur)));
  const whole = weights.reduce((sum, weight) => sum + weight, 0);
  const last = step === 1 ? width - 1 : height - 1;
  return light.map((_, at) => {
    const place = step === 1 ? at % width : Math.floor(at / width);
    let sum = 0;
    for (let k = -reach; k <= reach; k++) {
      const there = Math.min(last, Math.max(0, place + k));
      sum += (weights[k + reach] as number) * (light[at + (there - place) * step] as number);
    }
    return sum / whole;
  });
}

const LOOKS = ["plain", "oval", "inverted", "uneven", "glass beside"] as const;
const CASES = [8, 12, 24, 90].flatMap((size) =>
  [0, 0.6, 1.5].flatMap((blur) =>
    [0, 0.03].flatMap((noise) => (blur > size / 8 ? [] : LOOKS.map((look) => ({ size, blur, noise, look })))),
  ),
);

const FORMATS = ["png", "tiff", "jpeg"] as const;
const OPTIONS = { png: {}, tiff: { compression: "lzw" }, jpeg: { quality: 97 } } as const;

describe("scans drawn and written by others: within the larger of 2 % and 0.3 px (PHYSICS section 8)", () => {
  test.each(FORMATS.flatMap((format) => [false, true].map((tagged) => [format, tagged] as const)))(
    "%s, with its resolution and sRGB profile: %p",
    async (format, tagged) => {
      const missed: string[] = [];
      for (const [seed, each] of CASES.entries()) {
        // Each case in one format; the smallest in all of them.
        if (each.size > 8 && seed % 3 !== FORMATS.indexOf(format)) continue;
        const picture = drawn(each, seed + 1, tagged);
        const file = await picture.toFormat(format, OPTIONS[format]).toBuffer();
        const found = await holeInFile({ bytes: new Uint8Array(file), dpi: tagged ? null : DPI, at: null });
        if (!found.ok) {
          missed.push(`${JSON.stringify(each)}: ${JSON.stringify(found.error).slice(0, 90)}`);
          continue;
        }
        const { outline, dpi } = found.value;
        expect(dpi).toBeCloseTo(DPI, -1);
        expect(outline.warnings.includes("undid-srgb")).toBe(tagged);
        const off = outline.diameter - each.size;
        if (Math.abs(off) > Math.max(0.3, 0.02 * each.size))
          missed.push(`${JSON.stringify(each)}: ${off.toFixed(2)} px`);
      }
      expect(missed).toEqual([]);
    },
    30_000,
  );

  test("an ellipse’s axes are read as they were drawn", async () => {
    const file = await drawn({ size: 80, blur: 0.8, noise: 0.02, look: "oval" }, 5, false).png().toBuffer();
    const found = await holeInFile({ bytes: new Uint8Array(file), dpi: null, at: null });
    if (!found.ok) throw new Error("not found");
    const { axisRatio, feretLeast, feretGreatest } = found.value.outline;
    expect(axisRatio).toBeCloseTo(1 / 1.21, 2);
    expect(Math.abs(feretLeast - 80 / 1.1)).toBeLessThan(0.6);
    expect(Math.abs(feretGreatest - 80 * 1.1)).toBeLessThan(0.6);
  });
});

describe("what a file says of itself", () => {
  const flat = sharp(Buffer.alloc(40 * 40, 90), { raw: { width: 40, height: 40, channels: 1 } });

  test.each(FORMATS)("%s: 72 dpi is what programs write when they know none", async (format) => {
    const file = await flat.clone().withMetadata({ density: 72 }).toFormat(format, OPTIONS[format]).toBuffer();
    const scan = await readScan(new Uint8Array(file));
    expect(scan.ok && scan.value.dpi).toBeNull();
  });

  test("a JFIF header’s dots per centimetre are dots per inch ÷ 2.54 (ITU-T T.871)", async () => {
    const plain = await flat.clone().jpeg().toBuffer();
    const app0 = Buffer.from([0xff, 0xe0, 0, 16, 0x4a, 0x46, 0x49, 0x46, 0, 1, 1, 2, 3, 0xb1, 3, 0xb1, 0, 0]);
    const scan = await readScan(new Uint8Array(Buffer.concat([plain.subarray(0, 2), app0, plain.subarray(2)])));
    expect(scan.ok && scan.value.dpi).toBeCloseTo(945 * 2.54, 6);
  });

  test.each([
    ["a straight curve", curve([]), "linear"],
    ["a gamma of 1", curve([256]), "linear"],
    ["a gamma of 2.2", curve([563]), "curve"],
    ["a straight table", curve([0, 16384, 32768, 49151, 65535]), "linear"],
    ["a bent table", curve([0, 3000, 14000, 34000, 65535]), "curve"],
    ["a curve that lies outside", profile(4000, Buffer.alloc(0)), null],
    ["no curve", Buffer.alloc(140), null],
    ["three bytes", Buffer.from([1, 2, 3]), null],
  ] as const)("an ICC profile with %s", (_name, bytes, encoding) => {
    const read = iccEncoding(new Uint8Array(bytes));
    expect(typeof read === "object" && read !== null ? "curve" : read).toBe(encoding);
  });
});

/** An ICC profile with nothing but a grey tone curve at a place. */
function profile(at: number, content: Buffer): Buffer {
  const head = Buffer.alloc(144);
  head.writeUInt32BE(1, 128);
  head.write("kTRC", 132, "latin1");
  head.writeUInt32BE(at, 136);
  head.writeUInt32BE(content.length, 140);
  return Buffer.concat([head, content]);
}

function curve(values: readonly number[]): Buffer {
  const content = Buffer.alloc(16 + 2 * values.length);
  content.write("curv", 0, "latin1");
  content.writeUInt32BE(values.length, 8);
  for (const [i, value] of values.entries()) content.writeUInt16BE(value, 12 + 2 * i);
  return profile(144, content);
}
