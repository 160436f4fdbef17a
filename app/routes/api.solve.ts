import { parseSolve } from "../../core/document/index.ts";
import { solve } from "../../core/light/solve/index.ts";
import { readJson, refused } from "../headless.ts";
import type { Route } from "./+types/api.solve";

/** `POST /api/solve` (FORMAT): one hole, one sheet. */
export async function action({ request }: Route.ActionArgs): Promise<Response> {
  if (request.method !== "POST") return notAllowed();
  const body = await readJson(request);
  if (body instanceof Response) return body;
  const parsed = parseSolve(body.data);
  return parsed.ok ? Response.json(solve(parsed.value)) : refused(422, parsed.error);
}

/** Other methods are told what is allowed. */
export function loader(): Response {
  return notAllowed();
}

function notAllowed(): Response {
  const answer = refused(405, [{ path: "", message: "use POST with a JSON body; see /schema/solve.schema.json" }]);
  answer.headers.set("Allow", "POST");
  return answer;
}
