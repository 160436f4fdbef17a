import { deflateSync } from "node:zlib";
import fc from "fast-check";
import { encode } from "fast-png";
import sharp from "sharp";
import { lightOfNumber, toSrgb } from "../../../core/basis/pictureValues/index.ts";
import { negativeOf } from "./grey.ts";
import { otherFormat } from "./otherFormats.ts";
import { readRaw } from "./readScan.ts";

const [WIDTH, HEIGHT] = [64, 32];

/** One part of a PNG; readers of ours pass its check sum over. */
function chunk(name: string, data: Uint8Array): Uint8Array {
  const whole = Buffer.alloc(12 + data.length);
  whole.writeUInt32BE(data.length);
  whole.write(name, 4, "latin1");
  whole.set(data, 8);
  return whole;
}

/** A PNG of these numbers with one more part behind its head. */
function png(numbers: Uint8Array | Uint16Array, depth: 8 | 16, more: Uint8Array): Uint8Array<ArrayBuffer> {
  const plain = encode({ width: WIDTH, height: HEIGHT, channels: 1, depth, data: numbers });
  return Uint8Array.from(Buffer.concat([plain.subarray(0, 33), more, plain.subarray(33)]));
}

/** A profile of grey with this curve. ICC.1:2022, 7 and 8.4 (from memory): head, tags, and the curve alone. */
function profile(curve: Uint8Array): Uint8Array {
  const whole = Buffer.alloc(144 + curve.length);
  whole.writeUInt32BE(1, 128);
  whole.write("kTRC", 132, "latin1");
  whole.writeUInt32BE(144, 136);
  whole.writeUInt32BE(curve.length, 140);
  whole.set(curve, 144);
  return whole;
}
const iccp = (curve: Uint8Array): Uint8Array =>
  chunk("iCCP", Buffer.concat([Buffer.from("grey\0\0", "latin1"), deflateSync(profile(curve))]));

const fixed = (value: number): number => Math.round(65_536 * value);

/** ICC.1:2022, 10.18: the kind of formula and its numbers. */
function formula(kind: number, numbers: readonly number[]): Uint8Array {
  const whole = Buffer.alloc(12 + 4 * numbers.length);
  whole.write("para", 0, "latin1");
  whole.writeUInt16BE(kind, 8);
  for (const [i, value] of numbers.entries()) whole.writeInt32BE(fixed(value), 12 + 4 * i);
  return whole;
}

/** ICC.1:2022, 10.6: a table of light, or with one entry a power. */
function table(values: readonly number[]): Uint8Array {
  const whole = Buffer.alloc(12 + 2 * values.length);
  whole.write("curv", 0, "latin1");
  whole.writeUInt32BE(values.length, 8);
  for (const [i, value] of values.entries()) whole.writeUInt16BE(Math.round(value), 12 + 2 * i);
  return whole;
}

/** L* of CIE 1976 and back. CIE 15:2004. */
const lightness = (light: number): number => (light > 0.008856 ? 1.16 * Math.cbrt(light) - 0.16 : 9.033 * light);
const fromLightness = (l: number): number => (l > 0.08 ? ((l + 0.16) / 1.16) ** 3 : l / 9.033);

/** Each way of writing numbers: what becomes of light, and what a file says of it. */
interface Way {
  readonly written: (light: number) => number;
  readonly said: Uint8Array;
  /** The least light that can be written so. */
  readonly least?: number;
}
const WAYS: Readonly<Record<string, Way>> = {
  "sRGB, by its mark": { written: toSrgb, said: chunk("sRGB", Uint8Array.of(0)) },
  "light, by gAMA": { written: (light) => light, said: chunk("gAMA", Uint8Array.of(0, 1, 134, 160)) },
  "gamma 1.8, by gAMA": { written: (light) => light ** (1 / 1.8), said: chunk("gAMA", Uint8Array.of(0, 0, 217, 4)) },
  "gamma 1.8, by a profile": { written: (light) => light ** (1 / 1.8), said: iccp(table([1.8 * 256])) },
  "gamma 2.2, by a profile": { written: (light) => light ** (1 / 2.2), said: iccp(formula(0, [2.2])) },
  "light, by a profile": { written: (light) => light, said: iccp(table([])) },
  "sRGB, by a formula": {
    written: toSrgb,
    said: iccp(formula(3, [2.4, 1 / 1.055, 0.055 / 1.055, 1 / 12.92, 0.04045])),
  },
  "lightness, by a table": {
    written: lightness,
    said: iccp(table(Array.from({ length: 1024 }, (_, i) => 65_535 * fromLightness(i / 1023)))),
  },
  "a formula with an offset": {
    written: (light) => (Math.max(0.02, light) - 0.02) ** (1 / 2),
    said: iccp(formula(2, [2, 1, 0, 0.02])),
    least: 0.02,
  },
};

