import { strToU8, unzipSync, zipSync } from "fflate";
import { chance } from "../core/testing/chance.ts";
import { unzipped } from "./unzipped.ts";

const MIB = 2 ** 20;
const MOST = { files: 50, bytes: 4 * MIB };

describe("a zip is counted while it is unpacked", () => {
  test("files of ours come out as they went in, others are passed over", async () => {
    const noise = Uint8Array.from({ length: 3 * MIB }, (_, i) => (i * i * 31) % 251);
    const files = { "archive.json": strToU8("{}"), "pictures/a": noise, "else.txt": strToU8("else") };
    for (const level of [0, 6] as const) {
      const zip = zipSync(files, { level });
      const { "else.txt": _, ...ours } = unzipSync(zip);
      const out = await unzipped(zip, MOST);
      if (!out.ok) throw new Error(out.error);
      expect(Object.keys(out.value)).toEqual(Object.keys(ours));
      for (const [name, bytes] of Object.entries(ours)) {
        expect(Buffer.compare(out.value[name] ?? new Uint8Array(), bytes)).toBe(0);
      }
    }
  });

  test("80 MB in 80 kB: refused when the measure is full, not when the memory is", async () => {
    const zip = zipSync({ "archive.json": new Uint8Array(80 * MIB) }, { level: 9 });
    expect(zip.length).toBeLessThan(MIB);
    const before = process.memoryUsage().arrayBuffers;
    expect(await unzipped(zip, MOST)).toEqual({ ok: false, error: "unpacks to more than 4 MiB" });
    // One step unpacks to 68 MB at most.
    expect(process.memoryUsage().arrayBuffers - before).toBeLessThan(160 * MIB);
  });

  test("too many files, half a zip, none at all", async () => {
    const many = zipSync(Object.fromEntries(Array.from({ length: 51 }, (_, i) => [`${i}`, new Uint8Array()])));
    expect(await unzipped(many, MOST)).toEqual({ ok: false, error: "holds more than 50 files" });
    const random = chance(3);
    const noise = Uint8Array.from({ length: 9000 }, () => 256 * random());
    const half = zipSync({ "archive.json": noise }).subarray(0, 900);
    for (const bytes of [half, new Uint8Array(), strToU8("PK, no zip")]) {
      expect(await unzipped(bytes, MOST)).toEqual({ ok: false, error: expect.stringMatching(/damaged/) });
    }
  });
});
