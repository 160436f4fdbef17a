import type { JudgeAnswer } from "../../../core/negative/index.ts";
import { asJudged, judgedByScan, saysNothing, spreadOf } from "./byScan.ts";

const EVENING = "2026-05-16T21:00:00+01:00";
const answer = (correction: number, atLeast = false) =>
  ({ correction, atLeast, blank: 0, burnt: 0, share: 1, p05: -2, p95: 2, warnings: [] }) as unknown as JudgeAnswer;

test("the maker's own word is written as it is, the scan's in thirds with its doubt and its bound", () => {
  expect(judgedByScan(answer(0.9), -1 / 3, EVENING)).toEqual({ correction: -1 / 3, by: "scan", at: EVENING });
  const scan = answer(0.9, true);
  expect(judgedByScan(scan, null, EVENING)).toEqual({
    correction: 1,
    by: "scan",
    at: EVENING,
    sd: spreadOf(scan),
    atLeast: true,
  });
  // No more than scenes differ by: no change.
  expect(judgedByScan(answer(0.1), null, EVENING).correction).toBe(0);
});

test("what its maker said of a spoilt sheet counts before what is found; a fault that tells nothing of time spoils none", () => {
  expect(saysNothing([{ code: "all-black" }], { spoilt: "moved" })).toBe("moved");
  expect(saysNothing([{ code: "soft" }, { code: "all-white" }], null)).toBe("developed");
  expect(saysNothing([{ code: "soft" }], { spoilt: null })).toBeNull();
});

test("judged is what the hole lets light fall on, where the camera is known", () => {
  const settings = { medium: {}, sheet: {}, camera: null, evenLight: true, sharpen: true } as never;
  expect(asJudged(settings)).toMatchObject({ projection: "lay", evenLight: false, sharpen: false, within: null });
  expect(asJudged({ ...(settings as object), camera: {} } as never).within).toBe(2);
});
