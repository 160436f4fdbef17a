import type { MessagePort } from "node:worker_threads";
import { inflateSync } from "node:zlib";
import type { MeasurePicture } from "../app/serverContext.ts";
import { failure, success } from "../core/basis/units/index.ts";
import { type HoleOrder, holeInFile } from "../workers/hole.ts";

export interface PictureTask {
  readonly order: HoleOrder;
  /** Told when the work begins: waiting in the queue does not count. */
  readonly begun: MessagePort;
}

/** One picture, in a thread of its own that can be ended from outside. */
export default async function measure({ order, begun }: PictureTask): ReturnType<MeasurePicture> {
  begun.postMessage(null);
  begun.close();
  const measured = await holeInFile(order, {
    inflate: async (zlib, most) => inflateSync(zlib, { maxOutputLength: most }),
  });
  if (measured.ok) return success(measured.value.answer);
  const { error } = measured;
  return failure(error.kind === "file" ? error : { kind: "hole", refusal: error.refusal });
}
