import type { Exposure, Load } from "../../core/document/index.ts";
import { MISSING } from "../../core/negative/index.ts";
import { proposal, proposedInStops, proposedStops, TIMES } from "./judge/judgeWords.ts";
import { plainTones } from "./plainTones.ts";
import { croppedFull, croppedTo, WHOLE } from "./positive/croppedTo.ts";
import { movedTone } from "./positive/movedTone.ts";
import { apart, nameBy } from "./positive/out/fileNames.ts";
import { named, turned } from "./quarters.ts";
import { matchScans } from "./scan/matching.ts";

const shot = (id: string, openedAt: string, more: Partial<Exposure> = {}): Exposure => ({
  id,
  cameraId: "c",
  openedAt,
  seconds: 4,
  ...more,
});

describe("matching scans to shots", () => {
  const shots = [
    shot("a", "2026-06-01T10:00:00Z", { loadId: "l", place: "No. 2" }),
    shot("b", "2026-06-01T11:00:00Z", { loadId: "l", place: "No. 1" }),
    shot("old", "2026-05-01T10:00:00Z"),
  ];
  const loads: Load[] = [
    {
      id: "l",
      cameraId: "c",
      at: "2026-06-01T09:00:00Z",
      places: [
        { place: "No. 2", medium: "m", iso: 6, exposureId: "a" },
        { place: "No. 1", medium: "m", iso: 6, exposureId: "b" },
      ],
    },
  ];
  const taken = (exposureId: string) => ({
    id: exposureId,
    exposureId,
    picture: "",
    settings: { medium: { least: 0, most: 2, range: 110, iso: 6 }, sheet: { width: 1, height: 1 } },
  });

  test("a row of scans is of the latest load in the order of its places; one scan is of the latest shot", () => {
    expect(matchScans(3, shots, loads, []).map(({ id }) => id)).toEqual(["a", "b", "old"]);
    expect(matchScans(1, shots, loads, []).map(({ id }) => id)).toEqual(["b"]);
    expect(matchScans(2, shots, loads, [taken("a")]).map(({ id }) => id)).toEqual(["b", "old"]);
    expect(matchScans(2, [], loads, [])).toEqual([]);
  });
});

describe("the names of files", () => {
  const facts = {
    camera: "Hat box",
    subject: "Shed: door/roof?",
    fNumber: 542,
    seconds: 240,
    iso: 6,
    openedAt: "2026-09-20T15:04:00+01:00",
  };
  test("by a pattern, without what no file system takes, and never twice the same", () => {
    expect(nameBy("{camera}-{subject}-{date}-{number}", facts, 3)).toBe("Hat-box-Shed-door-roof-2026-09-20-03");
    expect(nameBy("{time} {other}", facts, 1)).toBe("15.04-{other}");
    expect(nameBy("///", facts, 7)).toBe("positive-07");
    expect(apart(["a", "A", "b", "a"])).toEqual(["a", "A-2", "b", "a-3"]);
  });
});

describe("tones by hand", () => {
  test("ends never pass one another; the middle stays between them and is where it was put", () => {
    const tone = { low: -1, high: 1, gamma: 1 };
    expect(movedTone(tone, "low", 3).low).toBeLessThan(1);
    expect(movedTone(tone, "high", -3).high).toBeGreaterThan(-1);
    for (const to of [-0.8, -0.2, 0.5, 0.9]) {
      const { gamma } = movedTone(tone, "middle", to);
      expect(((to + 1) / 2) ** gamma).toBeCloseTo(0.5, 9);
    }
    expect(Number.isFinite(movedTone(tone, "middle", 40).gamma)).toBe(true);
  });

  test("the plain inversion is white less the scan: blank is black, and what is missing stays so", () => {
    const drawn = { width: 3, height: 1, planes: [Float32Array.of(-3.5, 3.5, MISSING)] };
    const [plane] = plainTones(drawn, { least: 0.05, most: 2.05, range: 110, iso: 6 }).planes;
    expect(plane?.[0]).toBeCloseTo(0, 1);
    expect(plane?.[1]).toBeGreaterThan(0.85);
    expect(plane?.[2]).toBe(MISSING);
  });
});

describe("corners", () => {
  const wide = [
    [0, 0],
    [400, 0],
    [400, 300],
    [0, 300],
  ] as const;
  test("are named so that the longer side is the longer one; four quarters are a whole turn", () => {
    expect(named(wide, { width: 127, height: 101 })).toBe(wide);
    expect(named(wide, { width: 101, height: 127 })[0]).toEqual([400, 0]);
    expect(turned(turned(turned(turned(wide))))).toEqual(wide);
  });
  test("a square sheet with a sky on it has that at its lower edge, whatever the one before it did", () => {
    const square = { width: 44.5, height: 44.5 };
    const [a, b, c, d] = wide;
    for (const [sky, lower] of [
      [0, [a, b]],
      [1, [b, c]],
      [2, [c, d]],
      [3, [d, a]],
    ] as const) {
      const [, , right, left] = named(wide, square, { before: turned(turned(wide)), sky });
      expect([right, left]).toEqual(lower);
    }
  });
  test("a square sheet never lies by a fraction of a pixel: as the one before it, else as it was found", () => {
    const square = { width: 44.5, height: 44.5 };
    for (const bit of [-0.4, 0, 0.4]) {
      const found = [
        [10, 10],
        [410 + bit, 10],
        [410 + bit, 410],
        [10, 410],
      ] as const;
      expect(named(found, square)).toEqual(found);
      let before: typeof found | ReturnType<typeof turned> = found;
      for (let quarters = 0; quarters < 4; quarters++) {
        // What a maker turned by hand is remembered for the next of this camera.
        expect(named(found, square, { before })).toEqual(before);
        before = turned(before);
      }
    }
  });
});

