/** @jest-environment ./scripts/jest-browser.cjs */
import { isDeliberate } from "../device/deliberateTap.ts";
import {
  answerDark,
  darkAnswer,
  enterDark,
  leaveDark,
  RED_AT_ONCE,
  RED_LEVELS,
  redLevel,
  setRedLight,
} from "./redLight.ts";
import { keepSafelightTest, safeLevel, safelightTest, safelightWords } from "./safelight.ts";

beforeEach(() => {
  localStorage.clear();
  sessionStorage.clear();
  delete document.documentElement.dataset.red;
});

describe("the red light in the dark", () => {
  test("Dark opens in red, at the dimmest or at what was found safe, and asks once a visit", () => {
    enterDark(null);
    expect([redLevel(), darkAnswer()]).toEqual([RED_LEVELS[0], "asked"]);
    enterDark(null);
    expect(darkAnswer()).toBe("asked");
    answerDark("dark");
    enterDark(null);
    expect([redLevel(), darkAnswer()]).toEqual([RED_LEVELS[0], "dark"]);
    // Out of it the answer goes, the red stays; and in red one is not asked again.
    leaveDark();
    expect([redLevel(), darkAnswer()]).toEqual([RED_LEVELS[0], null]);
    setRedLight(190);
    enterDark(70);
    expect([redLevel(), darkAnswer()]).toEqual([190, "dark"]);
  });
  test("by daylight all pages of this visit are bright; the next visit is red again, and asks", () => {
    enterDark(140);
    answerDark("day");
    enterDark(140);
    expect([redLevel(), darkAnswer()]).toEqual([null, "day"]);
    leaveDark();
    enterDark(140);
    expect([redLevel(), darkAnswer()]).toEqual([140, "asked"]);
  });
  test("who leaves without an answer was not in the dark: it is bright again", () => {
    enterDark(null);
    leaveDark();
    expect([redLevel(), darkAnswer(), localStorage.getItem("still-box-red-light")]).toEqual([null, null, null]);
  });
  test("the lamp switched within Dark is an answer too, whichever way; switched elsewhere it is none", () => {
    enterDark(null);
    setRedLight(null);
    expect(darkAnswer()).toBe("day");
    setRedLight(100);
    expect(darkAnswer()).toBe("dark");
    leaveDark();
    setRedLight(null);
    expect(darkAnswer()).toBeNull();
    enterDark(null);
    expect([redLevel(), darkAnswer()]).toEqual([RED_LEVELS[0], "asked"]);
  });
  test("begun in red by its address alone, the next page is red too; where nothing can be kept, it lasts as long as the page", () => {
    document.documentElement.dataset.red = "70";
    enterDark(100);
    expect([redLevel(), localStorage.getItem("still-box-red-light")]).toEqual([100, "100"]);
    const full = jest.spyOn(Storage.prototype, "setItem").mockImplementation(() => {
      throw new DOMException("full", "QuotaExceededError");
    });
    leaveDark();
    setRedLight(null);
    enterDark(null);
    answerDark("day");
    enterDark(null);
    expect([redLevel(), darkAnswer()]).toEqual([null, "day"]);
    full.mockRestore();
    leaveDark();
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
    sessionStorage.setItem("still-box-dark-answer", "day");
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
