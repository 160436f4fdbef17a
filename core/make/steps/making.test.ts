import fc from "fast-check";
import { stepTexts } from "../../../wording/make/buildSteps.ts";
import { leakFaults } from "../../../wording/make/leaks.ts";
import { makingQuestions } from "../../../wording/make/makingQuestions.ts";
import { combined, lightProof, measuredDiameter, withChamber, withContainer } from "../../camera/container/index.ts";
import { buildOrderFor } from "../../testing/buildOrders.ts";
import { KINDS, testCamera } from "../../testing/cameras.ts";
import { WAYS } from "../plan/index.ts";
import {
  asMade,
  buildSteps,
  byGauge,
  byProjection,
  byReticle,
  darkroomTurns,
  needleTurns,
  suitedTools,
  USUAL_TIMES,
} from "./index.ts";
import { coneDepth, coneDiameter } from "./toolTips.ts";

describe("a tip as a cone (PHYSICS section 8)", () => {
  test.each([
    [1, 12, 0.2102],
    [2, 24, 0.8502],
    [1.5, 18, 0.4752],
  ])("%f mm deep at %f°: 2 h tan(γ/2) = %f mm", (depth, degrees, diameter) => {
    expect(coneDiameter(depth, (degrees * Math.PI) / 180, 5)).toBeCloseTo(diameter, 4);
  });

  test("depth and diameter undo each other up to the shaft, which nothing passes", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        fc.double({ min: 0.1, max: 0.6, noNaN: true }),
        (d, tip) => {
          expect(coneDiameter(coneDepth(d, tip, 0.7) ?? 0, tip, 0.7)).toBeCloseTo(d, 12);
        },
      ),
      { seed: 3 },
    );
    expect(coneDepth(0.8, 0.3, 0.7)).toBeNull();
    expect(coneDiameter(100, 0.3, 0.7)).toBe(0.7);
  });

  test("turns go with the diameter, as depth does with a cone (elementary geometry)", () => {
    const [tip, shaft, deep] = [0.21, 0.9, 0.11];
    const leaves = (turns: number): number => coneDiameter(turns * deep, tip, shaft);
    const trial = { turns: 7, diameter: leaves(7) };
    for (const turns of [1, 5, 12.5]) expect(needleTurns(leaves(turns), trial)).toBeCloseTo(turns, 12);
  });

  test("tools: a shaft within the band comes first, right through; tips give depth and play; thinner ones are left out", () => {
    const offered = [
      { id: "thin", shaft: 0.25, tip: 0.2 },
      { id: "tip", shaft: 0.8, tip: 0.3 },
      { id: "shaft", shaft: 0.41, tip: 0.2 },
      { id: "drill", shaft: 0.5, tip: null },
    ];
    const found = suitedTools(offered, 0.4, [0.35, 0.44]);
    expect(found.map(({ tool }) => tool.id)).toEqual(["tip", "shaft", "drill"]);
    expect(found[1]).toMatchObject({ depth: null, diameter: 0.41, inBand: true });
    expect(found[0]?.depth).toBeCloseTo(0.4 / (2 * Math.tan(0.15)), 12);
    expect(found[0]?.play).toBeCloseTo(0.04 / (2 * Math.tan(0.15)), 12);
    expect(found[2]?.inBand).toBe(false);
  });
});

describe("measuring by hand, each with its ±", () => {
  test("by projection: d = D/m, relative errors of both readings added in squares", () => {
    const { diameter, uncertainty } = byProjection(10, 400, 12, 0.5);
    expect(diameter).toBeCloseTo(0.3, 12);
    const edges = (0.5 / Math.sqrt(3)) * Math.SQRT2;
    expect(uncertainty).toBeCloseTo(0.3 * Math.hypot(edges / 12, edges / 400), 12);
  });
  test("by reticle: divisions × value, a quarter of a division at each edge", () => {
    expect(byReticle(6, 0.05).diameter).toBeCloseTo(0.3, 12);
    expect(byReticle(6, 0.05).uncertainty).toBeCloseTo(0.0102, 4);
  });
  test("by wires: the middle, ± half the gap / √3 (JCGM 100:2008, 4.3.7)", () => {
    // A fifth of the diameter is 2·log₂ 1.2 = 0.53 of a stop.
    const meant = asMade(0.3);
    expect(meant.diameter).toBe(0.3);
    expect(2 * Math.log2(1 + meant.uncertainty / meant.diameter)).toBeCloseTo(0.53, 2);
    expect(byGauge(0.28, 0.34)).toEqual({
      diameter: expect.closeTo(0.31, 12),
      uncertainty: expect.closeTo(0.03 / Math.sqrt(3), 12),
    });
  });
});

