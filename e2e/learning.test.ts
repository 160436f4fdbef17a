import { writeFile } from "node:fs/promises";
import { join } from "node:path";
import sharp from "sharp";
import { stage } from "./support/maker.ts";
import { redPixels } from "./support/redPixels.ts";
import { temporaryFolder } from "./support/temporary.ts";

const { arrive, at } = stage(true);
const PHONE = { width: 390, height: 844 };

/** A photograph of 12 Mpx, dark at the left and light at the right, as a phone writes it. */
async function photograph(exif: boolean): Promise<string> {
  const path = join(temporaryFolder(), exif ? "plot.jpg" : "stripped.jpg");
  const ramp = Buffer.alloc(
    400 * 300 * 3,
    Buffer.from(Array.from({ length: 400 }, (_, x) => Array(3).fill(40 + x / 2)).flat()),
  );
  const picture = sharp(ramp, { raw: { width: 400, height: 300, channels: 3 } })
    .resize(4000, 3000)
    .jpeg();
  const taken = { FNumber: "18/10", ExposureTime: "1/1000", ISOSpeedRatings: "50" };
  await writeFile(
    path,
    await (exif ? picture.withExif({ IFD0: { Model: "Plot phone" }, IFD2: taken }) : picture).toBuffer(),
  );
  return path;
}

describe("from judged shots to the next time", () => {
  test("a shot is judged by the sheet it looks like, undone, judged by words; the next time moves; a spoilt one counts no more", async () => {
    const maker = await at("/field?camera=thistle-hat-box");
    await maker.sees("[data-learnt]", /No shot of this camera has been judged yet/);
    const before = await maker.text("[data-big-time]");
    await maker.goTo("/log?camera=thistle-hat-box");
    await maker.press("Judge");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-judging] canvas").length === 5);
    // The darkest is two stops over, and darker all over than the one after it.
    const means = await maker.page.$$eval("[data-judging] canvas", (all) =>
      all.map((canvas) => {
        const { width, height } = canvas as HTMLCanvasElement;
        const context = (canvas as HTMLCanvasElement).getContext("2d");
        const data = Array.from(context?.getImageData(0, 0, width, height).data ?? []);
        return data.filter((_, i) => i % 4 === 0).reduce((sum, value) => sum + value, 0) / (width * height);
      }),
    );
    expect(means).toEqual([...means].sort((a, b) => a - b));
    await maker.press("A negative one stop too light");
    await maker.sees("[data-verdict]", /Judged: 1 stop more next time/);
    await maker.press("Undo");
    await maker.page.waitForFunction(() => document.querySelector("[data-verdict]") === null);
    await maker.press("Judge");
    await maker.press("Shadows empty: twice next time");
    await maker.sees("[data-verdict]", /1 stop more next time/);
    await maker.goTo("/field?camera=thistle-hat-box");
    await maker.sees("[data-learnt]", /more than the sums[\s\S]*1 judged shot of this camera/);
    expect(await maker.text("[data-big-time]")).not.toBe(before);
    await maker.goTo("/log?view=says");
    await maker.sees('[data-bias="thistle-hat-box"]', /stop more than the sums, ±[\s\S]*from 1 shot/);
    await maker.goTo("/log?camera=thistle-hat-box");
    await maker.press("Judge");
    await maker.press("it moved");
    await maker.sees("[data-verdict]", /Doesn’t count: it moved/);
    await maker.goTo("/log?view=says");
    await maker.sees("[data-bias]", /Biscuit tin/);
    expect(await maker.page.$('[data-bias="thistle-hat-box"]')).toBeNull();
  });

  test("a tested time counts; the log is sifted; a table goes out and comes in without doubles, and is refused by row and column", async () => {
    const maker = await at("/log?view=says");
    await maker.choose("With the camera", "thistle-map-tube");
    await maker.type("Right time", "soon");
    await maker.press("It is tested");
    await maker.sees("[role=alert]", /Write a time like/);
    await maker.type("Right time", "40 s");
    await maker.press("It is tested");
    await maker.sees('[data-bias="thistle-map-tube"]', /from 1 shot/);
    await maker.goTo("/log");
    await maker.sees("h1", /6 shots/);
    await maker.press("Search and filter");
    await maker.choose("Verdict", "unjudged");
    await maker.sees("h1", /2 shots/);
    await maker.type("Words", "butt");
    await maker.sees("h1", /1 shot$/);
    await maker.press("Show all again");
    await maker.sees("h1", /6 shots/);
    await maker.press("CSV");
    const { bytes } = await maker.saved();
    const path = join(temporaryFolder(), "log.csv");
    await writeFile(path, bytes.toString("utf8").replace("Bean rows", "Broad beans"));
    await maker.press("Import a CSV");
    await maker.give("CSV to take in", path);
    // Words that would go are shown beside those that come.
    await maker.sees('[data-words-changed="1"]', /Bean rows, subject\s*Bean rows\s*Broad beans/);
    await maker.press("Take the table’s words");
    await maker.sees("[data-log]", /Broad beans/);
    await maker.sees("h1", /6 shots/);
    // As a spreadsheet saves it: in its own letters, with a date that could be two days.
    const windows = Buffer.from(
      "sep=;\r\ncamera;OPENED;Given seconds;Subject\r\nBiscuit tin;5/4/2026 8:00;4;Gr\xfc\xdfe\r\n",
      "latin1",
    );
    await writeFile(path, windows);
    await maker.press("Import a CSV");
    await maker.give("CSV to take in", path);
    await maker.sees("[data-unclear-date]", /“5\/4\/2026 8:00” could be two days/);
    await maker.press("The day");
    await maker.sees("[data-log]", /Grüße[\s\S]*5 Apr 2026|5 Apr 2026[\s\S]*Grüße/);
    await maker.sees("h1", /7 shots/);
    await writeFile(
      path,
      "Camera,Opened,Given seconds\nBiscuit tin,2026-01-01T10:00:00Z,4 s\nNo such tin,2026-01-01T10:00:00Z,4\n",
    );
    await maker.press("Import a CSV");
    await maker.give("CSV to take in", path);
    await maker.sees("[data-csv-faults]", /Row 2, Given seconds: “4 s” is no number\.[\s\S]*Row 3, Camera/);
    await maker.sees("h1", /7 shots/);
    await maker.goTo("/log?view=loads");
    await maker.sees("[data-load-card]", /Nine canisters[\s\S]*Water butt[\s\S]*free/);
    await maker.press("Card as PDF");
    expect((await maker.saved()).bytes.subarray(0, 5).toString()).toBe("%PDF-");
  });
});

