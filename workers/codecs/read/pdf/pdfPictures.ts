import {
  PDFArray,
  PDFDict,
  PDFDocument,
  PDFName,
  PDFNumber,
  type PDFObject,
  type PDFPage,
  PDFRawStream,
  PDFStream,
} from "@cantoo/pdf-lib";
import { failure, type Result, success } from "../../../../core/basis/units/index.ts";
import type { Inflate } from "../inflate.ts";
import { NO_GREYS } from "../limits.ts";
import { INKS } from "../readJpeg.ts";
import { after, drawingsOf, type Matrix, turned, UNMOVED } from "./drawings.ts";

/** The picture that fills a page, as it lies packed in its file. */
export interface PdfPicture {
  readonly width: number;
  readonly height: number;
  /** Of a number. */
  readonly bits: 8 | 16;
  /** Numbers a pixel: 1 is grey, 3 red green blue. */
  readonly channels: 1 | 3;
  readonly packing: "jpeg" | "zlib" | "lzw" | "none";
  /** What its rows are: the numbers, their differences to the pixel before, or lines as a PNG has them. */
  readonly rows: "numbers" | "differences" | "png";
  readonly bytes: Uint8Array<ArrayBuffer>;
  /** Its colour profile (ICC), or the power of its grey; `null`: the page says nothing of its numbers. */
  readonly profile: Uint8Array | number | null;
  /** Whether the lowest number is white. */
  readonly isInverted: boolean;
  /** How the square of the picture lies on the page as it is shown, points. */
  readonly matrix: Matrix;
}

const AS_SCAN = "scan to PNG or TIFF, or save it as one of them";
/** A page's program that is longer draws more than a scan, bytes unpacked. */
const LONGEST_PROGRAM = 2 ** 24;
/** A colour profile that unpacks further says nothing to us, bytes. */
const LARGEST_PROFILE = 2 ** 23;
/** A picture of less than this share of the page's largest is a mark beside it, not a part of it. */
const MARK = 0.05;
/** How deep a drawing may stand within drawings. */
const DEEPEST = 4;

/** Opens a PDF. @returns its pages; or why it can't be read, to go on after its name */
export async function pdfPages(bytes: Uint8Array): Promise<Result<readonly PDFPage[]>> {
  try {
    const document = await PDFDocument.load(bytes, { updateMetadata: false, ignoreEncryption: true });
    if (document.isEncrypted) return failure("is a PDF under lock; save it without a password");
    const pages = document.getPages();
    return pages.length > 0 ? success(pages) : failure("is a PDF without a page");
  } catch {
    return failure(`is a PDF that can’t be opened: it is damaged; ${AS_SCAN}`);
  }
}

/**
 * The one picture of a scanner's page.
 *
 * @returns or why there is none that could be read right: line art, inks, a page put together of layers or strips, a drawn page
 * @source ISO 32000-1:2008, 8.9.5 (image dictionaries), 8.6 (colour spaces), 7.4 (filters)
 */
export async function pictureOnPage(page: PDFPage, inflate: Inflate): Promise<Result<PdfPicture>> {
  const drawn = (await drawnBy(await programOf(page, inflate), page.node.Resources(), UNMOVED, inflate, 0)).map(
    ({ image, matrix }) => ({ image, matrix: turned(matrix, page.getRotation().angle / 90) }),
  );
  const areaOf = ({ matrix: [a, b, c, d] }: Placed): number => Math.abs(a * d - b * c);
  const [largest] = [...drawn].sort((one, other) => areaOf(other) - areaOf(one));
  if (largest === undefined) return failure(`is a PDF whose page holds no scanned picture; ${AS_SCAN}`);
  if (drawn.some((each) => each !== largest && areaOf(each) > MARK * areaOf(largest))) {
    return failure(`is a PDF whose page is put together of several pictures (layers or strips); ${AS_SCAN}`);
  }
  return unpackable(largest, inflate);
}