describe("several measurements of one hole", () => {
  test("weighted by 1/u²: 0.30 ± 0.01 and 0.33 ± 0.02 give 0.306 ± 0.0089, widened where they scatter", () => {
    const both = combined([
      { diameter: 0.3, uncertainty: 0.01 },
      { diameter: 0.33, uncertainty: 0.02 },
    ]);
    expect(both?.value).toBeCloseTo(0.306, 12);
    // χ² = (0.006/0.01)² + (0.024/0.02)² = 1.8, so the ± of 0.00894 is widened by √1.8.
    expect(both?.uncertainty).toBeCloseTo(Math.sqrt(1.8 / 12_500), 12);
    expect(both?.agree).toBe(true);
    expect(
      combined([
        { diameter: 0.3, uncertainty: 0.002 },
        { diameter: 0.4, uncertainty: 0.002 },
      ])?.agree,
    ).toBe(false);
    expect(combined([{ diameter: 0.3 }])).toBeNull();
  });
  test("n equal ones shrink the ± by √n; their order does not matter", () => {
    const one = { diameter: 0.31, uncertainty: 0.01 };
    expect(combined([one, one, one, one])?.uncertainty).toBeCloseTo(0.005, 12);
    const list = [one, { diameter: 0.3, uncertainty: 0.02 }, { diameter: 0.33, uncertainty: 0.03 }];
    expect(combined(list)?.value).toBeCloseTo(combined([...list].reverse())?.value ?? 0, 12);
  });
  test("the design takes the combination; a value typed without ± stands alone", () => {
    const camera = {
      ...testCamera("flat-box"),
      measurements: [
        { diameter: 0.3, uncertainty: 0.01 },
        { diameter: 0.33, uncertainty: 0.02 },
      ],
    };
    expect(measuredDiameter(camera)).toBeCloseTo(0.306, 12);
    expect(measuredDiameter({ ...camera, measurements: [...camera.measurements, { diameter: 0.35 }] })).toBe(0.35);
  });
});

describe("steps for this very camera", () => {
  test.each(KINDS)("a %s: every step is said in whole sentences with its measures filled in", (kind) => {
    for (const black of ["paint", "paper"]) {
      for (const { what, title, why, tools } of buildSteps(buildOrderFor(testCamera(kind), stepTexts, { black }))) {
        expect(`${title} ${what} ${why}`).not.toMatch(/[{}]|undefined|NaN/);
        expect(what).toMatch(/\.$/);
        expect(tools.length).toBeGreaterThan(0);
      }
    }
  });

  const stepsOf = (kind: Parameters<typeof testCamera>[0], choices = {}) =>
    buildSteps(buildOrderFor(testCamera(kind, { openingDiameter: 7 }), stepTexts, choices));
  /** A box whose inside is still to be blackened. */
  const unpainted = (choices: Readonly<Record<string, string>>) =>
    buildSteps(buildOrderFor(withContainer(testCamera("flat-box"), { insideBlack: false }), stepTexts, choices));
  const ids = (steps: ReturnType<typeof stepsOf>) => steps.map(({ id }) => id);

  test("each measure stands in its step, each blade, pin, rim and paint has its caution", () => {
    const can = withContainer(testCamera("curled-can", { openingDiameter: 7, material: "tin metal" }), {
      insideBlack: false,
    });
    const steps = buildSteps(buildOrderFor(can, stepTexts));
    const step = (name: string) => steps.find(({ id }) => id === name);
    expect(step("opening")?.what).toMatch(/block of wood inside[\s\S]*1\.6 mm drill[\s\S]*7(\.0)? mm across/);
    expect(step("opening")?.caution).toMatch(/cut rim is a blade[\s\S]*hot[\s\S]*never step-drill/);
    expect(step("hole")?.what).toMatch(/Wanted: 0\.26 mm\./);
    expect(step("hole")?.caution).toMatch(/away from your face/);
    expect(step("black")?.caution).toMatch(/fresh air/);
    expect(step("cap")?.caution).toMatch(/rim/);
    for (const { minutes, why, what } of steps) expect(minutes > 0 && why.length > 10 && what.length > 10).toBe(true);
  });

  test("only what the camera has: fold, vanes, mask, divider, cap, tabs; a bought box needs none of it", () => {
    expect(ids(stepsOf("folded-box"))).toEqual(expect.arrayContaining(["fold", "mask"]));
    expect(ids(stepsOf("folded-box"))).not.toContain("black");
    expect(ids(stepsOf("drum"))).toContain("vanes");
    expect(ids(stepsOf("roll-carton"))).toContain("mask");
    expect(ids(stepsOf("canister"))).toContain("tabs");
    expect(ids(stepsOf("flat-box"))).not.toContain("tabs");
    expect(ids(stepsOf("bought-box"))).toEqual(["label", "light-test"]);
    const split = withChamber(testCamera("stereo-box"), { divider: 40 });
    expect(ids(buildSteps(buildOrderFor(split, stepTexts)))).toContain("divider");
  });

  test("a choice changes its step; every question has words for all its ways and no others", () => {
    expect(ids(unpainted({ black: "leave" }))).not.toContain("black");
    expect(unpainted({ black: "paper" }).find(({ id }) => id === "black")?.title).toMatch(/paper/);
    expect(stepsOf("flat-box", { shutter: "magnet" }).find(({ id }) => id === "shutter")?.what).toMatch(/magnet/);
    expect(stepsOf("flat-box", { side: "in" }).find(({ id }) => id === "plate")?.what).toMatch(/sanded side facing in/);
    const order = ids(unpainted({}));
    expect(order.indexOf("black")).toBeLessThan(order.indexOf("plate"));
    const worded = Object.fromEntries(makingQuestions.map(({ id, ways }) => [id, ways.map((way) => way.id)]));
    for (const [question, ways] of Object.entries(WAYS))
      expect([...(worded[question] ?? [])].sort()).toEqual([...ways].sort());
  });
});

