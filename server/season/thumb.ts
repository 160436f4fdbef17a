import { encode as encodeJpeg } from "jpeg-js";
import { MISSING, toneTable } from "../../core/negative/index.ts";
import type { DrawReport } from "../../workers/jobs/proof/proofJob.ts";

/** A small positive as a data URL, as the lists of Proof show it. */
export function thumbUrl({ width, height, planes, tones }: DrawReport, mirrored: boolean): string {
  const data = new Uint8Array(4 * width * height).fill(255);
  for (let channel = 0; channel < 3; channel++) {
    const plane = planes[Math.min(channel, planes.length - 1)] as Float32Array;
    const number = toneTable((tones[channel] ?? tones[0]) as NonNullable<(typeof tones)[0]>, 255);
    for (const [i, log] of plane.entries()) {
      const across = i % width;
      const to = mirrored ? i - across + (width - 1 - across) : i;
      if (log !== MISSING) data[4 * to + channel] = number(log);
    }
  }
  return `data:image/jpeg;base64,${Buffer.from(encodeJpeg({ width, height, data }, 80).data).toString("base64")}`;
}