test.each(Object.keys(WAYS))(
  "numbers that are %s come to the densities that were written, in 8 bits and in 16",
  async (name) => {
    const { written, said, least = 0 } = WAYS[name] as Way;
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.double({ min: 0.05, max: 3, noNaN: true }), { minLength: 8, maxLength: 8 }),
        fc.constantFrom(8 as const, 16 as const),
        async (densities, depth) => {
          const most = 2 ** depth - 1;
          const numbers = Array.from({ length: WIDTH * HEIGHT }, (_, i) =>
            Math.round(most * written(10 ** -(densities[i % 8] as number))),
          );
          const data = depth === 8 ? Uint8Array.from(numbers) : Uint16Array.from(numbers);
          const read = await readRaw(png(data, depth, said));
          if (!read.ok) throw new Error(read.error);
          const scan = negativeOf(read.value);
          for (const [i, density] of densities.entries()) {
            const number = scan.samples[i] as number;
            const light = (of: number): number => lightOfNumber(scan.encoding, Math.min(1, Math.max(0, of / most)));
            // What rounding to whole numbers may have taken, and the last digits of a profile.
            const rounded = light(number + 0.5) - light(number - 0.5);
            expect(Math.abs(light(number) - Math.max(least, 10 ** -density))).toBeLessThan(0.0002 + rounded);
          }
        },
      ),
      { seed: 25, numRuns: 12 },
    );
  },
);

test.each([2, 4] as const)("a grey PNG of %d bits is read as it was written, by another library", async (bits) => {
  const levels = 2 ** bits;
  const data = Buffer.from(Array.from({ length: WIDTH * HEIGHT }, (_, i) => (255 / (levels - 1)) * (i % levels)));
  const file = await sharp(data, { raw: { width: WIDTH, height: HEIGHT, channels: 1 } })
    .toColourspace("b-w")
    .png({ palette: false, bitdepth: bits } as Parameters<ReturnType<typeof sharp>["png"]>[0])
    .toBuffer();
  const read = await readRaw(Uint8Array.from(file));
  if (!read.ok) throw new Error(read.error);
  const scan = negativeOf(read.value);
  expect([...scan.samples.subarray(0, 40)]).toEqual([...data.subarray(0, 40)]);
});

/** A TIFF (little-endian, as libtiff writes it here) whose field says something else. TIFF 6.0, section 2. */
function called(tiff: Uint8Array, tag: number, value: number): Uint8Array {
  const out = Buffer.from(tiff);
  const directory = out.readUInt32LE(4);
  for (let i = 0; i < out.readUInt16LE(directory); i++) {
    const at = directory + 2 + 12 * i;
    if (out.readUInt16LE(at) !== tag) continue;
    out.writeUInt16LE(value, at + 8);
    return out;
  }
  throw new Error(`no field ${tag}`);
}

test("a scan in inks or in Lab, of numbers that are none, or of another format is refused with what to do instead", async () => {
  const grey = sharp(Buffer.alloc(WIDTH * HEIGHT, 90), { raw: { width: WIDTH, height: HEIGHT, channels: 1 } });
  const plain = await grey.clone().toColourspace("b-w").tiff({ compression: "none" }).toBuffer();
  const files: readonly (readonly [string, Uint8Array, RegExp])[] = [
    ["CMYK TIFF", await grey.clone().toColourspace("cmyk").tiff().toBuffer(), /printing inks \(CMYK\); save it/],
    ["CMYK JPEG", await grey.clone().toColourspace("cmyk").jpeg().toBuffer(), /printing inks \(CMYK\); save it/],
    ["Lab TIFF", called(plain, 262, 8), /Lab colours; save it/],
    ["a camera’s raw file", called(plain, 262, 32803), /raw file: develop it/],
    ["brightness and colours", called(plain, 262, 6), /brightness and two colours; save it/],
    ["a mask", called(plain, 262, 4), /colours of a kind \(4\)/],
    ["signed numbers", called(plain, 339, 2), /numbers with a sign/],
    ["floating-point numbers", called(plain, 339, 3), /holds floating-point numbers/],
    ["line art", await grey.clone().toColourspace("b-w").tiff({ bitdepth: 1 }).toBuffer(), /no greys between; scan it/],
    ["WebP", await grey.clone().webp().toBuffer(), /WebP picture.*save it as PNG/],
    ["AVIF", Buffer.from("\0\0\0\x1cftypavif", "latin1"), /AVIF picture.*save it as PNG/],
    ["HEIC", Buffer.from("\0\0\0\x1cftypheic", "latin1"), /HEIC picture.*choose JPEG/],
    ["PDF", Buffer.from("%PDF-1.7", "latin1"), /is a PDF: scan to PNG or TIFF/],
    ["BigTIFF", Buffer.from([0x49, 0x49, 0x2b, 0, 8, 0, 0, 0]), /BigTIFF/],
    ["nothing", Buffer.alloc(0), /is empty/],
  ];
  for (const [name, bytes, words] of files) {
    const read = await readRaw(Uint8Array.from(bytes));
    expect([name, read.ok ? "read" : read.error]).toEqual([name, expect.stringMatching(words)]);
  }
  expect(otherFormat(Uint8Array.of(1, 2, 3))).toBeNull();
});

test("what a browser can draw is taken from it, upright and in sRGB; what it can’t is refused", async () => {
  const heic = Uint8Array.from(Buffer.from("\0\0\0\x1cftypheic", "latin1"));
  const drawn = { width: 2, height: 1, data: Uint8Array.of(9, 9, 9, 255, 8, 8, 8, 255) };
  const read = await readRaw(heic, { elsewhere: async () => drawn });
  expect(read).toMatchObject({ ok: true, value: { width: 2, height: 1, channels: 4, encoding: "srgb", dpi: null } });
  const refused = await readRaw(heic, { elsewhere: () => Promise.reject(new Error("no")) });
  expect(refused).toMatchObject({ ok: false, error: expect.stringMatching(/HEIC/) });
});
