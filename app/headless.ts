import type { Fault } from "../core/solve/index.ts";

/** The largest body the headless routes take: 1 MiB. */
const LARGEST_BODY = 1024 * 1024;

/** An answer with faults in the shape of FORMAT. */
export function refused(status: number, errors: readonly Fault[]): Response {
  return Response.json({ errors }, { status });
}

/**
 * Reads a request's JSON body, stopping as soon as it grows too large.
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
  if (Number(request.headers.get("content-length") ?? 0) > LARGEST_BODY) return null;
  const reader = request.body?.getReader();
  if (reader === undefined) return "";
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > LARGEST_BODY) {
      await reader.cancel();
      return null;
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks).toString("utf8");
}
