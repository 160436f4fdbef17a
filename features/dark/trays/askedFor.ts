import { mediumById } from "../../../catalogue/media.ts";
import type { Recipe } from "../../../core/darkroom/recipe/index.ts";
import type { Exposure } from "../../../core/document/index.ts";
import type { SheetToDo } from "./queueSheets.ts";
import { sheetsOfShots } from "./sheetsOfShots.ts";
import type { TraysData } from "./traysData.ts";

/** What of the trays' data it takes. */
interface Asking {
  readonly asked: readonly string[];
  readonly dark: Pick<TraysData["dark"], "recipe">;
  readonly now: Pick<TraysData["now"], "waiting" | "areas">;
}

/** What goes in where a camera's sheets are asked for: all of them that wait for one kind of recipe, the oldest first. */
export function askedFor(
  { asked, dark, now }: Asking,
  recipes: readonly Recipe[],
): { readonly recipeId: string | null; readonly sheets: readonly SheetToDo[] } {
  const shots = now.waiting.filter(({ id }) => asked.includes(id));
  const usual = recipes.find(({ id }) => id === dark.recipe) ?? recipes[0];
  const [newest] = shots;
  if (newest === undefined || usual === undefined) return { recipeId: null, sheets: [] };
  const film = isOnFilm(newest);
  const recipe =
    (usual.medium === "film") === film ? usual : recipes.find(({ medium }) => (medium === "film") === film);
  const alike = shots.filter((shot) => isOnFilm(shot) === film);
  return { recipeId: recipe?.id ?? usual.id, sheets: sheetsOfShots(alike, now.areas, film).toReversed() };
}

/** Whether a shot is on film: its baths are others. */
export function isOnFilm({ medium }: Exposure): boolean {
  return mediumById(medium).kind === "film";
}
