import { permissionsAt } from "../headers.ts";

/** What each answer says beside its document, as hosts read it from a file named `_headers`: a path, then its lines. */
export function hostHeaders(): string {
  const rules: readonly (readonly [path: string, ...lines: string[]])[] = [
    [
      "/*",
      "X-Content-Type-Options: nosniff",
      "X-Frame-Options: DENY",
      "Referrer-Policy: no-referrer",
      "Cross-Origin-Opener-Policy: same-origin",
      "Cross-Origin-Resource-Policy: same-origin",
      "Cache-Control: no-cache",
      `Permissions-Policy: ${permissionsAt("/")}`,
    ],
    // A host that joins rules gives both, of which the later counts (RFC 9651, dictionaries).
    ["/field/look", `Permissions-Policy: ${permissionsAt("/field/look")}`],
    ["/field/look/", `Permissions-Policy: ${permissionsAt("/field/look")}`],
    ["/assets/*", "! Cache-Control", "Cache-Control: public, max-age=31536000, immutable"],
  ];
  return rules.map(([path, ...lines]) => `${path}\n${lines.map((line) => `  ${line}\n`).join("")}`).join("\n");
}

/** Which document answers for addresses with a name in them, as hosts read it from a file named `_redirects`. */
export function hostRewrites(documents: readonly string[]): string {
  return named(documents)
    .map((path) => `${path.replace("/any", "/:id")} ${path} 200\n`)
    .join("");
}

/**
 * The page of a host that has no such rules, for addresses it does not know: it writes the document that answers for the
 * address in its own place, or says that there is none.
 */
export function foundAnyhow(documents: readonly string[]): string {
  return `<!doctype html>
<html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
<title>Still Box</title>
<script>
const stored = ${JSON.stringify(named(documents))}.find((path) =>
  new RegExp("^" + path.replace("/any", "/[^/]+") + "/?$").test(location.pathname));
if (stored) fetch(stored + "/").then(async (answer) => {
  // What this host says of what it does not know is this page again.
  if (!answer.ok) return;
  const html = await answer.text();
  document.open();
  document.write(html);
  document.close();
});
</script></head>
<body><h1>There is nothing here</h1><p><a href="/">To the Shelf</a></p></body></html>
`;
}

/** By this a folder is known again that may be written anew. */
export const README_BEGINS = "Still Box, as files for a static host.";

/** For whoever puts the folder on a host. */
export function readMe(withDemo: boolean): string {
  return `${README_BEGINS}

Put this whole folder at the root of a host that serves https. Without https a browser gives no camera, no compass and no
pages without a network.

Each page is there twice, as page.html and page/index.html: hosts look for one or the other. _headers and _redirects are read
by hosts that know them. Where they are not, 404.html finds a camera's page, if the host shows it for unknown addresses.

What is made stays in the browser of whoever made it. The headless routes (/api/…) need the server of bin/demo and are not
here; the schemas of the formats are, under /schema/.${withDemo ? " The demonstration is here." : " Make it with --demo to have the demonstration."}
`;
}

/** Documents that stand for many addresses. */
function named(documents: readonly string[]): string[] {
  return documents.filter((path) => path.includes("/any"));
}
