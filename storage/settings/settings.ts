import type { LengthUnit } from "../../core/basis/units/index.ts";
import { type KeptView, parseSettings, type ShotWords } from "../../core/document/index.ts";
import type { Paper, PrintScale } from "../../core/make/cutsheet/index.ts";
import { type StillBoxDb, theDb } from "../engine/db.ts";

/** What is at hand in the Field: the light as it was read, and the camera it was last asked for. */
export interface InField {
  /** When the light was last looked at, ISO 8601. */
  readonly at: string;
  /** How it was read, with all that was typed or marked. */
  readonly source: object;
  readonly cameraId: string;
  readonly picked: string | null;
  /** One's own time, s. */
  readonly typed: number | null;
  readonly medium: string;
  readonly iso: number;
}

/** What was seen through the phone, and of which camera. */
export interface KeptViewSetting {
  readonly cameraId: string;
  /** When, ISO 8601. */
  readonly at: string;
  readonly view: KeptView;
}

/** A phone's camera as a finder. */
export interface FinderSetting {
  /** Focal length as a share of its picture's diagonal. */
  readonly focal: number;
  /** How sure that is, as a share of it. */
  readonly error: number;
}

/** What Still Box remembers about its user. */
export interface Settings {
  readonly unit: LengthUnit;
  /** Stops to add to every meter reading, as versions before the records of meters kept it. */
  readonly meterOffset: number;
  readonly fieldCamera: string | null;
  /** Whether the demonstration cameras have been put on the Shelf once. */
  readonly demoSeen: boolean;
  /** Whether its scans are still to be fetched. */
  readonly demoScans: "wanted" | "there";
  /** By how much prints must be drawn larger each way, for a printer that shrinks; 1: it prints true. */
  readonly printScale: PrintScale;
  /** The printer's paper; `null`: never chosen. */
  readonly paper: Paper["id"] | null;
  /** Words typed for the next shot. */
  readonly draft: ShotWords;
  /** Ids of cameras whose wheel does not click. */
  readonly clickless: readonly string[];
  /** What is at hand in the Field. */
  readonly inField: InField | null;
  /** What was seen through the phone, to go with the next shot of its camera. */
  readonly keptView: KeptViewSetting | null;
  /** The phone's camera as a finder; `null`: never calibrated. */
  readonly finder: FinderSetting | null;
  /** The tour: at which stop one is or was, from 0, and whether one is on it. */
  readonly tour: { readonly stop: number; readonly on: boolean };
  /** Whether three seconds are counted before the hole opens. */
  readonly countIn: boolean;
  /** Whether the count is heard. */
  readonly sound: boolean;
  /** Of the darkroom: {@link DarkSettings}, as far as they were ever set. */
  readonly dark: object;
  /** Of Hang: {@link HangSettings}, as far as they were ever set. */
  readonly hang: object;
}

const DEFAULTS: Settings = {
  unit: "mm",
  meterOffset: 0,
  fieldCamera: null,
  demoSeen: false,
  demoScans: "there",
  printScale: { across: 1, up: 1 },
  paper: null,
  draft: { subject: "", note: "" },
  clickless: [],
  inField: null,
  keptView: null,
  finder: null,
  tour: { stop: 0, on: false },
  countIn: false,
  sound: true,
  dark: {},
  hang: {},
};

/** All settings, with defaults for what was never set or can't be read; what can't be read is left where it is. */
export async function readSettings(db: StillBoxDb = theDb()): Promise<Settings> {
  const rows = await db.settings.toArray();
  const good = rows.filter(({ key, value }) => parseSettings({ [key]: value }).ok);
  return { ...DEFAULTS, ...Object.fromEntries(good.map(({ key, value }) => [key, value])) };
}

/** Writes one setting; one that its schema does not allow is a fault of ours, and is not written. */
export async function writeSetting<K extends keyof Settings>(
  key: K,
  value: Settings[K],
  db: StillBoxDb = theDb(),
): Promise<void> {
  const parsed = parseSettings({ [key]: value });
  if (!parsed.ok) throw new Error(`the setting ${key} ${parsed.error[0]?.message}`);
  await db.settings.put({ key, value });
}

/** Remembers the camera last worked on. Written only when it is another one: every write wakes what follows the settings. */
export async function rememberCamera(id: string, db: StillBoxDb = theDb()): Promise<void> {
  const stored = await db.settings.get("fieldCamera");
  // Where it can't be written, the page that is only looked at opens all the same.
  if (stored?.value !== id) await writeSetting("fieldCamera", id, db).catch(() => undefined);
}
