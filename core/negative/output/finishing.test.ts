import { chance } from "../../basis/numeric/chance.ts";
import { normalNumbers } from "../../basis/numeric/index.ts";
import { densityCurve, midExposure } from "../../light/exposure/index.ts";
import { rayleigh } from "../../light/hole/index.ts";
import { contactPrint, processFilm } from "../density/contactPrint.ts";
import { curveFromStrip } from "../density/curveFromStrip.ts";
import { tinted } from "../model/finish.ts";
import { largestKnown } from "../reproject/largestKnown.ts";
import { MISSING } from "../reproject/resample.ts";
import { inpaint } from "../restore/inpaint.ts";
import { scanDpi } from "../scan/scanDpi.ts";
import { sheetInScan } from "../scan/sheetInScan.ts";
import { finishPicture } from "./finishPicture.ts";
import { hangLayout } from "./hang.ts";
import { anaglyph, type EyePicture, parallaxPixels } from "./pair.ts";

const PAPER = { least: 0.06, most: 1.92, range: 95, iso: 5 };

describe("a paper’s curve from a strip", () => {
  const curve = densityCurve(PAPER, PAPER.iso);
  const strip = (times: readonly number[], lux: number, noise: number, seed: number) => {
    const normal = normalNumbers(chance(seed));
    return times.map((time) => ({ exposure: time * lux, density: curve(time * lux) + noise * normal() }));
  };
  const TIMES = [0.25, 0.5, 1, 2, 4, 8, 16, 32, 64];

  test("a clean strip gives back the curve it came from: Dmin, Dmax, R, ISO", () => {
    const found = curveFromStrip(strip(TIMES, 0.3, 0, 1));
    if (!found.ok) throw new Error(found.error);
    expect(found.value.least).toBeCloseTo(PAPER.least, 4);
    expect(found.value.most).toBeCloseTo(PAPER.most, 4);
    expect(found.value.range).toBeCloseTo(PAPER.range, 1);
    expect(found.value.iso).toBeCloseTo(PAPER.iso, 2);
  });

  test("with noise the truth lies within three of its own deviations, in 40 strips of 40 but two", () => {
    let off = 0;
    for (let seed = 1; seed <= 40; seed++) {
      const found = curveFromStrip(strip(TIMES, 0.3, 0.015, seed));
      if (!found.ok) throw new Error(found.error);
      const { value } = found;
      const misses = [
        Math.abs(value.most - PAPER.most) / value.sd.most,
        Math.abs(value.range - PAPER.range) / value.sd.range,
      ];
      if (Math.max(...misses) > 3) off++;
    }
    expect(off).toBeLessThanOrEqual(6);
  });

  test("what tells no curve is said: too few steps, all alike, no end in sight", () => {
    expect(curveFromStrip(strip([1, 2, 4, 8], 0.3, 0, 1))).toEqual({ ok: false, error: "too-few" });
    expect(curveFromStrip(strip([0.01, 0.012, 0.014, 0.016, 0.018], 0.3, 0, 1))).toEqual({
      ok: false,
      error: "no-range",
    });
    const straight = [1, 2, 3, 4, 5, 6].map((step) => ({ exposure: 2 ** step, density: 0.2 * step }));
    expect(curveFromStrip(straight).ok).toBe(false);
  });
});

describe("prints", () => {
  test("a contact print is dark where the negative is light, lighter with less light, and by film’s whole density", () => {
    const print = contactPrint(PAPER, PAPER, 1, false);
    const logs = [-3, -1, 0, 0.5, 1, 3];
    const densities = logs.map(print);
    expect([...densities].sort((a, b) => b - a)).toEqual(densities);
    expect(contactPrint(PAPER, PAPER, 0, false)(-9)).toBeCloseTo(PAPER.least + 0.6, 6);
    expect(contactPrint(PAPER, PAPER, 0, false)(0.4)).toBeLessThan(print(0.4));
    expect(contactPrint(PAPER, PAPER, 1, true)(0.4)).toBeLessThan(print(0.4));
  });

  test("a film positive through the process’s own curve prints the tone that was wanted", () => {
    const printed = densityCurve(PAPER, 1);
    // The lamp that makes clear film blackest.
    const lamp = [...Array(4000).keys()]
      .map((i) => midExposure(1) * 10 ** (i / 1000 - 1))
      .find((exposure) => printed(exposure) >= PAPER.least + 0.98 * (PAPER.most - PAPER.least)) as number;
    for (const share of [0.05, 0.18, 0.5, 0.8]) {
      expect(10 ** -(printed(lamp * processFilm(PAPER, share)) - PAPER.least)).toBeCloseTo(share, 2);
    }
    expect(processFilm(PAPER, 0)).toBeCloseTo(1, 9);
  });
});

