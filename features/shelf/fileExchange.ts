import { parseCamera, readJson } from "../../core/document/index.ts";
import type { Fault } from "../../core/light/solve/index.ts";
import {
  addCamera,
  archiveConflicts,
  exportArchive,
  importArchive,
  isCameraThere,
  type ReadArchive,
  roomLeft,
  roomTaken,
  type Taking,
} from "../../storage/index.ts";
import { saveFile } from "../../ui/files/saveFile.ts";
import { isoWithOffset } from "../../ui/format/localTime.ts";
import type { Unzipper } from "../../workers/jobs/zip/unzip.client.ts";
import type { RunOptions } from "../../workers/transport/jobClient.ts";

/** What comes of a file that is read or written: a sentence, and what is wrong in it, place by place. */
export interface FileReport {
  readonly ok: boolean;
  readonly sentence: string;
  readonly faults: readonly Fault[];
  /** What the maker has to decide before anything is written. */
  readonly ask?: { readonly replace: () => Promise<FileReport>; readonly keep: () => Promise<FileReport> };
  /** While it goes on: how far it is, 0 to 1, and how it is given up. */
  readonly going?: { readonly share: number; readonly stop: () => void };
}

/** Hears how a file fares: while it goes on, and at last what came of it. */
type Hear = (report: FileReport) => void;

/** Saves everything as a zip, and tells how far it is and what came of it, whatever that is. */
export async function saveEverything(hear: Hear): Promise<void> {
  const now = isoWithOffset(new Date());
  const name = `still-box-${now.slice(0, 10)}.zip`;
  const failed = (why: string): void => hear({ ok: false, sentence: `Nothing is saved: ${why}.`, faults: [] });
  const { going, signal } = goesOn(`Packing ${name}`, hear);
  try {
    const full = await tooLittleRoom((await roomTaken()) ?? 0);
    if (full !== null) return failed(full);
    const files = await exportArchive(now);
    const { packFiles } = await import("../../workers/jobs/zip/pack.client.ts");
    const zip = await packFiles(files, now, { onProgress: going, signal });
    if (!zip.ok) return failed(zip.error.reason === "cancelled" ? "it was stopped" : zip.error.message);
    saveFile(name, zip.value, "application/zip");
    const size = (zip.value.size / 1e6).toFixed(zip.value.size < 1e7 ? 1 : 0);
    const pictures = files.length - 1;
    const what = pictures === 0 ? "your records" : `your records and ${count(pictures, "picture")}`;
    hear({
      ok: true,
      sentence: `${name}, ${size} MB, with ${what}, is handed to the browser to save.`,
      faults: [],
    });
  } catch (error) {
    failed(error instanceof Error ? error.message : String(error));
  }
}

/** Reads files one after the other, and tells of each how far it is and what came of it, whatever that is. */
export async function takeAll(files: readonly File[], hear: Hear): Promise<void> {
  for (const file of files) {
    const { going, signal } = goesOn(`Reading ${file.name}`, hear);
    const { unzipClient } = await import("../../workers/jobs/zip/unzip.client.ts");
    const report = await takeIn(file, unzipClient, { onProgress: going, signal }).catch((error: unknown) =>
      refused(file.name, [{ path: "", message: `can’t be read: ${error instanceof Error ? error.message : error}` }]),
    );
    hear(report);
  }
}

/** Tells at once that something goes on, and how far it is whenever that is known. */
function goesOn(
  sentence: string,
  hear: Hear,
): { readonly going: (share: number) => void; readonly signal: AbortSignal } {
  const mine = new AbortController();
  const going = (share: number): void =>
    hear({ ok: true, sentence: `${sentence} …`, faults: [], going: { share, stop: () => mine.abort() } });
  going(0);
  return { going, signal: mine.signal };
}

const MIB = 2 ** 20;
/** Larger files are not ours, and would fill the memory, bytes. */
const LARGEST = { camera: 4 * MIB, archive: 2560 * MIB } as const;

/** What an archive may hold. */
const ARCHIVE_LIMITS = { files: 20_000, bytes: 2560 * MIB, fileBytes: 400 * MIB } as const;

