import { data, redirect } from "react-router";
import { cameraAction, readCameraAction } from "../../ui/edits/cameraAction.ts";
import { deliver } from "../../ui/edits/sendAction.ts";
import type { Route } from "./+types/edits";

/** Edits, undo, copies and deletion of a camera, from whichever page holds it. */
export async function clientAction({ params, request }: Route.ClientActionArgs) {
  const asked = readCameraAction(await request.json().catch(() => null));
  if (asked === null) throw data("This is no edit of a camera.", { status: 400 });
  const answer = await cameraAction(params.id, asked);
  deliver(request, answer);
  return answer.go === null ? answer : redirect(answer.go);
}

/** There is nothing to see here. */
export function clientLoader(): never {
  throw data(null, { status: 404 });
}
