import { unzipSync } from "fflate";
import { type Maker, stage } from "./support/maker.ts";
import { PATIENCE } from "./support/patience.ts";

const { at } = stage(true);

/** Waits until the browser has said that the policy forbade something, and forgets it. */
async function forbidden(maker: Maker): Promise<void> {
  const given = Date.now() + PATIENCE;
  const found = (): number => maker.complaints.findIndex((words) => /Content Security Policy/.test(words));
  while (found() < 0 && Date.now() < given) await new Promise((resolve) => setTimeout(resolve, 50));
  expect(maker.complaints.filter((words) => !/Content Security Policy/.test(words))).toEqual([]);
  expect(found()).toBeGreaterThanOrEqual(0);
  maker.complaints.splice(0);
}

/** What a library does that wants more than its policy allows. */
function fromMadeUpAddress(): void {
  try {
    new Worker(URL.createObjectURL(new Blob(["0"])));
  } catch {
    // Some say it by throwing, too.
  }
}

test("what the policy forbids is heard, on the page and in a worker: so every other test would fail by it", async () => {
  const maker = await at("/");
  await maker.page.evaluate(fromMadeUpAddress);
  await forbidden(maker);
  await maker.press("Save everything");
  await maker.sees("[data-report]", /is handed to the browser to save/);
  const [worker] = maker.page.workers().filter((each) => /pack/.test(each.url()));
  if (worker === undefined) throw new Error("no worker packs");
  await worker.evaluate(fromMadeUpAddress);
  await forbidden(maker);
});

test("all positives leave as one zip", async () => {
  const maker = await at("/proof");
  // A small sheet: what is tried is the zip.
  await maker.press("Sheet on the made-up flatbed");
  await maker.page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>("[data-option]")]
      .find((each) => each.innerText.startsWith("Nine canisters"))
      ?.focus(),
  );
  await maker.keys("Enter");
  for (const count of [1, 2]) {
    await maker.press("Scan it");
    await maker.page.waitForFunction(
      (want) => document.querySelectorAll("[data-negative]").length === want,
      { timeout: PATIENCE },
      count,
    );
  }
  await maker.press("Positive");
  await maker.press("Save all 2");
  const { name, bytes } = await maker.saved();
  expect(name).toMatch(/^positives-\d{4}-\d{2}-\d{2}\.zip$/);
  const files = Object.values(unzipSync(bytes));
  expect(files).toHaveLength(2);
  for (const file of files) {
    expect(file.length).toBeGreaterThan(10_000);
    expect([...file.subarray(0, 3)]).toEqual([0xff, 0xd8, 0xff]);
  }
});
