import type { IncomingMessage, ServerResponse } from "node:http";
import type { RequestHandler } from "express";
import helmet from "helmet";

/** What a response carries along for those who write it. */
export interface Marked {
  readonly locals: { readonly nonce: string };
}

const marked = (_request: IncomingMessage, response: ServerResponse): string =>
  `'nonce-${(response as unknown as Marked).locals.nonce}'`;

/**
 * Devices no page of ours asks for, but for the camera on the one page that looks through it; the screen may be kept awake, and
 * at a press the Field asks where it is, and Sun the compass.
 */
const NEVER = ["microphone", "payment", "usb", "serial", "hid"];

/** With a slash at its end, too: the router serves both. */
const LOOKS_THROUGH_IT = /^\/field\/look\/?$/;

/** What a page at this address may ask of the device (Permissions-Policy). */
export function permissionsAt(path: string): string {
  const camera = `camera=(${LOOKS_THROUGH_IT.test(path) ? "self" : ""})`;
  return [camera, ...NEVER.map((name) => `${name}=()`)].join(", ");
}

/** What a page may load and run; `script`, `style`: what is allowed beside our own files. */
export function policyDirectives<T>(script: readonly T[], style: readonly T[]) {
  return {
    defaultSrc: ["'self'"],
    scriptSrc: ["'self'", ...script],
    styleSrc: ["'self'", ...style],
    imgSrc: ["'self'", "data:", "blob:"],
    workerSrc: ["'self'"],
    connectSrc: ["'self'"],
    objectSrc: ["'none'"],
    baseUri: ["'none'"],
    formAction: ["'self'"],
  };
}

/**
 * What a browser is told about every answer: nothing but our own files, scripts and styles only with this answer's mark,
 * nothing evaluated, no frames, no other site looking in.
 *
 * @source Content Security Policy Level 3 (W3C); OWASP Secure Headers Project (from memory)
 */
export const securityHeaders: readonly RequestHandler[] = [
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: { ...policyDirectives([marked], [marked]), frameAncestors: ["'none'"] },
    },
    crossOriginOpenerPolicy: { policy: "same-origin" },
    crossOriginResourcePolicy: { policy: "same-origin" },
    referrerPolicy: { policy: "no-referrer" },
    xFrameOptions: { action: "deny" },
    // It is started on one's own machine, without a certificate: a promise of https would shut people out.
    strictTransportSecurity: false,
  }),
  ({ path }, response, next) => {
    response.setHeader("Permissions-Policy", permissionsAt(path));
    next();
  },
];
