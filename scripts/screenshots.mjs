// Renews docs/screenshots from the demonstration data, or those whose names begin as asked. Needs a build and Chromium.
import { mkdtempSync } from "node:fs";
import { mkdir } from "node:fs/promises";
import { tmpdir } from "node:os";
import { join } from "node:path";
import sharp from "sharp";
import { bundled } from "../bench/core.mjs";
import { onStage } from "./stage.mjs";

const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const TIN = "/cameras/thistle-biscuit-tin";
const SHOTS = [
  ["shelf", "/", DESK],
  ["bench-biscuit-tin", TIN, { ...DESK, until: '[data-preview="fine"]' }],
  ["new-camera", "/new", { ...DESK, until: '[data-preview="fine"]' }],
  ["make", "/cameras/thistle-cocoa-tin/make", DESK],
  ["make-hole", "/cameras/thistle-cocoa-tin/make/hole", { ...DESK, press: "Scan", until: "[data-outline]" }],
  ["field-phone", "/field", PHONE],
  ["method-questions", "/method/questions", { ...DESK, until: '[data-other-hole="drawn"]', wait: 2 }],
  ["log-says", "/log?view=says", { ...DESK, until: "[data-bias]" }],
  ["dark-load", "/dark?camera=thistle-feed-drum", { ...PHONE, red: true }],
  [
    "dark-run",
    "/dark/trays",
    {
      ...PHONE,
      red: true,
      press: ["One more", "One more", "To the trays", "Sheet 1 goes in now"],
      until: "[data-focus]",
    },
  ],
  ["proof-scan", "/proof?negative=thistle-negative-beans", { ...DESK, until: "[data-corner]", wait: 3 }],
  ["proof-judge", "/proof/judge?negative=thistle-negative-beans", { ...DESK, until: "[data-proposal]", wait: 3 }],
  ["proof-positive", "/proof/positive?negative=thistle-negative-doors", { ...DESK, until: "[data-tones]", wait: 2 }],
  [
    "proof-unbent",
    "/proof/positive?negative=thistle-negative-bent-sheds",
    { ...DESK, press: "Round", until: "[data-towards]", wait: 3 },
  ],
  ["proof-pair", "/proof/pair?negative=thistle-negative-depth", { ...DESK, until: "[data-pair-picture]", wait: 3 }],
  ["sun-plan", "/sun?trail=thistle-cold-frames", { ...DESK, until: "[data-trail-picture=drawn]", wait: 2 }],
  ["sun-read", "/sun/read?trail=thistle-fence", { ...DESK, press: "Read the weather", until: "[data-diary]", wait: 2 }],
  [
    "field-look",
    "/field/look?camera=thistle-biscuit-tin",
    {
      ...PHONE,
      give: "Photograph to look through",
      press: ["The picture it will make"],
      until: "[data-made=made]",
      wait: 1,
    },
  ],
  ["proof-hang", "/proof/hang", { ...DESK, press: "Nine in a grid", until: "[data-page] image", wait: 3 }],
];

/** What a phone sees of Thistle Row, as its file says. @returns the file's path */
async function viewOfTheRow() {
  const { ROW_SIZE, rowSeen } = await bundled("view", `export * from "./core/testing/rowSeen.ts";`);
  const path = join(mkdtempSync(join(tmpdir(), "still-box-view-")), "row.jpg");
  const taken = { ExposureTime: "1/8000", FNumber: "16/10", ISOSpeedRatings: "50", FocalLengthIn35mmFilm: "26" };
  await sharp(rowSeen(), { raw: { ...ROW_SIZE, channels: 1 } })
    .toColourspace("srgb")
    .jpeg({ quality: 95 })
    .withExif({ IFD0: { Model: "Plot phone" }, IFD2: taken })
    .toFile(path);
  return path;
}

await onStage(
  4691,
  async (browser, address) => {
    const page = await browser.newPage();
    await page.goto(address, { waitUntil: "networkidle0" });
    await page.waitForSelector("main li");
    await page.goto(`${address}/proof`, { waitUntil: "networkidle0" });
    // The season's scans come one by one behind the page.
    await page.waitForFunction(() => document.querySelectorAll("[data-negative]").length >= 23, { timeout: 60_000 });
    await mkdir("docs/screenshots", { recursive: true });
    for (const [
      name,
      path,
      { width, height, to, give, press, until, scroll, wait = 0, dark = false, red = false },
    ] of SHOTS.filter(([name]) => name.startsWith(process.argv[2] ?? ""))) {
      await page.setViewport({ width, height });
      await page.emulateMediaFeatures([{ name: "prefers-color-scheme", value: dark ? "dark" : "light" }]);
      await page.evaluate((on) => {
        if (on) localStorage.setItem("still-box-red-light", "255");
        else localStorage.removeItem("still-box-red-light");
      }, red);
      await page.goto(address + path, { waitUntil: "networkidle0" });
      if (scroll !== undefined) await page.evaluate((y) => window.scrollTo(0, y), scroll);
      if (give !== undefined) {
        const entry = await page.waitForSelector(`input[aria-label="${give}"]`);
        await entry.uploadFile(await viewOfTheRow());
        await page.waitForSelector("[data-finder=still]");
      }
      if (press !== undefined) {
        for (const name of [press].flat()) {
          const button = await page.waitForFunction(
            (words) =>
              [...document.querySelectorAll("button")].find(
                (each) => (each.getAttribute("aria-label") ?? each.textContent) === words,
              ),
            {},
            name,
          );
          await button.evaluate((element) => element.click());
        }
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
      await new Promise((resolve) => setTimeout(resolve, 400 + 1000 * wait));
      await page.screenshot({ path: `docs/screenshots/${name}.png` });
      console.log(`docs/screenshots/${name}.png`);
    }
  },
  "1",
);
