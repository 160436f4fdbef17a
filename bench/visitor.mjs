import { quantile } from "./report.mjs";

const MOVES = 90;
/** Moves at first that warm the code, not counted. */
const WARM = 20;

/**
 * What each move of a hand that drags costs the main thread, with the screen drawn after it, ms of its processor time;
 * and the yardstick beside it.
 *
 * @param at where the hand is at a move
 */
export async function movedCost(page, at) {
  const taskMs = await threadTime(page);
  const moved = async () => {
    const taken = [];
    for (let i = 0; i < MOVES; i++) {
      const before = await taskMs();
      await page.mouse.move(...at(i));
      await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))));
      if (i >= WARM) taken.push((await taskMs()) - before);
    }
    return taken;
  };
  await page.mouse.move(...at(0));
  // What the measuring itself costs: the same moves with no button pressed.
  const idle = quantile(await moved(), 0.5);
  await page.mouse.move(...at(0));
  await page.mouse.down();
  const taken = (await moved()).map((ms) => ms - idle);
  await page.mouse.up();
  const loops = [];
  for (let i = 0; i < 7; i++) {
    const from = await taskMs();
    await page.evaluate(yardstickLoop);
    loops.push((await taskMs()) - from);
  }
  return { taken, loops };
}

/** A new person at a place. */
export async function visitor(browser, address, path) {
  const context = await browser.createBrowserContext();
  const page = await context.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(address, { waitUntil: "networkidle0" });
  // Dark asks once a visit; it is measured as one works in it.
  await page.evaluate(() => sessionStorage.setItem("still-box-dark-answer", "dark"));
  await page.goto(address + path, { waitUntil: "networkidle0" });
  return { context, page };
}

/** Processor time of the page's main thread so far, ms: all its tasks, or its scripts alone. */
export async function threadTime(page, name = "TaskDuration") {
  const session = await page.createCDPSession();
  await session.send("Performance.enable", { timeDomain: "threadTicks" });
  return async () => {
    const { metrics } = await session.send("Performance.getMetrics");
    return 1000 * metrics.find((each) => each.name === name).value;
  };
}

/** A fixed numeric loop in the page, to compare figures of different machines by. */
export function yardstickLoop() {
  let sum = 0;
  for (let k = 1; k < 1_000_000; k++) sum += Math.sqrt(k) / (k + sum);
  return sum;
}
