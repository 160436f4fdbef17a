import { createServer, type Server } from "node:https";
import type { Express, Response } from "express";
import { renderUnicodeCompact } from "uqr";
import type { Marked } from "../headers.ts";
import { fingerprintOf, type PhoneCertificate } from "./authority.ts";
import { phonePage } from "./phonePage.ts";

/** The ways that lead a phone to the secure address: a page, and the certificate itself. */
export function phoneRoutes(app: Express, kept: PhoneCertificate, securePort: number): void {
  app.get("/phone", ({ hostname }, response) => {
    const { nonce } = (response as unknown as Marked).locals;
    response.type("html").send(
      phonePage({
        address: `https://${hostname}:${securePort}`,
        fingerprint: fingerprintOf(kept),
        until: kept.until,
        nonce,
      }),
    );
  });
  app.get("/phone/authority.crt", (_request, response: Response) => {
    response.type("application/x-x509-ca-cert").send(kept.authority);
  });
}

/** Serves the same app under https; where it can't, as where another program has its port, it says so and ends. */
export function securely(app: Express, { certificate, authority, key }: PhoneCertificate, port: number): Server {
  const server = createServer({ cert: `${certificate}\n${authority}`, key }, app);
  server.once("error", ({ message }) => {
    process.stderr.write(`No https for a phone: ${message}. Set PHONE_PORT to another.\n`);
    process.exit(1);
  });
  return server.listen({ port, host: "0.0.0.0" });
}

/** What the terminal says: where the phone begins, as words and as a code, and what to compare. */
export function phoneWords(kept: PhoneCertificate, port: number): string {
  const start = `http://${kept.addresses[0]}:${port}/phone`;
  return [
    `For a phone in the same network: ${start}`,
    renderUnicodeCompact(start),
    `Fingerprint of its certificate: ${fingerprintOf(kept)}`,
  ].join("\n");
}
