import sharp from "sharp";
import { readRaw, readScan } from "../readScan.ts";
import { pagesTiff } from "./pagesTiff.ts";
import { sheetsInTiff } from "./tiffFields.ts";

/** A TIFF as another program may write it: either byte order, strips, planes, white as 0. TIFF 6.0 (1992). */
interface Kind {
  readonly big: boolean;
  readonly bits: 8 | 16;
  readonly channels: 1 | 3;
  readonly planes?: boolean;
  readonly rowsAStrip?: number;
  readonly whiteIsZero?: boolean;
  readonly compression?: number;
}

const [WIDTH, HEIGHT] = [30, 20];
/** Numbers that differ from pixel to pixel and channel to channel; those of 16 bits use both bytes. */
const number = (x: number, y: number, channel: number, bits: 8 | 16): number =>
  bits === 8 ? (x * 7 + y * 3 + channel * 30) % 256 : (x * 1901 + y * 307 + channel * 6000) % 65536;

function tiff({ big, bits, channels, planes = false, rowsAStrip = HEIGHT, whiteIsZero, compression = 1 }: Kind) {
  const bytes = bits / 8;
  const perStrip = planes ? 1 : channels;
  const strips: Uint8Array[] = [];
  for (let plane = 0; plane < (planes ? channels : 1); plane++) {
    for (let top = 0; top < HEIGHT; top += rowsAStrip) {
      const rows = Math.min(rowsAStrip, HEIGHT - top);
      const strip = new DataView(new ArrayBuffer(rows * WIDTH * perStrip * bytes));
      for (let y = 0; y < rows; y++) {
        for (let i = 0; i < WIDTH * perStrip; i++) {
          const value = number(Math.floor(i / perStrip), top + y, planes ? plane : i % perStrip, bits);
          const at = (y * WIDTH * perStrip + i) * bytes;
          if (bits === 8) strip.setUint8(at, value);
          else strip.setUint16(at, value, !big);
        }
      }
      strips.push(new Uint8Array(strip.buffer));
    }
  }
  const fields: readonly (readonly [number, 3 | 4, readonly number[]])[] = [
    [256, 3, [WIDTH]],
    [257, 3, [HEIGHT]],
    [258, 3, Array.from({ length: channels }, () => bits)],
    [259, 3, [compression]],
    [262, 3, [channels === 3 ? 2 : whiteIsZero ? 0 : 1]],
    [273, 4, strips.map((_, i) => 2000 + strips.slice(0, i).reduce((sum, each) => sum + each.length, 0))],
    [277, 3, [channels]],
    [278, 3, [rowsAStrip]],
    [279, 4, strips.map(({ length }) => length)],
    [284, 3, [planes ? 2 : 1]],
  ];
  const file = new Uint8Array(2000 + strips.reduce((sum, { length }) => sum + length, 0));
  const view = new DataView(file.buffer);
  file.set(big ? [0x4d, 0x4d, 0, 42, 0, 0, 0, 8] : [0x49, 0x49, 42, 0, 8, 0, 0, 0]);
  view.setUint16(8, fields.length, !big);
  let far = 1000;
  for (const [index, [tag, type, values]] of fields.entries()) {
    const at = 10 + 12 * index;
    const size = type === 3 ? 2 : 4;
    view.setUint16(at, tag, !big);
    view.setUint16(at + 2, type, !big);
    view.setUint32(at + 4, values.length, !big);
    const outside = values.length * size > 4;
    const start = outside ? far : at + 8;
    if (outside) view.setUint32(at + 8, far, !big);
    for (const [i, value] of values.entries()) {
      if (type === 3) view.setUint16(start + i * size, value, !big);
      else view.setUint32(start + i * size, value, !big);
    }
    if (outside) far += values.length * size;
  }
  let at = 2000;
  for (const strip of strips) {
    file.set(strip, at);
    at += strip.length;
  }
  return file;
}

