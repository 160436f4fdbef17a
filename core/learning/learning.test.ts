import fc from "fast-check";
import { chance } from "../basis/numeric/chance.ts";
import { cholesky, conjugateGradient } from "../basis/numeric/index.ts";
import { biasHistory, bracketStep, experience, expose, type JudgedShot, type ShotKeys, wantedStops } from "./index.ts";

const ALIKE = { camera: "a", medium: "m", light: "full-sun" } as const;

function shot(stops: number, keys: ShotKeys = ALIKE, more: Partial<JudgedShot> = {}): JudgedShot {
  return { meteredSeconds: 26, usedSeconds: 20, correction: Math.log2(26 / 20) + stops, ...keys, ...more };
}

describe("the posterior (PHYSICS section 12)", () => {
  test("before any shot: the sum's own time, σ of the priors, √1.75 for the next shot", () => {
    const said = experience([]).about(ALIKE);
    expect(said.stops).toBe(0);
    expect([said.camera.sd, said.medium.sd, said.light.sd]).toEqual([1, 0.5, 0.5]);
    expect(said.sd).toBeCloseTo(Math.sqrt(1.75), 12);
  });

  test("0.857 of one correction, 0.947 of three equal ones (PHYSICS section 12)", () => {
    expect(experience([shot(1)]).about(ALIKE).stops).toBeCloseTo(1.5 / 1.75, 12);
    expect(experience([shot(1), shot(1), shot(1)]).about(ALIKE).stops).toBeCloseTo(0.9474, 4);
  });

  test("agrees with a brute-force integral over a grid of all three biases", () => {
    const shots = [
      shot(1.1),
      shot(0.4, { camera: "a", medium: "n", light: "full-sun" }),
      shot(-0.6, { camera: "a", medium: "m" }),
    ];
    // p(b | y) ∝ exp(−½ Σ b²/σ² − ½ Σ (y − Σb)²/noise²), written as it stands; the third shot's light is its own.
    const grid = Array.from({ length: 27 }, (_, i) => -3.25 + 0.25 * i);
    let weights = 0;
    let mean = 0;
    let square = 0;
    for (const a of grid)
      for (const m of grid)
        for (const n of grid)
          for (const sun of grid) {
            const prior = a * a + 4 * (m * m + n * n + sun * sun);
            const seen = 4 * (1.1 - a - m - sun) ** 2 + 4 * (0.4 - a - n - sun) ** 2 + 2 * (-0.6 - a - m) ** 2;
            const weight = Math.exp(-0.5 * (prior + seen));
            weights += weight;
            mean += weight * (a + m + sun);
            square += weight * (a + m + sun) ** 2;
          }
    mean /= weights;
    const said = experience(shots).about(ALIKE);
    expect(said.stops).toBeCloseTo(mean, 6);
    expect(said.sd).toBeCloseTo(Math.sqrt(square / weights - mean * mean + 0.25), 6);
  });

  test("agrees with the covariance of the shots themselves (a Gaussian process: another way to the same posterior)", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2 ** 31 }), (seed) => {
        const random = chance(seed);
        const pick = (names: readonly string[]): string | undefined => names[Math.floor(random() * (names.length + 1))];
        const shots = Array.from({ length: 1 + Math.floor(random() * 14) }, () =>
          shot(4 * random() - 2, {
            camera: pick(["a", "b", "c"]),
            medium: pick(["m", "n"]),
            light: pick(["sun", "shade"]),
          }),
        );
        const asked = { camera: pick(["a", "z"]), medium: pick(["m"]), light: pick(["sun", "moon"]) };
        const [mean, variance] = byCovariance(shots, asked);
        const said = experience(shots).about(asked);
        expect(said.stops).toBeCloseTo(mean, 9);
        expect(said.sd ** 2).toBeCloseTo(variance + 0.25, 9);
      }),
      { numRuns: 150, seed: 12 },
    );
  });

  test("a spoilt shot says nothing; the order of shots says nothing", () => {
    const shots = [shot(1), shot(-0.5, { camera: "b", medium: "m", light: "shade" }), shot(0.2)];
    const said = experience(shots).about(ALIKE);
    const spoilt = experience([...shots, shot(6, ALIKE, { spoilt: true })]);
    expect(spoilt.about(ALIKE).stops).toBeCloseTo(said.stops, 12);
    expect(spoilt.used).toBe(3);
    expect(experience([...shots].reverse()).about(ALIKE).stops).toBeCloseTo(said.stops, 12);
  });

  test("keys that look like parts of objects, or of each other, are only names", () => {
    const odd = { camera: "__proto__", medium: "constructor", light: "camera a" };
    expect(experience([shot(1, odd)]).about(odd).stops).toBeCloseTo(1.5 / 1.75, 12);
    expect(experience([shot(1, odd)]).about({ camera: "a" }).stops).toBe(0);
  });

  test("ten thousand shots of thousands of cameras are weighed as few are: the order of them says nothing", () => {
    const random = chance(5);
    const shots = Array.from({ length: 10_000 }, () =>
      shot(2 * random() - 1, {
        camera: `c${Math.floor(4000 * random())}`,
        medium: `m${Math.floor(4000 * random())}`,
        light: `l${Math.floor(8 * random())}`,
      }),
    );
    const keys = { camera: "c1", medium: "m1", light: "l1" };
    const [one, other] = [experience(shots).about(keys), experience([...shots].reverse()).about(keys)];
    expect(one.stops).toBeCloseTo(other.stops, 10);
    expect(one.sd).toBeCloseTo(other.sd, 10);
    expect(one.sd).toBeLessThan(Math.sqrt(1.75));
  });
});

