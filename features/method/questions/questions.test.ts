import { lightTable } from "../../../catalogue/lightTable.ts";
import { mediumById } from "../../../catalogue/media.ts";
import { cameraFNumber, holeDiameter } from "../../../core/camera/container/index.ts";
import { FULL_SUN_EV } from "../../../core/light/exposure/index.ts";
import { testCamera } from "../../../core/testing/cameras.ts";
import { questions } from "../../../wording/questions.ts";
import { DRAWINGS } from "./Drawings.tsx";
import { fenceOnSheet, grown, holesToTry, rainEv, timesIn, withOtherHole } from "./figures.ts";

const PAPER = mediumById("rc-graded");
const box = testCamera("flat-box");

test("every question has its drawing, its words, and a verb for its answer; none runs over 35 words a sentence", () => {
  expect(Object.keys(DRAWINGS).sort()).toEqual(questions.map(({ id }) => id).sort());
  for (const { title, answer } of questions) {
    expect(title).toMatch(/\?$/);
    for (const sentence of answer.join(" ").split(/(?<=[.?])\s/)) {
      expect(sentence.split(/\s+/).length).toBeLessThanOrEqual(35);
    }
  }
});

test("a stop less light is twice the time: rain against a grey sky, and the sun against a bright overcast two stops down", () => {
  const n = cameraFNumber(box, PAPER);
  const [sun, grey, rain] = timesIn(
    [
      { name: "a", ev: FULL_SUN_EV },
      { name: "b", ev: 12 },
      { name: "c", ev: rainEv(12) },
    ],
    box,
    PAPER,
  ).map(({ seconds }) => seconds) as [number, number, number];
  // ISO 2720:1974: t = N²·100/(S·2^EV)
  expect(sun).toBeCloseTo((n * n * 100) / (6 * 2 ** 15), 6);
  expect(grey / sun).toBeCloseTo(8, 6);
  expect(rain / grey).toBeCloseTo(2, 6);
  expect(lightTable.find(({ id }) => id === "overcast")?.ev).toBe(12);
});

test("twice as deep: hole and f-number by √2, twice the time, four times the paper (worked by hand)", () => {
  const [half, same, twice] = grown(box, PAPER, 0.3, FULL_SUN_EV, [0.5, 1, 2]);
  expect(twice?.hole).toBeCloseTo(0.3 * Math.SQRT2, 12);
  expect((twice?.seconds ?? 0) / (same?.seconds ?? 1)).toBeCloseTo(2, 9);
  expect((half?.seconds ?? 0) / (same?.seconds ?? 1)).toBeCloseTo(0.5, 9);
  expect([twice?.paper, twice?.lines]).toEqual([4, Math.SQRT2]);
  expect(twice?.distance).toBe(2 * box.chambers[0].film.distance);
});

test("another hole counts whatever was measured; both ends of its slider are three times off the best", () => {
  const measured = { ...box, measurements: [{ diameter: 0.5 }] };
  expect(holeDiameter(withOtherHole(measured, 0.9))).toBe(0.9);
  expect(holesToTry(0.3)).toEqual([expect.closeTo(0.1, 12), expect.closeTo(0.9, 12)]);
});

test("a fence on a flat sheet is straight (similar triangles); round a can it bows towards the ends", () => {
  const flat = fenceOnSheet(100, 0);
  for (const [, t] of flat) expect(t).toBeCloseTo(-35, 9);
  const can = fenceOnSheet(100, 1);
  const middle = can[24] as readonly [number, number];
  expect(middle[1]).toBeCloseTo(-35, 9);
  // Round a can, hole in its wall: the ray to azimuth a meets the wall at z·cos a, as high as 0.35·cos²a of z (Euclid III.20, III.31).
  for (const [s, t] of can) {
    const azimuth = Math.abs(s) / 100;
    expect(t).toBeCloseTo(-35 * Math.cos(azimuth) ** 2, 6);
  }
});
