import type { Fault } from "../core/solve/index.ts";

/** How much of a body that is too large is still read and thrown away, so that the sender gets its answer: 64 MiB. */
const MOST_DRAINED = 64 * 1024 * 1024;

/** The largest body the headless routes take: 1 MiB. */
const LARGEST_BODY = 1024 * 1024;

/** An answer with faults in the shape of FORMAT. */
export function refused(status: number, errors: readonly Fault[]): Response {
  return Response.json({ errors }, { status });
}

/**
 * Reads a request's JSON body, keeping no more of it than is allowed.
 *
 * @returns the data, or the answer to give instead (400 not JSON, 413 too large)
 */
export async function readJson(request: Request): Promise<{ readonly data: unknown } | Response> {
  const text = await readText(request);
  if (text === null) return refused(413, [{ path: "", message: "is larger than 1 MiB" }]);
  try {
    return { data: JSON.parse(text) };
  } catch {
    return refused(400, [{ path: "", message: "is not valid JSON" }]);
  }
}

async function readText(request: Request): Promise<string | null> {
  const reader = request.body?.getReader();
  if (reader === undefined) return "";
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size <= LARGEST_BODY) chunks.push(value);
    else chunks.length = 0;
    if (size > MOST_DRAINED) {
      await reader.cancel();
      break;
    }
  }
  return size > LARGEST_BODY ? null : Buffer.concat(chunks).toString("utf8");
}
