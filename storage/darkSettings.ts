import { GIVEN_AT, USUAL_Q10 } from "../core/darkroom/temperature/index.ts";
import { parseDarkSettings } from "../core/document/index.ts";
import { type StillBoxDb, theDb } from "./db.ts";
import { readSettings, writeSetting } from "./settings.ts";

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

const DEFAULTS: DarkSettings = {
  speech: false,
  darkTap: "tap",
  developerAt: GIVEN_AT,
  q10: USUAL_Q10,
  recipe: null,
  trayRoom: {},
};

/** The darkroom's settings, with defaults for what was never set or can't be read. */
export async function readDarkSettings(db: StillBoxDb = theDb()): Promise<DarkSettings> {
  const { dark } = await readSettings(db);
  const good = Object.entries(dark).filter(([key, value]) => parseDarkSettings({ [key]: value }).ok);
  return { ...DEFAULTS, ...Object.fromEntries(good) };
}

/** Writes one of them, beside the others as they are stored now. */
export function writeDarkSetting<K extends keyof DarkSettings>(
  key: K,
  value: DarkSettings[K],
  db: StillBoxDb = theDb(),
): Promise<void> {
  return db.transaction("rw", db.settings, async () => {
    const parsed = parseDarkSettings({ [key]: value });
    if (!parsed.ok) throw new Error(`the setting ${key} ${parsed.error[0]?.message}`);
    const { dark } = await readSettings(db);
    await writeSetting("dark", { ...dark, [key]: value }, db);
  });
}
