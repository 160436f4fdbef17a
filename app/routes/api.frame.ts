import { success } from "../../core/basis/units/index.ts";
import { parseFrame } from "../../core/document/index.ts";
import { frameIn } from "../../core/viewfinder/index.ts";
import { answerJson } from "../headless.ts";
import type { Route } from "./+types/api.frame";

/** `POST /api/frame` (FORMAT): a pinhole camera's frame in a phone's picture. */
export function action({ request }: Route.ActionArgs): Promise<Response> {
  return answerJson(request, "frame", (body) => {
    const parsed = parseFrame(body);
    return parsed.ok ? success(frameIn(parsed.value)) : parsed;
  });
}

/** Other methods are told what is allowed. */
export function loader({ request }: Route.LoaderArgs): Promise<Response> {
  return action({ request } as Route.ActionArgs);
}
