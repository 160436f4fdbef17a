import { decode, encode } from "fast-png";
import { withPhysicalSize, withSrgb } from "./index.ts";

const data = new Uint8Array(50 * 40).map((_, i) => i % 251);
const png = encode({ width: 50, height: 40, data, channels: 1, depth: 8 });

/** The names of a PNG's chunks, in order. */
function chunks(bytes: Uint8Array): readonly string[] {
  const view = new DataView(bytes.buffer, bytes.byteOffset);
  const names: string[] = [];
  for (let at = 8; at < bytes.length; at += 12 + view.getUint32(at)) {
    names.push(String.fromCharCode(...bytes.subarray(at + 4, at + 8)));
  }
  return names;
}

test.each([0.127, 0.1, 25.4 / 2400])(
  "a pixel of %f mm is read back by fast-png, check sums and picture whole",
  (pitch) => {
    const read = decode(withPhysicalSize(png, pitch), { checkCrc: true });
    expect([read.width, read.height]).toEqual([50, 40]);
    expect(read.resolution).toEqual({ x: Math.round(1000 / pitch), y: Math.round(1000 / pitch), unit: 1 });
    expect(Array.from(read.data)).toEqual(Array.from(data));
  },
);

test("the chunks stand where the specification has them: behind the header, before the picture", () => {
  const both = withPhysicalSize(withSrgb(png), 0.1);
  const names = chunks(both);
  expect(names[0]).toBe("IHDR");
  expect(names.indexOf("pHYs")).toBeLessThan(names.indexOf("IDAT"));
  expect(names.indexOf("sRGB")).toBeLessThan(names.indexOf("IDAT"));
  expect(names.at(-1)).toBe("IEND");
  expect(decode(both, { checkCrc: true }).data).toHaveLength(50 * 40);
});

test("a chunk whose check sum is spoilt is noticed by the reader", () => {
  const spoilt = withPhysicalSize(png, 0.1);
  const at = 33 + 8;
  spoilt[at] = (spoilt[at] ?? 0) ^ 1;
  expect(() => decode(spoilt, { checkCrc: true })).toThrow(/CRC/);
});
