import { deflateSync } from "node:zlib";
import { degrees, type PDFDict, PDFDocument, PDFName, PDFRawStream } from "@cantoo/pdf-lib";
import { jsPDF } from "jspdf";
import sharp from "sharp";
import type { RawScan } from "../grey.ts";
import { readRaw } from "../readScan.ts";
import { sheetsInFile } from "../sheetsInFile.ts";
import { after, drawingsOf, orientationOf, turned, UNMOVED } from "./drawings.ts";
import { pdfFiles } from "./readPdf.ts";

const [WIDTH, HEIGHT] = [120, 90];
/** Grey rising to the right, each corner told apart by the rows. */
const GREY = Uint8Array.from(
  { length: WIDTH * HEIGHT },
  (_, i) => (i % WIDTH) * 2 + (i >= (WIDTH * HEIGHT) / 2 ? 10 : 0),
);
/** On the page 300 pixels to the inch. */
const [ACROSS, UP] = [(WIDTH / 300) * 72, (HEIGHT / 300) * 72];

const read = (bytes: Uint8Array, page?: number) =>
  readRaw(Uint8Array.from(bytes), { pdf: async () => pdfFiles.read }, page);

async function readWell(bytes: Uint8Array, page?: number): Promise<RawScan> {
  const scan = await read(bytes, page);
  if (!scan.ok) throw new Error(scan.error);
  return scan.value;
}

const words = async (bytes: Uint8Array, page?: number) => {
  const scan = await read(bytes, page);
  return scan.ok ? "read" : scan.error;
};

/** Where two rows of numbers part, or -1. */
function differs(some: ArrayLike<number>, others: ArrayLike<number>): number {
  if (some.length !== others.length) return Math.min(some.length, others.length);
  return Array.from(some).findIndex((value, i) => value !== others[i]);
}

interface Said {
  readonly dict?: Record<string, unknown>;
  readonly data?: Uint8Array;
  readonly program?: string;
  readonly quarters?: number;
}

/** A scanner's PDF: a page as large as its picture, written by a library of others. */
async function scannersPdf(...pages: readonly Said[]): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  for (const { dict = {}, data = deflateSync(GREY), program, quarters = 0 } of pages) {
    const page = document.addPage([ACROSS, UP]);
    page.setRotation(degrees(90 * quarters));
    const said = {
      Type: "XObject",
      Subtype: "Image",
      Width: WIDTH,
      Height: HEIGHT,
      BitsPerComponent: 8,
      ColorSpace: "DeviceGray",
      Filter: "FlateDecode",
      ...dict,
    };
    const known = Object.fromEntries(Object.entries(said).filter(([, value]) => value !== undefined));
    const image = PDFRawStream.of(document.context.obj(known as never) as never, Uint8Array.from(data));
    page.node.setXObject(PDFName.of("Scan"), document.context.register(image));
    const text = program ?? `q ${ACROSS} 0 0 ${UP} 0 0 cm /Scan Do Q`;
    page.node.set(PDFName.of("Contents"), document.context.register(document.context.flateStream(text)));
  }
  return document.save();
}

