import { encode as encodePng } from "fast-png";
import { withExif, withPhysicalSize, withSrgb, withXmp } from "../../../core/basis/pngChunks/index.ts";
import {
  type Finish,
  type FinishedPicture,
  finishPicture,
  type ProofExposure,
  type ProofSettings,
  proofPicture,
} from "../../../core/negative/index.ts";
import { iccSrgb } from "./iccSrgb.ts";
import { exifFields, exifOf, type PictureFacts, plain, withJpegFacts, xmpOf } from "./pictureFacts.ts";
import { plainTiff } from "./writeScan.ts";

/** Kinds of file a positive is saved as. */
export type PictureFormat = "png8" | "png16" | "tiff16" | "jpeg";

/** How a positive is saved. */
export interface FileOrder {
  readonly format: PictureFormat;
  readonly finish: Finish;
  readonly facts: PictureFacts;
  /** Pixels an inch that it states. */
  readonly dpi: number;
}

/** How good a JPEG is. */
const QUALITY = 0.93;
/** Border round a picture, and the height of its letters, as shares of the picture's shorter side. */
const BORDER = { wide: 0.06, letters: 0.022 } as const;

/** A positive, finished, as a file with its facts; all say that they are sRGB. */
export async function finishedFile(
  exposure: ProofExposure,
  settings: ProofSettings,
  { format, finish, facts, dpi }: FileOrder,
): Promise<Uint8Array<ArrayBuffer>> {
  const bits = format === "png16" || format === "tiff16" ? 16 : 8;
  const picture = proofPicture(exposure, { ...settings, output: { ...settings.output, bits } }, finish.balance);
  const bare = finishPicture(picture, finish);
  const whole = finish.border ? withBorder(bare, facts.camera) : bare;
  switch (format) {
    case "jpeg":
      return withJpegFacts(await jpegOf(whole), facts, iccSrgb("colour"), dpi);
    case "tiff16":
      return plainTiff(
        { ...whole, samples: whole.data, most: 65535 },
        dpi,
        [
          [270, "ascii", plain(facts.subject)],
          [272, "ascii", plain(facts.camera)],
          [305, "ascii", "Still Box"],
          [700, "byte", [...new TextEncoder().encode(xmpOf(facts))]],
          [34675, "undefined", iccSrgb(whole.channels === 4 ? "colour" : "grey")],
        ],
        exifFields(facts),
      );
    case "png8":
    case "png16": {
      const { width, height, channels, data } = whole;
      const png = encodePng({ width, height, channels, depth: bits, data });
      const said = withXmp(withExif(withSrgb(png), exifOf(facts, dpi)), new TextEncoder().encode(xmpOf(facts)));
      return withPhysicalSize(said, 25.4 / dpi);
    }
    default:
      return format satisfies never;
  }
}

/** On white, as JPEGs have no opacity; the browser packs it. */
async function jpegOf({ width, height, channels, data }: FinishedPicture): Promise<Uint8Array<ArrayBuffer>> {
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d");
  if (context === null) throw new Error("no room to draw the picture");
  const image = new ImageData(width, height);
  const colours = channels === 4 ? 3 : 1;
  for (let i = 0; i < width * height; i++) {
    const opacity = (data[channels * (i + 1) - 1] as number) / 255;
    for (let k = 0; k < 3; k++) {
      const value = data[channels * i + Math.min(k, colours - 1)] as number;
      image.data[4 * i + k] = 255 + (value - 255) * opacity;
    }
    image.data[4 * i + 3] = 255;
  }
  context.putImageData(image, 0, 0);
  const blob = await canvas.convertToBlob({ type: "image/jpeg", quality: QUALITY });
  return new Uint8Array(await blob.arrayBuffer());
}

/** A white border with a name at its lower edge; letters are drawn by the browser. */
function withBorder(picture: FinishedPicture, name: string): FinishedPicture {
  const { width: w, height: h, channels, bits, data } = picture;
  const most = bits === 8 ? 255 : 65535;
  const wide = Math.round(BORDER.wide * Math.min(w, h));
  const [width, height] = [w + 2 * wide, h + 2 * wide];
  const out = bits === 8 ? new Uint8Array(width * height * channels) : new Uint16Array(width * height * channels);
  out.fill(most);
  for (let y = 0; y < h; y++) {
    for (let x = 0; x < w; x++) {
      const [from, to] = [channels * (y * w + x), channels * ((y + wide) * width + x + wide)];
      const opacity = (data[from + channels - 1] as number) / most;
      for (let k = 0; k + 1 < channels; k++)
        out[to + k] = Math.round(most + ((data[from + k] as number) - most) * opacity);
    }
  }
  const size = Math.max(8, Math.round(BORDER.letters * Math.min(w, h)));
  const strip = new OffscreenCanvas(width, wide);
  const context = strip.getContext("2d");
  if (context === null) return { ...picture, width, height, data: out };
  context.fillStyle = "#fff";
  context.fillRect(0, 0, width, wide);
  context.fillStyle = "#222";
  context.font = `${size}px "Barlow Condensed", sans-serif`;
  context.textBaseline = "middle";
  context.fillText(name, wide, wide / 2, w);
  const letters = context.getImageData(0, 0, width, wide).data;
  for (let i = 0; i < width * wide; i++) {
    const to = channels * ((h + wide) * width + i);
    for (let k = 0; k + 1 < channels; k++) out[to + k] = Math.round((most * (letters[4 * i] as number)) / 255);
  }
  return { ...picture, width, height, data: out };
}
