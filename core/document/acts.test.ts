import { withContainer } from "../camera/container/index.ts";
import { testCamera } from "../testing/cameras.ts";
import {
  type Count,
  closedAt,
  coveredFrom,
  type Development,
  hangsOut,
  type Load,
  placesHeld,
  readJson,
  runOf,
  sheetOut,
  type Trail,
  trailAtHand,
  uncoveredAt,
  withOpen,
  withTyped,
} from "./index.ts";
import { trailFaults } from "./trail.ts";

const OPEN: Count = {
  id: "count",
  cameraId: "tin",
  openedMs: 1000,
  closedMs: null,
  pauses: [],
  targetSeconds: 30,
  medium: "rc-graded",
  iso: 6,
  fNumber: 226,
  light: "Full sun",
  words: { subject: "", note: "windy" },
} as unknown as Count;

describe("a hole that is open", () => {
  const covered = coveredFrom(OPEN, 5000);

  test("is shut once, by whoever was first; a cover that lasts ends with it", () => {
    const shut = closedAt(covered, 9000, 7900);
    expect(shut).toMatchObject({ closedMs: 9000, countedMs: 7900, pauses: [{ fromMs: 5000, untilMs: 9000 }] });
    expect(closedAt(shut, 12_000, null)).toBe(shut);
    const before = uncoveredAt(covered, 5000, 6000);
    expect(closedAt(before, 9000, null)).toMatchObject({ countedMs: null, pauses: [{ fromMs: 5000, untilMs: 6000 }] });
  });

  test("is covered once at a time, and not when it is shut; the same cover is not begun again", () => {
    expect(covered.pauses).toEqual([{ fromMs: 5000, untilMs: null }]);
    expect(coveredFrom(covered, 6000)).toBe(covered);
    const again = uncoveredAt(covered, 5000, 6000);
    expect(coveredFrom(again, 5000)).toBe(again);
    expect(coveredFrom(again, 7000).pauses).toEqual([
      { fromMs: 5000, untilMs: 6000 },
      { fromMs: 7000, untilMs: null },
    ]);
    const shut = closedAt(OPEN, 9000, null);
    expect(coveredFrom(shut, 9500)).toBe(shut);
  });

  test("is uncovered from the cover that was seen, and from no other", () => {
    expect(uncoveredAt(covered, 4000, 8000)).toBe(covered);
    const ended = uncoveredAt(covered, 5000, 8000);
    expect(ended.pauses).toEqual([{ fromMs: 5000, untilMs: 8000 }]);
    expect(uncoveredAt(ended, 5000, 9000)).toBe(ended);
    const second = coveredFrom(ended, 8500);
    expect(uncoveredAt(second, 8500, 8700).pauses).toEqual([
      { fromMs: 5000, untilMs: 8000 },
      { fromMs: 8500, untilMs: 8700 },
    ]);
  });

  test("takes the lines that were typed, and leaves the others", () => {
    const typed = withTyped(OPEN, [{ path: ["subject"], before: "", after: "Beans" }]);
    expect(typed.words).toEqual({ subject: "Beans", note: "windy" });
  });
});

describe("places of a camera", () => {
  const canister = withContainer({ ...testCamera("canister"), set: { count: 3, exposed: [2] } }, {});
  const load = {
    id: "load",
    cameraId: "test",
    at: "2026-06-01T10:00:00+01:00",
    places: [{ place: "1", medium: "film", iso: 100, exposureId: null }],
  } as unknown as Load;

  test("are those of its load; without one, of its numbered set; without either nobody knows", () => {
    expect(placesHeld(canister, load, "rc-graded", 6)).toBe(load.places);
    const held = placesHeld(canister, null, "rc-graded", 6) ?? [];
    expect(held.map(({ exposureId }) => exposureId)).toEqual([null, "turned over", null].slice(0, held.length));
    for (const each of held) expect(each).toMatchObject({ medium: "rc-graded", iso: 6 });
    expect(placesHeld(testCamera("flat-box"), null, "rc-graded", 6)).toBeNull();
  });

  test("with a hole open there count as exposed; what is exposed stays what it is", () => {
    const held = [
      { place: "1", medium: "m", iso: 6, exposureId: null },
      { place: "2", medium: "m", iso: 6, exposureId: "shot" },
      { place: "3", medium: "m", iso: 6, exposureId: null },
    ];
    const open = withOpen(held, [
      { id: "a", place: "1" },
      { id: "b", place: "2" },
      { id: "c", place: null },
    ]);
    expect(open?.map(({ exposureId }) => exposureId)).toEqual(["a", "shot", null]);
    expect(withOpen(null, [{ id: "a", place: "1" }])).toBeNull();
  });
});

