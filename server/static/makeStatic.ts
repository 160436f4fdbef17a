import { cp, mkdir, readdir, readFile, rm, writeFile } from "node:fs/promises";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { createRequestHandler, type ServerBuild } from "react-router";
import { DOCUMENTS } from "../../app/offline/documents.ts";
import { foundAnyhow, hostHeaders, hostRewrites, README_BEGINS, readMe } from "./hostFiles.ts";
import { withPolicy } from "./policy.ts";

const here = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/** Where a document lies: hosts look for one or the other, and both are small. */
const filesOf = (path: string): string[] =>
  path === "/" ? ["index.html"] : [`${path.slice(1)}.html`, `${path.slice(1)}/index.html`];

/**
 * Writes the whole app as a folder for a static host: a document a route, as the service worker keeps them, and beside them
 * what such hosts read about headers and addresses. The headless routes need a server and are left out.
 *
 * @param to a folder that is empty, not there yet, or one that this wrote before: what is in that goes
 * @param withDemo whether the demonstration comes along
 */
export async function makeStatic(to: string, withDemo: boolean): Promise<void> {
  const build: ServerBuild = await import(new URL("./index.js", import.meta.url).href);
  const handle = createRequestHandler(build, "production");
  const documentAt = async (path: string): Promise<string> => {
    // Asked as a machine that indexes pages asks: such a document is whole before it leaves.
    const request = new Request(`http://localhost${path}`, { headers: { "user-agent": "Googlebot" } });
    const answer = await handle(request, { nonce: "", offline: true });
    if (answer.status !== 200) throw new Error(`${path} was answered ${answer.status}`);
    return answer.text();
  };
  const put = async (name: string, text: string): Promise<void> => {
    await mkdir(dirname(join(to, name)), { recursive: true });
    await writeFile(join(to, name), text);
  };
  if (!(await isOurs(to))) throw new Error(`${to} holds something else: name a folder that is empty, or none`);
  await rm(to, { recursive: true, force: true });
  await cp(here("../client"), to, { recursive: true });
  for (const path of DOCUMENTS) {
    const text = await documentAt(path);
    if (path.endsWith(".data")) await put(path.slice(1), text);
    else for (const file of filesOf(path)) await put(file, withPolicy(text));
  }
  const schemas = here("../../core/document/schemas");
  for (const name of await readdir(schemas)) await cp(join(schemas, name), join(to, "schema", name));
  if (withDemo) {
    await cp(here("../season"), join(to, "demo"), { recursive: true });
    await cp(here("../season/season.json"), join(to, "api/demo"));
  }
  await put("_headers", hostHeaders());
  await put("_redirects", hostRewrites(DOCUMENTS));
  await put("404.html", foundAnyhow(DOCUMENTS));
  await put("README.txt", readMe(withDemo));
}

/** Whether a folder may be cleared: nothing is in it but what this once wrote. */
async function isOurs(folder: string): Promise<boolean> {
  const names = await readdir(folder).catch(() => []);
  if (names.length === 0) return true;
  return (await readFile(join(folder, "README.txt"), "utf8").catch(() => "")).startsWith(README_BEGINS);
}

const [, , ...asked] = process.argv;
const folder = asked.find((each) => !each.startsWith("--")) ?? "build/static";
await makeStatic(folder, asked.includes("--demo"));
process.stdout.write(`${folder}: the whole app for a static host; README.txt there says how.\n`);
