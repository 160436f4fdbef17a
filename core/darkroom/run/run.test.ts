import fc from "fast-check";
import {
  developerSeconds,
  type PlannedStep,
  planOf,
  type Recipe,
  roomOf,
  staysOf,
  throughTrays,
} from "../recipe/index.ts";
import {
  comingVisits,
  isRocked,
  movedBack,
  movedOn,
  movesTill,
  type Run,
  realSeconds,
  runAt,
  stepSignals,
} from "./index.ts";

const RECIPE: Recipe = {
  id: "trays",
  name: "Trays",
  medium: "paper",
  source: "common practice",
  steps: [
    {
      id: "dev",
      name: "Developer",
      bath: "developer",
      seconds: 60,
      byTemperature: true,
      agitation: { first: 10, every: 30, lasts: 5 },
    },
    { id: "stop", name: "Stop", bath: "stop", seconds: 15 },
    { id: "fix", name: "Fixer", bath: "fixer", seconds: 120, lampAfter: "white" },
    { id: "wash", name: "Wash", bath: "wash", seconds: 300 },
  ],
};
const PLAN = planOf(RECIPE, 20, 2.2);
const run = (more: Partial<Run> = {}): Run => ({ plan: PLAN, startedMs: 0, movesMs: [], byClock: false, ...more });

test("a plan: times by temperature where they depend on it, beginnings, the lamp that each step bears", () => {
  const cold = planOf(RECIPE, 18, 2.2);
  expect(cold.map(({ planned }) => planned)).toEqual([expect.closeTo(70.25, 2), 15, 120, 300]);
  expect(PLAN.map(({ from }) => from)).toEqual([0, 60, 75, 195]);
  expect(PLAN.map(({ lamp }) => lamp)).toEqual(["red", "red", "red", "white"]);
  // Film bears no lamp until it is said so.
  expect(planOf({ ...RECIPE, medium: "film" }, 20, 2.2).map(({ lamp }) => lamp)).toEqual([
    "none",
    "none",
    "none",
    "white",
  ]);
  expect(staysOf(PLAN)[0]).toEqual({ station: "developer", lasts: 60 });
  expect(roomOf({ ...RECIPE, room: { developer: 3 } })).toMatchObject({ developer: 3, wash: 8 });
});

test("several through one set of trays: the last into the wash and out of it; a class of 25 fits an afternoon", () => {
  const three = throughTrays(PLAN, 3, roomOf(RECIPE));
  expect(three?.starts).toEqual([0, 65, 130]);
  expect(three?.washed).toEqual({ from: 130 + 195, to: 130 + 495 });
  const many = throughTrays(PLAN, 25, roomOf(RECIPE));
  expect(many?.starts).toHaveLength(25);
  expect((many?.washed.to ?? 0) / 60).toBeLessThan(60);
  expect(throughTrays(PLAN, 2, { developer: 0 })).toBeNull();
});

test("by hand: a bath lasts until the sheet is moved, over time is said; by the clock it is moved when due", () => {
  expect(runAt(run(), 70_000)).toMatchObject({ step: 0, elapsed: 70, left: -10 });
  expect(runAt(run({ byClock: true }), 70_000)).toMatchObject({ step: 1, elapsed: 10, left: 5 });
  expect(runAt(run({ byClock: true }), 10_000_000)).toMatchObject({ step: 4, now: null, share: 1 });
  const pulled = movedOn(run(), 41_500);
  expect(realSeconds(pulled, 50_000)).toEqual([41.5]);
  expect(runAt(pulled, 50_000)).toMatchObject({ step: 1, elapsed: 8.5 });
  // Taken back, it never left: its time has gone on.
  expect(runAt(movedBack(pulled, 50_000), 50_000)).toMatchObject({ step: 0, elapsed: 50 });
  expect(movedOn(pulled, 30_000)).toBe(pulled);
  // The clock does not move it again at once.
  expect(runAt(movedBack(run({ byClock: true }), 70_000), 70_000)).toMatchObject({ step: 0, elapsed: 70 });
  // What the eye ends waits for the hand.
  const byEye = run({
    byClock: true,
    plan: [{ ...(PLAN[0] as (typeof PLAN)[number]), byEye: true }, ...PLAN.slice(1)],
  });
  expect(runAt(byEye, 200_000)).toMatchObject({ step: 0, left: -140 });
});