/** Reads a camera file or an archive. All of it is checked before anything is written. */
export async function takeIn(file: File, zips: Unzipper, how: RunOptions = {}): Promise<FileReport> {
  const start = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  const isZip = start[0] === 0x50 && start[1] === 0x4b;
  const most = isZip ? LARGEST.archive : LARGEST.camera;
  if (file.size > most) {
    const message = `is ${Math.ceil(file.size / MIB)} MiB large; ${isZip ? "an archive" : "a camera file"} has at most ${most / MIB}`;
    return refused(file.name, [{ path: "", message }]);
  }
  if (!isZip) return takeCamera(file.name, new Uint8Array(await file.arrayBuffer()));
  const { onProgress = () => {} } = how;
  // Half of the way is to look through all of it, half to store it.
  const opened = await zips.open(file, ARCHIVE_LIMITS, { ...how, onProgress: (share) => onProgress(share / 2) });
  if (!opened.ok) {
    const message = opened.error.reason === "cancelled" ? "it was stopped" : opened.error.message;
    return refused(file.name, [{ path: "", message }]);
  }
  if (!opened.value.ok) return refused(file.name, opened.value.error);
  const { archive, pictures } = opened.value.value;
  const full = await tooLittleRoom(pictures.reduce((sum, { size }) => sum + size, 0));
  if (full !== null) return refused(file.name, [{ path: "", message: full }]);
  const take = async (name: string): Promise<Blob> => {
    const taken = await zips.take(name);
    if (!taken.ok) throw new Error(taken.error.message);
    return taken.value;
  };
  return takeArchive(
    file.name,
    { archive, pictures: pictures.map(({ file: name, ...each }) => ({ ...each, take: () => take(name) })) },
    { report: (share) => onProgress((1 + share) / 2), ...(how.signal ? { signal: how.signal } : {}) },
  );
}

/** Why so much does not go in, where the browser says what room there is. */
async function tooLittleRoom(bytes: number): Promise<string | null> {
  const left = await roomLeft();
  if (left === null || bytes < left) return null;
  const inMb = (size: number): string => `${Math.ceil(size / 1e6)} MB`;
  return `it takes ${inMb(bytes)}, and this browser has room for ${inMb(left)} more: free some space on the disk`;
}

async function takeArchive(name: string, read: ReadArchive, how: Taking): Promise<FileReport> {
  const conflicts = await archiveConflicts(read);
  if (conflicts === 0) return write(name, read, "keep", how);
  return {
    ok: true,
    sentence: `${name} holds other versions of ${count(conflicts, "record")} that ${conflicts === 1 ? "is" : "are"} here already. Nothing is written yet.`,
    faults: [],
    ask: {
      replace: () => write(name, read, "replace", how),
      keep: () => write(name, read, "keep", how),
    },
  };
}

async function write(name: string, read: ReadArchive, conflicts: "replace" | "keep", how: Taking): Promise<FileReport> {
  const written = await importArchive(read, conflicts, undefined, how);
  if (!written.ok) return { ok: false, sentence: written.error.message, faults: [] };
  if (!written.value) return refused(name, [{ path: "", message: "it was stopped" }]);
  const { cameras = [], exposures = [] } = read.archive;
  const sentence = `${name}: ${count(cameras.length, "camera")} and ${count(exposures.length, "shot")} are here now.`;
  return { ok: true, sentence, faults: [] };
}

async function takeCamera(name: string, bytes: Uint8Array): Promise<FileReport> {
  const text = textOf(bytes);
  const data = text === null ? null : readJson(text);
  // A depth is a fault of a place; without one it is no JSON at all.
  if (data === null || (!data.ok && data.error[0]?.path === "")) {
    return refused(name, [{ path: "", message: "is neither a camera file (.stillbox.json) nor an archive (.zip)" }]);
  }
  if (!data.ok) return refused(name, data.error);
  const parsed = parseCamera(data.value);
  if (!parsed.ok) return refused(name, parsed.error);
  const present = await isCameraThere(parsed.value.id);
  // A file of a camera that is already here, whole or damaged, comes in beside it: the one on the Shelf may have gone on.
  const camera = present
    ? { ...parsed.value, id: crypto.randomUUID(), name: `${parsed.value.name}, from file`.slice(0, 80) }
    : parsed.value;
  const added = await addCamera(camera);
  return added.ok
    ? { ok: true, sentence: `${camera.name} stands on the Shelf.`, faults: [] }
    : { ok: false, sentence: added.error.message, faults: [] };
}

/** A file's text, or `null` where it is none. */
function textOf(bytes: Uint8Array): string | null {
  try {
    return new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return null;
  }
}

function refused(name: string, faults: readonly Fault[]): FileReport {
  return { ok: false, sentence: `${name} was not taken in; nothing was changed.`, faults };
}

function count(number: number, thing: string): string {
  return `${number} ${thing}${number === 1 ? "" : "s"}`;
}
