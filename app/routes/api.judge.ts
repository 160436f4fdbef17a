import { answerNegative, notAllowed, troubled } from "../negativeRequest.ts";
import type { Route } from "./+types/api.judge";

/** `POST /api/judge` (FORMAT): what a negative's scan says of its exposure. */
export function action({ request, context }: Route.ActionArgs): Promise<Response> {
  return answerNegative(request, context.pictures, async (pictures, { scan, settings }) => {
    const judged = await pictures.judge(scan, settings);
    return judged.ok ? Response.json(judged.value) : troubled(judged.error);
  });
}

/** Other methods are told what is allowed. */
export function loader(): Response {
  return notAllowed();
}
