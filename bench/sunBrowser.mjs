// Figures of Sun in the browser: what a hand that drags the fan costs the main thread.
import { quantile, row } from "./report.mjs";
import { threadTime, visitor, yardstickLoop } from "./visitor.mjs";

const MOVES = 90;
/** Moves at first that warm the code, not counted. */
const WARM = 20;

/** Each move of the hand on the sheet, the screen drawn after it: all tasks of the main thread, by its processor time. */
export async function sunInBrowser(browser, address) {
  const { context, page } = await visitor(browser, address, "/sun");
  await page.waitForSelector("[data-fan=fine]");
  const taskMs = await threadTime(page);
  const box = await (await page.$("canvas[data-fan]")).boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const moved = async () => {
    const taken = [];
    for (let i = 0; i < MOVES; i++) {
      const before = await taskMs();
      await page.mouse.move(x + 60 * Math.sin(i / 9), y + 25 * Math.cos(i / 7));
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
      if (i >= WARM) taken.push((await taskMs()) - before);
    }
    return taken;
  };
  await page.mouse.move(x, y);
  // What the measuring itself costs: the same moves with no button pressed.
  const idle = quantile(await moved(), 0.5);
  await page.mouse.down();
  const taken = (await moved()).map((ms) => ms - idle);
  await page.mouse.up();
  const loops = [];
  for (let i = 0; i < 7; i++) {
    const from = await taskMs();
    await page.evaluate(yardstickLoop);
    loops.push((await taskMs()) - from);
  }
  row("fan dragged: main thread a move with its drawing, median", `${quantile(taken, 0.5).toFixed(1)} ms`, "≤ 16 ms");
  row("fan dragged: main thread a move, p95", `${quantile(taken, 0.95).toFixed(1)} ms`, "-");
  row("yardstick beside it: a million square roots", `${quantile(loops, 0.5).toFixed(1)} ms`, "-");
  await context.close();
}
