import { holeAdvice, holeVerdictWords } from "../../../wording/make/holeWords.ts";
import { fresnelScale } from "../../light/hole/index.ts";
import { ideal, inMm, PAPER_LIGHT, testCamera } from "../../testing/cameras.ts";
import { type Camera, settled, withAim, withField, withMount } from "../container/index.ts";
import { holeFix, holeToMake, judgeHole, shareOf } from "./index.ts";
import { suitedDistance } from "./judgeHole.ts";

const can = testCamera("curled-can");
const wantedBy = (camera: Camera) => holeToMake(camera, PAPER_LIGHT, ideal);
const measured = (camera: Camera, times: number, seen: object = {}): Camera => ({
  ...camera,
  measurements: [
    { diameter: times * wantedBy(camera).best, uncertainty: 0.003, axisRatio: 0.97, roughness: 0.001, ...seen },
  ],
});
const verdict = (camera: Camera) => judgeHole(camera, PAPER_LIGHT, ideal).verdict;

describe("what to do with the hole as it came out", () => {
  test("keep, sand, remake", () => {
    expect(verdict(measured(can, 1))).toEqual({ action: "keep", reason: "in band" });
    expect(verdict(measured(can, 0.8))).toEqual({ action: "keep", reason: "near band" });
    expect(verdict(measured(can, 0.6))).toEqual({ action: "sand", reason: "small" });
    expect(verdict(measured(can, 1.6))).toEqual({ action: "remake", reason: "large" });
    expect(verdict(measured(can, 1, { axisRatio: 0.7 }))).toEqual({ action: "remake", reason: "oval" });
    expect(verdict(measured(can, 1, { roughness: 0.05 * wantedBy(can).best }))).toEqual({
      action: "sand",
      reason: "burrs",
    });
    expect(verdict(measured(can, 1, { roughness: 0.2 * wantedBy(can).best }))).toEqual({
      action: "remake",
      reason: "rough",
    });
  });

  test("a box takes a false back at the distance that its small hole suits", () => {
    const box = measured(testCamera("flat-box", { depth: 70 }), 0.8);
    expect(verdict(box)).toEqual({ action: "move", distance: expect.closeTo(0.64 * 70, 1) });
    const fix = holeFix(judgeHole(box, PAPER_LIGHT, ideal));
    expect(verdict(settled(fix?.apply(box) ?? box, PAPER_LIGHT, ideal))).toEqual({ action: "keep", reason: "in band" });
  });

  test("0.35 mm suits about 62 mm at 550 nm with Rayleigh’s constant (common practice; 61.9 by PHYSICS section 1)", () => {
    const setting = { distance: 70, wavelengthNm: 550, subjectDistance: null };
    expect(suitedDistance(0.35, Math.sqrt(3.6) * fresnelScale(setting), setting)).toBeCloseTo(61.87, 2);
  });

  test("a near subject: the distance found asks for just this hole; a subject at 150 mm makes 213 of 88", () => {
    const near = { distance: 70, wavelengthNm: 550, subjectDistance: 500 };
    const wanted = Math.sqrt(3.6) * fresnelScale(near);
    const distance = suitedDistance(0.3, wanted, near) ?? 0;
    expect(Math.sqrt(3.6) * fresnelScale({ ...near, distance })).toBeCloseTo(0.3, 9);
    expect(suitedDistance(3, wanted, near)).toBeNull();
    const at88 = fresnelScale({ distance: 88, wavelengthNm: 440, subjectDistance: null });
    const close = { distance: 300, wavelengthNm: 440, subjectDistance: 150 };
    // 1/88 − 1/150 = 1/212.9: elementary.
    expect(suitedDistance(at88, fresnelScale(close), close)).toBeCloseTo(1 / (1 / 88 - 1 / 150), 9);
  });

  test("a hole the maker asked for is kept as wished, and said to be bright and soft", () => {
    const wish = withField(can, "hole.diameter", 1.59);
    expect(judgeHole(wish, PAPER_LIGHT, ideal).verdict).toEqual({ action: "wish", reason: "larger" });
    expect(holeVerdictWords(judgeHole(wish, PAPER_LIGHT, ideal), inMm).sentence).toMatch(
      /bright and soft, a choice some make/,
    );
    const made = { ...wish, measurements: [{ diameter: 1.55, uncertainty: 0.02 }] };
    expect(judgeHole(made, PAPER_LIGHT, ideal).verdict).toEqual({ action: "keep", reason: "as wished" });
  });

  test("a hole through the wall is never sanded, and one that is too large gets a plate over it", () => {
    const pierced = (times: number, seen = {}) => withMount(measured(can, times, seen), "wall");
    const said = (camera: Camera) => holeVerdictWords(judgeHole(camera, PAPER_LIGHT, ideal), inMm);
    expect(said(pierced(1, { roughness: 0.05 * wantedBy(can).best })).sentence).toMatch(/matchstick/);
    expect(said(pierced(0.6)).sentence).toMatch(/Turn the pin/);
    for (const camera of [pierced(1, { roughness: 0.05 * wantedBy(can).best }), pierced(0.6)]) {
      expect(Object.values(said(camera)).join(" ")).not.toMatch(/[Ss]and|wet paper/);
    }
    const large = pierced(1.7);
    const fix = holeFix(judgeHole(large, PAPER_LIGHT, ideal));
    expect(fix?.mend).toEqual({ code: "thin-plate" });
    expect(fix?.apply(large)).toMatchObject({ measurements: [], chambers: [{ mount: "plate" }] });
  });

  test("a bought hole is never made again", () => {
    const bought = withMount(measured(can, 1.6), "bought");
    expect(judgeHole(bought, PAPER_LIGHT, ideal).verdict).toEqual({ action: "keep", reason: "as bought" });
    expect(holeFix(judgeHole(bought, PAPER_LIGHT, ideal))).toBeNull();
  });
});

describe("the band", () => {
  test("ends where 95 % are left, soft where 75 % are, with a near subject as with a far one", () => {
    for (const subjectDistance of [null, 300]) {
      const toMake = wantedBy(withAim(can, { subjectDistance }));
      for (const end of toMake.band) expect(shareOf(end, toMake)).toBeCloseTo(0.95, 6);
      expect(shareOf(toMake.soft, toMake)).toBeCloseTo(0.75, 6);
      expect(shareOf(toMake.best, toMake)).toBe(1);
    }
  });

  test("at 20 % contrast it runs from 0.874 to 1.103 times the best (PHYSICS section 1)", () => {
    const { best, band } = wantedBy(can);
    expect(band[0] / best).toBeCloseTo(0.874, 3);
    expect(band[1] / best).toBeCloseTo(1.103, 3);
  });

  test("Rayleigh’s hole keeps 78 % at 20 % contrast: it is not said to keep 95 (PHYSICS section 1)", () => {
    const toMake = wantedBy(settled(withAim(can, { rule: "rayleigh" }), PAPER_LIGHT, ideal));
    expect(shareOf(toMake.target, toMake)).toBeCloseTo(0.78, 2);
    expect(toMake.target).toBeGreaterThan(toMake.band[1]);
  });

  test("is said in one sentence", () => {
    expect(holeAdvice(judgeHole(can, PAPER_LIGHT, ideal), inMm)).toMatch(
      /draws the most detail; from .* to .* looks the same; up to .* a little softer and over half a stop quicker\.$/,
    );
  });
});