describe("a photograph as the light meter, on a phone, in red", () => {
  test("one without Exif is refused with words; its light gives the time, marked places say how they come out, the offset is found and kept", async () => {
    const maker = await at("/field?camera=thistle-biscuit-tin");
    await maker.page.setViewport(PHONE);
    await maker.press("Photograph");
    await maker.page.waitForSelector("[data-photograph]");
    await maker.give("Photograph to meter by", await photograph(false));
    await maker.sees("[role=alert]", /has no Exif/);
    await maker.give("Photograph to meter by", await photograph(true));
    await maker.sees('[data-photograph="read"]', /Plot phone: 1\/1000 s at f\/1\.8, ISO 50/);
    // log₂(1.8² × 1000 × 2) = 12.66
    await maker.sees("[data-sum]", /EV 12\.7/);
    const frame = await maker.page.waitForSelector("[data-spots]");
    await frame?.evaluate((element) => element.scrollIntoView({ block: "center" }));
    const box = await frame?.boundingBox();
    if (!box) throw new Error("no photograph");
    await maker.page.mouse.click(box.x + 0.95 * box.width, box.y + 0.5 * box.height);
    await maker.sees("[data-sum]", /the place you marked as the middle: EV 1[34]/);
    await maker.focus("[data-spots]");
    await maker.keys("ArrowLeft");
    await maker.page.waitForFunction(() => document.querySelectorAll("[data-tones] li").length === 2);
    await maker.sees("[data-sheet-of-scene]", /What this camera’s sheet will hold of it: \d+ % stays white/);
    await maker.press("It is looking at grass in full sun");
    await maker.sees("[data-sum]", /this phone’s correction/);
    await maker.press("Daylight: press for the red light");
    await maker.page.waitForSelector("[data-red-light]");
    expect((await redPixels(maker.page)).pixels).toBe(0);
    await maker.press("Open the hole");
    await maker.sees("[data-counting]", /still to go/i);
    expect((await redPixels(maker.page)).pixels).toBe(0);
    await maker.press("Stop without a shot");
    await maker.page.waitForSelector("[role=alertdialog]");
    expect(await redPixels(maker.page)).toMatchObject({ pixels: 0 });
    await maker.press("Go on counting");
    // White would fog what lies open: also a reload stays red.
    await maker.reload();
    await maker.sees("[data-counting]", /still to go/i);
    expect((await redPixels(maker.page)).pixels).toBe(0);
    await maker.press("Daylight");
    await maker.page.waitForFunction(() => document.documentElement.dataset.red === undefined);
    expect((await redPixels(maker.page)).pixels).toBeGreaterThan(1000);
  });

  test("the practice meter is off by the same stops each time, until they are found", async () => {
    const maker = await arrive();
    // Off by little and held not quite still, it would read right by chance now and then.
    await maker.page.evaluateOnNewDocument(() => localStorage.setItem("practice-meter", "2"));
    await maker.goTo("/field?camera=thistle-biscuit-tin");
    await maker.press("Practice");
    await maker.focus("[data-practice] button[aria-label^='The scene']");
    await maker.keys("ArrowDown");
    await maker.sees("[data-practice]", /It shows [\s\S]* at f\/16/);
    await maker.press("It is looking at grass in full sun");
    await maker.sees("[data-sum]", /your meter’s correction/);
    const found = await maker.value("This meter’s correction");
    await maker.reload();
    await maker.press("Practice");
    await maker.page.waitForSelector("[data-practice]");
    await maker.reads("This meter’s correction", found);
  });
});

