import { parseCamera } from "../../core/document/index.ts";
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

/** Reads a camera file or an archive. All of it is checked before anything is written. */
export async function takeIn(file: File): Promise<ImportReport> {
  const bytes = new Uint8Array(await file.arrayBuffer());
  const isZip = bytes[0] === 0x50 && bytes[1] === 0x4b;
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
  let data: unknown;
  try {
    data = JSON.parse(new TextDecoder("utf-8", { fatal: true }).decode(bytes));
  } catch {
    return refused(name, [{ path: "", message: "is neither a camera file (.stillbox.json) nor an archive (.zip)" }]);
  }
  const parsed = parseCamera(data);
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

function refused(name: string, faults: readonly Fault[]): ImportReport {
  return { ok: false, sentence: `${name} was not taken in; nothing was changed.`, faults };
}

function count(number: number, thing: string): string {
  return `${number} ${thing}${number === 1 ? "" : "s"}`;
}
