import { inflateSync } from "node:zlib";
import { decode, encode } from "fast-png";
import sharp from "sharp";
import type { Inflate } from "./inflate.ts";
import { readScan } from "./readScan.ts";
import { storedPng } from "./storedPng.ts";

/** As the server does it. */
const inflate: Inflate = async (zlib, most) => inflateSync(zlib, { maxOutputLength: most });

const grey16 = Uint16Array.from({ length: 300 * 170 }, (_, i) => (i * 7919) % 65536);

/** PNGs of all manners; those by libvips (sharp) are filtered and may be interlaced. */
async function files(): Promise<Readonly<Record<string, Uint8Array<ArrayBuffer>>>> {
  const colour = Buffer.from(Uint8Array.from({ length: 90 * 70 * 3 }, (_, i) => (i * i) % 251));
  const rgb = sharp(colour, { raw: { width: 90, height: 70, channels: 3 } });
  const own = (png: Buffer | Uint8Array): Uint8Array<ArrayBuffer> => Uint8Array.from(png);
  return {
    "16 bits": own(encode({ width: 300, height: 170, data: grey16, channels: 1, depth: 16 })),
    "one pixel": own(encode({ width: 1, height: 1, data: Uint8Array.of(9), channels: 1, depth: 8 })),
    colour: own(await rgb.clone().png({ compressionLevel: 9, adaptiveFiltering: true }).toBuffer()),
    interlaced: own(await rgb.clone().png({ progressive: true }).toBuffer()),
    palette: own(await rgb.clone().png({ palette: true, colours: 9 }).toBuffer()),
    "many parts": inParts(own(encode({ width: 300, height: 170, data: grey16, channels: 1, depth: 16 })), 777),
  };
}

/** The same PNG with its picture in chunks of so many bytes, as scanners write it; check sums left 0. */
function inParts(png: Uint8Array, size: number): Uint8Array<ArrayBuffer> {
  const view = new DataView(png.buffer, png.byteOffset);
  const out: Uint8Array[] = [png.subarray(0, 33)];
  for (let at = 33; at < png.length; at += 12 + view.getUint32(at)) {
    const data = png.subarray(at + 8, at + 8 + view.getUint32(at));
    const name = png.subarray(at + 4, at + 8);
    const cut = String.fromCharCode(...name) === "IDAT" ? size : Math.max(1, data.length);
    for (let from = 0; from === 0 || from < data.length; from += cut) {
      const piece = data.subarray(from, from + cut);
      const chunk = new Uint8Array(12 + piece.length);
      new DataView(chunk.buffer).setUint32(0, piece.length);
      chunk.set(name, 4);
      chunk.set(piece, 8);
      out.push(chunk);
    }
  }
  return Uint8Array.from(Buffer.concat(out));
}

describe("a PNG stored instead of compressed", () => {
  test.each(["16 bits", "one pixel", "colour", "interlaced", "palette", "many parts"])(
    "%s: the decoder finds the same picture in it",
    async (name) => {
      const png = (await files())[name];
      if (png === undefined) throw new Error(name);
      const [there, here] = [decode(png), decode(await storedPng(png, inflate))];
      expect([here.width, here.height, here.channels, here.depth]).toEqual([
        there.width,
        there.height,
        there.channels,
        there.depth,
      ]);
      expect(here.data).toEqual(there.data);
      expect(here.palette).toEqual(there.palette);
    },
  );

  test("resolution and profile come along", async () => {
    const flat = sharp(Buffer.alloc(900, 90), { raw: { width: 30, height: 30, channels: 1 } });
    const file = Uint8Array.from(await flat.withMetadata({ density: 2400 }).png().toBuffer());
    const [plain, quick] = [await readScan(file), await readScan(file, { inflate })];
    expect(quick).toEqual(plain);
    expect(quick.ok && quick.value.dpi).toBeCloseTo(2400, 0);
  });

  test("damaged, cut off, or more than its header says: refused in words, like the slow way", async () => {
    const png = (await files())["16 bits"] as Uint8Array<ArrayBuffer>;
    const bomb = png.slice();
    // A header that says 3 × 2 pixels over a picture of 300 × 170.
    new DataView(bomb.buffer).setUint32(16, 3);
    new DataView(bomb.buffer).setUint32(20, 2);
    const spoilt = png.slice();
    spoilt.fill(0x55, 200, 400);
    for (const file of [bomb, spoilt, png.slice(0, 5000), png.slice(0, 30)]) {
      expect(await readScan(file, { inflate })).toEqual({ ok: false, error: expect.stringMatching(/damaged/) });
    }
  });
});
