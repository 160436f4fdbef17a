import { testCamera } from "../../../testing/cameras.ts";
import { nextInSet, readyInSet, withExposed } from "../index.ts";

describe("a tray of numbered cameras", () => {
  const tray = { ...testCamera("canister"), set: { count: 4, exposed: [4] } };

  test("the highest ready number is next, and counts the shots left", () => {
    expect(readyInSet(tray.set)).toEqual([1, 2, 3]);
    expect(nextInSet(tray.set)).toBe(3);
    expect(nextInSet({ count: 2, exposed: [1, 2] })).toBeNull();
    let now = tray as ReturnType<typeof withExposed>;
    for (let left = 3; left > 0; left--) {
      const next = now.set ? nextInSet(now.set) : null;
      expect(next).toBe(left);
      now = withExposed(now, next ?? 0);
    }
    expect(now.set?.exposed).toEqual([4, 3, 2, 1]);
  });

  test("a number that is not there, or was turned over before, changes nothing; nor does a camera by itself", () => {
    for (const number of [0, 4, 5, 2.5]) expect(withExposed(tray, number)).toBe(tray);
    const alone = testCamera("flat-box");
    expect(withExposed(alone, 1)).toBe(alone);
  });
});