test("a proposal in words says next, how much, and why", () => {
  const answer = {
    p05: -1,
    p50: 1,
    p95: 2.8,
    blank: 0,
    burnt: 0.1,
    correction: -0.9,
    atLeast: false,
    share: 1,
    white: 0.9,
    corners: [],
    warnings: [],
  };
  expect(proposal(answer, 0.3, false)).toBe("Half the time next: the sky is black, the shadows are there.");
  expect(proposedInStops(answer, 0.3)).toBe("1 stop less, ± ⅓ stop");
  const empty = { ...answer, correction: 2, atLeast: true, blank: 0.6, burnt: 0, p95: 0 };
  expect(proposal(empty, 0.8, false)).toBe("At least four times as long next: the lights hold, much of it is empty.");
  expect(proposedInStops(empty, 0.8)).toBe("at least 2 stops more, ± ⅔ stop");
  // Too black is a bound the other way round.
  const black = { ...answer, correction: -0.7, atLeast: true, burnt: 0.6 };
  expect(proposal(black, 0.6, false)).toBe(
    "At most not quite two thirds of the time next: much of it is black, the shadows are there.",
  );
  expect(proposedInStops(black, 0.6)).toBe("at least ⅔ stop less, ± ⅔ stop");
  expect(proposal({ ...black, blank: 0.4 }, 0.6, false)).toMatch(/next; it holds too little to be sure: /);
  // A direct positive: the same time, other tones.
  expect(proposal(answer, 0.3, true)).toBe("Half the time next: the sky is bare white, the shadows are there.");
  expect(proposal(empty, 0.8, true)).toMatch(/^At least four times as long next: the lights hold, much of it is black/);
});

test("a proposal's words and its stops say the same, for every third there is", () => {
  expect(TIMES.map(({ thirds }) => thirds)).toEqual(Array.from({ length: 19 }, (_, i) => 9 - i));
  for (const { thirds, factor, words } of TIMES) {
    expect({ words, off: Math.abs(Math.log2(factor) - thirds / 3) }).toEqual({ words, off: expect.any(Number) });
    expect(Math.abs(Math.log2(factor) - thirds / 3)).toBeLessThan(0.09);
  }
  for (let correction = -3; correction <= 3; correction += 0.05) {
    expect(Math.abs(proposedStops({ correction }, 0) - correction)).toBeLessThanOrEqual(1 / 6 + 1e-9);
    // What scenes differ by is no reason for another time.
    if (Math.abs(correction) < 0.29) expect(proposedStops({ correction }, 0.3)).toBe(0);
    if (Math.abs(correction) > 0.36) expect(proposedStops({ correction }, 0.3)).not.toBe(0);
  }
});

describe("a crop", () => {
  const picture = (width: number, height: number, log: Float32Array<ArrayBuffer>) => ({
    width,
    height,
    scale: 1,
    planes: [log],
    tones: [],
    histograms: [],
  });

  test("to the largest full rectangle, as shares of the picture; none where there is no gap, or nothing", () => {
    const [width, height] = [10, 8];
    const gap = (x: number, y: number): boolean => x < 2 || y >= 6;
    const log = Float32Array.from({ length: width * height }, (_, i) =>
      gap(i % width, Math.floor(i / width)) ? MISSING : 0,
    );
    const crop = croppedFull(picture(width, height, log));
    expect(crop?.left).toBeCloseTo(0.2, 12);
    expect(crop?.right).toBeCloseTo(0, 12);
    expect([crop?.top, crop?.bottom]).toEqual([0, 0.25]);
    expect(croppedFull(picture(width, height, new Float32Array(width * height)))).toBeNull();
    expect(croppedFull(picture(width, height, new Float32Array(width * height).fill(MISSING)))).toBeNull();
  });

  test("no less than nothing is cut off, and a tenth of the picture is left", () => {
    expect(croppedTo(WHOLE, "left", 0.2)).toEqual({ ...WHOLE, left: 0.2 });
    expect(croppedTo(WHOLE, "top", -0.2)).toEqual(WHOLE);
    expect(croppedTo({ ...WHOLE, right: 0.3 }, "left", 0.8).left).toBeCloseTo(0.6, 12);
    expect(croppedTo({ ...WHOLE, left: 0.3 }, "top", 0.8).top).toBe(0.8);
  });
});
