import { answerNegative, notAllowed, troubled } from "../negativeRequest.ts";
import type { Route } from "./+types/api.proof";

/** `POST /api/proof` (FORMAT): a positive, or the exposures, of a negative's scan. */
export function action({ request, context }: Route.ActionArgs): Promise<Response> {
  return answerNegative(request, context.pictures, async (pictures, { scan, settings }) => {
    const proof = await pictures.proof(scan, settings);
    if (!proof.ok) return troubled(proof.error);
    const { value } = proof;
    if (value.kind === "picture") return new Response(value.png, { headers: { "Content-Type": "image/png" } });
    const { width, height, scale, log10H } = value;
    // Every machine Node runs on writes the lower byte first.
    const bytes = Buffer.from(log10H.buffer, log10H.byteOffset, log10H.byteLength);
    return Response.json({ width, height, scale, log10H: bytes.toString("base64") });
  });
}

/** Other methods are told what is allowed. */
export function loader(): Response {
  return notAllowed();
}
