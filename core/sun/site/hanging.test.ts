import { hangsUpsideDown, hungOver } from "./hanging.ts";

test.each([
  [0, 180],
  [3, -177],
  [-3, 177],
  [180, 0],
  [-177, 3],
])("hung over, a roll of %i° is %i°, and the other way up", (roll, over) => {
  const aim = { azimuth: 180, roll };
  expect(hungOver(aim)).toEqual({ azimuth: 180, roll: over });
  expect(hangsUpsideDown(hungOver(aim))).toBe(!hangsUpsideDown(aim));
});

test("without a word it hangs upright", () => expect(hangsUpsideDown({ azimuth: 180 })).toBe(false));
