import { thistleRow } from "../../catalogue/demo/thistleRow.ts";

/**
 * The demonstration, when the server was started with it: the whole season (`bin/demo`), which the build made, or (`few`, for
 * tests of single pages) a handful of shots; else nothing.
 */
export function loader(): Response {
  const { STILL_BOX_DEMO: asked } = process.env;
  if (asked === "few") return Response.json(thistleRow);
  if (asked === "1") return new Response(null, { status: 302, headers: { Location: "/demo/season.json" } });
  return new Response(null, { status: 204 });
}
