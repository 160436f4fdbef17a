// Figures of Field · Look in the browser: what the frame over the live view costs, for a camera of each shape.
import { row } from "./report.mjs";
import { threadTime, visitor, yardstickLoop } from "./visitor.mjs";

const SECONDS = 5;

/** A phone whose camera sees grey squares that go by, 640 × 480, 30 a second. */
function withPhone() {
  const getUserMedia = async () => {
    const canvas = Object.assign(document.createElement("canvas"), { width: 640, height: 480 });
    const context = canvas.getContext("2d");
    let at = 0;
    setInterval(() => {
      context.fillStyle = "#999";
      context.fillRect(0, 0, 640, 480);
      context.fillStyle = "#333";
      at = (at + 5) % 640;
      context.fillRect(at, 200, 80, 80);
    }, 33);
    return canvas.captureStream(30);
  };
  Object.defineProperty(navigator, "mediaDevices", { value: { getUserMedia }, configurable: true });
}

/** Frames a second and main-thread script a frame, the phone turning all the while. */
export async function lookInBrowser(browser, address) {
  for (const [name, id, sensors] of [
    ["flat box", "thistle-biscuit-tin", true],
    ["flat box, no sensors", "thistle-biscuit-tin", false],
    ["can", "thistle-cocoa-tin", true],
    ["drum", "thistle-feed-drum", true],
    ["pair", "thistle-seed-packet-pair", true],
  ]) {
    const { context, page } = await visitor(browser, address, "/");
    await page.evaluateOnNewDocument(withPhone);
    await page.setViewport({ width: 390, height: 844 });
    await page.goto(`${address}/field/look?camera=${id}`, { waitUntil: "networkidle0" });
    await page.evaluate(() =>
      [...document.querySelectorAll("button")].find((each) => each.textContent === "Look through the phone").click(),
    );
    await page.waitForSelector("[data-finder=live]");
    // Held along the box, then turned to and fro: the view is gathered, too.
    const tells = (alpha) =>
      page.evaluate(
        (told) => dispatchEvent(new DeviceOrientationEvent("deviceorientationabsolute", { ...told, absolute: true })),
        { alpha, beta: 90, gamma: 0 },
      );
    if (sensors) await tells(0);
    const stands = await page.waitForFunction(() =>
      [...document.querySelectorAll("button")].find((each) => each.textContent === "The box looks this way"),
    );
    await stands.click();
    await page.evaluate((told) => {
      window.drawn = 0;
      const draw = CanvasRenderingContext2D.prototype.fillRect;
      // The frame's ground is filled once a frame.
      CanvasRenderingContext2D.prototype.fillRect = function (...at) {
        if (this.canvas.closest("[data-finder]")) window.drawn++;
        return draw.apply(this, at);
      };
      let alpha = 0;
      if (!told) return;
      setInterval(() => {
        alpha = (alpha + 0.7) % 20;
        dispatchEvent(
          new DeviceOrientationEvent("deviceorientationabsolute", { alpha, beta: 90, gamma: 0, absolute: true }),
        );
      }, 33);
    }, sensors);
    const scriptMs = await threadTime(page, "ScriptDuration");
    const [from, first, begun] = [await scriptMs(), await page.evaluate(() => window.drawn), Date.now()];
    await new Promise((resolve) => setTimeout(resolve, 1000 * SECONDS));
    const [to, last, seconds] = [
      await scriptMs(),
      await page.evaluate(() => window.drawn),
      (Date.now() - begun) / 1000,
    ];
    const frames = last - first;
    const script = (to - from) / frames;
    await page.evaluate(yardstickLoop);
    const loop = await scriptMs();
    await page.evaluate(yardstickLoop);
    const yardstick = (await scriptMs()) - loop;
    row(`frame over the phone's view, ${name}`, `${(frames / seconds).toFixed(0)} frames/s`, "≥ 30");
    row(`frame over the phone's view, ${name}: main-thread script a frame`, `${script.toFixed(1)} ms`, "≤ 6 ms");
    row("yardstick beside it: a million square roots", `${yardstick.toFixed(1)} ms`, "-");
    await context.close();
  }
}
