// Figures of Sun in the browser: what a hand that drags the fan costs the main thread.
import { quantile, row } from "./report.mjs";
import { movedCost, visitor } from "./visitor.mjs";

/** Each move of the hand on the sheet, the screen drawn after it: all tasks of the main thread, by its processor time. */
export async function sunInBrowser(browser, address) {
  const { context, page } = await visitor(browser, address, "/sun");
  await page.waitForSelector("[data-fan=fine]");
  const box = await (await page.$("canvas[data-fan]")).boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const { taken, loops } = await movedCost(page, (i) => [x + 60 * Math.sin(i / 9), y + 25 * Math.cos(i / 7)]);
  row("fan dragged: main thread a move with its drawing, median", `${quantile(taken, 0.5).toFixed(1)} ms`, "≤ 16 ms");
  row("fan dragged: main thread a move, p95", `${quantile(taken, 0.95).toFixed(1)} ms`, "-");
  row("yardstick beside it: a million square roots", `${quantile(loops, 0.5).toFixed(1)} ms`, "-");
  await context.close();
}
