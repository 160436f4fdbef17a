import fc from "fast-check";
import { midExposure } from "../../light/exposure/index.ts";
import {
  inDeveloper,
  inWater,
  LEVELS,
  levelOf,
  type PracticeEvent,
  type PracticeSetup,
  practiceFaults,
  practiceSheet,
} from "./index.ts";

const PAPER = { least: 0.05, most: 2.05, range: 110 };
const SETUP: PracticeSetup = { density: PAPER, iso: 6, celsius: 20, q10: 2.2, used: 0 };
const GREY = levelOf(midExposure(6), 6);
const BLACK = LEVELS - 1;
const develop = (at: number, more: Partial<PracticeSetup> = {}) =>
  practiceSheet({ ...SETUP, ...more }, [{ at: 0, bath: "developer" }], at);

/** The differential equations of PHYSICS section 13, by Runge and Kutta in small steps. */
function runge(a: number, m0: number, seconds: number): { readonly x: number; readonly m: number } {
  const k = Math.LN2 / 15;
  const slope = (x: number): number => k * (m0 - x / 1.2) * (a - x);
  const steps = 20_000;
  const h = seconds / steps;
  let x = 0;
  for (let i = 0; i < steps; i++) {
    const [k1] = [slope(x)];
    const k2 = slope(x + (h * k1) / 2);
    const k3 = slope(x + (h * k2) / 2);
    const k4 = slope(x + h * k3);
    x += (h * (k1 + 2 * k2 + 2 * k3 + k4)) / 6;
  }
  return { x, m: m0 - x / 1.2 };
}

