import puppeteer, { type Browser, type LaunchOptions } from "puppeteer-core";
import chromium from "../../scripts/chromium.json";

/** Debian's headless Chromium (or the one named by CHROMIUM), with a profile of its own, or the one in this folder. */
export function launch({
  trusts,
  ...options
}: Pick<LaunchOptions, "userDataDir"> & {
  /** The sum of a key whose certificate it trusts beside those of its own: SHA-256 of its SPKI, base64. */
  readonly trusts?: string;
} = {}): Promise<Browser> {
  return puppeteer.launch({
    executablePath: process.env.CHROMIUM ?? chromium.path,
    args:
      trusts === undefined ? chromium.flags : [...chromium.flags, `--ignore-certificate-errors-spki-list=${trusts}`],
    ...options,
  });
}
