import type { Page } from "puppeteer-core";
import type { Maker } from "./maker.ts";
import { PATIENCE } from "./patience.ts";

/** Waits on Proof until all of the season’s scans are stored and listed: they come behind the page. */
export async function wholeSeason(maker: Maker): Promise<Maker> {
  await seasonStored(maker.page);
  await maker.page.waitForFunction(() => document.querySelectorAll("ul[aria-label=Sheets] li").length >= 23, {
    timeout: PATIENCE,
  });
  return maker;
}

/** Waits on any page until all of the season’s scans are stored: before, they fill the disk’s queue. */
export async function seasonStored(page: Page): Promise<void> {
  // Whoever looks into a database that is not there yet makes an empty one.
  await page.waitForSelector("html[data-ready]", { timeout: PATIENCE });
  await page.waitForFunction(scansAreStored, { timeout: PATIENCE, polling: 250 });
}

/** In the page: whether the last scan of the demonstration is stored, with what was made of it. */
function scansAreStored(): Promise<boolean> {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open("still-box");
    opening.onerror = () => reject(opening.error);
    opening.onsuccess = () => {
      const db = opening.result;
      const asked = db.transaction("settings").objectStore("settings").get("demoScans");
      asked.onerror = () => reject(asked.error);
      asked.onsuccess = () => {
        db.close();
        resolve(asked.result?.value === "there");
      };
    };
  });
}
