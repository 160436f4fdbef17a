import type { Page } from "puppeteer-core";
import sharp from "sharp";

/** Looks at every pixel of a page: how many have green or blue in them, and how bright the brightest red is. */
export async function redPixels(page: Page): Promise<{ readonly pixels: number; readonly brightest: number }> {
  const raw = await sharp(await page.screenshot())
    .removeAlpha()
    .raw()
    .toBuffer();
  let [pixels, brightest] = [0, 0];
  for (let i = 0; i < raw.length; i += 3) {
    if ((raw[i + 1] as number) > 0 || (raw[i + 2] as number) > 0) pixels++;
    brightest = Math.max(brightest, raw[i] as number);
  }
  return { pixels, brightest };
}
