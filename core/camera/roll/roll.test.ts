import fc from "fast-check";
import { PERFORATION_PITCH, rollPlan, turnsFor, woundLength } from "./index.ts";

const USUAL = {
  film: "135",
  frame: 36,
  gap: 2,
  core: 11.5,
  thickness: 0.14,
  length: 1600,
  leader: 120,
  tail: 60,
  clicks: 10,
} as const;

describe("winding", () => {
  test("the layer model is the turn-by-turn sum of circles (elementary geometry)", () => {
    for (const turns of [1, 2, 7, 30]) {
      let sum = 0;
      // The k-th layer's middle lies on a circle of diameter D₀ + (2k − 1)τ.
      for (let k = 1; k <= turns; k++) sum += Math.PI * (11.5 + (2 * k - 1) * 0.14);
      expect(woundLength(turns, 11.5, 0.14)).toBeCloseTo(sum, 9);
    }
  });

  test("and the arc length of an Archimedean spiral to 0.02 % (numerical integral)", () => {
    const [core, thickness, turns] = [11.5, 0.14, 25];
    let length = 0;
    const steps = 200_000;
    for (let i = 0; i < steps; i++) {
      const angle = (2 * Math.PI * turns * (i + 0.5)) / steps;
      const radius = core / 2 + (thickness * angle) / (2 * Math.PI);
      length += Math.hypot(radius, thickness / (2 * Math.PI)) * ((2 * Math.PI * turns) / steps);
    }
    expect(woundLength(turns, core, thickness) / length).toBeCloseTo(1, 3.5);
  });

  test("turns and length are each other’s inverse (seeded)", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 60, noNaN: true }),
        fc.double({ min: 3, max: 40, noNaN: true }),
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        (turns, core, thickness) => {
          expect(turnsFor(woundLength(turns, core, thickness), core, thickness)).toBeCloseTo(turns, 9);
        },
      ),
      { seed: 3, numRuns: 300 },
    );
  });
});

describe("the plan of a roll", () => {
  test("a 36 mm frame takes 8 perforations of 4.75 mm, 38 mm (ISO 1007)", () => {
    expect(PERFORATION_PITCH).toBe(4.75);
    const plan = rollPlan(USUAL);
    expect(plan.perforations).toBe(8);
    expect(plan.pitch).toBe(38);
    expect(plan.frames).toHaveLength(Math.floor((1600 - 180) / 38));
    expect(plan.lost).toBe(42 - 37);
  });

  test("later frames need less of a turn, so that the film moves one pitch each time", () => {
    const { frames, leaderTurns, pitch } = rollPlan(USUAL);
    let turns = leaderTurns;
    let wound = woundLength(turns, 11.5, 0.14);
    for (const [index, frame] of frames.entries()) {
      turns += frame.turns;
      const next = woundLength(turns, 11.5, 0.14);
      expect(next - wound).toBeCloseTo(pitch, 8);
      expect(frame.halfTurns).toBeCloseTo(2 * frame.turns, 12);
      expect(frame.clicks).toBeCloseTo(10 * frame.turns, 12);
      if (index > 0) expect(frame.turns).toBeLessThan(frames[index - 1]?.turns ?? 0);
      wound = next;
    }
  });

  test("a wheel whose clicks nobody has counted tells none", () => {
    expect(rollPlan({ ...USUAL, clicks: 1 }).frames.every(({ clicks }) => clicks === null)).toBe(true);
  });

  test("a square frame on perforated film takes the next whole perforation, and not a perforation for nothing", () => {
    // 24 + 2 mm: 5.47 perforations. 36 + 2 is 8 of them exactly.
    expect(rollPlan({ ...USUAL, frame: 24 })).toMatchObject({ perforations: 6, pitch: 28.5 });
    expect(rollPlan({ ...USUAL, frame: 36, gap: 2.1 })).toMatchObject({ perforations: 9, pitch: 42.75 });
  });

  test("a roll that holds its frames exactly holds all of them, whatever the last binary digit says", () => {
    const exact = rollPlan({
      ...USUAL,
      film: "120",
      frame: 56.1,
      gap: 4.7,
      length: 60.8 * 12 + 100,
      leader: 60,
      tail: 40,
    });
    expect(exact.frames).toHaveLength(12);
    expect(
      rollPlan({ ...USUAL, film: "120", frame: 0.07, gap: 0.03, length: 0.3 + 2, leader: 1, tail: 1 }).frames,
    ).toHaveLength(3);
    expect(rollPlan({ ...USUAL, film: "120", frame: 0.07, gap: 0.03, length: 0.3, leader: 0, tail: 0 }).lost).toBe(0);
  });

  test("film without perforations goes by its own measure; no room gives no frames", () => {
    const paper = { ...USUAL, film: "120", frame: 56, gap: 5, thickness: 0.27 } as const;
    expect(rollPlan(paper)).toMatchObject({ perforations: null, pitch: 61 });
    expect(rollPlan({ ...USUAL, length: 150 }).frames).toEqual([]);
  });
});
