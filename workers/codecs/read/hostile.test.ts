import { deflateSync } from "node:zlib";
import { Unzlib } from "fflate";
import sharp from "sharp";
import { chance } from "../../../core/basis/numeric/chance.ts";
import { joined } from "../../../core/basis/numeric/index.ts";
import { HANG } from "../../testing.ts";
import {
  header,
  jpeg,
  MEGABYTE,
  pixels,
  png,
  resized,
  scanned,
  text,
  tiff,
  uint32,
  withSegment,
} from "./hostilePictures.ts";
import { plainInflate } from "./inflate.ts";
import { readScan } from "./readScan.ts";

/** Zlib data of 300 kB that unpack to 300 MB. */
const BOMB = Uint8Array.from(deflateSync(Buffer.alloc(300 * MEGABYTE)));

/** What a file's reader answers, the processor time it took, s, and the most bytes it let anything unpack to. */
async function reading(bytes: Uint8Array<ArrayBuffer>) {
  let allowed = 0;
  const before = process.cpuUsage();
  const result = await readScan(bytes, {
    inflate: (zlib, most) => {
      allowed = Math.max(allowed, most);
      return plainInflate(zlib, most);
    },
  });
  const { user, system } = process.cpuUsage(before);
  return { error: result.ok ? null : result.error, seconds: (user + system) / 1e6, allowed };
}

test("unpacking ends with the first step that goes further than it may", async () => {
  const steps = jest.spyOn(Unzlib.prototype, "push");
  await expect(plainInflate(BOMB, 1000)).rejects.toThrow(/further than it may/);
  expect(steps).toHaveBeenCalledTimes(1);
  expect(BOMB.length).toBeGreaterThan(15 * (steps.mock.calls[0]?.[0].length ?? 0));
  steps.mockRestore();
});

