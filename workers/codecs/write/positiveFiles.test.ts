import exifr from "exifr";
import omggif from "omggif";
import sharp from "sharp";
import { type ProofSettings, proofExposure } from "../../../core/negative/index.ts";
import { FLAT, MEDIUM, negativeOf } from "../../../core/testing/negatives.ts";
import { transformOf } from "../fourier.ts";
import { iccEncoding } from "../read/iccEncoding.ts";
import { jpegParts } from "../read/jpegParts.ts";
import { finishedFile, type PictureFormat } from "./finishedFile.ts";
import { iccSrgb } from "./iccSrgb.ts";
import { movingPair } from "./movingPair.ts";
import { type PictureFacts, withJpegFacts } from "./pictureFacts.ts";

const FACTS: PictureFacts = {
  camera: "Biscuit tin, “Büchse”",
  subject: "Bean rows & <cold frames>",
  fNumber: 225.8,
  seconds: 37,
  iso: 6,
  openedAt: "2026-06-13T16:20:05+01:00",
};
const SETTINGS: ProofSettings = { medium: MEDIUM, sheet: { width: 127, height: 101.6 }, camera: FLAT };

function exposureOf(settings: ProofSettings) {
  const { scan, corners } = negativeOf(FLAT, (_, s, t) => 0.2 + s / 80 - t / 200, { dpi: 60 });
  const steps = proofExposure(scan, { ...settings, sheet: { ...settings.sheet, corners } }, { transformOf });
  let step = steps.next();
  while (!step.done) step = steps.next();
  if (!step.value.ok) throw new Error(step.value.error);
  return step.value.value;
}

async function fileOf(format: PictureFormat, more: Partial<ProofSettings> = {}, finish = {}) {
  const settings = { ...SETTINGS, ...more };
  const bytes = await finishedFile(exposureOf(settings), settings, { format, finish, facts: FACTS, dpi: 300 });
  return { bytes, picture: sharp(Buffer.from(bytes)) };
}

describe("positives as files, read back by libvips (sharp) and exifr", () => {
  test.each([
    ["png8", "uchar", 8],
    ["png16", "ushort", 16],
    ["tiff16", "ushort", 16],
  ] as const)("%s: size, depth, tones from dark to light, resolution", async (format, depth, bits) => {
    const { picture } = await fileOf(format);
    const said = await picture.metadata();
    expect(said).toMatchObject({ width: 300, height: 240, depth, density: 300 });
    const { data, info } = await picture
      .toColourspace(bits === 8 ? "b-w" : "grey16")
      .raw({ depth })
      .toBuffer({ resolveWithObject: true });
    const numbers = bits === 8 ? data : new Uint16Array(data.buffer, data.byteOffset, data.length / 2);
    // Upright, the scene's right is at s < 0: light falls from left to right here.
    const at = (x: number): number => numbers[(120 * info.width + x) * info.channels] as number;
    expect(at(20)).toBeGreaterThan(at(150));
    expect(at(150)).toBeGreaterThan(at(280));
    expect(at(2)).toBeGreaterThan(0.9 * (2 ** bits - 1));
  });

  test("tinted, cropped, beside the sheet transparent", async () => {
    const { picture } = await fileOf(
      "png8",
      { projection: "round", output: { width: 200 } },
      { tint: "warm", crop: { left: 0.1, top: 0, right: 0, bottom: 0 } },
    );
    const { data, info } = await picture.raw().toBuffer({ resolveWithObject: true });
    expect([info.width, info.channels]).toEqual([180, 4]);
    const middle = 4 * (Math.floor(info.height / 2) * 180 + 90);
    expect(data[middle]).toBeGreaterThan(data[middle + 2] as number);
    expect(data[middle + 3]).toBe(255);
    expect([...data].filter((value, i) => i % 4 === 3 && value === 0).length).toBeGreaterThan(100);
  });

  test("PNG carries camera, f-number, time and day (exifr reads Exif and XMP)", async () => {
    const { bytes } = await fileOf("png8");
    const read = await exifr.parse(Buffer.from(bytes), { xmp: true, exif: true, tiff: true });
    expect(read.Model).toMatch(/^Biscuit tin, .*B.?chse/);
  });

  test("TIFF carries f-number, time, speed and day as Exif, and its picture all the same", async () => {
    const { bytes, picture } = await fileOf("tiff16");
    const read = await exifr.parse(Buffer.from(bytes), { xmp: true, exif: true, tiff: true });
    expect(read).toMatchObject({
      FNumber: expect.closeTo(225.8, 6),
      ExposureTime: expect.closeTo(37, 6),
      ISO: 6,
      OffsetTimeOriginal: "+01:00",
      Software: "Still Box",
    });
    expect((await picture.stats()).channels.length).toBeGreaterThan(0);
  });

  test("JPEG carries Exif, XMP and a profile that libvips takes", async () => {
    // As browsers pack it: with a head of JFIF, and a profile of their own.
    const plain = await sharp({ create: { width: 40, height: 30, channels: 3, background: "#888" } })
      .withIccProfile("srgb")
      .withMetadata({ density: 72 })
      .jpeg()
      .toBuffer();
    const bytes = withJpegFacts(new Uint8Array(plain), FACTS, iccSrgb("colour"), 300);
    const apps = jpegParts(Uint8Array.from(bytes)).segments.map(
      ({ app, data }) => `${app} ${String.fromCharCode(...data.subarray(0, 4))}`,
    );
    expect(apps).toEqual(["1 Exif", "1 http", "2 ICC_"]);
    const read = await exifr.parse(Buffer.from(bytes), { xmp: true });
    expect(read).toMatchObject({
      FNumber: expect.closeTo(225.8, 6),
      ExposureTime: expect.closeTo(37, 6),
      ISO: 6,
      OffsetTimeOriginal: "+01:00",
      ColorSpace: 1,
      XResolution: 300,
      YResolution: 300,
      ExifImageWidth: 40,
      ExifImageHeight: 30,
      title: expect.anything(),
    });
    expect(JSON.stringify(read.title)).toContain("Bean rows &amp; &lt;cold frames&gt;");
    const said = await sharp(Buffer.from(bytes)).metadata();
    expect(said.icc?.length).toBe(iccSrgb("colour").length);
    expect(said.density).toBe(300);
    for (const kind of ["colour", "grey"] as const) expect(iccEncoding(iccSrgb(kind))).toBe("srgb");
    const same = await sharp(Buffer.from(bytes)).toColourspace("srgb").raw().toBuffer();
    expect(Math.abs((same[0] as number) - 0x88)).toBeLessThanOrEqual(1);
  });
});

test("the moving pair is a GIF of two frames that goes on for ever (read by omggif)", async () => {
  const eye = (value: number) => ({
    width: 20,
    height: 10,
    grey: new Uint8Array(200).fill(value),
    opacity: new Uint8Array(200).fill(255),
  });
  const gif = new omggif.GifReader(Buffer.from(await movingPair(eye(60), eye(190))));
  expect([gif.width, gif.height, gif.numFrames(), gif.loopCount()]).toEqual([20, 10, 2, 0]);
  for (const [frame, value] of [60, 190].entries()) {
    const pixels = new Uint8Array(800);
    gif.decodeAndBlitFrameRGBA(frame, pixels);
    expect([pixels[0], pixels[401]]).toEqual([value, value]);
    expect(gif.frameInfo(frame).delay).toBe(22);
  }
});
