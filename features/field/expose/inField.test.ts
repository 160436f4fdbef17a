import { mediumById } from "../../../catalogue/media.ts";
import { chance } from "../../../core/basis/numeric/chance.ts";
import { formatTime } from "../../../core/basis/units/index.ts";
import { cameraFNumber } from "../../../core/camera/container/index.ts";
import { withOpen } from "../../../core/document/index.ts";
import { experience, type JudgedShot } from "../../../core/learning/index.ts";
import { inMm, KINDS, testCamera } from "../../../core/testing/cameras.ts";
import { readLight } from "../light/readLight.ts";
import { openedTwice, placesToOpen } from "./load/loading.ts";
import { suggest } from "./suggestion.ts";
import { atHand, isStale } from "./useInField.ts";

const FRESH = { picked: null, typed: null, medium: "rc-graded", iso: 6 };
const READ_AT = "2026-05-01T10:00:00+01:00";

describe("what is at hand in the Field", () => {
  const kept = {
    at: READ_AT,
    source: { by: "meter", seconds: "1/30", fNumber: "f/22", iso: "6" },
    cameraId: "tin",
    picked: "3",
    typed: 90,
    medium: "film-pan-100",
    iso: 80,
  };
  test("comes back as it was left; to another camera only the light goes along", () => {
    expect(atHand(null, "tin", FRESH)).toEqual({ ...FRESH, source: { by: "table", row: "sun" } });
    expect(atHand(kept, "tin", FRESH)).toEqual({
      source: kept.source,
      picked: "3",
      typed: 90,
      medium: "film-pan-100",
      iso: 80,
    });
    expect(atHand(kept, "hat box", FRESH)).toEqual({ ...FRESH, source: kept.source });
  });
  test("a light is asked for after an hour, not before", () => {
    const at = Date.parse(READ_AT);
    expect([0, 59, 61, 600].map((minutes) => isStale(kept, at + 60_000 * minutes))).toEqual([false, false, true, true]);
    expect(isStale(null, at)).toBe(false);
  });
});

describe("what a press opens", () => {
  const held = ["9", "8", "7"].map((place, i) => ({
    place,
    medium: "rc-graded",
    iso: 6,
    exposureId: i === 0 ? "shot" : null,
  }));
  const nameOf = (place: string): string => `No. ${place}`;
  test("one, or all that were chosen together, each by its own place", () => {
    expect(placesToOpen(held, new Set(), "8").map((each) => each?.place)).toEqual(["8"]);
    expect(placesToOpen(held, new Set(["7", "8"]), "8").map((each) => each?.place)).toEqual(["8", "7"]);
    expect(placesToOpen(null, new Set(["7"]), null)).toEqual([null]);
  });
  test("a hole that is open counts as exposed", () => {
    const now = withOpen(held, [{ id: "count", place: "8" }]);
    expect(now?.map(({ exposureId }) => exposureId)).toEqual(["shot", "count", null]);
    // What is exposed already stays what it is, also where its hole is open a second time.
    expect(withOpen(held, [{ id: "count", place: "9" }])?.[0]?.exposureId).toBe("shot");
    expect(withOpen(null, [])).toBeNull();
  });
  test("what is exposed already, or a camera with nothing left, asks first", () => {
    expect(openedTwice(held, placesToOpen(held, new Set(), "8"), nameOf)).toBeNull();
    expect(openedTwice(held, placesToOpen(held, new Set(["9", "8"]), null), nameOf)).toMatch(
      /^No\. 9 is exposed already/,
    );
    const used = held.map((each) => ({ ...each, exposureId: "x" }));
    expect(openedTwice(used, [null], nameOf)).toMatch(/Nothing is left in it/);
    expect(openedTwice(used, placesToOpen(used, new Set(["9", "8"]), null), nameOf)).toMatch(/^No\. 9, No\. 8 are/);
    expect(openedTwice(null, [null], nameOf)).toBeNull();
  });
});

test("the figure that is shown is the last of its sum, whatever the log has taught (seeded)", () => {
  const random = chance(9);
  for (let round = 0; round < 200; round++) {
    const camera = testCamera(KINDS[round % KINDS.length] as (typeof KINDS)[number]);
    const medium = mediumById(["rc-graded", "direct-positive", "film-pan-100"][round % 3]);
    const ev = 4 + 12 * random();
    const keys = { camera: "c", medium: medium.id, light: "l" };
    const judged: JudgedShot[] = Array.from({ length: round % 4 }, () => ({
      ...keys,
      meteredSeconds: 20,
      usedSeconds: 20,
      correction: (random() - 0.5) * (round % 2 ? 0.2 : 3),
    }));
    const reading = readLight({ by: "table", row: "sun" }, medium, []);
    if (!reading.ok) throw new Error("no light");
    const light = { ...reading.value, ev, light: { ev } };
    const known = { experience: experience(judged), keys, shots: judged.length };
    const made = suggest(camera, medium, medium.iso, light, known, inMm, round % 5 === 0);
    if (!made.ok) throw new Error(made.error.message);
    const { sum, counted } = made.value;
    expect(sum.some((line) => line.startsWith("pre-flashed"))).toBe(round % 5 === 0);
    expect(sum.at(-1)?.endsWith(` ${formatTime(counted[1])}`)).toBe(true);
    expect(cameraFNumber(camera, medium)).toBeGreaterThan(0);
  }
});

test("a meter's correction says which way it is", () => {
  const meters = (offset: number) => [{ id: "meter", name: "My meter", kind: "meter" as const, offset }];
  const line = (offset: number): string => {
    const read = readLight({ by: "meter", seconds: "2", fNumber: "90", iso: "12" }, mediumById(null), meters(offset));
    return read.ok ? (read.value.lines[0] ?? "") : "";
  };
  expect(line(1.5)).toMatch(/correction \+1\.5 stops \(it says more light than there is\)/);
  expect(line(-2)).toMatch(/correction −2 stops \(it says less light than there is\)/);
  expect(line(0)).not.toMatch(/correction/);
});