describe("a shot that disagrees", () => {
  test("lies as far from what the others say as it does when they are asked without it", () => {
    const others = [shot(0.3), shot(0.5), shot(0.1, { camera: "a", medium: "n", light: "shade" })];
    const odd = shot(3, { camera: "a", medium: "m" });
    const without = experience(others).about(odd);
    const expected = (wantedStops(odd) - without.stops) / without.sd;
    expect(experience([...others, odd]).surprise(odd)).toBeCloseTo(expected, 9);
    expect(experience([...others, odd]).surprise(others[0] as JudgedShot)).toBeLessThan(2);
    expect(experience([...others, odd]).surprise({ ...odd, spoilt: true })).toBe(0);
  });
});

describe("how a bias became known", () => {
  test("each point is what the shots up to it say; the band narrows; spoilt ones and others' shots are no points", () => {
    const other = { camera: "b", medium: "m", light: "shade" };
    const shots = [shot(1), shot(-2, other), shot(0.6), shot(9, ALIKE, { spoilt: true }), shot(0.8)];
    const chapters = biasHistory(shots, "camera", "a");
    expect(chapters.map((each) => each.shot)).toEqual([0, 2, 4]);
    for (const { shot: index, stops, sd } of chapters) {
      const known = experience(shots.slice(0, index + 1)).about({ camera: "a" }).camera;
      expect([stops, sd]).toEqual([expect.closeTo(known.stops, 12), expect.closeTo(known.sd, 12)]);
    }
    const widths = chapters.map(({ sd }) => sd);
    expect(widths).toEqual([...widths].sort((a, b) => b - a));
  });

  test("of five hundred shots two dozen are told, the last among them", () => {
    const chapters = biasHistory(
      Array.from({ length: 500 }, (_, i) => shot(i % 3)),
      "camera",
      "a",
    );
    expect([chapters.length, chapters.at(-1)?.shot]).toEqual([24, 499]);
  });
});

