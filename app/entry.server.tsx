import "./serverContext.ts";
import { PassThrough } from "node:stream";
import { createReadableStreamFromReadable } from "@react-router/node";
import { isbot } from "isbot";
import { renderToPipeableStream } from "react-dom/server";
import { type AppLoadContext, type EntryContext, ServerRouter } from "react-router";
import { NonceContext } from "../ui/controls/NonceContext.ts";
import { OfflineContext } from "./offline/OfflineContext.ts";

/** Loaders that take longer are given up, ms. */
export const streamTimeout = 5_000;

/** Renders a document. Every script and style in it carries the nonce of this answer. */
export default function handleRequest(
  request: Request,
  status: number,
  headers: Headers,
  context: EntryContext,
  { nonce = "", offline = false }: Partial<AppLoadContext> = {},
): Promise<Response> | Response {
  if (request.method === "HEAD") return new Response(null, { status, headers });
  return new Promise((resolve, reject) => {
    let answered = status;
    const whole = isbot(request.headers.get("user-agent")) ? "onAllReady" : "onShellReady";
    const { pipe, abort } = renderToPipeableStream(
      <NonceContext.Provider value={nonce}>
        <OfflineContext.Provider value={offline}>
          <ServerRouter context={context} url={request.url} nonce={nonce} />
        </OfflineContext.Provider>
      </NonceContext.Provider>,
      {
        nonce,
        [whole]() {
          const body = new PassThrough();
          headers.set("Content-Type", "text/html; charset=utf-8");
          pipe(body);
          resolve(new Response(createReadableStreamFromReadable(body), { headers, status: answered }));
        },
        onShellError: reject,
        onError() {
          answered = 500;
        },
      },
    );
    setTimeout(abort, streamTimeout + 1000).unref();
  });
}

/** A fault of ours is written where whoever runs the server looks; the answer tells nothing of it. */
export function handleError(error: unknown, { request }: { readonly request: Request }): void {
  if (!request.signal.aborted) process.stderr.write(`${error instanceof Error ? error.stack : String(error)}\n`);
}
