import puppeteer, { type Browser, type LaunchOptions } from "puppeteer-core";
import chromium from "../../scripts/chromium.json";

/** Debian's headless Chromium (or the one named by CHROMIUM), with a profile of its own, or the one in this folder. */
export function launch(options: Pick<LaunchOptions, "userDataDir"> = {}): Promise<Browser> {
  return puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? chromium.path,
    args: chromium.flags,
    ...options,
  });
}
