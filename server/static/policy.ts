import { createHash } from "node:crypto";
import { policyDirectives } from "../headers.ts";

/** What is between the tags of a script that stands in the document itself. */
const INLINE = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g;

/**
 * A document that bears its policy itself, since no server marks its scripts: they are known by their sums. Styles are not,
 * for controls write some while a page runs.
 *
 * @source Content Security Policy Level 3 (W3C), hash-source
 */
export function withPolicy(html: string): string {
  const sums = [...html.matchAll(INLINE)].map(
    ([, script = ""]) => `'sha256-${createHash("sha256").update(script).digest("base64")}'`,
  );
  const policy = Object.entries(policyDirectives([...new Set(sums)], ["'unsafe-inline'"]))
    .map(([name, values]) => [name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`), ...values].join(" "))
    .join("; ");
  return html.replace("<head>", `<head><meta http-equiv="Content-Security-Policy" content="${policy}"/>`);
}
