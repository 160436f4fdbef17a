import { parseProof, readJson } from "../core/document/index.ts";
import type { ProofSettings } from "../core/negative/index.ts";
import { busy, NO_POOL, OTHERS_WAIT, readBytes, refused } from "./headless.ts";
import type { NegativeTrouble, Pictures } from "./serverContext.ts";

/** A request of `POST /api/proof` or `POST /api/judge`, checked. */
interface NegativeRequest {
  readonly scan: Uint8Array<ArrayBuffer>;
  readonly settings: ProofSettings;
}

/**
 * What a route that takes a negative's scan answers to a request of any method (FORMAT, `POST /api/proof`).
 *
 * @param answer to a scan and its settings
 */
export async function answerNegative(
  request: Request,
  pictures: Pictures | undefined,
  answer: (pictures: Pictures, asked: NegativeRequest) => Promise<Response>,
): Promise<Response> {
  if (request.method !== "POST") return notAllowed();
  const asked = await readNegative(request);
  if (asked instanceof Response) return asked;
  return pictures === undefined ? busy(NO_POOL) : answer(pictures, asked);
}

/** Other methods are told what is allowed. */
export function notAllowed(): Response {
  const answer = refused(405, [
    { path: "", message: "use POST with multipart/form-data: scan (PNG, JPEG or TIFF) and settings (JSON)" },
  ]);
  answer.headers.set("Allow", "POST");
  return answer;
}

async function readNegative(request: Request): Promise<NegativeRequest | Response> {
  const type = request.headers.get("Content-Type") ?? "";
  const bytes = await readBytes(request);
  if (bytes instanceof Response) return bytes;
  const form = await new Response(bytes, { headers: { "Content-Type": type } }).formData().catch(() => null);
  if (form === null || !/^multipart\/form-data/i.test(type)) {
    return refused(400, [{ path: "", message: "must be multipart/form-data with scan and settings" }]);
  }
  const said = form.get("settings");
  if (said === null) return refused(422, [{ path: "", message: "settings (JSON) are required beside the scan" }]);
  const data = readJson(typeof said === "string" ? said : await said.text());
  if (!data.ok) return refused(400, data.error);
  const settings = parseProof(data.value);
  const scan = form.get("scan");
  const missing =
    scan === null || typeof scan === "string"
      ? [{ path: "/scan", message: "is required: a PNG, JPEG or TIFF file" }]
      : [];
  if (!settings.ok || scan === null || typeof scan === "string") {
    return refused(422, [...(settings.ok ? [] : settings.error), ...missing]);
  }
  return { scan: new Uint8Array(await scan.arrayBuffer()), settings: settings.value };
}

/** The answer to a negative that was not looked at. */
export function troubled(trouble: NegativeTrouble): Response {
  switch (trouble.kind) {
    case "fault":
      return refused(422, [trouble.fault]);
    case "busy":
      return busy(OTHERS_WAIT);
    case "too-much":
      return refused(422, [{ path: "/scan", message: "takes too long or too much memory here; send a smaller scan" }]);
    default:
      return trouble satisfies never;
  }
}