describe("finishing", () => {
  const picture = (width: number, height: number, at: (x: number, y: number) => number) => {
    const data = new Uint8Array(2 * width * height);
    for (let i = 0; i < width * height; i++) data.set([at(i % width, Math.floor(i / width)), 255], 2 * i);
    return { width, height, channels: 2 as const, bits: 8 as const, data, tones: [] };
  };

  test("a spot is filled from around: a slope goes on under it, nothing of the speck shines through", () => {
    const sheet = sheetInScan({
      width: 100,
      height: 80,
      seen: "emulsion",
      corners: [
        { x: 0, y: 0 },
        { x: 100, y: 0 },
        { x: 100, y: 80 },
        { x: 0, y: 80 },
      ],
    });
    const log = Float32Array.from({ length: 8000 }, (_, i) => 0.01 * (i % 100) + 0.02 * Math.floor(i / 100));
    const map = { left: 0, top: 0, width: 100, height: 80, log: Float32Array.from(log) };
    for (let y = 37; y < 44; y++) for (let x = 37; x < 44; x++) map.log[y * 100 + x] = 9;
    inpaint(map, sheet, [{ ...sheet.toSheet(40.5, 40.5), radius: 6 }]);
    expect(Math.max(...map.log.map((value, i) => Math.abs(value - (log[i] as number))))).toBeLessThan(0.01);
  });

  test("crop, turn and tint: sizes, places, ends that stay black and white", () => {
    const plain = picture(40, 30, (x, y) => (x < 20 ? 0 : 255) * (y < 15 ? 1 : 0.5));
    const cropped = finishPicture(plain, { crop: { left: 0.5, top: 0, right: 0.25, bottom: 0.5 } });
    expect([cropped.width, cropped.height, cropped.data[0]]).toEqual([10, 15, 255]);
    const spot = picture(41, 41, (x, y) => (Math.abs(x - 35) < 2 && Math.abs(y - 20) < 2 ? 255 : 0));
    // Left and right change places before it is cropped: the crop is set on what is seen.
    const mirrored = finishPicture(plain, { mirrored: true, crop: { left: 0.25, top: 0, right: 0.5, bottom: 0.5 } });
    expect(mirrored.data).toEqual(finishPicture(plain, { crop: { left: 0.5, top: 0, right: 0.25, bottom: 0.5 } }).data);
    // Turned as it is seen: clockwise also where it is mirrored.
    const both = finishPicture(spot, { mirrored: true, turn: 30 });
    expect(both.data).toEqual(finishPicture(finishPicture(spot, { mirrored: true }) as never, { turn: 30 }).data);
    const turned = finishPicture(spot, { turn: 30 });
    // Clockwise: what was at the right is lower now.
    const at = (x: number, y: number): number => turned.data[2 * (y * 41 + x)] as number;
    expect(at(20 + Math.round(15 * Math.cos(Math.PI / 6)), 20 + Math.round(15 * Math.sin(Math.PI / 6)))).toBe(255);
    const warm = finishPicture(
      picture(3, 1, (x) => [0, 128, 255][x] as number),
      { tint: "warm" },
    );
    expect([...warm.data.subarray(0, 3), ...warm.data.subarray(8, 11)]).toEqual([0, 0, 0, 255, 255, 255]);
    expect(warm.data[4]).toBeGreaterThan(warm.data[6] as number);
    expect(tinted("blue", 0.5)[2]).toBeGreaterThan(tinted("blue", 0.5)[0]);
  });

  test("the customary 400 to 600 dpi suit the best hole at 50 to 110 mm (PHYSICS section 11)", () => {
    for (const distance of [50, 70, 90, 110]) {
      const setting = { distance, wavelengthNm: 550, subjectDistance: null };
      const { step } = scanDpi(rayleigh.compute(setting), setting);
      expect([400, 600]).toContain(step);
    }
  });
});

