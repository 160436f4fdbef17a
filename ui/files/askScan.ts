import { failure, type Result, success } from "../../core/basis/units/index.ts";
import { readPicture } from "../../storage/index.ts";
import type { OfScan, SendScan } from "../../workers/codecs/read/scanKeeper.ts";
import type { JobClient, RunOptions } from "../../workers/transport/jobClient.ts";

type Without<T, K extends PropertyKey> = T extends unknown ? Omit<T, K> : never;

/**
 * Asks a worker about a stored scan, and sends it the file when it holds another.
 *
 * @param picture its SHA-256
 * @param words says a fault
 * @returns the answer, or why there is none; `null`: it was given up
 */
export async function askScan<Order extends OfScan, Report extends { readonly kind: string }, Fault>(
  client: JobClient<Order, Result<Report | SendScan, Fault>>,
  picture: string,
  order: Without<Order, keyof OfScan>,
  words: (fault: Fault) => string,
  options?: RunOptions,
): Promise<Result<Report, string | null>> {
  const sending = (bytes: OfScan["bytes"]) =>
    client.run({ ...order, key: picture, bytes } as unknown as Order, options);
  let done = await sending(null);
  if (done.ok && done.value.ok && done.value.value.kind === "send") {
    const kept = await readPicture(picture);
    if (kept === null) return failure("This scan is not in this browser.");
    done = await sending(kept);
  }
  if (!done.ok) return failure(done.error.reason === "cancelled" ? null : done.error.message);
  if (!done.value.ok) return failure(words(done.value.error));
  return success(done.value.value as Report);
}
