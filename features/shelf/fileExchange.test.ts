import "fake-indexeddb/auto";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { thistleRow } from "../../catalogue/demo/thistleRow.ts";
import { chance } from "../../core/basis/numeric/chance.ts";
import { theDb } from "../../storage/engine/db.ts";
import { addDemo, exportArchive, listCameras, listExposures } from "../../storage/index.ts";
import { packFiles } from "../../workers/jobs/zip/pack.client.ts";
import { pack } from "../../workers/jobs/zip/pack.ts";
import { unzipper } from "../../workers/jobs/zip/unzip.client.ts";
import { unzip } from "../../workers/jobs/zip/unzip.ts";
import { HANG, joined } from "../../workers/testing.ts";
import { type FileReport, takeIn as takeInBy } from "./fileExchange.ts";

const [TIN] = thistleRow.cameras;

function file(name: string, content: string | Uint8Array): File {
  const bytes = typeof content === "string" ? strToU8(content) : content;
  return new File([Uint8Array.from(bytes)], name);
}

const zips = { out: joined(pack), in: joined(unzip()) };
afterAll(() => {
  zips.out.close();
  zips.in.close();
});
const takeIn = (given: File): Promise<FileReport> => takeInBy(given, unzipper(zips.in.client));

/** CPU time of reading a file, s, and what came of it. */
async function taken(given: File) {
  const before = process.cpuUsage();
  const report = await takeIn(given);
  const { user, system } = process.cpuUsage(before);
  return { report, seconds: (user + system) / 1e6 };
}

/** Too deep for JSON.stringify itself. */
const DEEP = `${'{"a":'.repeat(5000)}1${"}".repeat(5000)}`;
const nested = (depth: number): unknown => JSON.parse(`${'{"a":'.repeat(depth)}1${"}".repeat(depth)}`);

beforeEach(async () => {
  await Promise.all(theDb().tables.map((table) => table.clear()));
});

describe("camera files that are not as they should be", () => {
  test.each([
    ["an unknown field 5,000 deep", { ...TIN, plans: "deep" }, /^\/plans(\/a)+$/, /more than 64 deep/],
    ["the id ..", { ...TIN, id: ".." }, /^\/id$/, /without slashes/],
    ["the id .", { ...TIN, id: "." }, /^\/id$/, /without slashes/],
    ["an id with a slash", { ...TIN, id: "a/b" }, /^\/id$/, /without slashes/],
    ["half a letter as id", { ...TIN, id: "\ud800" }, /^\/id$/, /without slashes/],
    ["50,000 measurements", { ...TIN, measurements: Array(50_000).fill({}) }, /^\/measurements/, /at most 1000/],
    ["notes of a million letters", { ...TIN, notes: "x".repeat(1_000_000) }, /^\/notes$/, /at most 100000 characters/],
  ])("%s: told where and what, nothing taken in", async (_name, camera, path, words) => {
    const { report, seconds } = await taken(file("tin.stillbox.json", JSON.stringify(camera).replace('"deep"', DEEP)));
    expect(report.ok).toBe(false);
    expect(report.faults[0]?.path).toMatch(path);
    expect(report.faults[0]?.message).toMatch(words);
    expect(seconds).toBeLessThan(HANG);
    expect(await theDb().cameras.count()).toBe(0);
  });

  test("an unknown field 60 deep is kept", async () => {
    const plans = nested(60);
    expect((await takeIn(file("tin.stillbox.json", JSON.stringify({ ...TIN, plans })))).ok).toBe(true);
    expect(await theDb().cameras.get(TIN?.id ?? "")).toMatchObject({ plans });
  });

  test("a file of 5 MiB is not even read", async () => {
    const { report } = await taken(file("tin.stillbox.json", new Uint8Array(5 * 2 ** 20).fill(32)));
    expect(report.faults[0]?.message).toBe("is 5 MiB large; a camera file has at most 4");
  });
});

test("of 500 damaged camera files each is taken in whole or refused in words", async () => {
  const random = chance(17);
  const text = JSON.stringify(TIN);
  let came = 0;
  for (let i = 0; i < 500; i++) {
    const bytes = strToU8(text);
    for (let k = 0; k < 1 + 3 * random(); k++) bytes[Math.floor(bytes.length * random())] = Math.floor(256 * random());
    const cut = random() < 0.2 ? Math.floor(bytes.length * random()) : bytes.length;
    const { report, seconds } = await taken(file("tin.stillbox.json", bytes.subarray(0, cut)));
    if (report.ok) came++;
    else expect(report.faults.every(({ message }) => message.length > 5)).toBe(true);
    expect(seconds).toBeLessThan(HANG);
  }
  expect(came).toBeGreaterThan(3);
  const { cameras, damaged } = await listCameras();
  expect([cameras.length, damaged]).toEqual([came, []]);
});

test("of 200 damaged archives each is taken in whole or refused in words, nothing half", async () => {
  await addDemo(thistleRow);
  const at = "2026-05-01T10:00:00+01:00";
  const zip = await packFiles(await exportArchive(at), at, {}, zips.out.client);
  if (!zip.ok) throw new Error(zip.error.message);
  const whole = new Uint8Array(await zip.value.arrayBuffer());
  const json = strFromU8(unzipSync(whole)["archive.json"] as Uint8Array);
  const random = chance(23);
  let came = 0;
  for (let i = 0; i < 200; i++) {
    await Promise.all(theDb().tables.map((table) => table.clear()));
    // Half of them damaged as zips, half in what they hold.
    const spoil = (bytes: Uint8Array): Uint8Array => {
      bytes[Math.floor(bytes.length * random())] = Math.floor(256 * random());
      return bytes;
    };
    const bytes = i % 2 === 0 ? spoil(whole.slice()) : zipSync({ "archive.json": spoil(strToU8(json)) });
    const { report, seconds } = await taken(file("all.zip", bytes));
    const [cameras, shots] = [await theDb().cameras.count(), (await listExposures(null)).length];
    if (report.ok) came++;
    expect([cameras, shots]).toEqual(report.ok ? [thistleRow.cameras.length, thistleRow.exposures.length] : [0, 0]);
    expect(seconds).toBeLessThan(HANG);
  }
  expect(came).toBeGreaterThan(10);
});
