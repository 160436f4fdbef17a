import { encode as encodePng } from "fast-png";
import { encode as encodeJpeg } from "jpeg-js";
import sharp from "sharp";
import { chance } from "../../../core/basis/numeric/chance.ts";
import type { GreyPicture } from "../../../core/make/holeScan/index.ts";
import { scanPlate } from "../../../core/simulate/flatbed/index.ts";
import { CLEAN, ROUND } from "../../../core/testing/scans.ts";
import { type HoleReport, holeInFile, holeJob } from "../../jobs/hole/holeJob.ts";
import { simulatedScan } from "../../jobs/simulatedScan/simulatedScan.ts";
import { joined } from "../../testing.ts";
import { scanToPng, scanToTiff } from "../write/writeScan.ts";
import { readScan } from "./readScan.ts";

function scan(bits: 8 | 16): GreyPicture {
  return scanPlate(ROUND, { ...CLEAN, bits, width: 220, height: 200, at: { x: 101, y: 98 } }, chance(5));
}

async function read(bytes: Uint8Array<ArrayBuffer>) {
  const result = await readScan(bytes);
  if (!result.ok) throw new Error(result.error);
  return result.value;
}

describe("scan files", () => {
  test.each([8, 16] as const)("%i bits through PNG and TIFF: every number and the resolution", async (bits) => {
    const picture = scan(bits);
    for (const file of [scanToPng(picture, 4800), scanToTiff(picture, 4800)]) {
      const back = await read(file);
      expect(back.dpi).toBeCloseTo(4800, 1);
      expect(back.picture.samples).toEqual(picture.samples);
      expect([back.picture.width, back.picture.height, back.picture.most]).toEqual([220, 200, picture.most]);
    }
  });

  test.each([8, 16] as const)(
    "our TIFF of %i bits read by libvips (sharp): size, depth, resolution, numbers",
    async (bits) => {
      const picture = scan(bits);
      const image = sharp(scanToTiff(picture, 2400));
      const { width, height, depth, channels, density } = await image.metadata();
      expect([width, height, depth, channels, density]).toEqual([220, 200, bits === 8 ? "uchar" : "ushort", 1, 2400]);
      const raw = await image
        .toColourspace(bits === 8 ? "b-w" : "grey16")
        .raw({ depth: bits === 8 ? "uchar" : "ushort" })
        .toBuffer();
      const numbers = bits === 8 ? new Uint8Array(raw) : new Uint16Array(raw.buffer, raw.byteOffset, raw.length / 2);
      expect([...numbers.subarray(0, 5000)]).toEqual([...picture.samples.subarray(0, 5000)]);
    },
  );

  test.each(["lzw", "deflate", "none", "packbits"] as const)(
    "a TIFF written by libvips with %s",
    async (compression) => {
      const picture = scan(8);
      const raw = sharp(Buffer.from(picture.samples), { raw: { width: 220, height: 200, channels: 1 } });
      const file = await raw.toColourspace("b-w").tiff({ compression, xres: 94.488, yres: 94.488 }).toBuffer();
      const back = await read(Uint8Array.from(file));
      expect(back.dpi).toBeCloseTo(2400, 0);
      expect(back.picture.samples).toEqual(picture.samples);
    },
  );

  test("colour is averaged, alpha left out; sRGB and its absence are noticed", async () => {
    const data = Uint8Array.from([10, 20, 30, 255, 90, 60, 30, 0]);
    const colour = await read(Uint8Array.from(encodePng({ width: 2, height: 1, data, channels: 4, depth: 8 })));
    expect([...colour.picture.samples]).toEqual([20, 60]);
    expect([colour.dpi, colour.picture.encoding]).toEqual([null, null]);
    expect((await read(scanToPng({ ...scan(8), encoding: "srgb" }, 600))).picture.encoding).toBe("srgb");
    expect((await read(scanToTiff({ ...scan(8), encoding: "srgb" }, 600))).picture.encoding).toBe("srgb");
  });

  test("a JPEG is measured too, its resolution given", async () => {
    const picture = scan(8);
    const data = new Uint8Array(4 * picture.samples.length);
    for (const [i, value] of picture.samples.entries()) data.set([value, value, value, 255], 4 * i);
    const file = Uint8Array.from(encodeJpeg({ width: 220, height: 200, data }, 92).data);
    const measured = await holeInFile({ bytes: file, dpi: 4800, at: null });
    expect(measured.ok && measured.value.answer?.diameter).toBeCloseTo(0.3, 2);
    const unscaled = await holeInFile({ bytes: file, dpi: null, at: null });
    expect(unscaled.ok && [unscaled.value.answer, Math.round(unscaled.value.outline.diameter)]).toEqual([null, 57]);
  });

  test.each([
    ["text", new TextEncoder().encode("not a picture"), /not a PNG, TIFF or JPEG/],
    ["half a PNG", scanToPng(scan(8), 600).slice(0, 900), /damaged/],
    ["half a TIFF", scanToTiff(scan(16), 600).slice(0, 9000), /damaged/],
    ["nothing", new Uint8Array(), /is empty/],
  ])("%s is refused in words", async (_name, bytes, words) => {
    const result = await readScan(Uint8Array.from(bytes));
    expect(result).toEqual({ ok: false, error: expect.stringMatching(words) });
  });

  test("a picture of a billion pixels is refused before it is unpacked", async () => {
    const head = scanToPng(scan(8), 600);
    new DataView(head.buffer).setUint32(16, 50_000);
    new DataView(head.buffer).setUint32(20, 50_000);
    expect(await readScan(head)).toEqual({
      ok: false,
      error: expect.stringMatching(/50000 × 50000 pixels; at most 60/),
    });
  });
});

describe("the simulated flatbed", () => {
  test.each([
    ["tiff", 16],
    ["tiff", 8],
    ["png", 8],
  ] as const)("%s of %i bits: what it delivers is measured like any file", async (file, bits) => {
    const order = { sample: { ...ROUND, diameter: 0.31 }, dpi: 2400, bits, file, seed: 11 } as const;
    const { output } = await simulatedScan(order, { report: () => {}, cancelled: () => false });
    const measured = await holeInFile({ bytes: output, dpi: null, at: null });
    expect(measured.ok && measured.value.dpi).toBeCloseTo(2400, 0);
    expect(Math.abs((measured.ok ? (measured.value.answer?.diameter ?? 0) : 0) - 0.31)).toBeLessThan(
      0.3 * (25.4 / 2400),
    );
    const again = await simulatedScan(order, { report: () => {}, cancelled: () => false });
    expect(again.output).toEqual(output);
  });

  test("the job over a channel gives the same report", async () => {
    const { client, close } = joined(holeJob());
    const bytes = scanToTiff(scan(16), 4800);
    const direct = await holeInFile({ bytes, dpi: null, at: null });
    const answer = await client.run({ bytes, dpi: null, at: null });
    close();
    expect(answer.ok && (answer.value as { value: HoleReport }).value.answer).toEqual(direct.ok && direct.value.answer);
  });
});
