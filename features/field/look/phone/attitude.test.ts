import { axesOf } from "./useAttitude.ts";

const upright = { beta: 90, gamma: 0, fromNorth: true, heading: undefined };

test("alpha grows anticlockwise; a heading that the phone tells itself counts instead (90°: it looks east)", () => {
  expect(axesOf({ ...upright, alpha: 270 }, 0)?.forward.x).toBeCloseTo(1, 9);
  expect(axesOf({ ...upright, alpha: 12, heading: 90, fromNorth: false }, 0)?.forward.x).toBeCloseTo(1, 9);
  expect(axesOf({ ...upright, alpha: null, heading: 180, fromNorth: false }, 0)?.forward.z).toBeCloseTo(1, 9);
});

test("too little told is nothing", () => {
  expect(axesOf({ ...upright, alpha: null }, 0)).toBeNull();
  expect(axesOf({ ...upright, alpha: 1, beta: null }, 0)).toBeNull();
});