describe("pictures made to hang or to fill the memory are refused in words, at once", () => {
  test.each([
    [
      "a TIFF with a field of 200 million rationals",
      tiff([
        [256, 3, 1, 9],
        [257, 3, 1, 9],
        [282, 5, 200_000_000, 8],
      ]),
      /damaged/,
    ],
    [
      "a TIFF with 200 million strips",
      tiff([
        [256, 3, 1, 9],
        [257, 3, 1, 9],
        [273, 4, 200_000_000, 8],
      ]),
      /damaged/,
    ],
    [
      "a TIFF of one strip as long as a house",
      tiff([
        [256, 4, 1, 90_000],
        [257, 4, 1, 90_000],
      ]),
      /90000 × 90000 pixels/,
    ],
    [
      "a TIFF of tiles far larger than its picture",
      tiff([
        [256, 3, 1, 9],
        [257, 3, 1, 9],
        [258, 3, 1, 8],
        [322, 4, 1, 60_000],
        [323, 4, 1, 60_000],
        [324, 4, 1, 8],
        [325, 4, 1, 8],
      ]),
      /more than 1 GB/,
    ],
    ["a PNG of 1 × 59,000,000", png(header(1, 59_000_000), ["IDAT", pixels]), /100000 on a side/],
    ["a PNG of 20,000 × 20,000", png(header(20_000, 20_000), ["IDAT", pixels]), /60 million/],
    ["a PNG of 16-bit colours beyond 1 GB", png(header(12_000, 10_000, 16, 6), ["IDAT", pixels]), /60 million/],
    ["a PNG whose part says it is 4 GB long", joined([png(header(8, 8)), uint32(0xffffffff), text("IDAT")]), /damaged/],
    ["a JPEG of 1.2 kB that says 7700 × 7700", resized(jpeg(), 7700, 7700), /ends too early/],
    ["a JPEG of 0 × 0", resized(jpeg(), 0, 0), /holds no picture/],
    ["a JPEG gone over 2,000 times", scanned(jpeg(), 2000), /more than 64 times/],
  ])("%s", async (_name, bytes, words) => {
    const { error, seconds } = await reading(bytes);
    expect(error).toMatch(words);
    expect(seconds).toBeLessThan(HANG);
  });

  test("a colour profile that unpacks to 300 MB: the picture is read, the profile passed over", async () => {
    const profile = joined([text("large\0\0"), BOMB]);
    const { error, allowed } = await reading(png(header(8, 8), ["iCCP", profile], ["IDAT", pixels]));
    expect(error).toBeNull();
    expect(allowed).toBeLessThan(10 * MEGABYTE);
  });

  test("an Exif directory that follows itself: the picture is read", async () => {
    const loop = tiff([[282, 5, 1, 8]]);
    // Where the next directory's place stands: the first directory itself.
    new DataView(loop.buffer).setUint32(22, 8, true);
    const { error, seconds } = await reading(withSegment(jpeg(), 0xe1, joined([text("Exif\0\0"), loop])));
    expect(error).toBeNull();
    expect(seconds).toBeLessThan(HANG);
  });

  test.each([
    ["ZIP", 8, deflateSync(Buffer.alloc(40))],
    ["LZW", 5, Uint8Array.of(0x80, 0x00, 0x40, 0x40)],
    ["nothing", 1, new Uint8Array(40)],
  ])(
    "a strip packed with %s that holds less than its lines: refused, not filled up with black",
    async (_name, packing, strip) => {
      const fields = [
        [256, 3, 1, 8],
        [257, 3, 1, 8],
        [258, 3, 1, 8],
        [259, 3, 1, packing],
        [273, 4, 1, 98],
        [278, 3, 1, 8],
        [279, 4, 1, strip.length],
      ] as const;
      expect((await reading(tiff(fields, strip))).error).toMatch(/damaged/);
    },
  );

  test("a PNG of 8 × 8 that unpacks to 300 MB", async () => {
    const { error, allowed } = await reading(png(header(8, 8), ["IDAT", BOMB]));
    expect(error).toMatch(/damaged/);
    expect(allowed).toBeLessThan(MEGABYTE);
  });

  test("a strip of a TIFF that unpacks to 300 MB", async () => {
    const fields = [
      [256, 3, 1, 8],
      [257, 3, 1, 8],
      [258, 3, 1, 8],
      [259, 3, 1, 8],
      [273, 4, 1, 98],
      [278, 3, 1, 8],
      [279, 4, 1, BOMB.length],
    ] as const;
    const { error, allowed } = await reading(tiff(fields, BOMB));
    expect(error).toMatch(/damaged/);
    expect(allowed).toBeLessThan(MEGABYTE);
  });
});

beforeAll(() => {
  // The TIFF decoder prints the number of tiles.
  jest.spyOn(console, "log").mockImplementation(() => undefined);
});

test("of 600 damaged files each is read or refused in words", async () => {
  const random = chance(41);
  const noise = Buffer.from(Array.from({ length: 60 * 50 }, () => Math.floor(256 * random())));
  const picture = sharp(noise, { raw: { width: 60, height: 50, channels: 1 } }).withMetadata({ density: 1200 });
  const files = [
    await picture.clone().png().toBuffer(),
    await picture.clone().tiff({ compression: "lzw" }).toBuffer(),
    await picture.clone().tiff({ compression: "deflate", tile: true, tileWidth: 32, tileHeight: 32 }).toBuffer(),
    await picture.clone().jpeg({ progressive: true }).toBuffer(),
  ];
  let refused = 0;
  for (let i = 0; i < 600; i++) {
    const bytes = Uint8Array.from(files[i % files.length] as Buffer);
    for (let k = 0; k < 1 + 8 * random(); k++)
      bytes[Math.floor(bytes.length * random() ** 2)] = Math.floor(256 * random());
    const cut = random() < 0.3 ? Math.floor(bytes.length * random()) : bytes.length;
    const { error, seconds } = await reading(bytes.slice(0, cut));
    if (error !== null) refused++;
    expect(error ?? "is read").toMatch(/^(is|has|holds|would|goes) /);
    expect(seconds).toBeLessThan(HANG);
  }
  expect(refused).toBeGreaterThan(100);
}, 60_000);
