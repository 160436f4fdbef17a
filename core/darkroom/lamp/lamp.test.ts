import fc from "fast-check";
import { recipes } from "../../../catalogue/recipes.ts";
import { isTooSoon, leastOf, type PlannedStep, planOf, type Recipe } from "../recipe/index.ts";
import { movedBack, movedOn, type Run } from "../run/index.ts";
import { allowedLamp, lampBorne, type SheetOut } from "./index.ts";

const recipe = (id: string): Recipe => recipes.find((each) => each.id === id) as Recipe;
const plan = (id: string): readonly PlannedStep[] => planOf(recipe(id), 20, 2.2);
const out = (id: string, movesMs: readonly number[] | null, more: Partial<Run> = {}): SheetOut => ({
  name: id,
  medium: recipe(id).medium,
  run: movesMs === null ? null : { plan: plan(id), startedMs: 0, movesMs, byClock: false, ...more },
});

test("one sheet: its medium's lamp until the fixer has worked for its least time, also where it was moved on too soon", () => {
  expect(lampBorne(out("rc-trays", null), 0)).toBe("red");
  expect(lampBorne(out("film-data-sheet", null), 0)).toBe("none");
  // 75 s of developer, 20 s of stop; then 30 s of fixer let light in (TRADE section 6: look after 30 s).
  expect(lampBorne(out("rc-trays", [75_000, 95_000]), 124_900)).toBe("red");
  expect(lampBorne(out("rc-trays", [75_000, 95_000]), 125_000)).toBe("white");
  // Two seconds of fixer, then the wash, as long as you like: it is not fixed.
  expect(lampBorne(out("rc-trays", [75_000, 95_000, 97_000]), 3_600_000)).toBe("red");
  expect(lampBorne(out("rc-trays", [75_000, 95_000, 97_000, 400_000]), 3_600_000)).toBe("red");
  // Film wants all of its fixer's time, a canister's five minutes under the lid.
  expect(lampBorne(out("film-data-sheet", [420_000, 450_000]), 740_000)).toBe("none");
  expect(lampBorne(out("film-data-sheet", [420_000, 450_000]), 750_000)).toBe("white");
  expect(lampBorne(out("canister-tank", [120_000, 150_000]), 440_000)).toBe("red");
  expect(lampBorne(out("canister-tank", [120_000, 150_000]), 450_000)).toBe("white");
});

test("put back into the fixer it counts anew; moved by the clock, all of its planned time is wanted", () => {
  const back = { movesMs: [75_000, 95_000], backsMs: [200_000] };
  expect(lampBorne(out("rc-trays", back.movesMs, back), 220_000)).toBe("red");
  expect(lampBorne(out("rc-trays", back.movesMs, back), 230_000)).toBe("white");
  const clock = out("rc-trays", [], { byClock: true });
  expect(lampBorne(clock, (75 + 20 + 60) * 1000)).toBe("red");
  expect(lampBorne(clock, (75 + 20 + 120) * 1000)).toBe("white");
});

test("the lamp is that of the most sensitive sheet that is out, and is told by which", () => {
  const fixed = out("rc-trays", [75_000, 95_000]);
  expect(allowedLamp([], 0)).toEqual({ lamp: "white", because: [] });
  expect(allowedLamp([fixed], 200_000)).toEqual({ lamp: "white", because: [] });
  const waiting = out("rc-trays", null);
  expect(allowedLamp([fixed, waiting], 200_000)).toEqual({ lamp: "red", because: [waiting] });
  const film = out("film-data-sheet", null);
  expect(allowedLamp([fixed, waiting, film], 200_000)).toEqual({ lamp: "none", because: [film] });
});

test("only a fixer lets light in, whatever a recipe of one's own says of its other baths", () => {
  const own: Recipe = {
    ...recipe("rc-trays"),
    steps: recipe("rc-trays").steps.map((step) => ({ ...step, bath: "rinse", lampAfter: "white" })),
  };
  const run = { plan: planOf(own, 20, 2.2), startedMs: 0, movesMs: [75_000, 95_000, 300_000], byClock: false };
  expect(lampBorne({ name: "own", medium: "paper", run }, 9e6)).toBe("red");
  expect(run.plan.map(({ lamp }) => lamp)).toEqual(["red", "red", "red", "red"]);
});