test("no order of presses skips a step or loses time (seeded)", () => {
  const press = fc.record({
    kind: fc.constantFrom("tap", "back", "wait", "reload", "clock"),
    after: fc.integer({ min: 0, max: 200_000 }),
  });
  fc.assert(
    fc.property(fc.array(press, { maxLength: 60 }), fc.boolean(), (presses, byClock) => {
      let now = 0;
      let sheet = run({ byClock });
      let before = 0;
      for (const { kind, after } of presses) {
        now += after;
        const due = runAt(sheet, now).step;
        // Time alone skips nothing either: it moves on by planned times, one bath after the other.
        expect(due).toBeGreaterThanOrEqual(before);
        if (kind === "tap") sheet = movedOn(sheet, now);
        else if (kind === "back") sheet = movedBack(sheet, now);
        else if (kind === "reload") sheet = JSON.parse(JSON.stringify(sheet)) as Run;
        else if (kind === "clock") sheet = { ...sheet, byClock: !sheet.byClock, movesMs: [...sheet.movesMs] };
        const step = runAt(sheet, now).step;
        if (kind === "tap") expect(step - due).toBeLessThanOrEqual(1);
        if (kind === "back") expect(due - step).toBeLessThanOrEqual(1);
        before = kind === "clock" ? Math.min(step, sheet.movesMs.length) : step;
        if (kind === "clock") before = Math.min(before, runAt({ ...sheet, byClock: false }, now).step);
        const real = realSeconds(sheet, now);
        expect(real).toHaveLength(step);
        expect(Math.min(0, ...real)).toBe(0);
        const { elapsed, now: bath } = runAt(sheet, now);
        // All time since it went in lies in its baths, but for what came after the last of them.
        const sum = real.reduce((all, seconds) => all + seconds, 0) + elapsed;
        if (bath !== null) expect(sum).toBeCloseTo(now / 1000, 6);
      }
    }),
    { seed: 21, numRuns: 300 },
  );
});

test("sounds of a bath: rocking, the last five seconds, the end; none that lies behind", () => {
  const [developer] = PLAN;
  if (developer === undefined) throw new Error("no step");
  expect(stepSignals(developer, 0).map(({ at, kind }) => `${kind} ${at}`)).toEqual([
    "rock 0",
    "still 10",
    "rock 30",
    "still 35",
    "tick 55",
    "tick 56",
    "tick 57",
    "tick 58",
    "tick 59",
    "end 60",
  ]);
  // Rocked without a break at first, it is not rocked anew in that time.
  const film = { ...developer, agitation: { first: 30, every: 20, lasts: 5 } };
  expect(stepSignals(film, 0).flatMap(({ at, kind }) => (kind === "rock" ? [at] : []))).toEqual([0, 40]);
  expect(stepSignals(developer, 57.5).map(({ at }) => at)).toEqual([58, 59, 60]);
  expect([5, 15, 31, 36, 59].map((at) => isRocked(developer, at))).toEqual([true, false, true, false, false]);
  expect(isRocked({ ...developer, agitation: { first: 0, every: 0, lasts: 0 } }, 40)).toBe(true);
  expect(isRocked({ ...developer, agitation: null }, 40)).toBeNull();
});

test("what a run has before it is booked from now on, and a bath over time is not booked any longer", () => {
  expect(comingVisits(run(), 50_000)).toEqual([
    { station: "developer", from: -50, to: 10 },
    { station: "stop", from: 10, to: 25 },
    { station: "fixer", from: 25, to: 145 },
    { station: "wash", from: 145, to: 445 },
  ]);
  expect(comingVisits(run(), 90_000)[0]).toEqual({ station: "developer", from: -90, to: 0 });
  expect(comingVisits(run({ byClock: true }), 10_000_000)).toEqual([]);
});

