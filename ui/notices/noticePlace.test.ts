import { type Box, noticePlace } from "./noticePlace.ts";

const SIZE = { width: 400, height: 60 };
const SCREEN = { width: 1280, height: 800 };
const over = (a: Box, b: Box): boolean =>
  a.left < b.left + b.width && b.left < a.left + a.width && a.top < b.top + b.height && b.top < a.top + a.height;

describe("a notice", () => {
  test("stands at the lower right where nothing can be pressed", () => {
    expect(noticePlace(SIZE, SCREEN, [])).toEqual({ left: 864, top: 724 });
  });

  test("covers nothing that can be pressed while there is a place without", () => {
    // A press for every 90 px of the foot, a row at the top, a column on the left.
    const controls: Box[] = [
      ...Array.from({ length: 14 }, (_, i) => ({ left: 10 + 90 * i, top: 700, width: 70, height: 40 })),
      { left: 0, top: 0, width: 1280, height: 50 },
      { left: 0, top: 60, width: 500, height: 600 },
    ];
    const place = noticePlace(SIZE, SCREEN, controls);
    expect(controls.some((control) => over({ ...place, ...SIZE }, control))).toBe(false);
    // As low as that goes.
    expect(place.top).toBeGreaterThan(600);
  });

  test("takes the left where the right is taken, and on a narrow screen the next free row", () => {
    const right = { left: 900, top: 700, width: 300, height: 100 };
    expect(noticePlace(SIZE, SCREEN, [right])).toEqual({ left: 16, top: 724 });
    const foot = { left: 16, top: 760, width: 358, height: 60 };
    const narrow = noticePlace({ width: 358, height: 70 }, { width: 390, height: 844 }, [foot]);
    expect(narrow.left).toBe(16);
    expect(narrow.top).toBeLessThanOrEqual(760 - 70 - 8);
    expect(narrow.top).toBeGreaterThan(660);
  });

  test("rather stands higher than over words, and over words than over what can be pressed", () => {
    const narrow = { width: 358, height: 70 };
    const phone = { width: 390, height: 844 };
    const words = { left: 16, top: 700, width: 358, height: 144 };
    const free = noticePlace(narrow, phone, [], [words]);
    expect(free.top + narrow.height).toBeLessThanOrEqual(700);
    const pressed = { left: 0, top: 0, width: 390, height: 690 };
    expect(noticePlace(narrow, phone, [pressed], [words]).top).toBeGreaterThan(690);
  });

  test("covers least where all is taken", () => {
    const all = { left: 0, top: 0, width: 1280, height: 800 };
    const small = { left: 900, top: 740, width: 20, height: 20 };
    const place = noticePlace(SIZE, SCREEN, [all, small]);
    expect(over({ ...place, ...SIZE }, small)).toBe(false);
  });
});
