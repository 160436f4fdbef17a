// A backup of two gigabytes out and in again on an empty browser: its bytes, its time, its memory.

import { mkdtempSync, readdirSync, readFileSync, rmSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { row } from "./report.mjs";
import { threadTime } from "./visitor.mjs";

const PICTURES = Number(process.env.BACKUP_PICTURES ?? 24);
const MB_EACH = 80;

/** Proportional memory of the browser with all its processes, MB. */
function memory(browser) {
  const root = browser.process().pid;
  const all = readdirSync("/proc").filter((name) => /^\d+$/.test(name));
  const parents = new Map();
  for (const pid of all) {
    try {
      const [, ppid] = readFileSync(`/proc/${pid}/stat`, "utf8").split(") ")[1].split(" ");
      parents.set(Number(pid), Number(ppid));
    } catch {
      // It has ended since.
    }
  }
  const ours = (pid) => pid === root || (parents.has(pid) && ours(parents.get(pid)));
  let sum = 0;
  for (const pid of parents.keys()) {
    if (!ours(pid)) continue;
    try {
      const [, kb] = /^Pss:\s+(\d+)/m.exec(readFileSync(`/proc/${pid}/smaps_rollup`, "utf8")) ?? [];
      sum += Number(kb ?? 0) / 1000;
    } catch {
      // It has ended since.
    }
  }
  return sum;
}

/** The most memory above what it was before, while something goes on, MB. */
async function above(browser, work) {
  const rest = memory(browser);
  let most = 0;
  const look = setInterval(() => {
    most = Math.max(most, memory(browser) - rest);
  }, 100);
  const start = Date.now();
  try {
    await work();
  } finally {
    clearInterval(look);
  }
  return { most, seconds: (Date.now() - start) / 1000 };
}

const says = (page, words) =>
  page.waitForFunction(
    (source) => new RegExp(source).test(document.querySelector("[data-report]")?.textContent ?? ""),
    { timeout: 600_000, polling: 200 },
    words,
  );

export async function backupFigures(browser, address) {
  const folder = mkdtempSync(join(tmpdir(), "still-box-backup-"));
  // The browser's own profile: other contexts keep all they store in memory.
  const page = await browser.newPage();
  const session = await browser.target().createCDPSession();
  await session.send("Browser.setDownloadBehavior", { behavior: "allow", downloadPath: folder });
  await page.goto(address, { waitUntil: "networkidle0" });
  for (let k = 0; k < PICTURES; k++) await page.evaluate(putPicture, k, MB_EACH * 1e6);
  const whole = PICTURES * MB_EACH;
  const out = await above(browser, async () => {
    await page.evaluate(() =>
      [...document.querySelectorAll("button")].find(({ textContent }) => textContent === "Save everything").click(),
    );
    await says(page, "is handed to the browser|Nothing is saved");
  });
  console.log(await page.$eval("[data-report]", ({ textContent }) => textContent));
  const zip = await until(() => {
    const name = readdirSync(folder).find((each) => each.endsWith(".zip"));
    return name && statSync(join(folder, name)).size > whole * 1e6 ? join(folder, name) : null;
  });
  row(`backup of ${whole} MB out: memory above rest`, `${out.most.toFixed(0)} MB`, "≤ 200 MB");
  row(`backup of ${whole} MB out: time`, `${out.seconds.toFixed(0)} s`, "");
  const sums = await page.evaluate(sumsOf);
  const storage = await page.createCDPSession();
  await page.goto("about:blank");
  await storage.send("Storage.clearDataForOrigin", { origin: address, storageTypes: "all" });
  await page.goto(address, { waitUntil: "networkidle0" });
  await page.keyboard.press("Shift");
  const entry = await page.waitForSelector('input[type="file"][aria-label^="Camera file"]');
  const script = await threadTime(page, "ScriptDuration");
  const before = await script();
  const back = await above(browser, async () => {
    await entry.uploadFile(zip);
    await says(page, "are here now|nothing was changed");
  });
  console.log(await page.$eval("[data-report]", ({ textContent }) => textContent));
  row(`backup of ${whole} MB in: memory above rest`, `${back.most.toFixed(0)} MB`, "≤ 200 MB");
  row(`backup of ${whole} MB in: time`, `${back.seconds.toFixed(0)} s`, "");
  row(`backup of ${whole} MB in: main-thread script`, `${((await script()) - before).toFixed(0)} ms`, "");
  const again = await page.evaluate(sumsOf);
  row("backup in again: pictures byte for byte", JSON.stringify(again) === JSON.stringify(sums) ? "yes" : "NO", "yes");
  await page.close();
  rmSync(folder, { recursive: true });
}

async function until(found) {
  for (;;) {
    const value = found();
    if (value) return value;
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
}

/** Puts a picture of noise among the pictures. It runs in the page. */
async function putPicture(k, length) {
  const bytes = new Uint8Array(length);
  for (let from = 0; from < length; from += 65_536) crypto.getRandomValues(bytes.subarray(from, from + 65_536));
  const digest = new Uint8Array(await crypto.subtle.digest("SHA-256", bytes));
  const sha256 = [...digest].map((byte) => byte.toString(16).padStart(2, "0")).join("");
  const db = await new Promise((resolve) => {
    const request = indexedDB.open("still-box");
    request.onsuccess = () => resolve(request.result);
  });
  const write = db.transaction("pictures", "readwrite");
  write.objectStore("pictures").put({ sha256, name: `scan ${k}.jpg`, type: "image/jpeg", bytes: new Blob([bytes]) });
  await new Promise((resolve, reject) => {
    write.oncomplete = resolve;
    write.onerror = () => reject(write.error);
  });
  db.close();
}

/** Sums of all pictures, taken anew from their bytes. It runs in the page. */
async function sumsOf() {
  const db = await new Promise((resolve) => {
    const request = indexedDB.open("still-box");
    request.onsuccess = () => resolve(request.result);
  });
  const asked = (request) =>
    new Promise((resolve) => {
      request.onsuccess = () => resolve(request.result);
    });
  const keys = await asked(db.transaction("pictures").objectStore("pictures").getAllKeys());
  const sums = [];
  for (const key of keys) {
    const { bytes } = await asked(db.transaction("pictures").objectStore("pictures").get(key));
    const digest = new Uint8Array(await crypto.subtle.digest("SHA-256", await new Response(bytes).arrayBuffer()));
    sums.push(`${key} ${[...digest].map((byte) => byte.toString(16).padStart(2, "0")).join("")}`);
  }
  db.close();
  return sums;
}