interface Placed {
  readonly image: PDFRawStream;
  readonly matrix: Matrix;
}

/** The pictures a program draws, those of programs that it draws as well. */
async function drawnBy(
  program: string,
  resources: PDFDict | undefined,
  start: Matrix,
  inflate: Inflate,
  depth: number,
): Promise<readonly Placed[]> {
  const named = resources?.lookupMaybe(PDFName.of("XObject"), PDFDict);
  const found: Placed[] = [];
  for (const { name, matrix } of drawingsOf(program, start)) {
    const drawn = named?.lookup(PDFName.of(name));
    if (!(drawn instanceof PDFRawStream)) continue;
    const kind = drawn.dict.lookup(PDFName.of("Subtype"));
    if (kind === PDFName.of("Image")) found.push({ image: drawn, matrix });
    else if (kind === PDFName.of("Form") && depth < DEEPEST) {
      const own = after(numbersOf(drawn.dict.lookup(PDFName.of("Matrix"))), matrix);
      const inside = drawn.dict.lookupMaybe(PDFName.of("Resources"), PDFDict) ?? resources;
      found.push(...(await drawnBy(await textOf(drawn, inflate), inside, own, inflate, depth + 1)));
    }
  }
  return found;
}

/** A page's program, of one part or several. */
async function programOf(page: PDFPage, inflate: Inflate): Promise<string> {
  const contents = page.node.Contents();
  const parts = contents instanceof PDFArray ? contents.asArray() : contents === undefined ? [] : [contents];
  const texts: string[] = [];
  for (const part of parts) {
    const stream = page.doc.context.lookup(part);
    if (stream instanceof PDFStream) texts.push(await textOf(stream, inflate));
  }
  return texts.join("\n");
}

async function textOf(stream: PDFStream, inflate: Inflate): Promise<string> {
  const plain = await plainBytes(stream, inflate, LONGEST_PROGRAM);
  return plain === null ? "" : new TextDecoder("latin1").decode(plain);
}

/** What a stream holds, unpacked; `null` where it is packed otherwise than in zlib, or to more than `most` bytes. */
async function plainBytes(stream: PDFStream, inflate: Inflate, most: number): Promise<Uint8Array | null> {
  const filters = filtersOf(stream.dict);
  const packed = Uint8Array.from(stream.getContents());
  if (filters.length === 0) return packed;
  return filters.join() === "FlateDecode" ? inflate(packed, most).catch(() => null) : null;
}

/** A picture's own words on itself, where they are such that its numbers come out right. */
async function unpackable({ image, matrix }: Placed, inflate: Inflate): Promise<Result<PdfPicture>> {
  const { dict } = image;
  const said = (name: string): number => numberOf(dict.lookup(PDFName.of(name)));
  const [filter, ...others] = filtersOf(dict);
  const bits = said("BitsPerComponent");
  if (dict.lookup(PDFName.of("ImageMask"))?.toString() === "true" || LINE_ART.includes(filter ?? "") || bits === 1)
    return failure(NO_GREYS);
  const packing = filter === undefined ? "none" : PACKINGS[filter];
  if (packing === undefined || others.length > 0) {
    return failure(
      `is a PDF that packs its picture in a way (${[filter, ...others].join(", ")}) that can’t be read here; ${AS_SCAN}`,
    );
  }
  if (packing !== "jpeg" && bits !== 8 && bits !== 16)
    return failure(`is a PDF with ${bits} bits a number; ${AS_SCAN}`);
  const colours = await coloursOf(dict.lookup(PDFName.of("ColorSpace")), inflate);
  if (!colours.ok) return colours;
  const { channels, profile } = colours.value;
  const how = parametersOf(dict);
  const predictor = how === null || packing === "jpeg" ? 1 : numberOf(how.lookup(PDFName.of("Predictor")), 1);
  const rows = predictor >= PNG_ROWS ? "png" : predictor === 2 ? "differences" : "numbers";
  const early = how === null ? 1 : numberOf(how.lookup(PDFName.of("EarlyChange")), 1);
  if (early !== 1 || (packing === "lzw" && rows === "png")) {
    return failure(`is a PDF that packs its picture in a rare way; ${AS_SCAN}`);
  }
  const limits = numbersOf(dict.lookup(PDFName.of("Decode")));
  const isInverted = limits.length > 0 && limits.every((value, i) => value === 1 - (i % 2));
  if (limits.length > 0 && !isInverted && limits.some((value, i) => value !== i % 2)) {
    return failure(`is a PDF that stretches its picture’s numbers; ${AS_SCAN}`);
  }
  return success({
    width: said("Width"),
    height: said("Height"),
    bits: bits === 16 ? 16 : 8,
    channels,
    packing,
    rows,
    bytes: Uint8Array.from(image.getContents()),
    profile,
    isInverted,
    matrix,
  });
}