test("a bath is left too soon before half of its least time, at any temperature", () => {
  const [developer, stop, fixer] = planOf(recipe("rc-trays"), 24, 2.2) as [PlannedStep, PlannedStep, PlannedStep];
  expect(leastOf(developer)).toBeCloseTo(60 * 2.2 ** -0.4, 9);
  expect([leastOf(stop), leastOf(fixer)]).toEqual([10, 30]);
  expect([2, 14.9, 15, 40].map((seconds) => isTooSoon(fixer, seconds))).toEqual([true, true, false, false]);
});

/** What really happens to a sheet whose hand does what is pressed: it lies in a bath, and is put back where “back” is pressed. */
class Hand {
  bath = -1;
  fixed = 0;
  constructor(private readonly steps: readonly PlannedStep[]) {}
  pass(seconds: number): void {
    if (this.steps[this.bath]?.bath === "fixer") this.fixed += seconds;
  }
  /** Whether light would still darken it. */
  fogs(needed: number): boolean {
    return this.fixed < needed - 1e-9;
  }
}

test("no order of presses over several sheets gives white while one of them could be fogged (seeded)", () => {
  const press = fc.record({
    sheet: fc.integer({ min: 0, max: 2 }),
    kind: fc.constantFrom("on", "on", "on", "back", "put away", "wait"),
    after: fc.integer({ min: 0, max: 150_000 }),
  });
  const ids = fc.array(fc.constantFrom("rc-trays", "rc-no-stop", "still-bath", "canister-tank", "film-data-sheet"), {
    minLength: 1,
    maxLength: 3,
  });
  let whites = 0;
  fc.assert(
    fc.property(ids, fc.array(press, { minLength: 6, maxLength: 60 }), (recipeIds, presses) => {
      let now = 0;
      const sheets: (SheetOut | null)[] = recipeIds.map((id) => out(id, null));
      const hands = recipeIds.map((id) => new Hand(plan(id)));
      for (const { sheet: which, kind, after } of presses) {
        const index = which % recipeIds.length;
        now += after;
        for (const hand of hands) hand.pass(after / 1000);
        const sheet = sheets[index];
        const hand = hands[index];
        const id = recipeIds[index];
        if (!sheet || !hand || id === undefined) continue;
        if (kind === "on" && sheet.run === null) {
          sheets[index] = { ...sheet, run: { plan: plan(id), startedMs: now, movesMs: [], byClock: false } };
          hand.bath = 0;
        } else if (kind === "on" && sheet.run) {
          sheets[index] = { ...sheet, run: movedOn(sheet.run, now) };
          hand.bath = Math.min(hand.bath + 1, plan(id).length);
        } else if (kind === "back" && sheet.run && sheet.run.movesMs.length > 0) {
          sheets[index] = { ...sheet, run: movedBack(sheet.run, now) };
          hand.bath -= 1;
        } else if (kind === "put away") sheets[index] = null;
        const { lamp, because } = allowedLamp(
          sheets.filter((each) => each !== null),
          now,
        );
        const bared = recipeIds.filter((each, i) => {
          const fixer = plan(each).find(({ bath }) => bath === "fixer");
          return sheets[i] !== null && hands[i]?.fogs(fixer ? leastOf(fixer) : 1e9);
        });
        if (bared.length > 0) expect(lamp).not.toBe("white");
        if (bared.includes("film-data-sheet")) expect(lamp).toBe("none");
        expect(because.length > 0).toBe(lamp !== "white");
        if (lamp === "white" && sheets.some((each) => each !== null)) whites++;
      }
    }),
    { seed: 23, numRuns: 2000 },
  );
  // It is not red for ever either.
  expect(whites).toBeGreaterThan(100);
});
