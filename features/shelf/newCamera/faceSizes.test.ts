import { insideSizes, markedTo } from "./faceSizes.ts";

const FACE = { width: 166, height: 119, widthError: 1, heightError: 0.8 };

test("a wall is taken off on both sides; the side tells the depth, a can its diameter", () => {
  const fields = (round: boolean, side: "front" | "side") =>
    insideSizes(FACE, { round, side, wall: 0.5 }).map(({ field, inside }) => [field, inside]);
  expect(fields(false, "front")).toEqual([
    ["container.width", 165],
    ["container.height", 118],
  ]);
  expect(fields(false, "side")[0]).toEqual(["container.depth", 165]);
  expect(fields(true, "front")[0]).toEqual(["container.diameter", 165]);
});

test("a corner is never surer than a pixel of the picture, nor than half a one of the screen", () => {
  expect(markedTo(0.5)).toBe(1);
  expect(markedTo(5)).toBe(2.5);
});