describe("a time (FORMAT, POST /api/expose)", () => {
  const REQUEST = { fNumber: 226, iso: 6, light: { ev: 15 }, keys: ALIKE } as const;

  test("the example of FORMAT: one shot of the same camera, medium and light", () => {
    const answered = expose({
      ...REQUEST,
      longTime: { kind: "none" },
      judged: [{ ...ALIKE, meteredSeconds: 26, usedSeconds: 20, correction: 0.7, longTime: { kind: "none" } }],
    });
    if (!answered.ok) throw new Error("refused");
    const { formula, learned, bracket, pastTable } = answered.value;
    const wanted = Math.log2((20 * 2 ** 0.7) / 26);
    expect(formula.seconds).toBeCloseTo((226 ** 2 * 100) / (6 * 2 ** 15), 9);
    expect(formula.meteredSeconds).toBe(formula.seconds);
    expect(learned.stops).toBeCloseTo((wanted * 1.5) / 1.75, 12);
    expect(learned.camera.stops).toBeCloseTo(wanted / 1.75, 12);
    expect(learned.medium.stops).toBeCloseTo((0.25 * wanted) / 1.75, 12);
    expect(learned.seconds).toBeCloseTo(formula.seconds * 2 ** learned.stops, 9);
    expect(learned.sd).toBeCloseTo(Math.sqrt(1.5 - 1.5 ** 2 / 1.75 + 0.25), 12);
    // sd 0.68: half a stop is nearer than a whole one.
    expect(bracket.map((each) => Math.log2(each / learned.seconds))).toEqual([
      expect.closeTo(-0.5, 9),
      0,
      expect.closeTo(0.5, 9),
    ]);
    expect([learned.used, pastTable]).toEqual([1, false]);
  });

  test.each([
    [0.1, 0.5],
    [0.7499, 0.5],
    [0.75, 1],
    [1.2499, 1],
    [1.25, 1.5],
    [9, 1.5],
  ])("sd %d: a bracket of %d stops (nearest half stop, a tie up, ½ to 1½)", (sd, step) => {
    expect(bracketStep(sd)).toBe(step);
  });

  test("biases act before the long-time rule, and past a table's end it is said", () => {
    const longTime = {
      kind: "table",
      entries: [
        [1, 1],
        [10, 20],
        [40, 160],
      ],
    } as const;
    const judged = [{ ...ALIKE, meteredSeconds: 10, usedSeconds: 160, correction: 0, longTime }];
    const answered = expose({ ...REQUEST, light: { seconds: 10, fNumber: 226, iso: 6 }, longTime, judged });
    if (!answered.ok) throw new Error("refused");
    // The shot wanted f⁻¹(160) = 40 s of metered time for 10: two stops.
    expect(answered.value.learned.stops).toBeCloseTo((2 * 1.5) / 1.75, 9);
    expect(answered.value.formula).toEqual({ meteredSeconds: 10, seconds: expect.closeTo(20, 9) });
    expect(answered.value.pastTable).toBe(true);
    const near = expose({ ...REQUEST, light: { seconds: 2, fNumber: 226, iso: 6 }, longTime });
    expect(near.ok && near.value.pastTable).toBe(false);
  });

  test("a meter's offset adds to its times; its reading stands for the light", () => {
    const by = (offset: number): number => {
      const answered = expose({ ...REQUEST, light: { seconds: 2, fNumber: 90.8, iso: 6, offset }, fNumber: 240 });
      return answered.ok ? answered.value.formula.seconds : Number.NaN;
    };
    expect(by(0)).toBeCloseTo(13.97, 2);
    expect(by(1) / by(0)).toBeCloseTo(2, 12);
  });

  test("what leads beyond any number is refused at its place, never answered with infinity", () => {
    for (const light of [{ seconds: 1e308, fNumber: 1e-300, iso: 1e300 }, { ev: 30 }] as const) {
      const answered = expose({ fNumber: "ev" in light ? 1e-170 : 1e10, iso: 6, light });
      expect(answered).toEqual({ ok: false, error: [{ path: "/light", message: expect.stringContaining("beyond") }] });
    }
    const answered = expose({ ...REQUEST, judged: [shot(0, ALIKE, { usedSeconds: 1e308, correction: 20 })] });
    expect(answered.ok).toBe(false);
    expect(!answered.ok && answered.error[0]?.path).toBe("/judged/0/usedSeconds");
  });
});

test("a doubtful judgement teaches less, by its own ±; one that is surer than any shot teaches as all do", () => {
  const shot: JudgedShot = {
    camera: "a",
    medium: "m",
    light: "l",
    meteredSeconds: 20,
    usedSeconds: 20,
    correction: 1,
  };
  const learnt = (sd?: number): number =>
    experience([{ ...shot, sd }]).about({ camera: "a", medium: "m", light: "l" }).stops;
  // The posterior of one shot by hand: priors 1, 1/2 and 1/2 add to a variance of 1.5.
  expect(learnt(1)).toBeCloseTo(1.5 / (1.5 + 1), 9);
  expect(learnt(0.5)).toBeCloseTo(1.5 / 1.75, 9);
  expect(learnt(0.1)).toBe(learnt());
});

test("few biases and many are solved for in two ways, which agree", () => {
  const random = chance(9);
  const some = Array.from({ length: 900 }, (_, i) =>
    shot(2 * random() - 1, { camera: `c${i % 250}`, medium: `m${i % 7}`, light: "sun" }),
  );
  // Shots that share nothing with these make the biases so many that the other way is taken, and change nothing.
  const strangers = Array.from({ length: 500 }, (_, i) =>
    shot(0, { camera: `x${i}`, medium: `y${i}`, light: `z${i}` }),
  );
  const keys = { camera: "c3", medium: "m3", light: "sun" };
  const [few, many] = [experience(some).about(keys), experience([...some, ...strangers]).about(keys)];
  expect(few.stops).toBeCloseTo(many.stops, 10);
  expect(few.sd).toBeCloseTo(many.sd, 10);
});

