import { recipes } from "../../../catalogue/recipes.ts";
import type { Recipe } from "../../../core/darkroom/recipe/index.ts";
import type { Bottle, Development, Exposure, Processing } from "../../../core/document/index.ts";
import {
  type DarkSettings,
  darkChoices,
  fieldChoices,
  listRecords,
  readThreadOf,
  runningDevelopments,
  type Settings,
  sheetAreas,
  shotsToDevelop,
} from "../../../storage/index.ts";

/** What the trays need to know. */
export interface TraysData {
  /** Ids of the shots that are to be developed next, of the camera that is asked for, newest first. */
  readonly asked: readonly string[];
  readonly dark: DarkSettings;
  readonly heard: Pick<Settings, "sound" | "countIn" | "clickless">;
  readonly now: TraysNow;
}

/** What changes while one is in the dark. */
export interface TraysNow {
  readonly running: readonly Development[];
  /** Recipes of one's own. */
  readonly own: readonly Recipe[];
  readonly bottles: readonly Bottle[];
  /** Strips and prints. */
  readonly done: readonly Processing[];
  /** Shots that nobody has developed or judged yet, newest first. */
  readonly waiting: readonly Exposure[];
  /** Area of a sheet of each camera, cm². */
  readonly areas: ReadonlyMap<string, number>;
}

export async function readTrays(cameraId: string | null): Promise<TraysData> {
  const [dark, heard, now, asked] = await Promise.all([
    darkChoices.read(),
    fieldChoices.read(),
    readTraysNow(),
    cameraId === null ? [] : sheetsToDevelop(cameraId),
  ]);
  return { asked, dark, heard, now };
}

/** Which sheets of a camera are next for the trays: as its thread says. */
async function sheetsToDevelop(cameraId: string): Promise<readonly string[]> {
  const thread = await readThreadOf(cameraId);
  return thread?.stations.find(({ name }) => name === "developed")?.act.sheets ?? [];
}

export async function readTraysNow(): Promise<TraysNow> {
  const [running, own, bottles, done, waiting] = await Promise.all([
    runningDevelopments(),
    listRecords("recipes"),
    listRecords("bottles"),
    listRecords("processing"),
    shotsToDevelop(),
  ]);
  const areas = await sheetAreas(waiting.map(({ cameraId }) => cameraId));
  return { running, own, bottles, done, waiting, areas };
}

/** All recipes: those that ship, then one's own. */
export function allRecipes(own: readonly Recipe[]): readonly Recipe[] {
  return [...recipes, ...own];
}
