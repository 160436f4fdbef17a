import { parseCamera, readJson } from "../../core/document/index.ts";
import type { Fault } from "../../core/light/solve/index.ts";
import {
  addCamera,
  archiveConflicts,
  exportArchive,
  importArchive,
  isCameraThere,
  type ReadArchive,
  readArchive,
} from "../../storage/index.ts";
import { isoWithOffset } from "../../ui/localTime.ts";
import { saveFile } from "../../ui/saveFile.ts";

/** What came of reading a file: a sentence, and what is wrong in it, place by place. */
export interface ImportReport {
  readonly ok: boolean;
  readonly sentence: string;
  readonly faults: readonly Fault[];
  /** What the maker has to decide before anything is written. */
  readonly ask?: { readonly replace: () => Promise<ImportReport>; readonly keep: () => Promise<ImportReport> };
}

/** Saves everything as a zip. */
export async function saveEverything(): Promise<void> {
  const now = isoWithOffset(new Date());
  saveFile(`still-box-${now.slice(0, 10)}.zip`, await exportArchive(now), "application/zip");
}

const MIB = 2 ** 20;
/** Larger files are not ours, and would fill the memory, bytes. */
const LARGEST = { camera: 4 * MIB, archive: 1024 * MIB } as const;

/** Reads a camera file or an archive. All of it is checked before anything is written. */
export async function takeIn(file: File): Promise<ImportReport> {
  const start = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  const isZip = start[0] === 0x50 && start[1] === 0x4b;
  const most = isZip ? LARGEST.archive : LARGEST.camera;
  if (file.size > most) {
    const message = `is ${Math.ceil(file.size / MIB)} MiB large; ${isZip ? "an archive" : "a camera file"} has at most ${most / MIB}`;
    return refused(file.name, [{ path: "", message }]);
  }
  const bytes = new Uint8Array(await file.arrayBuffer());
  return isZip ? takeArchive(file.name, bytes) : takeCamera(file.name, bytes);
}

async function takeArchive(name: string, bytes: Uint8Array): Promise<ImportReport> {
  const read = await readArchive(bytes);
  if (!read.ok) return refused(name, read.error);
  const conflicts = await archiveConflicts(read.value);
  if (conflicts === 0) return write(name, read.value, "keep");
  return {
    ok: true,
    sentence: `${name} holds other versions of ${count(conflicts, "record")} that ${conflicts === 1 ? "is" : "are"} here already. Nothing is written yet.`,
    faults: [],
    ask: {
      replace: () => write(name, read.value, "replace"),
      keep: () => write(name, read.value, "keep"),
    },
  };
}

async function write(name: string, read: ReadArchive, conflicts: "replace" | "keep"): Promise<ImportReport> {
  const written = await importArchive(read, conflicts);
  if (!written.ok) return { ok: false, sentence: written.error.message, faults: [] };
  const { cameras = [], exposures = [] } = read.archive;
  const sentence = `${name}: ${count(cameras.length, "camera")} and ${count(exposures.length, "shot")} are here now.`;
  return { ok: true, sentence, faults: [] };
}

async function takeCamera(name: string, bytes: Uint8Array): Promise<ImportReport> {
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

function refused(name: string, faults: readonly Fault[]): ImportReport {
  return { ok: false, sentence: `${name} was not taken in; nothing was changed.`, faults };
}

function count(number: number, thing: string): string {
  return `${number} ${thing}${number === 1 ? "" : "s"}`;
}