describe("two pictures", () => {
  const eye = (at: (x: number) => number): EyePicture => ({
    width: 30,
    height: 2,
    grey: Uint8Array.from({ length: 60 }, (_, i) => at(i % 30)),
    opacity: new Uint8Array(60).fill(255),
  });

  test("red is the left eye’s, green and blue the right eye’s; what is on the window falls together", () => {
    const post = 40;
    const [left, right] = [eye((x) => (x === 15 ? post : 200)), eye((x) => (x === 11 ? post : 200))];
    const image = anaglyph(left, right, 4, "grey");
    expect([...image.slice(4 * 15, 4 * 15 + 4)]).toEqual([post, post, post, 255]);
    const apart = anaglyph(left, right, 0, "grey");
    expect([...apart.slice(4 * 15, 4 * 15 + 3)]).toEqual([post, 200, 200]);
    expect([...apart.slice(4 * 11, 4 * 11 + 3)]).toEqual([200, post, post]);
    const half = anaglyph(left, right, 0, "half");
    expect(half[4 * 15] as number).toBeGreaterThan(post);
    // Nothing is drawn where one eye has nothing.
    expect(image[4 * 2 + 3]).toBe(0);
  });

  test("parallax is base over distance (similar triangles)", () => {
    expect(parallaxPixels(65, 1300, 800)).toBeCloseTo(40, 12);
  });
});

describe("hanging", () => {
  test("nothing overlaps or leaves its page; sheets and contact sheets at true size as far as a page goes", () => {
    const random = chance(3);
    const page = { width: 210, height: 297 };
    for (const kind of ["sheets", "nine", "series", "contact"] as const) {
      const sizes = Array.from({ length: 17 }, () => ({ width: 30 + 230 * random(), height: 30 + 150 * random() }));
      const places = hangLayout(kind, sizes, page);
      expect(places.map(({ index }) => index)).toEqual(sizes.map((_, index) => index));
      for (const a of places) {
        expect(a.x).toBeGreaterThan(10);
        expect(a.y).toBeGreaterThan(10);
        expect(a.x + a.width).toBeLessThan(page.width - 10);
        expect(a.y + a.height).toBeLessThan(page.height - 15);
        expect(a.width / a.height).toBeCloseTo((sizes[a.index]?.width ?? 0) / (sizes[a.index]?.height ?? 1), 6);
        for (const b of places) {
          if (a === b || a.page !== b.page) continue;
          const apart =
            a.x + a.width <= b.x + 1e-9 ||
            b.x + b.width <= a.x + 1e-9 ||
            a.y + a.height <= b.y ||
            b.y + b.height <= a.y;
          expect(apart).toBe(true);
        }
        if (kind === "contact" || kind === "sheets") {
          const { width = 0, height = 0 } = sizes[a.index] ?? {};
          if (width < 180 && height < 250) expect(a.width).toBeCloseTo(width, 9);
        }
      }
    }
  });
});

describe("the largest rectangle in which everything is known", () => {
  test("is found as by trying all (seeded), and holds nothing that is missing", () => {
    const random = chance(29);
    for (let round = 0; round < 60; round++) {
      const [width, height] = [1 + Math.floor(9 * random()), 1 + Math.floor(9 * random())];
      const share = random();
      const log = Float32Array.from({ length: width * height }, () => (random() < share ? MISSING : 0));
      let most = 0;
      for (let left = 0; left < width; left++)
        for (let top = 0; top < height; top++)
          for (let right = left + 1; right <= width; right++)
            for (let bottom = top + 1; bottom <= height; bottom++)
              if (isWhole(log, width, { left, top, width: right - left, height: bottom - top }))
                most = Math.max(most, (right - left) * (bottom - top));
      const found = largestKnown({ width, height, log });
      expect(found === null ? 0 : found.width * found.height).toBe(most);
      if (found !== null) expect(isWhole(log, width, found)).toBe(true);
    }
  });

  test("of a disc it is its square, to a block", () => {
    const size = 1700;
    const log = Float32Array.from({ length: size * size }, (_, i) =>
      Math.hypot((i % size) - size / 2, Math.floor(i / size) - size / 2) < size / 2 ? 0 : MISSING,
    );
    const found = largestKnown({ width: size, height: size, log });
    expect(Math.abs((found?.width ?? 0) - size / Math.SQRT2)).toBeLessThan(30);
    expect(Math.abs((found?.height ?? 0) - size / Math.SQRT2)).toBeLessThan(30);
  });
});

function isWhole(
  log: Float32Array,
  across: number,
  { left, top, width, height }: { left: number; top: number; width: number; height: number },
): boolean {
  for (let y = top; y < top + height; y++)
    for (let x = left; x < left + width; x++) if (log[y * across + x] === MISSING) return false;
  return true;
}
