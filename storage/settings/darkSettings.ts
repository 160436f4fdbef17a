import { GIVEN_AT, USUAL_Q10 } from "../../core/darkroom/temperature/index.ts";
import { parseDarkSettings } from "../../core/document/index.ts";
import type { Choices } from "./choices.ts";
import { settingsPart } from "./settingsPart.ts";

/** What Still Box remembers of its user's darkroom. */
export interface DarkSettings {
  /** Whether steps are spoken. */
  readonly speech: boolean;
  /** Who moves sheets on: a tap, or the clock. */
  readonly darkTap: "tap" | "clock";
  /** Temperature of the developer, °C, and its factor of speed for 10 °C. */
  readonly developerAt: number;
  readonly q10: number;
  /** Id of the recipe used last. */
  readonly recipe: string | null;
  /** Sheets that each tray holds at once, by bath. */
  readonly trayRoom: Readonly<Record<string, number>>;
}

/** The darkroom’s choices. */
export const darkChoices: Choices<DarkSettings> = settingsPart<DarkSettings>(
  "dark",
  { speech: false, darkTap: "tap", developerAt: GIVEN_AT, q10: USUAL_Q10, recipe: null, trayRoom: {} },
  parseDarkSettings,
);
