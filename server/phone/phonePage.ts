import { tokensCss } from "../../app/tokensCss.ts";
import { TYPE } from "../../core/basis/drawing/index.ts";

/** The page that leads a phone to its own secure address, in three steps, and back out of it. */
export function phonePage({
  address,
  fingerprint,
  until,
  nonce,
}: {
  /** The secure one, https. */
  readonly address: string;
  readonly fingerprint: string;
  /** ISO 8601. */
  readonly until: string;
  readonly nonce: string;
}): string {
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>Still Box on this phone</title>
<style nonce="${nonce}">${tokensCss()}
body{margin:0 auto;max-width:34rem;padding:1rem;background:var(--sb-board);color:var(--sb-ink);font:17px/1.45 ${TYPE.plain}}
h1{font-size:1.5rem;margin:.3rem 0 1rem}li{margin:0 0 1rem}a{color:inherit}
.go{display:inline-block;margin:.4rem 0;padding:.8rem 1rem;border:1.5px solid var(--sb-ink);background:var(--sb-card);font-weight:600}
code{display:block;padding:.5rem;background:var(--sb-card);overflow-wrap:anywhere;font-size:.85rem}</style></head>
<body><main><h1>Still Box on this phone</h1>
<p>A phone gives its camera, its compass and its memory to secure addresses alone. This computer has made a certificate for its own addresses, good until ${until.slice(0, 10)}. It vouches for nothing else, and its key is gone.</p>
<ol>
<li>Take the certificate, and let the phone keep it. Some phones ask for a file, some for a profile.<br><a class="go" href="/phone/authority.crt">Take the certificate</a></li>
<li>Allow it in the phone’s settings: look there for “certificate”. Where it is asked, it is an authority (CA). Some phones ask a second time, under trust settings. Compare its fingerprint with the one on this computer’s screen:<code data-fingerprint>${fingerprint}</code></li>
<li>Open the secure address, and keep it among your bookmarks.<br><a class="go" href="${address}/">Open Still Box</a></li>
</ol>
<p>Done with it? Take the certificate out again in the same settings. Only do this in a network you trust.</p>
</main></body></html>
`;
}