describe("TIFF as other programs write it", () => {
  const kinds: readonly Kind[] = [
    { big: false, bits: 8, channels: 1 },
    { big: true, bits: 8, channels: 1 },
    { big: false, bits: 16, channels: 1 },
    { big: true, bits: 16, channels: 1 },
    { big: true, bits: 16, channels: 1, rowsAStrip: 7 },
    { big: false, bits: 16, channels: 3, rowsAStrip: 4 },
    { big: true, bits: 16, channels: 3 },
    { big: true, bits: 16, channels: 1, whiteIsZero: true },
  ];
  test.each(kinds.map((kind) => [JSON.stringify(kind), kind] as const))("%s: every number", async (_name, kind) => {
    const scan = await readScan(tiff(kind));
    if (!scan.ok) throw new Error(scan.error);
    const { picture } = scan.value;
    expect([picture.width, picture.height, picture.most]).toEqual([WIDTH, HEIGHT, kind.bits === 8 ? 255 : 65535]);
    for (let i = 0; i < WIDTH * HEIGHT; i++) {
      const [x, y] = [i % WIDTH, Math.floor(i / WIDTH)];
      const channels = Array.from({ length: kind.channels }, (_, channel) => number(x, y, channel, kind.bits));
      const mean = channels.reduce((sum, value) => sum + value, 0) / kind.channels;
      const want = kind.whiteIsZero ? picture.most - mean : mean;
      expect(Math.abs((picture.samples[i] ?? Number.NaN) - want)).toBeLessThanOrEqual(0.5);
    }
  });

  test("our own reading agrees with that of libvips (sharp), in either byte order", async () => {
    for (const big of [false, true]) {
      const file = tiff({ big, bits: 16, channels: 1, rowsAStrip: 7 });
      const raw = await sharp(file).toColourspace("grey16").raw({ depth: "ushort" }).toBuffer();
      const theirs = new Uint16Array(raw.buffer, raw.byteOffset, raw.length / 2);
      const ours = await readScan(file);
      expect(ours.ok && [...ours.value.picture.samples]).toEqual([...theirs]);
    }
  });

  test.each(["none", "lzw", "deflate"] as const)(
    "16 bits in tiles with %s, written by libvips",
    async (compression) => {
      const values = Uint16Array.from({ length: 200 * 150 }, (_, i) => (i * 977) % 65536);
      const file = await sharp(values, { raw: { width: 200, height: 150, channels: 1 } })
        .toColourspace("grey16")
        .tiff({ compression, tile: true, tileWidth: 64, tileHeight: 64, predictor: "horizontal" })
        .toBuffer();
      const scan = await readScan(Uint8Array.from(file));
      if (!scan.ok) throw new Error(scan.error);
      expect([...scan.value.picture.samples]).toEqual([...values]);
    },
  );

  test.each([
    ["grey", 1, {}],
    ["colour", 3, {}],
    ["colour in tiles", 3, { tile: true, tileWidth: 64, tileHeight: 64 }],
  ] as const)("pieces packed with JPEG, in %s: as libtiff unpacks them (sharp)", async (_, channels, how) => {
    const values = Buffer.from(
      Array.from(
        { length: 200 * 150 * channels },
        (__, i) => 100 + 60 * Math.sin(i / channels / 40) + (i % channels) * 20,
      ),
    );
    const file = await sharp(values, { raw: { width: 200, height: 150, channels } })
      .toColourspace(channels === 1 ? "b-w" : "srgb")
      .tiff({ compression: "jpeg", quality: 95, ...how })
      .toBuffer();
    const there = await sharp(file)
      .toColourspace(channels === 1 ? "b-w" : "srgb")
      .raw()
      .toBuffer();
    const read = await readRaw(Uint8Array.from(file));
    if (!read.ok) throw new Error(read.error);
    expect([read.value.width, read.value.height, read.value.channels]).toEqual([200, 150, channels]);
    const worst = [...read.value.samples].reduce(
      (most, value, i) => Math.max(most, Math.abs(value - (there[i] as number))),
      0,
    );
    expect(worst).toBeLessThanOrEqual(4);
  });

  test("packings and plane orders that can’t be read surely are refused with what to do, not read wrongly", async () => {
    expect(await readScan(tiff({ big: false, bits: 8, channels: 1, compression: 6 }))).toEqual({
      ok: false,
      error: expect.stringMatching(/packed with JPEG of an old kind.* save it uncompressed, or with LZW or ZIP/),
    });
    expect(await readScan(tiff({ big: false, bits: 8, channels: 1, compression: 34712 }))).toEqual({
      ok: false,
      error: expect.stringMatching(/packed in a way \(34712\)/),
    });
    expect(await readScan(tiff({ big: false, bits: 8, channels: 3, planes: true }))).toEqual({
      ok: false,
      error: expect.stringMatching(/colours one after the other/),
    });
  });
});

test("a small picture with the full one within it (SubIFDs): the full one is read", async () => {
  const file = pagesTiff([
    { width: 6, height: 4, grey: 90, isCopy: true, holdsNext: true },
    { width: 60, height: 40, grey: 40 },
  ]);
  for (const page of [undefined, 0]) {
    const raw = await readRaw(file, {}, page);
    if (!raw.ok) throw new Error(raw.error);
    expect([raw.value.width, raw.value.height, raw.value.samples[0]]).toEqual([60, 40, 40]);
    expect(sheetsInTiff(file)).toBe(1);
  }
});

test("of a file with two sheets and a small copy either sheet is read; a third is not there", async () => {
  const file = pagesTiff([
    { width: 60, height: 40, grey: 40 },
    { width: 6, height: 4, grey: 90, isCopy: true },
    { width: 56, height: 44, grey: 200 },
  ]);
  const read = async (page?: number) => {
    const raw = await readRaw(file, {}, page);
    if (!raw.ok) return raw.error;
    const { width, height, samples } = raw.value;
    return [width, height, samples[0]];
  };
  expect(await read(0)).toEqual([60, 40, 40]);
  expect(await read(1)).toEqual([56, 44, 200]);
  // Not said which: the largest.
  expect(await read()).toEqual([56, 44, 200]);
  expect(sheetsInTiff(file)).toBe(2);
  expect([file.slice(0, 30), Uint8Array.of(1, 2, 3)].map(sheetsInTiff)).toEqual([1, 1]);
  expect(await read(2)).toBe("holds 2 pictures, not so many");
});