test("conjugate gradients solve what is written down, and so does Cholesky", () => {
  const matrix = [
    [4, 1, 0],
    [1, 3, -1],
    [0, -1, 2],
  ];
  const times = (vector: Float64Array, out: Float64Array): void => {
    for (const [i, row] of matrix.entries())
      out[i] = row.reduce((sum, value, k) => sum + value * (vector[k] as number), 0);
  };
  const solution = conjugateGradient(times, Float64Array.of(4, 3, 2), Float64Array.of(1, 2, 3));
  const back = new Float64Array(3);
  times(solution, back);
  for (let i = 0; i < 3; i++) expect(back[i]).toBeCloseTo(i + 1, 12);
  expect([...conjugateGradient(times, Float64Array.of(4, 3, 2), new Float64Array(3))]).toEqual([0, 0, 0]);
  const whole = cholesky(Float64Array.from(matrix.flat()), 3)(Float64Array.of(1, 2, 3));
  for (let i = 0; i < 3; i++) expect(whole[i]).toBeCloseTo(solution[i] as number, 12);
});

/** Mean and variance of Σb by the covariance of observations: k* K⁻¹ y and k** − k* K⁻¹ k*, by Gaussian elimination. */
function byCovariance(shots: readonly JudgedShot[], asked: ShotKeys): readonly [number, number] {
  const shared = (one: ShotKeys, other: ShotKeys): number =>
    (one.camera !== undefined && one.camera === other.camera ? 1 : 0) +
    (one.medium !== undefined && one.medium === other.medium ? 0.25 : 0) +
    (one.light !== undefined && one.light === other.light ? 0.25 : 0);
  const rows = shots.map((row, i) => [
    ...shots.map((other, j) => (i === j ? 1.5 + 0.25 : shared(row, other))),
    wantedStops(row),
    shared(row, asked),
  ]);
  const n = shots.length;
  for (let p = 0; p < n; p++)
    for (let r = 0; r < n; r++) {
      if (r === p) continue;
      const [pivot, row] = [rows[p] as number[], rows[r] as number[]];
      const share = (row[p] as number) / (pivot[p] as number);
      for (let c = p; c < n + 2; c++) row[c] = (row[c] as number) - share * (pivot[c] as number);
    }
  const solved = (column: number): number[] => rows.map((row, i) => (row[column] as number) / (row[i] as number));
  const along = (vector: number[]): number =>
    shots.reduce((sum, row, i) => sum + shared(row, asked) * (vector[i] as number), 0);
  return [along(solved(n)), 1.5 - along(solved(n + 1))];
}

test("all that is named: each camera, medium and light once, with how many shots speak of it, as it is asked for alone", () => {
  const shots = [
    shot(1),
    shot(0.5),
    shot(-1, { camera: "b", medium: "m" }),
    shot(2, { camera: "c" }, { spoilt: true }),
  ];
  const told = experience(shots);
  const named = told.all();
  expect(named.map(({ of, key, shots: many }) => [of, key, many])).toEqual([
    ["camera", "a", 2],
    ["medium", "m", 3],
    ["light", "full-sun", 2],
    ["camera", "b", 1],
  ]);
  for (const { of, key, stops, sd } of named) expect({ stops, sd }).toEqual(told.about({ [of]: key })[of]);
  expect(told.used).toBe(3);
});

describe("the points by which a bias became known", () => {
  test("each point is what all shots up to it say, and what its own shot wanted of this bias alone", () => {
    const shots = [shot(1), shot(0.2, { camera: "b", medium: "m", light: "full-sun" }), shot(1.4)];
    const whole = experience(shots);
    const points = biasHistory(shots, "camera", "a");
    expect(points.map((point) => point.shot)).toEqual([0, 2]);
    for (const { shot: at, stops, sd, wanted } of points) {
      const { camera } = experience(shots.slice(0, at + 1)).about({ camera: "a" });
      expect(stops).toBeCloseTo(camera.stops, 12);
      expect(sd).toBeCloseTo(camera.sd, 12);
      const { medium, light } = whole.about(ALIKE);
      expect(wanted).toBeCloseTo(wantedStops(shots[at] as JudgedShot) - medium.stops - light.stops, 12);
    }
  });

  test("of very many shots two dozen points are told, the last one among them; of fewer every one", () => {
    const many = (count: number): readonly JudgedShot[] => Array.from({ length: count }, () => shot(0.5));
    expect(biasHistory(many(24), "medium", "m")).toHaveLength(24);
    const told = biasHistory(many(100), "medium", "m");
    expect(told).toHaveLength(24);
    expect(told.at(-1)?.shot).toBe(99);
    expect(biasHistory([shot(1, ALIKE, { spoilt: true })], "camera", "a")).toEqual([]);
  });
});
