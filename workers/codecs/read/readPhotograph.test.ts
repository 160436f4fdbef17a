import exifr from "exifr";
import fc from "fast-check";
import sharp from "sharp";
import { readPhotograph } from "./readPhotograph.ts";

type Tags = Readonly<Record<string, string>>;

/** A JPEG with Exif as sharp (libvips, libexif) writes it. */
async function jpeg(exif: Tags, ifd0: Tags = { Model: "Plot phone" }): Promise<Uint8Array<ArrayBuffer>> {
  const picture = sharp({ create: { width: 16, height: 12, channels: 3, background: "#808080" } });
  const bytes = await picture.withExif({ IFD0: ifd0, IFD2: exif }).jpeg().toBuffer();
  return new Uint8Array(bytes);
}

const TAKEN = { FNumber: "18/10", ExposureTime: "1/120", ISOSpeedRatings: "50" };

describe("Exif as phones write it, by sharp; read as exifr 7.1.3 reads it", () => {
  test.each<readonly [string, Tags, Tags]>([
    ["round rationals", TAKEN, { Model: "Plot phone 3" }],
    [
      "odd rationals",
      { FNumber: "244739/100000", ExposureTime: "8333/1000000", ISOSpeedRatings: "32" },
      { Model: "A" },
    ],
    [
      "a whole second, a whole f-number",
      { FNumber: "2/1", ExposureTime: "1/1", ISOSpeedRatings: "800" },
      { Model: "Shed cam" },
    ],
    ["bias below nothing", { ...TAKEN, ExposureBiasValue: "-2/3" }, { Model: "Bean phone", Orientation: "6" }],
    ["lying on its side", TAKEN, { Model: "Drum phone", Orientation: "8", XResolution: "72/1" }],
    ["no model", { ...TAKEN, ExposureBiasValue: "0/1" }, { Orientation: "1" }],
  ])("%s", async (_name, exif, ifd0) => {
    const bytes = await jpeg(exif, ifd0);
    const other = await exifr.parse(Buffer.from(bytes), [
      "FNumber",
      "ExposureTime",
      "ISO",
      "Model",
      "ExposureCompensation",
    ]);
    const read = readPhotograph(bytes);
    if (!read.ok) throw new Error(read.error);
    expect(read.value.fNumber).toBeCloseTo(other.FNumber, 9);
    expect(read.value.seconds).toBeCloseTo(other.ExposureTime, 9);
    expect(read.value.iso).toBe(other.ISO);
    expect(read.value.model).toBe(other.Model ?? "");
    expect(read.value.bias).toBeCloseTo(other.ExposureCompensation ?? 0, 9);
  });
});

test("a time and an f-number told as APEX alone, a sensitivity beyond 16 bits, the flash, the day", async () => {
  const { FNumber: _f, ExposureTime: _t, ...rest } = TAKEN;
  // t = 2^−Tv, N = 2^(Av/2): Exif 2.32, annex C.
  const apex = readPhotograph(await jpeg({ ...rest, ShutterSpeedValue: "7/1", ApertureValue: "2/1" }));
  if (!apex.ok) throw new Error(apex.error);
  expect([apex.value.seconds, apex.value.fNumber]).toEqual([1 / 128, 2]);
  const high = { ...TAKEN, ISOSpeedRatings: "65535", SensitivityType: "2", RecommendedExposureIndex: "102400" };
  expect(readPhotograph(await jpeg(high))).toMatchObject({ ok: true, value: { iso: 102_400 } });
  const { ISOSpeedRatings: _i, ...without } = high;
  expect(readPhotograph(await jpeg(without))).toMatchObject({ ok: true, value: { iso: 102_400 } });
  const lit = { ...TAKEN, Flash: "9", DateTimeOriginal: "2026:06:01 10:30:00", OffsetTimeOriginal: "+01:00" };
  expect(readPhotograph(await jpeg(lit))).toMatchObject({
    ok: true,
    value: { flash: true, at: "2026-06-01T10:30:00+01:00" },
  });
  expect(readPhotograph(await jpeg({ ...TAKEN, Flash: "16" }))).toMatchObject({
    ok: true,
    value: { flash: false, at: null },
  });
});

test("XMP alone is said to be that", async () => {
  const xmp =
    '<x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#"/></x:xmpmeta>';
  const bytes = await sharp({ create: { width: 16, height: 12, channels: 3, background: "#808080" } })
    .withXmp(xmp)
    .jpeg()
    .toBuffer();
  expect(readPhotograph(new Uint8Array(bytes))).toEqual({ ok: false, error: expect.stringContaining("XMP, no Exif") });
});

test("what is not told is named; what says nothing of its taking is refused with words", async () => {
  const { FNumber: _, ...without } = TAKEN;
  expect(readPhotograph(await jpeg(without))).toEqual({ ok: false, error: expect.stringContaining("its f-number") });
  expect(readPhotograph(await jpeg({ ...TAKEN, ExposureTime: "0/1" }))).toEqual({
    ok: false,
    error: expect.stringContaining("its time"),
  });
  const plain = await sharp({ create: { width: 8, height: 8, channels: 3, background: "#888" } })
    .jpeg()
    .toBuffer();
  expect(readPhotograph(new Uint8Array(plain))).toEqual({ ok: false, error: expect.stringContaining("no Exif") });
  const png = await sharp({ create: { width: 8, height: 8, channels: 3, background: "#888" } })
    .png()
    .toBuffer();
  expect(readPhotograph(new Uint8Array(png))).toEqual({ ok: false, error: expect.stringContaining("Only a JPEG") });
  expect(readPhotograph(new Uint8Array())).toMatchObject({ ok: false });
});

test("a damaged one is read or refused, and never thrown over", async () => {
  const whole = await jpeg({ ...TAKEN, ExposureBiasValue: "-1/3" });
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(399), fc.nat(255)), { minLength: 1, maxLength: 6 }),
      fc.nat(whole.length),
      (hits, cut) => {
        const bytes = whole.slice(0, Math.max(4, cut));
        for (const [at, value] of hits) if (at < bytes.length) bytes[at] = value;
        const read = readPhotograph(bytes);
        if (!read.ok) expect(read.error.length).toBeGreaterThan(10);
        else
          for (const value of [read.value.fNumber, read.value.seconds, read.value.iso])
            expect(value).toBeGreaterThan(0);
      },
    ),
    { numRuns: 400, seed: 3 },
  );
});
