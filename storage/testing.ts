import { thistleRow } from "../catalogue/demo/thistleRow.ts";
import { type Result, success } from "../core/basis/units/index.ts";
import { type Camera, withField } from "../core/camera/container/index.ts";
import {
  type Change,
  type Count,
  changesBetween,
  type Exposure,
  type Load,
  openArchive,
} from "../core/document/index.ts";
import type { Fault } from "../core/light/solve/index.ts";
import type { ArchiveFile, ReadArchive } from "./archive/archiveFile.ts";
import { addDemo } from "./archive/demo.ts";
import { openDb, type StillBoxDb } from "./engine/db.ts";
import { getEdited } from "./engine/editRecord.ts";
import { orRefused } from "./engine/failure.ts";
import { saveExposure } from "./exposures/exposures.ts";
import { sha256 } from "./negatives/sha256.ts";

/** When tests edit. */
export const NOW = "2026-05-01T10:00:00+01:00";
/** The allotment's biscuit tin: 70 mm deep. */
export const [TIN] = thistleRow.cameras as readonly [Camera, ...Camera[]];

let count = 0;

/** A database of a test's own, with the demonstration in it. */
export async function demoDb(): Promise<StillBoxDb> {
  const db = openDb(`test-${++count}`);
  await addDemo(thistleRow, db);
  return db;
}

/** A camera as it is stored. */
export async function stored(db: StillBoxDb, id = TIN.id): Promise<Camera> {
  const found = await getEdited("cameras", id, db);
  if (!found.ok) throw new Error(found.error.message);
  return found.value;
}

/** The changes that make the tin so deep, mm. */
export const depth = (mm: number): readonly Change[] => changesBetween(TIN, withField(TIN, "container.depth", mm));

/** A small store as browsers have it, in place of the one that is not there in tests; `Reflect.deleteProperty(globalThis, "localStorage")` takes it away. */
export function fakeLocalStorage(): Record<string, string> {
  const local: Record<string, string> = {};
  Object.defineProperties(local, {
    getItem: { value: (key: string) => local[key] ?? null },
    setItem: { value: (key: string, text: string) => Object.assign(local, { [key]: text }) },
    removeItem: { value: (key: string) => Reflect.deleteProperty(local, key) },
  });
  Object.defineProperty(globalThis, "localStorage", { value: local, configurable: true });
  return local;
}

/** The files of an archive by their names, read one after the other as they go into its zip. */
export async function filesOf(files: readonly ArchiveFile[]): Promise<Record<string, Uint8Array<ArrayBuffer>>> {
  const read: Record<string, Uint8Array<ArrayBuffer>> = {};
  for (const file of files) read[file.name] = new Uint8Array(await (await file.read()).content.arrayBuffer());
  return read;
}

/** An archive read from its files. */
export async function readArchive(
  files: Readonly<Record<string, Uint8Array<ArrayBuffer>>>,
): Promise<Result<ReadArchive, readonly Fault[]>> {
  const inZip = Object.entries(files).map(([name, bytes]) => {
    const file = { bytes, text: async () => new TextDecoder().decode(bytes), sum: () => sha256(bytes) };
    return [name, file] as const;
  });
  const opened = await openArchive(new Map(inZip));
  if (!opened.ok) return opened;
  const { archive, pictures } = opened.value;
  return success({
    archive,
    pictures: pictures.map(({ found, ...each }) => ({ ...each, take: async () => new Blob([found.bytes]) })),
  });
}

/** A day after {@link NOW}. */
export const LATER = "2026-05-02T10:00:00+01:00";

/** A load of the tray: three places of paper. */
export function trayLoad(id: string, more: Partial<Load> = {}): Load {
  const places = ["9", "8", "7"].map((place) => ({ place, medium: "rc-graded", iso: 6, exposureId: null }));
  return { id, cameraId: "tray", at: NOW, places, unloadedAt: null, ...more };
}

/** A shot of the tray, on the load `one`. */
export function trayShot(id: string, more: Partial<Exposure> = {}): Exposure {
  return { id, cameraId: "tray", openedAt: NOW, seconds: 4, loadId: "one", place: "9", ...more };
}

/** The hole of the tray, open. */
export const COUNTED: Count = {
  id: "c",
  cameraId: "tray",
  openedMs: 1,
  closedMs: null,
  pauses: [],
  targetSeconds: 26,
  medium: "rc-graded",
  iso: 6,
  fNumber: 226,
  light: "Full sun",
  words: { subject: "", note: "" },
};

/** A shot, in the log. */
export async function saveShot(shot: Exposure, db: StillBoxDb): Promise<void> {
  orRefused(await saveExposure(shot, { label: "a shot", now: NOW }, db));
}