describe("where a sheet is", () => {
  const whole = 60 + 15 + 120 + 300;

  test("the share of its way: each bath by its planned time, never more than that, and all of it at the end", () => {
    const shares = [0, 30, 60, 100].map((s) => runAt(run(), 1000 * s).share);
    expect(shares).toEqual([0, 30 / whole, 60 / whole, 60 / whole]);
    expect(runAt(run({ movesMs: [70_000] }), 75_000).share).toBeCloseTo((60 + 5) / whole, 12);
    const through = runAt(run({ movesMs: [60_000, 75_000, 195_000, 495_000] }), 600_000);
    expect(through).toMatchObject({ now: null, next: null, elapsed: 0, left: 0, share: 1, step: 4 });
    expect(runAt(run({ plan: [] }), 1000).share).toBe(1);
  });

  test("what comes after this bath, and nothing after the last; a clock that was set back counts nothing", () => {
    expect(runAt(run(), 0)).toMatchObject({ now: { id: "dev" }, next: { id: "stop" } });
    expect(runAt(run({ movesMs: [1, 2, 3] }), 1000)).toMatchObject({ now: { id: "wash" }, next: null });
    expect(runAt(run(), -5000).elapsed).toBe(0);
  });

  test("moved by the clock at the very second, and not before; what was moved by hand stays as it was", () => {
    const byClock = run({ byClock: true, movesMs: [50_000] });
    expect(movesTill(byClock, 64_999)).toEqual([50_000]);
    expect(movesTill(byClock, 65_000)).toEqual([50_000, 65_000]);
    expect(byClock.movesMs).toEqual([50_000]);
    const eye = PLAN.map((step, i): PlannedStep => (i === 0 ? { ...step, byEye: true } : step));
    expect(movesTill(run({ byClock: true, plan: eye }), 500_000)).toEqual([]);
  });

  test("who is through is not moved on, nor anybody into the past; back from the first bath there is none", () => {
    const through = run({ movesMs: [1, 2, 3, 4] });
    expect(movedOn(through, 10)).toBe(through);
    const second = run({ movesMs: [60_000] });
    expect(movedOn(second, 59_999)).toBe(second);
    expect(movedOn(second, 60_000).movesMs).toEqual([60_000, 60_000]);
    const first = run();
    expect(movedBack(first, 10)).toBe(first);
    expect(movedBack(second, 70_000)).toMatchObject({ movesMs: [], backsMs: [70_000], byClock: false });
    expect(movedBack({ ...second, backsMs: [5] }, 70_000).backsMs).toEqual([5, 70_000]);
  });
});

describe("sounds of a bath", () => {
  const [developer] = PLAN as readonly [PlannedStep];
  const heard = (step: Partial<PlannedStep>): readonly string[] =>
    stepSignals({ ...developer, ...step }, 0).map(({ at, kind }) => `${kind} ${at}`);
  const ENDING = ["tick 15", "tick 16", "tick 17", "tick 18", "tick 19", "end 20"];

  test("no rocking is asked for: only the last five seconds are heard, of a short bath those that there are", () => {
    const { agitation: _, ...still } = developer;
    expect(stepSignals({ ...still, planned: 20 }, 0).map(({ at, kind }) => `${kind} ${at}`)).toEqual(ENDING);
    expect(heard({ planned: 20, agitation: { first: 5, every: 0, lasts: 5 } })).toEqual(ENDING);
    expect(heard({ planned: 3, agitation: { first: 0, every: 10, lasts: 2 } })).toEqual(["tick 1", "tick 2", "end 3"]);
    expect(heard({ planned: 5.5, agitation: { first: 0, every: 10, lasts: 2 } })[0]).toBe("tick 1.5");
  });

  test("rocked from its beginning, then every so many seconds from there, never in its last five", () => {
    expect(heard({ planned: 20, agitation: { first: 4, every: 10, lasts: 2 } })).toEqual([
      "rock 0",
      "still 4",
      "rock 10",
      "still 12",
      ...ENDING,
    ]);
    expect(heard({ planned: 20, agitation: { first: 0, every: 10, lasts: 6 } })).toEqual(["rock 10", ...ENDING]);
    expect(heard({ planned: 20, agitation: { first: 0, every: 15, lasts: 2 } })).toEqual(ENDING);
    // It is still being rocked when the next time comes: then it goes on.
    expect(heard({ planned: 40, agitation: { first: 20, every: 20, lasts: 3 } }).slice(0, 4)).toEqual([
      "rock 0",
      "still 20",
      "rock 20",
      "still 23",
    ]);
  });

  test("rocked or not, to the second", () => {
    const at = (elapsed: number): boolean | null => isRocked(developer, elapsed);
    expect([0, 9.9, 10, 29.9, 30, 34.9, 35, 60, 65].map(at)).toEqual([
      true,
      true,
      false,
      false,
      true,
      true,
      false,
      true,
      false,
    ]);
    expect(isRocked({ ...developer, agitation: { first: 3, every: 0, lasts: 0 } }, 50)).toBe(true);
    const { agitation: _, ...still } = developer;
    expect(isRocked(still, 5)).toBeNull();
  });
});

test("seconds in the developer: of all its baths, and of no other", () => {
  expect(
    developerSeconds([
      { bath: "developer", seconds: 60 },
      { bath: "stop", seconds: 20 },
      { bath: "developer", seconds: 15 },
    ]),
  ).toBe(75);
  expect(developerSeconds([{ bath: "fixer", seconds: 120 }])).toBe(0);
});