describe("a sheet that is out of its box", () => {
  const steps = [{ name: "developer", seconds: 90, lamp: "red" }];
  const development = { id: "d", steps } as unknown as Development;

  test("has no run before it goes in; then the moves that were noted", () => {
    expect(runOf(development)).toBeNull();
    expect(runOf({ ...development, startedMs: 0 })).toEqual({
      plan: steps,
      startedMs: 0,
      movesMs: [],
      backsMs: [],
      byClock: false,
    });
    const moved = { ...development, startedMs: 5, movesMs: [9], backsMs: [8], byClock: true };
    expect(runOf(moved)).toEqual({ plan: steps, startedMs: 5, movesMs: [9], backsMs: [8], byClock: true });
  });

  test("is called by its name, is of its medium; else the first bath's lamp tells film from paper", () => {
    expect(sheetOut(development)).toMatchObject({ name: "a sheet", medium: "paper", run: null });
    expect(sheetOut({ ...development, sheet: "No. 9", medium: "film", startedMs: 0 })).toMatchObject({
      name: "No. 9",
      medium: "film",
      run: { startedMs: 0 },
    });
    const dark = { ...development, steps: [{ ...steps[0], lamp: "none" }] } as unknown as Development;
    expect(sheetOut(dark).medium).toBe("film");
  });
});

describe("months-long exposures", () => {
  const trail = (more: Partial<Trail>): Trail => ({ from: "2026-01-01", to: "2026-06-01", ...more }) as Trail;
  const event = { at: "2026-01-01T08:00:00+00:00" };

  test("the one that hangs out is meant, else the one whose days begin last", () => {
    const [early, late] = [trail({ id: "early", from: "2025-06-21" }), trail({ id: "late", from: "2025-12-21" })];
    expect(trailAtHand([])).toBeNull();
    expect(trailAtHand([early, late])?.id).toBe("late");
    expect(trailAtHand([late, early])?.id).toBe("late");
    expect(trailAtHand([late, { ...early, up: event }])?.id).toBe("early");
    expect(trailAtHand([late, { ...early, up: event, down: event }])?.id).toBe("late");
    expect(hangsOut({ up: event, down: null })).toBe(true);
    expect(hangsOut({})).toBe(false);
    expect(hangsOut({ up: null, down: event })).toBe(false);
  });

  test("its days end on the first one at the earliest, its horizon goes round", () => {
    expect(trailFaults(trail({}))).toEqual([]);
    expect(trailFaults(trail({ to: "2026-01-01" }))).toEqual([]);
    expect(trailFaults(trail({ to: "2025-12-31" }))).toEqual([{ path: "/to", message: "must be 2026-01-01 or later" }]);
    const turned = trail({
      horizon: [
        [90, 3],
        [200, 4],
        [180, 5],
      ],
    });
    expect(trailFaults(turned)).toEqual([
      { path: "/horizon/2/0", message: "must be above the azimuth before it, 200" },
    ]);
  });
});

describe("a file's text as JSON", () => {
  /** Lists within one another. */
  const nested = (depth: number): string => "[".repeat(depth) + "]".repeat(depth);

  test("is read as it stands; what is no JSON is told", () => {
    expect(readJson('{"a":[1,null]}')).toEqual({ ok: true, value: { a: [1, null] } });
    expect(readJson("null")).toEqual({ ok: true, value: null });
    expect(readJson("7")).toEqual({ ok: true, value: 7 });
    expect(readJson("[1")).toEqual({ ok: false, error: [{ path: "", message: "is not valid JSON" }] });
  });

  test("64 levels go, 65 don't, however deep, and the path names the place (RFC 6901)", () => {
    expect(readJson(nested(64)).ok).toBe(true);
    const deep = readJson(nested(65));
    expect(!deep.ok && deep.error[0]).toEqual({
      path: "/0".repeat(64),
      message: "lies more than 64 deep; nothing of ours is nested so far",
    });
    expect(readJson(nested(5000)).ok).toBe(false);
    const named = readJson(`{"a/b~c":${nested(64)}}`);
    expect(!named.ok && named.error[0]?.path.startsWith("/a~1b~0c/0")).toBe(true);
  });
});
