import { success } from "../../core/basis/units/index.ts";
import { parseSolve } from "../../core/document/index.ts";
import { solve } from "../../core/light/solve/index.ts";
import { answerJson } from "../headless.ts";
import type { Route } from "./+types/api.solve";

/** `POST /api/solve` (FORMAT): one hole, one sheet. */
export function action({ request }: Route.ActionArgs): Promise<Response> {
  return answerJson(request, "solve", (body) => {
    const parsed = parseSolve(body);
    return parsed.ok ? success(solve(parsed.value)) : parsed;
  });
}

/** Other methods are told what is allowed. */
export function loader({ request }: Route.LoaderArgs): Promise<Response> {
  return action({ request } as Route.ActionArgs);
}
