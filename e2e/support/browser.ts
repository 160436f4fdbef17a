import { readdir, readFile } from "node:fs/promises";
import { join } from "node:path";
import puppeteer, { type Browser, type Page } from "puppeteer-core";
import flags from "../../scripts/chromium-flags.json";
import { PATIENCE } from "./patience.ts";
import { temporaryFolder } from "./temporary.ts";

/** Debian's Chromium (or the one named by CHROMIUM), with a profile of its own. */
export function launch(): Promise<Browser> {
  return puppeteer.launch({ executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium", args: flags });
}

/** Lets a page save files, and hands over the next one saved. */
export async function catchDownloads(page: Page): Promise<() => Promise<{ name: string; bytes: Buffer }>> {
  const folder = temporaryFolder();
  const session = await page.createCDPSession();
  await session.send("Browser.setDownloadBehavior", {
    behavior: "allow",
    downloadPath: folder,
    browserContextId: page.browserContext().id as string,
  });
  const taken = new Set<string>();
  return async () => {
    const given = Date.now() + PATIENCE;
    while (Date.now() < given) {
      const name = (await readdir(folder)).find((file) => !taken.has(file) && !file.endsWith(".crdownload"));
      if (name !== undefined) {
        taken.add(name);
        return { name, bytes: await readFile(join(folder, name)) };
      }
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    throw new Error("no file was saved");
  };
}