test("Stock: a pack is noted, counted down by loading, changed and taken out; a medium of one’s own is chosen everywhere", async () => {
  const maker = await at("/stock");
  await maker.press("Note a pack");
  await maker.type("Left", "many");
  await maker.press("Keep the pack");
  await maker.sees("[role=alert]", /whole number from 0/);
  await maker.type("Left", "10");
  await maker.press("Keep the pack");
  await maker.sees('[data-packs="3"]', /10 of 25/);
  await maker.press("Write down a medium");
  await maker.type("Name", "Paper from the shed drawer");
  await maker.type("ISO", "4");
  await maker.type("Greatest density", "0.3");
  await maker.press("Keep the medium");
  await maker.sees("[role=alert]", /more than 0\.6 above the least/);
  await maker.type("Greatest density", "1.9");
  await maker.press("Keep the medium");
  await maker.sees("[data-medium]", /Paper from the shed drawer[\s\S]*ISO 4/);
  await maker.goTo("/cameras/thistle-biscuit-tin");
  await maker.press("Paper or film");
  await maker.sees("[data-option]", /Paper from the shed drawer/);
  await maker.keys("Escape");
  await maker.goTo("/field?camera=thistle-biscuit-tin");
  await maker.press("From the pack");
  await maker.sees("[data-option]", /10 left/);
  await maker.page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>("[data-option]")]
      .find((each) => each.innerText.includes("10 left"))
      ?.focus(),
  );
  await maker.keys("Enter");
  await maker.press("It is loaded");
  await maker.sees("[data-left]", /1 of 1 left/);
  await maker.goTo("/");
  await maker.page.waitForSelector("[data-collar]");
  await maker.goTo("/stock");
  await maker.sees('[data-packs="3"]', /9 of 25/);
});

test("on a phone nothing of the Field’s pages is smaller than a thumb: 48 px", async () => {
  const maker = await at("/field?camera=thistle-canister-one");
  await maker.page.setViewport(PHONE);
  for (const path of ["/field?camera=thistle-canister-one", "/log", "/stock"]) {
    await maker.goTo(path);
    await maker.quiet();
    const small = await maker.page.$$eval(
      "main button, main input:not([type=file]), main textarea, main summary, main nav a, main a.inline-flex",
      (all) =>
        all
          .filter((each) => !["checkbox", "radio"].includes(each.getAttribute("role") ?? ""))
          .map((each) => ({
            name: each.getAttribute("aria-label") ?? each.textContent,
            high: each.getBoundingClientRect().height,
          }))
          .filter(({ high }) => high > 0 && high < 48),
    );
    expect({ path, small }).toEqual({ path, small: [] });
  }
});
