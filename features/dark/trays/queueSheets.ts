import type { PlannedStep, Recipe } from "../../../core/darkroom/recipe/index.ts";
import type { Development } from "../../../core/document/index.ts";
import { saveRecord } from "../../../storage/index.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";

/** A sheet that is to be developed. */
export interface SheetToDo {
  readonly id: string;
  /** Which it is, in words. */
  readonly name: string;
  /** Shots on it: one, or all of a film; none: nobody noted it. */
  readonly exposureIds: readonly string[];
  readonly areaCm2: number;
}

/** What a day's sheets go through. */
export interface Session {
  readonly recipe: Recipe;
  readonly plan: readonly PlannedStep[];
  readonly celsius: number;
  readonly q10: number;
  readonly byClock: boolean;
  readonly sheets: readonly SheetToDo[];
  /** Whether they got a dose of even light after they were exposed. */
  readonly postFlashed: boolean;
  /** Bottles by what is in them. */
  readonly bottleIds: Readonly<Record<string, string | null>>;
}

/** Writes the sheets down as waiting for their turn. @returns why that failed, in words; `null`: it is done */
export async function queueSheets({
  recipe,
  plan,
  celsius,
  q10,
  byClock,
  sheets,
  postFlashed,
  bottleIds,
}: Session): Promise<string | null> {
  const at = isoWithOffset(new Date());
  const used = Object.values(bottleIds).filter((id) => id !== null);
  for (const [order, { name, exposureIds, areaCm2 }] of sheets.entries()) {
    const development: Development = {
      id: crypto.randomUUID(),
      recipeId: recipe.id,
      recipeName: recipe.name,
      at,
      order,
      exposureIds,
      sheet: name,
      celsius,
      q10,
      areaCm2,
      bottleIds: used,
      medium: recipe.medium,
      ...(postFlashed ? { postFlashed } : {}),
      steps: plan.map((step) => ({ ...step, real: null })),
      byClock,
      finishedAt: null,
    };
    const saved = await saveRecord("developments", development);
    if (!saved.ok) return `The sheets can’t be noted. ${saved.error.message}`;
  }
  return null;
}
