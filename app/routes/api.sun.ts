import { parseSun } from "../../core/document/index.ts";
import type { SunRequest } from "../../core/sun/index.ts";
import { calendar } from "../../workers/codecs/calendarLibrary.ts";
import { answerJson, busy, NO_POOL, OTHERS_WAIT, refused } from "../headless.ts";
import type { Pictures } from "../serverContext.ts";
import type { Route } from "./+types/api.sun";

/** `POST /api/sun` (FORMAT): the fan of the sun on a sheet. */
export function action({ request, context }: Route.ActionArgs): Promise<Response> {
  return answerJson(request, "sun", (body) => {
    const parsed = parseSun(body, calendar);
    return parsed.ok ? reckoned(parsed.value, context.pictures) : parsed;
  });
}

async function reckoned(request: SunRequest, threads: Pictures | undefined): Promise<Response> {
  if (threads === undefined) return busy(NO_POOL);
  const fan = await threads.sun(request);
  if (fan.ok) return new Response(fan.value, { headers: { "Content-Type": "application/json" } });
  return fan.error.kind === "busy"
    ? busy(OTHERS_WAIT)
    : refused(422, [{ path: "", message: "takes too long here; ask for fewer days or longer steps" }]);
}

/** Other methods are told what is allowed. */
export function loader({ request, context }: Route.LoaderArgs): Promise<Response> {
  return action({ request, context } as Route.ActionArgs);
}
