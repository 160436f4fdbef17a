import { joined } from "../core/basis/numeric/index.ts";
import type { Result } from "../core/basis/units/index.ts";
import type { Fault } from "../core/light/solve/index.ts";

const MIB = 2 ** 20;
/** How much of a body that is too large is still read and thrown away, so that the sender gets its answer. */
const MOST_DRAINED = 64 * MIB;
/** The largest JSON and the largest picture the headless routes take. */
const LARGEST = { json: MIB, picture: 64 * MIB } as const;
/** Bodies that are still coming in may hold so much together. */
const MOST_HELD = 256 * MIB;

/** Bytes of all bodies that are not yet whole: one figure for the process, since its memory is one. */
const held = { bytes: 0 };

/** An answer with faults in the shape of FORMAT. */
export function refused(status: number, errors: readonly Fault[]): Response {
  return Response.json({ errors }, { status });
}

/** Said under `npm run dev`, which has no pool of threads. */
export const NO_POOL = "this is done by the built server: npm run build, npm start";
/** Said where the pool's queue is full. */
export const OTHERS_WAIT = "others are waiting; try again in a while";

/** An answer for when there is too much to do at once: 503, and when to come again. */
export function busy(message: string): Response {
  const answer = refused(503, [{ path: "", message }]);
  answer.headers.set("Retry-After", "10");
  return answer;
}

/**
 * Reads a request's JSON body, keeping no more of it than is allowed.
 *
 * @returns the data, or the answer to give instead (400 not JSON, 413 too large, 503 too many at once)
 */
async function readJson(request: Request): Promise<{ readonly data: unknown } | Response> {
  const bytes = await readBody(request, LARGEST.json);
  if (bytes instanceof Response) return bytes;
  try {
    return { data: JSON.parse(new TextDecoder().decode(bytes)) };
  } catch {
    return refused(400, [{ path: "", message: "is not valid JSON" }]);
  }
}

/**
 * A route that takes a JSON body: what it answers to a request of any method.
 *
 * @param schema of the body, by name
 * @param answer to the body, or its faults (422), or a whole answer of its own
 */
export async function answerJson<T>(
  request: Request,
  schema: string,
  answer: (body: unknown) => Result<T, readonly Fault[]> | Promise<Response>,
): Promise<Response> {
  if (request.method !== "POST") {
    const refusal = refused(405, [
      { path: "", message: `use POST with a JSON body; see /schema/${schema}.schema.json` },
    ]);
    refusal.headers.set("Allow", "POST");
    return refusal;
  }
  const body = await readJson(request);
  if (body instanceof Response) return body;
  const answered = answer(body.data);
  if (answered instanceof Promise) return answered;
  return answered.ok ? Response.json(answered.value) : refused(422, answered.error);
}

/** Reads a picture from a request's body, or gives the answer to send instead (413 too large, 503 too many at once). */
export function readBytes(request: Request): Promise<Uint8Array<ArrayBuffer> | Response> {
  return readBody(request, LARGEST.picture);
}

async function readBody(request: Request, largest: number): Promise<Uint8Array<ArrayBuffer> | Response> {
  const tooLarge = (): Response => refused(413, [{ path: "", message: `is larger than ${largest / MIB} MiB` }]);
  // What says itself that it is far too large is not read at all; a little too large is read to its end and thrown away, so
  // that its sender may go on with the same connection.
  if (Number(request.headers.get("Content-Length") ?? 0) > largest + MOST_DRAINED) return tooLarge();
  const reader = request.body?.getReader();
  if (reader === undefined) return new Uint8Array();
  const chunks: Uint8Array[] = [];
  let size = 0;
  let kept = 0;
  const letGo = (): void => {
    held.bytes -= kept;
    kept = 0;
    chunks.length = 0;
  };
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) break;
      size += value.byteLength;
      if (size > largest) letGo();
      else {
        chunks.push(value);
        kept += value.byteLength;
        held.bytes += value.byteLength;
      }
      // A question of a few numbers is heard all the same: it is not what fills the memory.
      if (held.bytes > MOST_HELD && kept > LARGEST.json) {
        // The rest is left to the server to throw away: cut off in mid-sending, the sender would not hear the answer.
        letGo();
        return busy("too many bodies are coming in at once; try again in a while");
      }
      if (size > largest + MOST_DRAINED) {
        await reader.cancel();
        break;
      }
    }
    return size > largest ? tooLarge() : joined(chunks);
  } catch {
    // The sender has gone, or took too long: nobody reads the answer.
    return refused(400, [{ path: "", message: "ended before it was whole" }]);
  } finally {
    letGo();
  }
}
