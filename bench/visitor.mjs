/** A new person at a place. */
export async function visitor(browser, address, path) {
  const context = await browser.createBrowserContext();
  const page = await context.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(address, { waitUntil: "networkidle0" });
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
