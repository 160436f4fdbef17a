import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { lightTable } from "../catalogue/lightTable.ts";
import { mediumById } from "../catalogue/media.ts";
import { sheetTime } from "../core/light/exposure/index.ts";
import { glossary, termOf } from "./glossary.ts";

test("each word stands once, is said in at most two sentences of 30 words, and not by itself", () => {
  expect(new Set(glossary.map(({ id }) => id)).size).toBe(glossary.length);
  expect(new Set(glossary.map(({ name }) => name)).size).toBe(glossary.length);
  for (const { id, name, words } of glossary) {
    expect(termOf(id).name).toBe(name);
    const sentences = words.split(/(?<=[.!?])\s+/);
    expect(sentences.length).toBeLessThanOrEqual(2);
    for (const sentence of sentences) expect(sentence.split(" ").length).toBeLessThanOrEqual(30);
    expect(words.toLowerCase().startsWith(`${name.toLowerCase()} `)).toBe(false);
  }
});

test("the figures in it are those of the sums and the light table", () => {
  const time = (n: number, iso = 6): number => sheetTime(15, n, { iso, longTime: { kind: "none" } });
  expect(time(400) / time(200)).toBeCloseTo(4);
  expect(termOf("f-number").words).toMatch(/Twice the number needs four times as long/);
  expect(time(200, 12) / time(200, 6)).toBeCloseTo(1 / 2);
  expect(termOf("iso").words).toMatch(/Twice the ISO needs half the time; paper has about 6/);
  expect(mediumById("rc-graded").iso).toBe(6);
  const ev = (id: string) => lightTable.find((row) => row.id === id)?.ev;
  expect(termOf("ev").words).toContain(
    `Full sun is ${ev("sun")}, a bright overcast sky ${ev("bright-overcast")}, a room by a window ${ev("window")}.`,
  );
});

/** All source files of the pages. */
function* sources(folder: string): Generator<string> {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* sources(path);
    else if (/\.tsx?$/.test(entry.name)) yield readFileSync(path, "utf8");
  }
}

test("every word that a page explains in place is in it, and most of them are explained in place somewhere", () => {
  const used = [...sources("features")].flatMap((text) => [...text.matchAll(/<Term id="([^"]+)"|term: "([^"]+)"/g)]);
  const ids = new Set(used.map(([, one, other]) => one ?? other));
  for (const id of ids) expect(glossary.map((term) => term.id)).toContain(id);
  expect(ids.size).toBeGreaterThan(9);
});
