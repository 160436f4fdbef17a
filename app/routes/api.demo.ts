import { thistleRow } from "../../catalogue/demo/thistleRow.ts";

/** The demonstration cameras, when the server was started with them (`bin/demo`); else nothing. */
export function loader(): Response {
  return process.env.STILL_BOX_DEMO === "1" ? Response.json(thistleRow) : new Response(null, { status: 204 });
}