describe("a scanner's PDF", () => {
  test("of grey numbers in zlib comes out number for number, its resolution by its size on the page", async () => {
    const scan = await readWell(await scannersPdf({}));
    expect(scan).toMatchObject({ width: WIDTH, height: HEIGHT, channels: 1, most: 255, encoding: null });
    expect(scan.dpi).toBeCloseTo(300, 3);
    expect(differs(scan.samples, GREY)).toBe(-1);
  });

  test("of 16 bits, its higher bytes first", async () => {
    const numbers = Buffer.alloc(2 * GREY.length);
    for (const [i, value] of GREY.entries()) numbers.writeUInt16BE(value * 250, 2 * i);
    const scan = await readWell(await scannersPdf({ data: deflateSync(numbers), dict: { BitsPerComponent: 16 } }));
    expect(scan.most).toBe(65_535);
    expect(scan.samples[70]).toBe((GREY[70] as number) * 250);
  });

  test.each([1, 3])("of %i numbers a pixel, each told by its difference to the one before", async (channels) => {
    const numbers = Uint8Array.from({ length: channels * GREY.length }, (_, i) => (i * 37 + (i >> 5)) % 256);
    const row = channels * WIDTH;
    const told = numbers.map((value, i) => value - (i % row < channels ? 0 : (numbers[i - channels] as number)));
    const scan = await readWell(
      await scannersPdf({
        data: deflateSync(told),
        dict: { DecodeParms: { Predictor: 2 }, ColorSpace: channels === 1 ? "DeviceGray" : "DeviceRGB" },
      }),
    );
    expect(differs(scan.samples, numbers)).toBe(-1);
  });

  test("of numbers not packed, inverted where it says so", async () => {
    const scan = await readWell(await scannersPdf({ data: GREY, dict: { Filter: undefined, Decode: [1, 0] } }));
    expect(scan.samples[70]).toBe(255 - (GREY[70] as number));
  });

  test("of a JPEG, which says by its own profile what its numbers mean", async () => {
    const jpeg = await sharp(GREY, { raw: { width: WIDTH, height: HEIGHT, channels: 1 } })
      .toColourspace("srgb")
      .withIccProfile("srgb")
      .jpeg({ quality: 95 })
      .toBuffer();
    const own = await readWell(jpeg);
    const scan = await readWell(
      await scannersPdf({ data: jpeg, dict: { Filter: "DCTDecode", ColorSpace: "DeviceRGB" } }),
    );
    expect(scan.encoding).not.toBeNull();
    expect(scan.encoding).toEqual(own.encoding);
    expect(differs(scan.samples, own.samples)).toBe(-1);
  });

  test("of rows told by differences, as a drawing library writes a PNG in colour", async () => {
    const colours = Uint8Array.from({ length: 3 * GREY.length }, (_, i) => (i * 7) % 251);
    const png = await sharp(colours, { raw: { width: WIDTH, height: HEIGHT, channels: 3 } })
      .png()
      .toBuffer();
    const document = new jsPDF({ unit: "pt", format: [ACROSS, UP], orientation: "landscape" });
    document.addImage(Uint8Array.from(png), "PNG", 0, 0, ACROSS, UP, undefined, "FAST");
    const bytes = new Uint8Array(document.output("arraybuffer"));
    expect(Buffer.from(bytes).toString("latin1")).toMatch(/\/Predictor 1\d/);
    const scan = await readWell(bytes);
    expect(scan).toMatchObject({ width: WIDTH, channels: 3 });
    expect(differs(scan.samples, colours)).toBe(-1);
    expect(scan.dpi).toBeCloseTo(300, 0);
  });

  test("of several pages is as many sheets, each its own", async () => {
    const dark = deflateSync(GREY.map((value) => value >> 1));
    const bytes = await scannersPdf({}, { data: dark });
    expect(await sheetsInFile(bytes)).toBe(2);
    expect((await readWell(bytes, 0)).samples[70]).toBe(GREY[70]);
    expect((await readWell(bytes, 1)).samples[70]).toBe((GREY[70] as number) >> 1);
    expect(await words(bytes, 2)).toMatch(/holds 2 pages/);
  });

  test("that says which power its grey is of is read by it", async () => {
    const scan = await readWell(await scannersPdf({ dict: { ColorSpace: ["CalGray", { Gamma: 1.8 }] } }));
    expect(scan.encoding).not.toBeNull();
    expect(scan.encoding).not.toBe("srgb");
  });

  test.each([
    ["turned a quarter clockwise", { quarters: 1 }, 0, 0, WIDTH * (HEIGHT - 1)],
    ["stood on its head", { quarters: 2 }, 0, 0, WIDTH * HEIGHT - 1],
    ["drawn mirrored", { program: `-${ACROSS} 0 0 ${UP} ${ACROSS} 0 cm /Scan Do` }, 0, 0, WIDTH - 1],
  ] as const)("whose page is %s is set upright", async (_, how, x, y, from) => {
    const scan = await readWell(await scannersPdf(how));
    expect(scan.samples[y * scan.width + x]).toBe(GREY[from]);
  });

  test.each([
    ["line art", { dict: { BitsPerComponent: 1, Filter: "CCITTFaxDecode" } }, /black and white alone/],
    ["inks", { dict: { ColorSpace: "DeviceCMYK" } }, /CMYK/],
    ["waves", { dict: { Filter: "JPXDecode" } }, /packs its picture in a way \(JPXDecode\)/],
    ["four bits", { dict: { BitsPerComponent: 4 } }, /with 4 bits a number/],
    ["a palette", { dict: { ColorSpace: ["Indexed", "DeviceRGB", 255] } }, /colours \(Indexed\)/],
    ["numbers stretched", { dict: { Decode: [0.1, 1] } }, /stretches/],
    ["nothing on it", { program: "0 0 1 rg 0 0 5 5 re f" }, /holds no scanned picture/],
    [
      "strips",
      { program: `q ${ACROSS} 0 0 20 0 0 cm /Scan Do Q q ${ACROSS} 0 0 20 0 20 cm /Scan Do Q` },
      /several pictures/,
    ],
    ["pixels that are not square", { program: `${ACROSS} 0 0 ${2 * UP} 0 0 cm /Scan Do` }, /not square/],
    ["too little in it", { data: deflateSync(GREY.subarray(9)) }, /damaged/],
  ] as const)("of %s is refused in words", async (_, how, said) => {
    expect(await words(await scannersPdf(how))).toMatch(said);
  });

  test.each([
    [1, /^read$/],
    [3, /damaged/],
    [4, /CMYK/],
    [5, /colours \(ICCBased\)/],
  ] as const)("by a profile of %i inks or lights", async (N, said) => {
    const document = await PDFDocument.load(await scannersPdf({}));
    const profile = document.context.register(
      PDFRawStream.of(document.context.obj({ N }) as never, Uint8Array.from([1, 2, 3])),
    );
    const resources = document.getPage(0).node.Resources()?.lookup(PDFName.of("XObject")) as PDFDict;
    (resources.lookup(PDFName.of("Scan")) as PDFRawStream).dict.set(
      PDFName.of("ColorSpace"),
      document.context.obj(["ICCBased", profile] as never),
    );
    expect(await words(await document.save())).toMatch(said);
  });

  test("that is damaged, and one where no reader of PDFs is at hand", async () => {
    expect(await words(Buffer.from("%PDF-1.7\nnothing", "latin1"))).toMatch(/can’t be opened|without a page/);
    const refused = await readRaw(Uint8Array.from(await scannersPdf({})));
    expect(refused).toEqual({ ok: false, error: expect.stringMatching(/is a PDF: scan to PNG or TIFF/) });
  });
});

