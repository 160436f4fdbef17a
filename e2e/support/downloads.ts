import { readdir, readFile } from "node:fs/promises";
import { join } from "node:path";
import type { Page } from "puppeteer-core";
import { PATIENCE } from "./patience.ts";
import { temporaryFolder } from "./temporary.ts";

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
      // The browser reserves the name with an empty file before it moves the whole one there.
      const bytes = name === undefined ? Buffer.alloc(0) : await readFile(join(folder, name));
      if (name !== undefined && bytes.length > 0) {
        taken.add(name);
        return { name, bytes };
      }
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    throw new Error("no file was saved");
  };
}
