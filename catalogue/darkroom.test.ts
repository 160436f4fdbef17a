import { planOf } from "../core/darkroom/recipe/index.ts";
import { parseRecord } from "../core/document/index.ts";
import { darkRoomChecks, darkroomCautions, emulsionTells, safelightSteps } from "../wording/darkroomWords.ts";
import { recipes } from "./recipes.ts";

test.each(recipes.map((recipe) => [recipe.name, recipe] as const))(
  "%s: a whole record with its source; every caution it names is written, white light only after the fixer",
  (_, recipe) => {
    expect(parseRecord("recipes", recipe).ok).toBe(true);
    expect(recipe.source).toMatch(/common practice/);
    const known = new Set(darkroomCautions.map(({ id }) => id));
    for (const step of recipe.steps) {
      for (const caution of step.cautions ?? []) expect(known.has(caution)).toBe(true);
      if (step.bath === "fixer") expect(step.cautions).toContain("fixer");
      if (step.bath === "developer") expect(step.cautions).toEqual(["developer", "gloves"]);
      expect(step.look?.length).toBeGreaterThan(20);
    }
    for (const { bath, lamp } of planOf(recipe, 20, 2.2)) {
      const safe = recipe.medium === "film" ? "none" : "red";
      expect([bath, lamp]).toEqual([bath, bath === "wash" ? "white" : safe]);
    }
  },
);

test("times in use (TRADE section 6, common practice)", () => {
  const seconds = (id: string, step: string) =>
    recipes.find((each) => each.id === id)?.steps.find((s) => s.id === step);
  expect(seconds("rc-trays", "dev")).toMatchObject({ seconds: 75, most: 90 });
  expect(seconds("by-eye", "dev")).toMatchObject({ byEye: true, most: 180 });
  expect(seconds("still-bath", "dev")).toMatchObject({ seconds: 40, most: 45 });
  expect(seconds("canister-tank", "fix")).toMatchObject({ seconds: 300 });
  expect(recipes.find(({ id }) => id === "trail")?.steps).toEqual([]);
});

test("no note stands without its source, none twice", () => {
  const notes = [...darkroomCautions, ...emulsionTells, ...darkRoomChecks, ...safelightSteps];
  for (const { words, source } of notes) expect([words.length > 20, source.length > 5]).toEqual([true, true]);
  expect(emulsionTells).toHaveLength(4);
});
