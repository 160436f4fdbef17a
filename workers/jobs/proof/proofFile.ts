import { encode as encodePng } from "fast-png";
import { withSrgb } from "../../../core/basis/pngChunks/index.ts";
import { failure, type Result, success } from "../../../core/basis/units/index.ts";
import type { Fault } from "../../../core/light/solve/index.ts";
import {
  type JudgeAnswer,
  judgeScan,
  type ProofPicture,
  type ProofSettings,
  placeSheet,
  pointwise,
  proofExposure,
  proofPicture,
  troubleFault,
} from "../../../core/negative/index.ts";
import { transformOf } from "../../codecs/fourier.ts";
import { negativeOf } from "../../codecs/read/grey.ts";
import { tooSmall } from "../../codecs/read/limits.ts";
import { type Decoders, readRaw } from "../../codecs/read/readScan.ts";

/** What `POST /api/proof` answers: a picture's file, or exposures. */
export type ProofAnswer =
  | { readonly kind: "picture"; readonly png: Uint8Array<ArrayBuffer> }
  | {
      readonly kind: "exposure";
      readonly width: number;
      readonly height: number;
      readonly scale: number;
      readonly log10H: Float32Array<ArrayBuffer>;
    };

/** A positive from a negative's file (FORMAT, `POST /api/proof`). */
export async function proofInFile(
  bytes: Uint8Array<ArrayBuffer>,
  settings: ProofSettings,
  decoders?: Decoders,
): Promise<Result<ProofAnswer, Fault>> {
  const read = await readRaw(bytes, decoders, settings.page);
  if (!read.ok) return failure({ path: "/scan", message: read.error });
  const small = tooSmall(read.value);
  if (small !== null) return failure({ path: "/scan", message: small });
  const scan = negativeOf(read.value);
  const placed = placeSheet(scan, settings);
  const quick = pointwise(scan, settings, placed);
  if (quick !== null) return success({ kind: "picture", png: pictureToPng(quick) });
  const steps = proofExposure(scan, settings, { transformOf, placed });
  let step = steps.next();
  while (!step.done) step = steps.next();
  if (!step.value.ok) return failure(troubleFault(step.value.error));
  const exposure = step.value.value;
  if (settings.output?.kind !== "exposure") {
    return success({ kind: "picture", png: pictureToPng(proofPicture(exposure, settings)) });
  }
  const { width, height, scale } = exposure.frame;
  const [{ log: log10H }] = exposure.planes as readonly [(typeof exposure.planes)[number]];
  return success({ kind: "exposure", width, height, scale, log10H });
}

/** What a negative's file says of its exposure (FORMAT, `POST /api/judge`). */
export async function judgeInFile(
  bytes: Uint8Array<ArrayBuffer>,
  settings: ProofSettings,
  decoders?: Decoders,
): Promise<Result<JudgeAnswer, Fault>> {
  const read = await readRaw(bytes, decoders, settings.page);
  if (!read.ok) return failure({ path: "/scan", message: read.error });
  const small = tooSmall(read.value);
  if (small !== null) return failure({ path: "/scan", message: small });
  const judged = judgeScan(negativeOf(read.value), settings);
  return judged.ok ? judged : failure(troubleFault(judged.error));
}

/** An upright picture as a PNG that says it is sRGB. */
function pictureToPng({ width, height, channels, bits, data }: ProofPicture): Uint8Array<ArrayBuffer> {
  return withSrgb(encodePng({ width, height, channels, depth: bits, data }));
}
