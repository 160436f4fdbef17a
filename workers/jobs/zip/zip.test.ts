import { createHash } from "node:crypto";
import { strToU8, unzipSync, zipSync } from "fflate";
import { chance } from "../../../core/basis/numeric/chance.ts";
import { joined } from "../../testing.ts";
import { packFiles } from "./pack.client.ts";
import { pack } from "./pack.ts";
import { unzipper } from "./unzip.client.ts";
import { unzip } from "./unzip.ts";

const MIB = 2 ** 20;
const LIMITS = { files: 50, bytes: 4 * MIB, fileBytes: 3 * MIB };
const PACKED_AT = "2026-05-01T10:00:00+01:00";

const packer = joined(pack);
const unpacker = joined(unzip());
afterAll(() => {
  packer.close();
  unpacker.close();
});

const reads = unzipper(unpacker.client);

/** What an archive of these bytes is opened as. */
async function opened(bytes: Uint8Array, most = LIMITS) {
  const ran = await reads.open(new Blob([Uint8Array.from(bytes)]), most);
  if (!ran.ok) throw new Error(ran.error.message);
  return ran.value;
}

/** Why it is not opened, if so. */
async function refusal(bytes: Uint8Array, most = LIMITS): Promise<string | null> {
  const found = await opened(bytes, most);
  return found.ok ? null : `${found.error[0]?.path}: ${found.error[0]?.message}`;
}

async function took(file: string): Promise<Uint8Array> {
  const ran = await reads.take(file);
  if (!ran.ok) throw new Error(ran.error.message);
  return new Uint8Array(await ran.value.arrayBuffer());
}

const sum = (bytes: Uint8Array): string => createHash("sha256").update(bytes).digest("hex");

/** `archive.json` of an archive with these pictures. */
function json(pictures: Readonly<Record<string, Uint8Array>>, more: object = {}): Uint8Array {
  const entries = Object.entries(pictures).map(([file, bytes]) => ({ file, sha256: sum(bytes) }));
  return strToU8(JSON.stringify({ format: "still-box/archive", version: 1, pictures: entries, ...more }));
}

const named = (files: Readonly<Record<string, Uint8Array>>) =>
  Object.entries(files).map(([name, bytes]) => ({
    name,
    read: async () => ({ content: new Blob([Uint8Array.from(bytes)]), packed: name !== "archive.json" }),
  }));

function noise(length: number, seed: number): Uint8Array<ArrayBuffer> {
  const random = chance(seed);
  return Uint8Array.from({ length }, () => 256 * random());
}

/** Every mark that a zip knows its parts by, as bytes of a picture may have them by chance. */
const MARKS = Uint8Array.from([
  ...[3, 4, 7, 8, 1, 2, 5, 6].flatMap((low, i, all) => (i % 2 ? [] : [0x50, 0x4b, low, all[i + 1] ?? 0])),
  ...new Array(40).fill(7),
]);

describe("zips out", () => {
  test("another reader finds the same files, stored or packed, also above 160 kB and with a zip's own marks in them", async () => {
    const pictures = { "pictures/a": noise(300_000, 5), "pictures/b": MARKS };
    const files = { ...pictures, "archive.json": json(pictures, { settings: { note: "{}".repeat(200_000) } }) };
    const shares: number[] = [];
    const how = { onProgress: (share: number) => shares.push(share) };
    const zip = await packFiles(named(files), PACKED_AT, how, packer.client);
    if (!zip.ok) throw new Error(zip.error.message);
    const bytes = new Uint8Array(await zip.value.arrayBuffer());
    const other = unzipSync(bytes);
    expect(Object.keys(other)).toEqual(Object.keys(files));
    for (const [name, content] of Object.entries(files)) {
      expect(Buffer.compare(other[name] ?? new Uint8Array(), content)).toBe(0);
    }
    expect(bytes.length).toBeLessThan(310_000);
    expect(shares.at(-1)).toBe(1);
    expect(shares).toEqual([...shares].sort((a, b) => a - b));
    expect(await opened(bytes)).toMatchObject({ ok: true, value: { pictures: [{ size: 300_000 }, {}] } });
    expect(await took("pictures/b")).toEqual(MARKS);
  });

  test("stopped on the way it settles as cancelled, and the next one runs", async () => {
    const stop = new AbortController();
    const large = named({ "pictures/a": noise(3 * MIB, 6), "pictures/b": noise(3 * MIB, 7) });
    const how = { signal: stop.signal, onProgress: () => stop.abort() };
    expect(await packFiles(large, PACKED_AT, how, packer.client)).toMatchObject({
      ok: false,
      error: { reason: "cancelled" },
    });
    expect((await packFiles(named({ "archive.json": json({}) }), PACKED_AT, {}, packer.client)).ok).toBe(true);
  });

  test("a file that can't be read is told, not waited for", async () => {
    const broken = { name: "a", read: () => Promise.reject(new Error("gone")) };
    const ran = await packFiles([broken], PACKED_AT, {}, packer.client);
    expect(ran).toMatchObject({ ok: false, error: { message: expect.stringMatching(/gone/) } });
  });
});

