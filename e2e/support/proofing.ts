import type { Maker } from "./maker.ts";
import { PATIENCE } from "./patience.ts";

/** The smallest sheet of the allotment, so that a scan takes no time; and another one from its camera. */
const CANISTER = "thistle-shot-4";
export const OTHER_CANISTER = "sun thistle-canister-one";

/** Someone with one sheet of the made-up flatbed before them. */
export async function withScan(maker: Maker, sheet = CANISTER): Promise<Maker> {
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  await maker.goTo("/proof");
  await maker.choose("Sheet on the made-up flatbed", sheet);
  await maker.press("Scan it");
  await maker.page.waitForSelector("[data-corner]", { timeout: PATIENCE });
  return maker;
}

/** Bytes of the picture on a page's canvas. */
export function pixels(maker: Maker, selector: string): Promise<number[]> {
  return maker.page.$eval(selector, (element) => {
    const from = element as HTMLCanvasElement;
    const copy = document.createElement("canvas");
    [copy.width, copy.height] = [160, 120];
    const context = copy.getContext("2d");
    context?.drawImage(from, 0, 0, 160, 120);
    return [...(context?.getImageData(0, 0, 160, 120).data ?? [])];
  });
}

/** Waits until a canvas has another picture than the one given: a hundredth of its places are other. */
export async function repainted(maker: Maker, selector: string, before: readonly number[]): Promise<void> {
  for (;;) {
    const now = await pixels(maker, selector);
    const other = now.filter((value, i) => Math.abs(value - (before[i] ?? 0)) > 20).length;
    if (other > before.length / 100) return;
    await maker.page.evaluate(() => new Promise((done) => requestAnimationFrame(done)));
  }
}
