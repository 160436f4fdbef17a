/** @jest-environment ./scripts/jest-browser.cjs */
import { isDeliberate } from "./deliberateTap.ts";
import { openInRed } from "./openInRed.ts";
import { RED_AT_ONCE, RED_LEVELS, redLevel, setRedLight } from "./redLight.ts";
import { keepSafelightTest, safeLevel, safelightTest, safelightWords } from "./safelight.ts";
import { trueClock } from "./trueClock.ts";

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  delete document.documentElement.dataset.red;
});

describe("the true clock", () => {
  test("an hour of ticks at odd times: never off by more than 20 ms, whichever of the two clocks is looked at", () => {
    let real = 1_000_000;
    const clock = trueClock(
      () => Math.round(real),
      () => real - 1_000_000,
    );
    const begin = clock();
    for (let tick = 0; real < 1_000_000 + 3_600_000; tick++) {
      real += 3 + ((tick * 7919) % 1511) / 10;
      expect(Math.abs(clock() - begin - (real - 1_000_000))).toBeLessThan(20);
    }
  });
  test("a device that sleeps (its steady clock stands), one whose clock is set back, one set on: time is never lost", () => {
    let [wall, steady] = [0, 0];
    const clock = trueClock(
      () => wall,
      () => steady,
    );
    const pass = (byWall: number, bySteady: number): number => {
      wall += byWall;
      steady += bySteady;
      return clock();
    };
    expect(pass(1000, 1000)).toBe(1000);
    expect(pass(60_000, 0)).toBe(61_000);
    expect(pass(-3_600_000, 500)).toBe(61_500);
    expect(pass(500, 500)).toBe(62_000);
    // A small step back is waited for.
    expect(pass(-10, 0)).toBe(62_000);
    expect(pass(1010, 1000)).toBe(63_000);
  });
});

describe("the red light in the dark", () => {
  test("Dark opens at the dimmest, at what was found safe, or as it was; white chosen by hand holds in this tab", () => {
    openInRed(null);
    expect(redLevel()).toBe(RED_LEVELS[0]);
    setRedLight(190);
    openInRed(null);
    expect(redLevel()).toBe(190);
    setRedLight(null);
    openInRed(140);
    expect(redLevel()).toBeNull();
    sessionStorage.clear();
    openInRed(140);
    expect(redLevel()).toBe(140);
    // Begun in red by its address alone, the next page is red too.
    localStorage.clear();
    document.documentElement.dataset.red = "70";
    openInRed(100);
    expect([redLevel(), localStorage.getItem("still-box-red-light")]).toEqual([100, "100"]);
  });
  test.each([
    ["/dark/trays", "70"],
    ["/", undefined],
    ["/darkness", undefined],
  ])("before anything is drawn at %s", (path, level) => {
    history.replaceState(null, "", path);
    new Function(RED_AT_ONCE)();
    expect(document.documentElement.dataset.red).toBe(level);
    delete document.documentElement.dataset.red;
    sessionStorage.setItem("still-box-white-in-dark", "1");
    new Function(RED_AT_ONCE)();
    expect(document.documentElement.dataset.red).toBeUndefined();
    history.replaceState(null, "", "/");
  });
  test("a screen is no safelight until it was tested, in its place, at this brightness; film is never said to bear it", () => {
    expect(safelightTest()).toBeNull();
    expect(safelightWords(70)).toMatch(/^Not tested/);
    keepSafelightTest({ at: "2026-05-01T20:00:00+01:00", level: 100, passed: true });
    expect(safeLevel()).toBe(100);
    expect(safelightWords(70)).toMatch(/no trace on paper/);
    expect(safelightWords(140)).toMatch(/Brighter than it was tested/);
    keepSafelightTest({ at: "2026-05-01T20:00:00+01:00", level: 100, passed: false });
    expect(safeLevel()).toBeNull();
    expect(safelightWords(70)).toMatch(/it fogs paper/);
    for (const level of RED_LEVELS) expect(safelightWords(level)).not.toMatch(/film/i);
    localStorage.setItem("still-box-safelight", "{torn");
    expect(safelightTest()).toBeNull();
  });
});

test("a tap is meant when it is inside the rim, does not slide or lean, and no drop of water follows another", () => {
  const size = { width: 390, height: 844 };
  const tap = (x: number, y: number, more: { dx?: number; lasts?: number; last?: number } = {}) =>
    isDeliberate({ x, y, at: 5000 }, { x: x + (more.dx ?? 0), y, at: 5000 + (more.lasts ?? 80) }, size, more.last ?? 0);
  expect(tap(200, 400)).toBe(true);
  expect([tap(5, 400), tap(385, 400), tap(200, 3), tap(200, 840)]).toEqual([false, false, false, false]);
  expect(tap(200, 400, { dx: 40 })).toBe(false);
  expect(tap(200, 400, { lasts: 2000 })).toBe(false);
  expect(tap(200, 400, { last: 4600 })).toBe(false);
});
