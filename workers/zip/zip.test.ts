import { strToU8, unzipSync, zipSync } from "fflate";
import { chance } from "../../core/testing/chance.ts";
import { joined } from "../testing.ts";
import { pack } from "./pack.ts";
import { type UnpackOrder, unpack } from "./unpack.ts";

const MIB = 2 ** 20;
const MOST = { files: 50, bytes: 4 * MIB };
const AT = "2026-05-01T10:00:00+01:00";

const packer = joined(pack);
const unpacker = joined(unpack);
afterAll(() => {
  packer.close();
  unpacker.close();
});

async function unpacked(bytes: Uint8Array, most: UnpackOrder["most"] = MOST) {
  const ran = await unpacker.client.run({ zip: new Blob([Uint8Array.from(bytes)]), most });
  if (!ran.ok) throw new Error(ran.error.message);
  return ran.value;
}

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
    const files = {
      "archive.json": strToU8("{}".repeat(200_000)),
      "pictures/a": noise(300_000, 5),
      "pictures/b": MARKS,
    };
    const order = Object.entries(files).map(([name, bytes]) => ({
      name,
      content: new Blob([Uint8Array.from(bytes)]),
      packed: name !== "archive.json",
    }));
    const shares: number[] = [];
    const zip = await packer.client.run({ files: order, at: AT }, { onProgress: (share) => shares.push(share) });
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
    const back = await unpacked(bytes);
    expect(back.ok && back.value["pictures/b"]).toEqual(MARKS);
  });

  test("stopped on the way it settles as cancelled, and the next one runs", async () => {
    const stop = new AbortController();
    const large = { name: "pictures/a", content: new Blob([noise(3 * MIB, 6)]), packed: false };
    const first = packer.client.run(
      { files: [large, { ...large, name: "pictures/b" }], at: AT },
      { signal: stop.signal, onProgress: () => stop.abort() },
    );
    expect(await first).toMatchObject({ ok: false, error: { reason: "cancelled" } });
    const next = await packer.client.run({ files: [{ ...large, content: new Blob(["{}"]) }], at: AT });
    expect(next.ok).toBe(true);
  });

  test("a file that can't be read is told, not waited for", async () => {
    const broken = { size: 9, slice: () => ({ arrayBuffer: () => Promise.reject(new Error("gone")) }) };
    const failing = pack(
      { files: [{ name: "a", content: broken as unknown as Blob, packed: true }], at: AT },
      { report: () => {}, cancelled: () => false },
    );
    await expect(failing).rejects.toThrow();
  });
});

describe("a zip is counted while it is unpacked", () => {
  test("files of ours come out as they went in, others are passed over", async () => {
    const noisy = noise(3 * MIB, 4);
    const files = { "archive.json": strToU8("{}"), "pictures/a": noisy, "else.txt": strToU8("else") };
    for (const level of [0, 6] as const) {
      const zip = zipSync(files, { level });
      const { "else.txt": _, ...ours } = unzipSync(zip);
      const out = await unpacked(zip);
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
    expect(await unpacked(zip)).toEqual({ ok: false, error: "unpacks to more than 4 MiB" });
    expect(process.memoryUsage().arrayBuffers - before).toBeLessThan(160 * MIB);
  });

  test("too many files, half a zip, a byte that is not what it was, none at all", async () => {
    const many = zipSync(Object.fromEntries(Array.from({ length: 51 }, (_, i) => [`${i}`, new Uint8Array()])));
    expect(await unpacked(many)).toEqual({ ok: false, error: "holds more than 50 files" });
    const whole = zipSync({ "archive.json": noise(9000, 3) }, { level: 0 });
    const changed = whole.slice();
    changed[4000] = (changed[4000] ?? 0) ^ 1;
    for (const bytes of [whole.subarray(0, 900), changed, new Uint8Array(), strToU8("PK, no zip")]) {
      expect(await unpacked(bytes)).toEqual({ ok: false, error: expect.stringMatching(/damaged/) });
    }
  });
});
