import { failure, MM_PER_INCH, type Result, success } from "../../../core/basis/units/index.ts";
import {
  type HoleAnswer,
  type HoleOutline,
  type HoleRefusal,
  holeAnswer,
  measureHole,
  type PictureView,
  type PixelPoint,
  pictureView,
} from "../../../core/make/holeScan/index.ts";
import { tooSmall } from "../../codecs/read/limits.ts";
import { type Decoders, readScan } from "../../codecs/read/readScan.ts";
import type { Job, JobOutput } from "../../transport/protocol.ts";

/** A picture file with a hole in it. */
export interface HoleOrder {
  readonly bytes: Uint8Array<ArrayBuffer>;
  /** Pixels per inch; `null`: as the file says. */
  readonly dpi: number | null;
  /** A place in the hole that is meant, px. */
  readonly at: PixelPoint | null;
  /** What the numbers stand for, where the maker knows better than the file. */
  readonly encoding?: "linear" | "srgb" | null;
  /** Whether the report is to be shown: pictures of it are then added. */
  readonly views?: boolean;
}

/** What became of it. */
export interface HoleReport {
  /** Pixels per inch that were used, or `null`: the outline is known in pixels only. */
  readonly dpi: number | null;
  readonly width: number;
  readonly height: number;
  readonly outline: HoleOutline;
  readonly answer: HoleAnswer | null;
  /** The whole picture, and the hole with what is round it; `null` where nobody asked. */
  readonly whole: PictureView | null;
  readonly near: PictureView | null;
}

export type HoleTrouble =
  | { readonly kind: "file"; readonly message: string }
  | {
      readonly kind: "hole";
      readonly refusal: HoleRefusal;
      readonly dpi: number | null;
      readonly whole: PictureView | null;
    };

/** Reads a picture and measures its hole: what the worker and `POST /api/hole` both do. */
export async function holeInFile(
  { bytes, dpi, at, encoding = null, views = false }: HoleOrder,
  decoders?: Decoders,
): Promise<Result<HoleReport, HoleTrouble>> {
  const read = await readScan(bytes, decoders);
  if (!read.ok) return failure({ kind: "file", message: read.error });
  const small = tooSmall(read.value.picture);
  if (small !== null) return failure({ kind: "file", message: small });
  const picture = encoding === null ? read.value.picture : { ...read.value.picture, encoding };
  const used = dpi ?? read.value.dpi;
  const pixel = used === null ? null : MM_PER_INCH / used;
  const measured = measureHole({ picture, pixel, at });
  const { width, height } = picture;
  const whole = views ? pictureView(picture, { left: 0, top: 0, width, height }, VIEW) : null;
  if (!measured.ok) return failure({ kind: "hole", refusal: measured.error, dpi: used, whole });
  const { centre, feretGreatest } = measured.value;
  const side = Math.max(24, 2 * feretGreatest);
  const round = { left: centre.x - side / 2, top: centre.y - side / 2, width: side, height: side };
  return success({
    dpi: used,
    width,
    height,
    outline: measured.value,
    answer: pixel === null ? null : holeAnswer(measured.value, pixel),
    whole,
    near: views ? pictureView(picture, round, VIEW) : null,
  });
}

/** Longer side of a picture to be shown, px. */
const VIEW = 480;

/** Measures a hole, off the main thread. */
export function holeJob(decoders?: Decoders): Job<HoleOrder, Result<HoleReport, HoleTrouble>> {
  return async (order): Promise<JobOutput<Result<HoleReport, HoleTrouble>>> => ({
    output: await holeInFile(order, decoders),
    transfer: [],
  });
}