describe("the practice model (PHYSICS section 13)", () => {
  test("in a tray: D(H, t) = Dmin + (D∞ − Dmin)(1 − 2^(−(t − 8)/15)); nothing before 8 s, D∞ for ever", () => {
    for (const t of [0, 5, 8]) expect(develop(t).densities[BLACK]).toBeCloseTo(0.05, 6);
    for (const t of [9, 15, 23, 38, 60, 120]) {
      const sheet = develop(t);
      for (const level of [GREY - 60, GREY, GREY + 60, BLACK]) {
        const end = sheet.ends[level] as number;
        expect(sheet.densities[level]).toBeCloseTo(0.05 + (end - 0.05) * (1 - 2 ** (-(t - 8) / 15)), 5);
      }
    }
    const ever = develop(1e5);
    for (let level = 0; level < LEVELS; level += 64) {
      expect(ever.densities[level]).toBeCloseTo(ever.ends[level] as number, 5);
    }
    // Mid-grey: fog + 0.6 (PHYSICS section 9).
    expect(ever.ends[GREY]).toBeCloseTo(0.65, 3);
    expect(practiceSheet(SETUP, [{ at: 0, bath: "water" }], 1e4).densities[BLACK]).toBeCloseTo(0.05, 6);
  });
  test("warmth, cold and a tired developer stretch both the wait and the rise", () => {
    const same = develop(30).densities[BLACK] as number;
    expect(develop(30 * 2.2, { celsius: 10 }).densities[BLACK]).toBeCloseTo(same, 5);
    expect(develop(30 / 2.2, { celsius: 30 }).densities[BLACK]).toBeCloseTo(same, 5);
    expect(develop(60, { used: 0.5 }).densities[BLACK]).toBeCloseTo(same, 5);
    expect(develop(1e6, { used: 1 }).densities[BLACK]).toBeCloseTo(0.05, 6);
  });
  test("still water: the closed form is the differential equation, solved by Runge and Kutta", () => {
    for (const [a, m] of [
      [2, 1],
      [0.6, 1],
      [1.2, 1],
      [0.05, 1],
      [1.5, 0.4],
    ] as const) {
      for (const t of [1, 10, 45, 200]) {
        const { density, strength } = inWater({ density: 0.05, strength: m }, 0.05 + a, t);
        const slow = runge(a, m, t);
        expect(density - 0.05).toBeCloseTo(slow.x, 6);
        expect(strength).toBeCloseTo(slow.m, 6);
      }
    }
    expect(inWater({ density: 1, strength: 0 }, 2, 100)).toEqual({ density: 1, strength: 0 });
    expect(inWater({ density: 0, strength: 1 }, 10, 1e9).density).toBeCloseTo(1.2, 9);
  });
  test("a still water bath lowers the ratio of dense to thin", () => {
    const still = (from: number) =>
      practiceSheet(
        SETUP,
        [
          { at: 0, bath: "developer" },
          { at: from, bath: "water" },
        ],
        from + 120,
      );
    const tray = develop(200);
    const ratio = (d: Float32Array): number => ((d[BLACK] as number) - 0.05) / ((d[GREY] as number) - 0.05);
    expect(ratio(still(12).densities)).toBeLessThan(0.85 * ratio(tray.densities));
    // The sooner it lies still, the more.
    expect(ratio(still(25).densities)).toBeLessThan(ratio(tray.densities));
    expect(ratio(still(12).densities)).toBeLessThan(ratio(still(25).densities));
  });
  test("a second dip renews what the emulsion holds; running water and fixer leave nothing to go on with", () => {
    const dense = (events: readonly PracticeEvent[], at: number): number =>
      practiceSheet(SETUP, events, at).densities[BLACK] as number;
    const dev = { at: 0, bath: "developer" } as const;
    const once = [dev, { at: 12, bath: "water" }] as const;
    const twice = [...once, { at: 400, bath: "developer" }, { at: 402, bath: "water" }] as const;
    expect(dense(twice, 800)).toBeGreaterThan(dense(once, 800) + 0.1);
    expect(inDeveloper({ density: 0.4, strength: 0.2 }, 2, 1).strength).toBe(1);
    for (const bath of ["wash", "stop", "fixer"] as const) {
      expect(dense([dev, { at: 20, bath }], 400)).toBeCloseTo(dense([dev], 20), 6);
    }
    // Fixed, it can't be developed any more.
    const fixed = [dev, { at: 20, bath: "fixer" }, { at: 140, bath: "developer" }] as const;
    expect(dense(fixed, 400)).toBeCloseTo(dense([dev], 20), 3);
  });
  test("one step or many: the same sheet, whatever is done to it (seeded)", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom("developer", "water"), fc.double({ min: 0, max: 60, noNaN: true })), {
          minLength: 1,
          maxLength: 5,
        }),
        fc.integer({ min: 1, max: 40 }),
        (moves, pieces) => {
          let place = { density: 0.05, strength: 1 };
          let split = place;
          for (const [bath, seconds] of moves) {
            const how = bath === "developer" ? inDeveloper : inWater;
            place = how(place, 1.7, seconds);
            for (let i = 0; i < pieces; i++) split = how(split, 1.7, seconds / pieces);
          }
          expect(split.density).toBeCloseTo(place.density, 9);
          expect(split.strength).toBeCloseTo(place.strength, 9);
        },
      ),
      { seed: 8, numRuns: 200 },
    );
  });
  test("white light fogs in the developer, hardly in the stop, not once it is fixed", () => {
    const till = (events: readonly PracticeEvent[], at = 400) => practiceSheet(SETUP, events, at);
    const dev = { at: 0, bath: "developer" } as const;
    const early = till([dev, { at: 20, lamp: true }, { at: 23, lamp: false }, { at: 90, bath: "fixer" }]);
    expect(early.densities[0]).toBeGreaterThan(1.5);
    const stopped = till([
      dev,
      { at: 60, bath: "stop" },
      { at: 75, lamp: true },
      { at: 77, lamp: false },
      { at: 80, bath: "fixer" },
    ]);
    expect(stopped.densities[0]).toBeLessThan(0.1);
    const fixed = till([dev, { at: 60, bath: "stop" }, { at: 75, bath: "fixer" }, { at: 195, lamp: true }]);
    expect(fixed.densities[0]).toBeCloseTo(0.05, 2);
    // Not fixed, it darkens in the light by and by.
    expect(till([dev, { at: 60, bath: "stop" }, { at: 75, lamp: true }]).densities[0]).toBeGreaterThan(0.3);
  });
  test("what one did is told, worst first; well done is told too", () => {
    const faults = (events: readonly PracticeEvent[], at: number) =>
      practiceFaults(practiceSheet(SETUP, events, at), PAPER);
    const dev = { at: 0, bath: "developer" } as const;
    const good: readonly PracticeEvent[] = [
      dev,
      { at: 75, bath: "stop" },
      { at: 90, bath: "fixer" },
      { at: 210, lamp: true },
      { at: 210, bath: "wash" },
    ];
    expect(faults(good, 510)).toEqual(["good"]);
    expect(faults(good, 300)).toEqual(["not-washed"]);
    expect(faults([{ ...dev }, { at: 20, bath: "stop" }, ...good.slice(2)], 510)).toEqual(["thin"]);
    expect(faults([dev, { at: 75, bath: "fixer" }, { at: 95, bath: "wash" }], 500)).toEqual([
      "little-fixed",
      "not-stopped",
    ]);
    expect(faults([dev, { at: 30, lamp: true }], 60)[0]).toBe("fogged");
    expect(faults([], 60)[0]).toBe("not-developed");
  });
});

test("levels: mid-grey in the middle, blank at the bottom, kept to the ends", () => {
  expect(levelOf(midExposure(6), 6)).toBe(512);
  expect([levelOf(0, 6), levelOf(1e-9, 6), levelOf(1e9, 6)]).toEqual([0, 0, LEVELS - 1]);
});
