// Renews docs/screenshots from the demonstration data. Needs a build (`npm run build`) and Chromium.
import { mkdir } from "node:fs/promises";
import { onStage } from "./stage.mjs";

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const TIN = "/cameras/thistle-biscuit-tin";
const SHOTS = [
  ["shelf", "/", DESK],
  ["new-camera", "/new", DESK],
  ["bench-biscuit-tin", TIN, DESK],
  ["bench-cocoa-tin", "/cameras/thistle-cocoa-tin", DESK],
  ["bench-preview", TIN, { ...DESK, to: "[data-preview]", until: '[data-preview="fine"]' }],
  ["bench-finder", "/cameras/thistle-cocoa-tin", { ...DESK, to: "[data-finder]", until: "[data-found]" }],
  ["bench-curve", TIN, { ...DESK, to: "[data-curve-section]", until: "[data-conclusion]" }],
  ["bench-dark", TIN, { ...DESK, dark: true }],
  ["make", "/cameras/thistle-cocoa-tin/make", DESK],
  ["make-hole", "/cameras/thistle-cocoa-tin/make/hole", { ...DESK, press: "Scan", until: "[data-outline]" }],
  ["make-light-test", `${TIN}/make/light-test`, DESK],
  ["make-kit", "/cameras/thistle-cocoa-tin/make/kit", DESK],
  ["field-phone", "/field", PHONE],
  ["field-red", "/field", { ...PHONE, red: true }],
  ["log-judge", "/log", { ...DESK, press: "Judge", until: "[data-judging] li:last-child canvas" }],
  ["log-says", "/log?view=says", { ...DESK, until: "[data-bias]" }],
  ["stock", "/stock", DESK],
  ["method", "/method", DESK],
  // Last, since these change the camera.
  [
    "make-build-trail",
    "/cameras/thistle-cocoa-tin/make/build",
    { ...DESK, choose: ["Made for", "trail"], scroll: 760 },
  ],
];

await onStage(4691, async (browser, address) => {
  const page = await browser.newPage();
  await page.goto(address, { waitUntil: "networkidle0" });
  await page.waitForSelector("main li");
  await mkdir("docs/screenshots", { recursive: true });
  for (const [name, path, { width, height, to, press, until, choose, scroll, dark = false, red = false }] of SHOTS) {
    await page.setViewport({ width, height });
    await page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: dark ? "dark" : "light" }]);
    if (choose !== undefined) await chosenOnBench(page, address + path.replace(/\/make.*/, ""), choose);
    await page.evaluate((on) => {
      if (on) localStorage.setItem("still-box-red-light", "255");
      else localStorage.removeItem("still-box-red-light");
    }, red);
    await page.goto(address + path, { waitUntil: "networkidle0" });
    if (scroll !== undefined) await page.evaluate((y) => window.scrollTo(0, y), scroll);
    if (press !== undefined) {
      await page.evaluate((name) => {
        [...document.querySelectorAll("button")].find((button) => button.textContent === name)?.click();
      }, press);
      await page.waitForSelector(until, { timeout: 30_000 });
      await page.evaluate(() => window.scrollTo(0, 0));
    }
    if (press === undefined && to === undefined && until !== undefined)
      await page.waitForSelector(until, { timeout: 30_000 });
    if (to !== undefined) {
      // Twice: parts above take their true height when they come into sight.
      for (let time = 0; time < 2; time++) {
        await page.$eval(to, (element) => window.scrollBy(0, element.getBoundingClientRect().top - 60));
        await page.waitForSelector(until, { timeout: 30_000 });
      }
    }
    await new Promise((resolve) => setTimeout(resolve, 400));
    await page.screenshot({ path: `docs/screenshots/${name}.png` });
    console.log(`docs/screenshots/${name}.png`);
  }
});

/** Chooses a value of one of the Bench's lists and waits until it is stored. */
async function chosenOnBench(page, address, [label, value]) {
  await page.goto(address, { waitUntil: "networkidle0" });
  const list = await page.waitForSelector(`::-p-aria([name="${label}"][role="combobox"])`);
  await list.focus();
  await page.keyboard.press("Enter");
  const option = await page.waitForSelector(`[data-option="${value}"]`);
  await option.focus();
  await page.keyboard.press("Enter");
  await new Promise((resolve) => setTimeout(resolve, 600));
  await page.waitForSelector('[data-save="saved"]');
}