/** From here on a row is filtered as in a PNG, each saying how; 2 are differences as in TIFF. @source ISO 32000-1:2008, table 10 */
const PNG_ROWS = 10;
const PACKINGS: Readonly<Record<string, PdfPicture["packing"]>> = {
  DCTDecode: "jpeg",
  FlateDecode: "zlib",
  LZWDecode: "lzw",
};
const LINE_ART: readonly string[] = ["CCITTFaxDecode", "JBIG2Decode"];

/** What a colour space says: how many numbers a pixel has and what they stand for. */
async function coloursOf(
  space: PDFObject | undefined,
  inflate: Inflate,
): Promise<Result<Pick<PdfPicture, "channels" | "profile">>> {
  const [name, how] =
    space instanceof PDFArray ? [space.lookup(0), space.size() > 1 ? space.lookup(1) : null] : [space, null];
  switch (name?.toString()) {
    case "/DeviceGray":
      return success({ channels: 1, profile: null });
    case "/DeviceRGB":
      return success({ channels: 3, profile: null });
    case "/CalGray":
      return success({
        channels: 1,
        profile: how instanceof PDFDict ? numberOf(how.lookup(PDFName.of("Gamma")), 1) : 1,
      });
    case "/CalRGB": {
      const powers = how instanceof PDFDict ? numbersOf(how.lookup(PDFName.of("Gamma"))) : [];
      return success({ channels: 3, profile: powers[1] ?? 1 });
    }
    case "/ICCBased": {
      const channels = how instanceof PDFRawStream ? numberOf(how.dict.lookup(PDFName.of("N"))) : 0;
      if (channels === 4) return failure(INKS);
      if (!(how instanceof PDFRawStream) || (channels !== 1 && channels !== 3)) break;
      return success({ channels, profile: await plainBytes(how, inflate, LARGEST_PROFILE) });
    }
    case "/DeviceCMYK":
      return failure(INKS);
  }
  return failure(`is a PDF whose colours (${name?.toString().slice(1) ?? "none"}) can’t be read here; ${AS_SCAN}`);
}

/** The filters of a stream, in the order in which they are undone. */
function filtersOf(dict: PDFDict): readonly string[] {
  const filter = dict.lookup(PDFName.of("Filter"));
  const all = filter instanceof PDFArray ? Array.from({ length: filter.size() }, (_, i) => filter.lookup(i)) : [filter];
  return all.filter((each) => each instanceof PDFName).map((each) => each.toString().slice(1));
}

/** What the first filter was told. */
function parametersOf(dict: PDFDict): PDFDict | null {
  const said = dict.lookup(PDFName.of("DecodeParms"));
  const first = said instanceof PDFArray && said.size() > 0 ? said.lookup(0) : said;
  return first instanceof PDFDict ? first : null;
}

function numberOf(object: PDFObject | undefined, otherwise = 0): number {
  return object instanceof PDFNumber ? object.asNumber() : otherwise;
}

function numbersOf(object: PDFObject | undefined): readonly number[] {
  return object instanceof PDFArray ? object.asArray().map((_, i) => numberOf(object.lookup(i))) : [];
}