describe("light test", () => {
  const at = "2026-05-01T10:00:00+00:00";
  test("untested, then leaking, then proved: the newest test counts", () => {
    expect(lightProof({}).state).toBe("untested");
    const leaks = { at, way: "lamp", faults: ["plate-edge"] } as const;
    expect(lightProof({ lightTests: [leaks] }).state).toBe("leaks");
    expect(lightProof({ lightTests: [leaks, { at, way: "sheet", faults: [] }] }).state).toBe("proved");
    expect(lightProof({ lightTests: [{ at, way: "sheet", faults: [] }, leaks] }).state).toBe("leaks");
  });
  test("every fault has its cause and its repair", () => {
    expect(leakFaults.map(({ id }) => id)).toEqual(
      expect.arrayContaining(["lid-corners", "single-tape", "translucent", "plate-edge"]),
    );
    for (const { cause, repair, lamp, sheet } of leakFaults)
      expect([cause, repair, lamp, sheet].every((words) => words.length > 8)).toBe(true);
  });
});

describe("turns in one darkroom", () => {
  test("everyone loads once and develops once, never two turns at a time, never back too soon", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.record({
          atOnce: fc.integer({ min: 1, max: 6 }),
          load: fc.integer({ min: 1, max: 9 }),
          develop: fc.integer({ min: 1, max: 20 }),
          outside: fc.integer({ min: 0, max: 60 }),
        }),
        (count, times) => {
          const turns = darkroomTurns(count, times);
          for (const job of ["load", "develop"] as const) {
            const people = turns.filter((turn) => turn.job === job).flatMap((turn) => turn.people);
            expect([...people].sort((a, b) => a - b)).toEqual(Array.from({ length: count }, (_, i) => i + 1));
          }
          for (const [i, turn] of turns.entries()) {
            expect(turn.from).toBeGreaterThanOrEqual(turns[i - 1]?.to ?? 0);
            expect(turn.people.length).toBeLessThanOrEqual(times.atOnce);
            if (turn.job !== "develop") continue;
            const loaded = turns.find((each) => each.job === "load" && each.people[0] === turn.people[0]);
            expect(turn.from).toBeGreaterThanOrEqual((loaded?.to ?? 0) + times.outside);
          }
        },
      ),
      { seed: 12, numRuns: 80 },
    );
  });
  test("six people, three at once: in by 14:00, the first back after twenty minutes", () => {
    expect(darkroomTurns(6, USUAL_TIMES)).toEqual([
      { from: 0, to: 4, people: [1, 2, 3], job: "load" },
      { from: 4, to: 8, people: [4, 5, 6], job: "load" },
      { from: 24, to: 32, people: [1, 2, 3], job: "develop" },
      { from: 32, to: 40, people: [4, 5, 6], job: "develop" },
    ]);
  });
});
