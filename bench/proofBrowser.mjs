// Figures of Proof in the browser: what a hand that drags a tone costs the main thread, and the picture beside it.
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import sharp from "sharp";
import { HEIGHT, madeUp, WIDTH } from "./proof.mjs";
import { quantile, row } from "./report.mjs";
import { movedCost, visitor } from "./visitor.mjs";

/** Each move of black on the histogram of a scan of 24 Mpx, the picture drawn after it. */
export async function proofInBrowser(browser, address) {
  const file = join(mkdtempSync(join(tmpdir(), "still-box-bench-")), "negative.png");
  const { samples } = madeUp(60);
  writeFileSync(
    file,
    await sharp(samples, { raw: { width: WIDTH, height: HEIGHT, channels: 1 } })
      .png()
      .toBuffer(),
  );
  const { context, page } = await visitor(browser, address, "/proof");
  await page.keyboard.press("Shift");
  const entry = await page.waitForSelector('input[type=file][aria-label="Scans: PNG, JPEG, TIFF or PDF"]');
  await entry.uploadFile(file);
  await page.waitForSelector("[data-corner]", { timeout: 120_000 });
  await page.goto(`${address}/proof/positive`, { waitUntil: "networkidle0" });
  const handle = await page.waitForSelector("[data-tone=low]", { timeout: 120_000 });
  const box = await handle.boundingBox();
  const [x, y] = [box.x + box.width / 2, box.y + box.height - 8];
  const { taken, loops } = await movedCost(page, (i) => [x + 40 * Math.sin(i / 9), y]);
  row("tone dragged: main thread a move with its drawing, median", `${quantile(taken, 0.5).toFixed(1)} ms`, "≤ 16 ms");
  row("tone dragged: main thread a move, p95", `${quantile(taken, 0.95).toFixed(1)} ms`, "-");
  row("yardstick beside it: a million square roots", `${quantile(loops, 0.5).toFixed(1)} ms`, "-");
  await context.close();
}
