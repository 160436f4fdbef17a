import { writeFile } from "node:fs/promises";
import { join } from "node:path";
import { hiddenIn } from "../core/practice/index.ts";
import { type Maker, stage } from "./support/maker.ts";
import { temporaryFolder } from "./support/temporary.ts";

const { at } = stage(true);
const SEED = 5;
/** Not too far over: one sheet’s scan tells all of it. */
const A_LITTLE_OVER = Array.from({ length: 99 }, (_, seed) => seed).find(
  (seed) => hiddenIn({ session: "black-sky", seed }).firstOver < 1.5,
);

/** Presses a button within a session’s card. */
async function begin(maker: Maker, session: string): Promise<void> {
  await maker.page.waitForSelector(`[data-session=${session}] button`);
  await Promise.all([
    maker.page.waitForSelector(`[data-practising=${session}]`),
    maker.page.$eval(`[data-session=${session}] button`, (each) => (each as HTMLElement).click()),
  ]);
}

test("the meter’s offset: found in the Field’s own page, apart from one’s own; handed in by file, read by a teacher", async () => {
  const maker = await at(`/method/practice?session=meter&seed=${SEED}`);
  await begin(maker, "meter");
  await maker.sees("main li", /Biscuit tin/);
  expect(await maker.texts("main li")).toHaveLength(1);
  await maker.press("Task and hints");
  await maker.press("Give me a hint");
  await maker.sees("[data-told]", /choose the practice meter/);
  await maker.sees("[data-told]", /correction is set: not yet/);
  await maker.goTo("/field");
  await maker.press("Practice");
  const { meterOffset } = hiddenIn({ session: "meter", seed: SEED });
  const half = Math.round(2 * meterOffset) / 2;
  await maker.choose("This meter’s correction", String(half));
  await maker.page.waitForSelector("[data-practising][data-done=true]");
  await maker.press("What an expert would have done");
  await maker.sees("[data-expert]", /three times/);
  await maker.press("Back to my own");
  await maker.sees("[data-session=meter]", /correction is set: reached/);
  // Nothing of it came among one’s own.
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  await maker.goTo(`/method/practice?seed=${SEED}`);
  await maker.type("Your name or initials", "Ada of plot 9");
  await maker.press("Save how far I got");
  const { name, bytes } = await maker.saved();
  expect(name).toBe("practice-ada-of-plot-9.json");
  const folder = temporaryFolder();
  const [good, bad] = [join(folder, name), join(folder, "letter.json")];
  await writeFile(good, bytes);
  await writeFile(bad, "Dear teacher");
  const [chooser] = await Promise.all([maker.page.waitForFileChooser(), maker.press("Read files")]);
  await chooser.accept([good, bad]);
  await maker.sees("[data-class]", /letter.json is not a file of practice/);
  await maker.sees("[data-class]", /Ada of plot 9[\s\S]*done \(No. 5\)/);
});

test("the can that leaks: its streak is found, marked, the tin proved tight, and the next sheet is clean", async () => {
  const maker = await at("/method/practice?seed=8");
  await begin(maker, "leak");
  await maker.goTo("/proof");
  await maker.press("Scan it");
  await maker.page.waitForSelector("[data-corner]");
  await maker.press("Judge");
  await maker.sees("[data-judged]", /Such a sheet teaches no time/);
  await maker.press("Keep it out of the log’s sums");
  await maker.press("Task and hints");
  await maker.sees("[data-told]", /marked as leaked on: reached/);
  await maker.goTo("/cameras/practice-cocoa-tin/make/light-test");
  await maker.press("Sheet test");
  await maker.press("No light: it is tight");
  await maker.sees("[data-practising]", /2 of 3 reached/);
  await maker.goTo("/field?camera=practice-cocoa-tin");
  await maker.press("Open the hole");
  await maker.press("Close the hole");
  await maker.type("Subject", "Water butt, taped twice round");
  await maker.press("Log this shot");
  await maker.page.waitForSelector("[data-practising][data-done=true]");
});

test("the half year that left the sheet: mended by what the verdict offers", async () => {
  const maker = await at("/method/practice?seed=6");
  await begin(maker, "half-year");
  await maker.goTo("/sun");
  await maker.sees("main", /noons?/);
  await maker.press("Aim at 180°");
  await maker.page.waitForSelector("[data-practising][data-done=true]");
});

test("a black sky, mended: what Judge says of the given sheet makes the next one right", async () => {
  const maker = await at(`/method/practice?seed=${A_LITTLE_OVER}`);
  await begin(maker, "black-sky");
  await maker.goTo("/proof");
  await maker.press("Scan it");
  await maker.page.waitForSelector("[data-corner]");
  await maker.press("Judge");
  await maker.press("Agree, and write it in the log");
  await maker.sees("[data-practising]", /1 of 2 reached/);
  await maker.goTo("/field?camera=practice-biscuit-tin");
  await maker.press("Full sun");
  await maker.sees("[data-learnt]", /judged shots?/);
  const time = await maker.text("[data-big-time]");
  await maker.press("Open the hole");
  await maker.press("Close the hole");
  await maker.type("Subject", "Cold frames, once more");
  await maker.type("Time given", time);
  await maker.press("Log this shot");
  await maker.page.waitForSelector("[data-practising][data-done=true]");
});
