import sharp from "sharp";
import type { Result } from "../../../core/basis/units/index.ts";
import type { RawScan } from "./grey.ts";
import { readRaw } from "./readScan.ts";

/** A small picture in which no two corners are alike. */
const [WIDTH, HEIGHT] = [40, 24];
const picture = () =>
  sharp(
    Buffer.from(
      Array.from({ length: WIDTH * HEIGHT }, (_, i) => 20 + 4 * (i % WIDTH) + (Math.floor(i / WIDTH) > 12 ? 50 : 0)),
    ),
    { raw: { width: WIDTH, height: HEIGHT, channels: 1 } },
  );

const ORIENTATIONS = [1, 2, 3, 4, 5, 6, 7, 8] as const;

describe("A picture written as the sensor stood is read as it was held (checked against libvips)", () => {
  test.each(ORIENTATIONS)("a JPEG with orientation %d", async (orientation) => {
    const file = await picture().jpeg({ quality: 100 }).withMetadata({ orientation }).toBuffer();
    await agrees(await readRaw(Uint8Array.from(file)), file, 3);
  });

  test.each(ORIENTATIONS)("a TIFF with orientation %d", async (orientation) => {
    const file = await picture().tiff({ compression: "none" }).withMetadata({ orientation }).toBuffer();
    await agrees(await readRaw(Uint8Array.from(file)), file, 0);
  });
});

async function agrees(read: Result<RawScan>, file: Buffer, most: number): Promise<void> {
  if (!read.ok) throw new Error(read.error);
  const scan = read.value;
  const { data, info } = await sharp(file).autoOrient().raw().toBuffer({ resolveWithObject: true });
  expect([scan.width, scan.height]).toEqual([info.width, info.height]);
  let worst = 0;
  for (let i = 0; i < scan.width * scan.height; i++)
    worst = Math.max(worst, Math.abs((scan.samples[i * scan.channels] ?? 0) - (data[i * info.channels] ?? 0)));
  expect(worst).toBeLessThanOrEqual(most);
}
