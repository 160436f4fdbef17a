import { createHash } from "node:crypto";
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { unzipSync } from "fflate";
import sharp from "sharp";
import { chance } from "../core/basis/numeric/chance.ts";
import { type Maker, stage } from "./support/maker.ts";
import { temporaryFolder } from "./support/temporary.ts";

const { arrive } = stage(true);

const SHOTS = 10_000;
const [WIDTH, HEIGHT] = [6000, 4000];
let paths: readonly string[] = [];
beforeAll(async () => {
  paths = await scans();
});

/** Three scans of 24 Mpx, of the kinds that scanners write: noise, which packs badly, over a slope. */
async function scans(): Promise<readonly string[]> {
  const folder = temporaryFolder();
  const random = chance(11);
  const noise = Uint8Array.from({ length: 65_537 }, () => 90 * random());
  const grey = Buffer.alloc(WIDTH * HEIGHT);
  for (let i = 0; i < grey.length; i++) grey[i] = (noise[i % noise.length] ?? 0) + (i % WIDTH) / 40;
  const picture = () => sharp(grey, { raw: { width: WIDTH, height: HEIGHT, channels: 1 } });
  const files = [
    { name: "bean rows.png", made: picture().png({ compressionLevel: 1 }) },
    { name: "water butt.tif", made: picture().tiff({ compression: "none" }) },
    { name: "scarecrow.jpg", made: picture().jpeg({ quality: 90 }) },
  ];
  return Promise.all(
    files.map(async ({ name, made }) => {
      const path = join(folder, name);
      writeFileSync(path, await made.toBuffer());
      return path;
    }),
  );
}

/** Puts files among the pictures, and so many shots into the log, as the app stores them. */
async function stocked({ page }: Maker, paths: readonly string[], shots: number): Promise<void> {
  const entry = await page.evaluateHandle(() => {
    const made = Object.assign(document.createElement("input"), { type: "file", multiple: true });
    document.body.append(made);
    return made;
  });
  await entry.uploadFile(...paths);
  await entry.evaluate(async (element, count) => {
    const pictures = await Promise.all(
      [...(element.files ?? [])].map(async (file) => {
        const bytes = new Uint8Array(await file.arrayBuffer());
        const sum = new Uint8Array(await crypto.subtle.digest("SHA-256", bytes));
        const sha256 = [...sum].map((byte) => byte.toString(16).padStart(2, "0")).join("");
        return { sha256, name: file.name, type: file.type, bytes };
      }),
    );
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const open = indexedDB.open("still-box");
      open.onsuccess = () => resolve(open.result);
      open.onerror = () => reject(open.error);
    });
    await new Promise<void>((resolve, reject) => {
      const work = db.transaction(["pictures", "exposures"], "readwrite");
      for (const picture of pictures) work.objectStore("pictures").put(picture);
      for (let i = 0; i < count; i++) {
        const openedMs = Date.UTC(2026, 0, 1) + 600_000 * i;
        const openedAt = new Date(openedMs).toISOString().replace("Z", "+00:00");
        const shot = { id: `shot-${i}`, cameraId: "thistle-biscuit-tin", openedAt, seconds: 20 + (i % 60), openedMs };
        work.objectStore("exposures").put({ ...shot, subject: `Bean row ${i}`, note: "a row of a growing year" });
      }
      work.oncomplete = () => resolve();
      work.onerror = () => reject(work.error);
      work.onabort = () => reject(work.error);
    });
    db.close();
    element.remove();
  }, shots);
}

/** What lies in a browser: the sum of each picture's bytes by its name, and how many shots. */
function lies({ page }: Maker): Promise<{ readonly pictures: Record<string, string>; readonly shots: number }> {
  return page.evaluate(async () => {
    const db = await new Promise<IDBDatabase>((resolve) => {
      const open = indexedDB.open("still-box");
      open.onsuccess = () => resolve(open.result);
    });
    const asked = <T>(request: IDBRequest<T>): Promise<T> =>
      new Promise((resolve) => {
        request.onsuccess = () => resolve(request.result);
      });
    const work = db.transaction(["pictures", "exposures"]);
    const [rows, shots] = await Promise.all([
      asked(work.objectStore("pictures").getAll()),
      asked(work.objectStore("exposures").count()),
    ]);
    const pictures: Record<string, string> = {};
    for (const { name, bytes } of rows) {
      const sum = new Uint8Array(await crypto.subtle.digest("SHA-256", await new Response(bytes).arrayBuffer()));
      pictures[name] = [...sum].map((byte) => byte.toString(16).padStart(2, "0")).join("");
    }
    db.close();
    return { pictures, shots };
  });
}

test("three scans of 24 Mpx and 10,000 shots leave as one zip, and are in an empty browser again byte for byte", async () => {
  const sums = Object.fromEntries(
    paths.map((path) => [path.split("/").at(-1), createHash("sha256").update(readFileSync(path)).digest("hex")]),
  );
  const maker = await arrive();
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  const { shots: before } = await lies(maker);
  await stocked(maker, paths, SHOTS);
  await maker.press("Save everything");
  await maker.sees("[data-report]", /still-box-.*\.zip, \d+ MB, with your records and 3 pictures, is handed/);
  const { bytes } = await maker.saved();
  // Another reader than ours finds the same.
  const files = unzipSync(bytes, { filter: ({ name }) => name === "archive.json" });
  const archive = JSON.parse(new TextDecoder().decode(files["archive.json"]));
  expect(archive.exposures).toHaveLength(before + SHOTS);
  expect(archive.pictures).toHaveLength(3);

  const other = await arrive();
  await other.goTo("/");
  await other.sees("main li", /Hat box/);
  const path = join(temporaryFolder(), "all.zip");
  writeFileSync(path, bytes);
  await other.give("Camera file or archive to open", path);
  await other.sees("[data-report]", new RegExp(`cameras and ${before + SHOTS} shots are here now`));
  expect(await lies(other)).toEqual({ pictures: sums, shots: before + SHOTS });
});

test("packing says how far it is, and is given up at a press: nothing is saved, which is said", async () => {
  const maker = await arrive();
  await maker.goTo("/");
  await maker.sees("main li", /Hat box/);
  await stocked(maker, paths.slice(1, 2), 0);
  // The press follows the first word of it in the same moment: a quick machine must not be through before.
  await maker.page.evaluate(() => {
    new MutationObserver((_, watching) => {
      const stop = [...document.querySelectorAll<HTMLElement>("[data-report] button")].find(
        ({ innerText }) => innerText === "Stop",
      );
      const progress = document.querySelector<HTMLProgressElement>("[data-report] progress");
      if (stop === undefined || progress === null) return;
      watching.disconnect();
      stop.click();
    }).observe(document.body, { childList: true, subtree: true });
  });
  await maker.press("Save everything");
  await maker.sees("[data-report]", /Nothing is saved: it was stopped/);
  await maker.press("Save everything");
  await maker.sees("[data-report]", /is handed to the browser to save/);
});
