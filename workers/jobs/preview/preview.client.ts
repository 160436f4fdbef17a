import { type Result, success } from "../../../core/basis/units/index.ts";
import { type DevelopedPreview, type PreviewRequest, pixelsOf } from "../../../core/bench/preview/index.ts";
import { isTrail } from "../../../core/camera/container/index.ts";
import { type SunStay, USUAL_STAY } from "../../../core/sun/index.ts";
import { type JobClient, type JobFailure, jobClient, type RunOptions } from "../../transport/jobClient.ts";
import type { PreviewPart } from "./preview.ts";

const open = () => new Worker(new URL("./preview.worker.ts", import.meta.url), { type: "module", name: "preview" });

/** One worker for the upper half of the picture and one for the lower. */
const halves: readonly JobClient<PreviewPart, DevelopedPreview>[] = [jobClient(open), jobClient(open)];

/** What may be said about a run. */
export interface PreviewOptions extends RunOptions {
  /** How a camera hangs that is for the sun's trails; left out: for half a year, somewhere. */
  readonly stay?: SunStay;
}

/**
 * Draws a preview in two workers at once and joins what they hand back; that of a sheet that the sun draws on in one, as
 * its tones hang on all of it.
 */
export async function runPreview(
  request: PreviewRequest,
  { signal, onProgress, stay = USUAL_STAY }: PreviewOptions = {},
): Promise<Result<DevelopedPreview, JobFailure>> {
  const size = pixelsOf(request);
  if (isTrail(request.camera)) {
    const options = { ...(signal && { signal }), ...(onProgress && { onProgress }) };
    return (halves[0] as (typeof halves)[number]).run(
      { request, ...size, rows: { from: 0, to: size.height }, stay },
      options,
    );
  }
  const middle = Math.round(size.height / 2);
  const rows = [
    { from: 0, to: middle },
    { from: middle, to: size.height },
  ];
  const shares = [0, 0];
  const parts = await Promise.all(
    halves.map((client, part) =>
      client.run(
        { request, ...size, rows: rows[part] as { from: number; to: number }, stay: null },
        {
          ...(signal && { signal }),
          onProgress: (share) => {
            shares[part] = share;
            onProgress?.(((shares[0] ?? 0) + (shares[1] ?? 0)) / 2);
          },
        },
      ),
    ),
  );
  const [upper, lower] = parts as [Result<DevelopedPreview, JobFailure>, Result<DevelopedPreview, JobFailure>];
  if (!upper.ok) return upper;
  if (!lower.ok) return lower;
  return success(joined(upper.value, lower.value, size.height));
}

/** The positive is upright where the negative is upside down: its halves change places. */
function joined(upper: DevelopedPreview, lower: DevelopedPreview, height: number): DevelopedPreview {
  const both = (first: Uint8ClampedArray, second: Uint8ClampedArray): Uint8ClampedArray<ArrayBuffer> => {
    const whole = new Uint8ClampedArray(first.length + second.length);
    whole.set(first);
    whole.set(second, first.length);
    return whole;
  };
  const share = upper.negative.length / (upper.negative.length + lower.negative.length);
  const mean = (a: number, b: number): number => a * share + b * (1 - share);
  return {
    tone: upper.tone,
    width: upper.width,
    rows: { from: 0, to: height },
    negative: both(upper.negative, lower.negative),
    positive: both(lower.positive, upper.positive),
    burnt: mean(upper.burnt, lower.burnt),
    blank: mean(upper.blank, lower.blank),
    tracked: mean(upper.tracked, lower.tracked),
  };
}
