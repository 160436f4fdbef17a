import type { Fault } from "../core/light/solve/index.ts";

/** How much of a body that is too large is still read and thrown away, so that the sender gets its answer: 64 MiB. */
const MOST_DRAINED = 64 * 1024 * 1024;

/** The largest JSON and the largest picture the headless routes take. */
const LARGEST = { json: 1024 * 1024, picture: 256 * 1024 * 1024 } as const;

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
  const bytes = await readBody(request, LARGEST.json);
  if (bytes === null) return refused(413, [{ path: "", message: "is larger than 1 MiB" }]);
  try {
    return { data: JSON.parse(new TextDecoder().decode(bytes)) };
  } catch {
    return refused(400, [{ path: "", message: "is not valid JSON" }]);
  }
}

/** Reads a picture from a request's body, or gives the answer to send instead (413 too large). */
export async function readBytes(request: Request): Promise<Uint8Array<ArrayBuffer> | Response> {
  return (await readBody(request, LARGEST.picture)) ?? refused(413, [{ path: "", message: "is larger than 256 MiB" }]);
}

async function readBody(request: Request, largest: number): Promise<Uint8Array<ArrayBuffer> | null> {
  const reader = request.body?.getReader();
  if (reader === undefined) return new Uint8Array();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size <= largest) chunks.push(value);
    else chunks.length = 0;
    if (size > largest + MOST_DRAINED) {
      await reader.cancel();
      break;
    }
  }
  if (size > largest) return null;
  const whole = new Uint8Array(size);
  let at = 0;
  for (const chunk of chunks) {
    whole.set(chunk, at);
    at += chunk.byteLength;
  }
  return whole;
}
