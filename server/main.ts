import { randomBytes } from "node:crypto";
import { createServer } from "node:http";
import { fileURLToPath } from "node:url";
import { createRequestHandler } from "@react-router/express";
import compression from "compression";
import express, { type ErrorRequestHandler } from "express";
import type { ServerBuild } from "react-router";
import { type Marked, securityHeaders } from "./headers.ts";
import { picturePool } from "./threadPool.ts";
import { wellAsked } from "./wellAsked.ts";

/** How long a sender may take, ms: for its headers, for all of its request, between requests. */
const PATIENCE = { headers: 10_000, request: 60_000, idle: 5_000 } as const;

const here = (path: string): URL => new URL(path, import.meta.url);
const build: ServerBuild = await import(here("./index.js").href);
const pictures = picturePool(here("./pictures.worker.js"));

const app = express();
app.disable("x-powered-by");
app.use((_request, response, next) => {
  response.locals.nonce = randomBytes(16).toString("base64");
  next();
});
app.use(...securityHeaders);
app.use(wellAsked);
app.use(compression());
const port = Number(process.env.PORT ?? 3000);
const phone = process.env.STILL_BOX_PHONE === "1" ? await forPhone() : null;
const client = fileURLToPath(here("../client"));
// Their names change with what is in them.
app.use("/assets", express.static(`${client}/assets`, { immutable: true, maxAge: "1y", fallthrough: false }));
// Browsers ask for the service worker to learn whether there is a newer app: never an old one.
app.use(
  "/service-worker.js",
  express.static(`${client}/service-worker.js`, {
    cacheControl: false,
    setHeaders: (response) => response.setHeader("Cache-Control", "no-cache"),
  }),
);
app.use("/demo", express.static(fileURLToPath(here("../season")), { maxAge: "1h", fallthrough: false }));
app.use(express.static(client, { maxAge: "1h" }));
app.use((request, response, next) => {
  response.setHeader("Cache-Control", request.path.startsWith("/api/") ? "no-store" : "no-cache");
  next();
});
app.use(
  createRequestHandler({
    build,
    mode: "production",
    getLoadContext: (_request, response) => ({
      nonce: (response as unknown as Marked).locals.nonce,
      offline: process.env.STILL_BOX_OFFLINE !== "0",
      pictures,
    }),
  }),
);
const failed: ErrorRequestHandler = (error: { readonly status?: number }, _request, response, next) => {
  if (response.headersSent) {
    next(error);
    return;
  }
  const status = error.status === 404 ? 404 : error.status !== undefined && error.status < 500 ? 400 : 500;
  response
    .status(status)
    .type("text/plain")
    .send(status === 500 ? "Something went wrong.\n" : "There is nothing here.\n");
};
app.use(failed);

// Who is too slow is looked for so often, ms.
const server = createServer({ connectionsCheckingInterval: 5_000 }, app).listen({
  port,
  host: phone === null ? process.env.HOST : "0.0.0.0",
});
/** Serves phones, too: under https, by a certificate for this machine's own addresses. */
async function forPhone() {
  const [{ keptCertificate }, { phoneRoutes, phoneWords, securely }] = await Promise.all([
    import("./phone/keptCertificate.ts"),
    import("./phone/servePhone.ts"),
  ]);
  const kept = await keptCertificate();
  const securePort = Number(process.env.PHONE_PORT ?? port + 1);
  phoneRoutes(app, kept, securePort);
  process.stdout.write(`${phoneWords(kept, port)}\n`);
  return securely(app, kept, securePort);
}

server.headersTimeout = PATIENCE.headers;
server.requestTimeout = PATIENCE.request;
server.keepAliveTimeout = PATIENCE.idle;

for (const signal of ["SIGTERM", "SIGINT"] as const) {
  process.once(signal, () => {
    phone?.close();
    server.close(() => void pictures.close().then(() => process.exit(0)));
    server.closeIdleConnections();
    // Whoever is still being answered has a moment.
    setTimeout(() => process.exit(0), PATIENCE.idle).unref();
  });
}