describe("what a page draws", () => {
  test("goes by the innermost state, which ends with it", () => {
    expect(drawingsOf("q 2 0 0 2 5 6 cm q 3 0 0 3 1 1 cm /A Do Q /B Do Q /C Do", UNMOVED)).toEqual([
      { name: "A", matrix: [6, 0, 0, 6, 7, 8] },
      { name: "B", matrix: [2, 0, 0, 2, 5, 6] },
      { name: "C", matrix: UNMOVED },
    ]);
  });

  test("is not told by words in brackets", () => {
    expect(drawingsOf("BT (q 9 0 0 9 0 0 cm /No Do \\) ) Tj <0051> Tj ET /A Do", UNMOVED)).toEqual([
      { name: "A", matrix: UNMOVED },
    ]);
  });

  test("keeps its place where a matrix is none", () => {
    expect(after([1, 2], [2, 0, 0, 2, 0, 0])).toEqual([2, 0, 0, 2, 0, 0]);
  });

  // TIFF 6.0, tag 274: 6 is to be turned clockwise, 8 the other way, 2 and 4 are mirrored.
  test("lies as Exif numbers it", () => {
    expect(orientationOf(turned(UNMOVED, 1))).toBe(6);
    expect(orientationOf(turned(UNMOVED, 2))).toBe(3);
    expect(orientationOf(turned(UNMOVED, -1))).toBe(8);
    expect([orientationOf([-1, 0, 0, 1, 0, 0]), orientationOf([1, 0, 0, -1, 0, 0])]).toEqual([2, 4]);
  });
});
