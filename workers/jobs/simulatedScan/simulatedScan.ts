import { MM_PER_INCH } from "../../../core/basis/units/index.ts";
import { type PlateSample, scanPlate } from "../../../core/simulate/flatbed/index.ts";
import { seededNumbers } from "../../codecs/seededNumbers.ts";
import { scanToPng, scanToTiff } from "../../codecs/write/writeScan.ts";
import type { Job } from "../../transport/protocol.ts";

/** What the simulated flatbed is asked for. */
export interface ScanOrder {
  readonly sample: PlateSample;
  readonly dpi: number;
  readonly bits: 8 | 16;
  readonly file: "tiff" | "png";
  /** The same seed gives the same scan. */
  readonly seed: number;
}

/** Side of what is scanned, mm. */
const SIDE = 4;
/** Blur of the simulated optics, standard deviation in mm, and part of a pixel that comes on top. */
const OPTICS = { mm: 0.006, pixel: 0.35 } as const;

/**
 * A flatbed with a lamp in its lid, made up: it gives a file as a scanner does. Its blur is that of middling optics, its
 * noise that of one pass; numbers of 8 bits are sRGB, those of 16 bits proportional to light.
 */
export const simulatedScan: Job<ScanOrder, Uint8Array<ArrayBuffer>> = async (order) => {
  const { dpi, bits } = order;
  const random = seededNumbers(order.seed);
  const side = Math.round((SIDE * dpi) / MM_PER_INCH);
  const encoding = bits === 8 ? "srgb" : "linear";
  const picture = scanPlate(
    order.sample,
    {
      dpi,
      bits,
      encoding,
      width: side,
      height: side,
      at: { x: side * (0.42 + 0.16 * random()), y: side * (0.42 + 0.16 * random()) },
      blur: Math.hypot((OPTICS.mm * dpi) / MM_PER_INCH, OPTICS.pixel),
      noise: 0.015,
      uneven: 0.12,
      light: "behind",
      exposure: 0.88,
      open: Math.round(side * 0.06),
    },
    random,
  );
  const said = { ...picture, encoding } as const;
  const output = order.file === "tiff" ? scanToTiff(said, dpi) : scanToPng(said, dpi);
  return { output, transfer: [output.buffer] };
};
