import type { RequestHandler } from "express";

/** Routes that take a body; all others are read only. */
const POSTED = /^\/api\/(?!demo$)/;

/** Turns away what is no request for one of our addresses: 400, and methods that nothing here answers: 405. */
export const wellAsked: RequestHandler = (request, response, next) => {
  if (!isOurs(request.url, request.headers.host)) {
    response.status(400).type("text/plain").send("This is not an address here.\n");
    return;
  }
  const allowed = POSTED.test(request.path) ? ["POST"] : ["GET", "HEAD"];
  // What is posted to is answered by its route, which says more: also which method it wants.
  if (allowed.includes(request.method) || (allowed.includes("POST") && request.method === "GET")) {
    next();
    return;
  }
  response.status(405).setHeader("Allow", allowed.join(", "));
  const message = `use ${allowed.join(" or ")} here`;
  if (request.path.startsWith("/api/")) response.json({ errors: [{ path: "", message }] });
  else response.type("text/plain").send(`${message[0]?.toUpperCase()}${message.slice(1)}.\n`);
};

/** Whether a request names a path (no other site, no `*`) that can be read, and a host that could be one. */
function isOurs(target: string, host: string | undefined): boolean {
  if (!target.startsWith("/") || target.startsWith("//") || host === undefined || /[\s/@?#\\]/.test(host)) return false;
  try {
    decodeURIComponent(target.split("?", 1)[0] as string);
    return new URL(target, `http://${host}`).hostname !== "";
  } catch {
    return false;
  }
}