describe("a zip is counted while it is unpacked", () => {
  test("files of ours come out as they went in, others are passed over; packed anew inside a folder, too", async () => {
    const noisy = noise(2 * MIB, 4);
    const pictures = { "pictures/a": noisy, "pictures/b": MARKS };
    const files = { "archive.json": json(pictures), ...pictures, "else.txt": strToU8("else") };
    const inside = (folder: string) =>
      Object.fromEntries(Object.entries(files).map(([name, bytes]) => [`${folder}/${name}`, bytes]));
    const anew = { "__MACOSX/archive.json": strToU8("x"), ...inside("everything of the allotments") };
    for (const [held, level] of [
      [files, 0],
      [files, 6],
      [inside("still-box-2026-05-01"), 6],
      [anew, 6],
    ] as const) {
      const out = await opened(zipSync(held, { level }));
      expect(out.ok && out.value.pictures.map(({ file }) => file)).toEqual(Object.keys(pictures));
      for (const [name, bytes] of Object.entries(pictures)) expect(Buffer.compare(await took(name), bytes)).toBe(0);
    }
    expect(await reads.take("else.txt")).toMatchObject({ ok: false });
  });

  test("80 MB in 80 kB: refused when the measure is full, not when the memory is", async () => {
    const zip = zipSync({ "archive.json": new Uint8Array(80 * MIB) }, { level: 9 });
    expect(zip.length).toBeLessThan(MIB);
    const before = process.memoryUsage().arrayBuffers;
    expect(await refusal(zip)).toBe(": holds a file of more than 3 MiB");
    expect(await refusal(zip, { ...LIMITS, fileBytes: 90 * MIB })).toBe(": unpacks to more than 4 MiB");
    expect(process.memoryUsage().arrayBuffers - before).toBeLessThan(160 * MIB);
  });

  test("too many files, half a zip, a byte that is not what it was, none at all", async () => {
    const many = zipSync(Object.fromEntries(Array.from({ length: 51 }, (_, i) => [`${i}`, new Uint8Array()])));
    expect(await refusal(many)).toBe(": holds more than 50 files");
    const whole = zipSync({ "archive.json": json({}, { note: "x".repeat(9000) }) }, { level: 0 });
    expect(await refusal(whole)).toBeNull();
    const changed = whole.slice();
    changed[4000] = (changed[4000] ?? 0) ^ 1;
    for (const bytes of [whole.subarray(0, 900), changed, new Uint8Array(), strToU8("PK, no zip")]) {
      expect(await refusal(bytes)).toMatch(/damaged/);
    }
  });

  test("a picture that is missing, or is not what its sum says, is named; so are a password and a strange packing", async () => {
    const picture = noise(900, 8);
    const files = { "archive.json": json({ "pictures/a": picture }), "pictures/a": picture };
    expect(await refusal(zipSync({ "archive.json": files["archive.json"] }))).toBe(
      "/pictures/0/file: pictures/a is missing in the zip",
    );
    expect(await refusal(zipSync({ ...files, "pictures/a": noise(900, 9) }))).toMatch(/SHA-256 differs/);
    expect(await refusal(zipSync({ "else.txt": picture }))).toBe("/archive.json: is missing in the zip");
    // The bits and the number that say so, in the file's own head and in the directory. APPNOTE 6.3.10, 4.4.4 and 4.4.5.
    const marked = (local: number, central: number, value: number): Uint8Array => {
      const zip = zipSync(files, { level: 6 });
      const view = new DataView(zip.buffer);
      for (let at = 0; at < zip.length - 4; at++) {
        const sign = view.getUint32(at, true);
        if (sign === 0x04034b50) view.setUint16(at + local, value, true);
        if (sign === 0x02014b50) view.setUint16(at + central, value, true);
      }
      return zip;
    };
    expect(await refusal(marked(6, 8, 1))).toMatch(/locked with a password/);
    expect(await refusal(marked(8, 10, 14))).toMatch(/method 14/);
  });
});
