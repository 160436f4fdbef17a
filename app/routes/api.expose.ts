import { parseExpose } from "../../core/document/index.ts";
import { expose } from "../../core/learning/index.ts";
import { answerJson } from "../headless.ts";
import type { Route } from "./+types/api.expose";

/** `POST /api/expose` (FORMAT): a time, with what the log has taught. */
export function action({ request }: Route.ActionArgs): Promise<Response> {
  return answerJson(request, "expose", (body) => {
    const parsed = parseExpose(body);
    return parsed.ok ? expose(parsed.value) : parsed;
  });
}

/** Other methods are told what is allowed. */
export function loader({ request }: Route.LoaderArgs): Promise<Response> {
  return action({ request } as Route.ActionArgs);
}
