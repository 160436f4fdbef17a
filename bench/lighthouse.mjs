// Lighthouse, phone profile, of every place: performance is a figure of this machine, the others are not.
import lighthouse from "lighthouse";
import { row } from "./report.mjs";

/** Every place by a page of it. */
const PLACES = [
  ["Shelf", "/"],
  ["New camera", "/new"],
  ["Bench", "/cameras/thistle-biscuit-tin"],
  ["Make", "/cameras/thistle-biscuit-tin/make"],
  ["Dark", "/dark"],
  ["Trays", "/dark/trays"],
  ["Field", "/field"],
  ["Log", "/log"],
  ["Proof", "/proof"],
  ["Sun", "/sun"],
  ["Method", "/method"],
];

/** Prints the four scores of each place, what keeps a score under 100, and how fast Lighthouse finds this machine. */
export async function lighthouseFigures(browser, address) {
  let speed = 0;
  for (const [place, path] of PLACES) {
    const context = await browser.createBrowserContext();
    const page = await context.newPage();
    const { lhr } = await lighthouse(address + path, { output: "json", logLevel: "error" }, undefined, page);
    await context.close();
    speed = lhr.environment.benchmarkIndex;
    const scores = Object.values(lhr.categories).map(({ score }) => Math.round(100 * score));
    const faults = Object.values(lhr.categories)
      .filter(({ id }) => id !== "performance")
      .flatMap(({ auditRefs }) => auditRefs.filter(({ weight }) => weight > 0))
      .map(({ id }) => lhr.audits[id])
      .filter(({ score }) => score !== null && score < 1);
    row(`${place}: performance, accessibility, practices, SEO`, scores.join(" "), "≥ 95 100 100 100");
    for (const { title } of faults) console.log(`  ${title}`);
    const ms = (id) => `${Math.round(lhr.audits[id].numericValue)} ms`;
    console.log(`  largest paint ${ms("largest-contentful-paint")}, blocked ${ms("total-blocking-time")}`);
  }
  row("Lighthouse’s yardstick (1,500 is a laptop of its makers)", String(Math.round(speed)), "none");
}
