import { execFile } from "node:child_process";
import { mkdir, readFile, writeFile } from "node:fs/promises";
import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { join } from "node:path";
import { promisify } from "node:util";
import express from "express";
import type { Browser } from "puppeteer-core";
import { launch } from "./support/launch.ts";
import { Maker } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";
import { temporaryFolder } from "./support/temporary.ts";

let browser: Browser;
let folder: string;

beforeAll(async () => {
  folder = temporaryFolder();
  await promisify(execFile)(process.execPath, ["build/server/makeStatic.js", folder, "--demo"], {
    env: { ...process.env, NODE_ENV: "production" },
  });
  browser = await launch();
});
afterAll(async () => {
  await browser?.close();
  for (const server of servers) shut(server);
});

const servers: Server[] = [];

/** From now on nothing answers there. */
function shut(server: Server): void {
  server.closeAllConnections();
  server.close();
}

/** A host of files that knows nothing: names of folders get their slash, what is not there has the host's page for that. */
async function host(): Promise<{ readonly server: Server; readonly address: string }> {
  const app = express();
  app.use(express.static(folder));
  app.use((_request, response) => response.status(404).sendFile(join(folder, "404.html")));
  const server = createServer(app).listen(0);
  servers.push(server);
  await new Promise((resolve) => server.once("listening", resolve));
  return { server, address: `http://localhost:${(server.address() as AddressInfo).port}` };
}

test("behind a host of plain files: a camera’s own address, a walk from the Shelf to the log, its policy kept; then every place without the host", async () => {
  const { server, address } = await host();
  const maker = await Maker.inContext(await browser.createBrowserContext(), address);
  // Nobody's service worker knows this address yet: the host's page for what it does not know finds it.
  await maker.goTo("/cameras/thistle-hat-box");
  await maker.sees("main", /Hat box/);
  await maker.page.waitForSelector("[data-drawing]");
  await maker.goTo("/");
  await maker.sees("main li", /Biscuit tin/);
  await maker.page.waitForFunction(
    () => navigator.serviceWorker.ready.then(() => navigator.serviceWorker.controller !== null),
    { timeout: PATIENCE },
  );
  await maker.page.click('nav a[href="/field"]');
  await maker.press("Open the hole");
  await maker.sees("[data-counting]", /still to go/i);
  await maker.press("Close the hole");
  await maker.type("Subject", "Water butt, from a host of files");
  await maker.press("Log this shot");
  await maker.press("See the log");
  await maker.sees("[data-shot]", /from a host of files/);
  // Such a host leads to a folder’s name with a slash: the place is the same.
  for (const [path, place] of [
    ["/new/", "Shelf"],
    ["/proof/hang/", "Proof"],
    ["/cameras/thistle-hat-box/make/build/", "Make"],
  ] as const) {
    await maker.goTo(path);
    await maker.sees("nav [aria-current=page]", new RegExp(place, "i"));
    await maker.sees("h1", /./);
  }
  await maker.goTo("/method");
  await maker.sees("main table", /./);
  expect(maker.complaints.filter((each) => !/Failed to load resource.*404/.test(each))).toEqual([]);
  shut(server);
  await expect(fetch(address)).rejects.toThrow();
  for (const [path, selector, words] of [
    ["/cameras/thistle-cocoa-tin", "[data-drawing]", /./],
    ["/cameras/thistle-cocoa-tin/make/build", "main", /Cocoa tin/],
    ["/dark/trays", "[data-plan]", /Developer/],
    ["/log", "[data-log]", /from a host of files/],
    ["/method/words", "main", /./],
    ["/", "main li", /Biscuit tin/],
  ] as const) {
    await maker.goTo(path);
    await maker.sees(selector, words);
  }
});

test("its documents run no script but their own, and its rules say what the server would", async () => {
  const rules = await readFile(join(folder, "_headers"), "utf8");
  expect(rules).toMatch(/^\/\*$[\s\S]*X-Frame-Options: DENY[\s\S]*camera=\(\)/m);
  expect(rules).toMatch(/^\/field\/look$\n {2}Permissions-Policy: camera=\(self\)/m);
  expect(await readFile(join(folder, "_redirects"), "utf8")).toContain(
    "/cameras/:id/make/hole /cameras/any/make/hole 200\n",
  );
  const { address } = await host();
  const maker = await Maker.inContext(await browser.createBrowserContext(), address);
  await maker.goTo("/method/questions");
  await maker.page.evaluate(() => {
    const script = document.createElement("script");
    script.textContent = "window.ran = true";
    document.body.append(script);
  });
  expect(await maker.page.evaluate(() => "ran" in window)).toBe(false);
  expect(maker.complaints.join()).toMatch(/Content Security Policy/);
  const schema = await fetch(`${address}/schema/camera.schema.json`);
  expect(((await schema.json()) as { $schema: string }).$schema).toMatch(/json-schema/);
  expect((await fetch(`${address}/api/solve`)).status).toBe(404);
});

test("it clears no folder but its own: one that holds something else stays as it is, and that is said", async () => {
  const site = join(temporaryFolder(), "site");
  await mkdir(site);
  await writeFile(join(site, "letter.txt"), "not ours");
  const made = promisify(execFile)(process.execPath, ["build/server/makeStatic.js", site]);
  await expect(made).rejects.toThrow(/holds something else/);
  expect(await readFile(join(site, "letter.txt"), "utf8")).toBe("not ours");
});
