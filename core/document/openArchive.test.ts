import { openArchive } from "./index.ts";

const SUM = "ab".repeat(32);
const file = (text: string, sum = SUM) => ({ text: () => Promise.resolve(text), sum: () => Promise.resolve(sum) });
const ARCHIVE = {
  format: "still-box/archive",
  version: 1,
  savedAt: "2026-06-01T10:00:00+01:00",
  cameras: [],
  exposures: [],
};

async function opened(archive: unknown, files: Readonly<Record<string, ReturnType<typeof file>>> = {}) {
  const text = typeof archive === "string" ? archive : JSON.stringify(archive);
  return openArchive(new Map(Object.entries({ "archive.json": file(text), ...files })));
}
const picture = { file: "pictures/a.png", sha256: SUM, type: "image/png" };

test("a whole archive gives its records, and each picture the file that was found", async () => {
  const found = file("bytes");
  const read = await opened({ ...ARCHIVE, pictures: [picture] }, { "pictures/a.png": found });
  expect(read.ok && read.value.pictures).toEqual([{ ...picture, found }]);
  const bare = await opened(ARCHIVE);
  expect(bare.ok && bare.value).toMatchObject({ archive: { cameras: [] }, pictures: [] });
});

test.each([
  ["no archive.json", async () => openArchive(new Map()), "/archive.json", /missing in the zip/],
  ["no JSON", async () => opened("{"), "/archive.json", /not valid JSON/],
  ["another format", async () => opened({ ...ARCHIVE, format: "still-box/camera" }), "", /still-box\/archive/],
  [
    "a picture left out",
    async () => opened({ ...ARCHIVE, pictures: [picture] }),
    "/pictures/0/file",
    /a\.png is missing/,
  ],
  [
    "a picture whose bytes changed",
    async () => opened({ ...ARCHIVE, pictures: [picture] }, { "pictures/a.png": file("bytes", "cd".repeat(32)) }),
    "/pictures/0/file",
    /a\.png is damaged: its SHA-256 differs/,
  ],
])("%s is told at its place, and nothing is taken in", async (_, open, path, words) => {
  const read = await open();
  expect(read.ok).toBe(false);
  expect(!read.ok && read.error.find((fault) => fault.path.startsWith(path))?.message).toMatch(words);
});
