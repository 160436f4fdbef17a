import { diaryDoubt } from "./diaryDoubt.ts";

const DATES = ["2026-12-19", "2026-12-20", "2026-12-21", "2026-12-22", "2026-12-23", "2026-12-24"];

function diary(steps: readonly number[], told = true) {
  const columns = 5;
  return {
    dates: DATES,
    hours: new Float64Array(columns),
    at: new Float64Array(columns * DATES.length),
    sun: new Float32Array(columns * DATES.length).fill(told ? 1 : Number.NaN),
    parted: Float32Array.from({ length: columns * DATES.length }, (_, i) => steps[Math.floor(i / columns)] as number),
  };
}

test("days whose tracks lie within half a track of each other are told as a run; others are not", () => {
  const doubt = diaryDoubt(diary([0.8, 0.1, 0.05, 0.1, 0.9, 0.2]), 0.9);
  expect(doubt.together).toEqual([
    ["2026-12-20", "2026-12-22"],
    ["2026-12-24", "2026-12-24"],
  ]);
  // The middle of 0.05, 0.1, 0.1, 0.2, 0.8, 0.9, times a track's width.
  expect(doubt.step).toBeCloseTo(0.2 * 0.9, 6);
});

test("where the sheet tells nothing, nothing is said of it", () => {
  expect(diaryDoubt(diary([0.1, 0.1, 0.1, 0.1, 0.1, 0.1], false), 1)).toEqual({ together: [], step: 0 });
});
