import type { Quad } from "../../../core/basis/plane/index.ts";
import type { Result } from "../../../core/basis/units/index.ts";
import { askScan } from "../../../ui/files/askScan.ts";
import { trailClient } from "../../../workers/jobs/trailReading/trailReading.client.ts";
import type { TrailReport, TrailScanOrder } from "../../../workers/jobs/trailReading/trailReading.ts";
import type { RunOptions } from "../../../workers/transport/jobClient.ts";

type Without<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;
type TrailQuestion = Without<TrailScanOrder, "key" | "bytes">;

/** Asks the worker about a finished sheet's scan; a failure is said, `null` where it was given up. */
export async function askTrail<K extends TrailQuestion["kind"]>(
  picture: string,
  question: Extract<TrailQuestion, { readonly kind: K }>,
  options?: RunOptions,
): Promise<Result<Extract<TrailReport, { readonly kind: K }>, string | null>> {
  const done = await askScan<TrailScanOrder, TrailReport, string>(
    trailClient,
    picture,
    question,
    (fault) => `This scan ${fault}.`,
    options,
  );
  return done as Result<Extract<TrailReport, { readonly kind: K }>, string | null>;
}

/** Corners as the worker takes them. */
export function placesOf(corners: Quad): readonly (readonly [x: number, y: number])[] {
  return corners.map(({ x, y }) => [x, y] as const);
}
