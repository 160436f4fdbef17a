import type { Camera } from "../../../core/camera/container/index.ts";
import { type Exposure, type Negative, parseNegative } from "../../../core/document/index.ts";
import { listRecords, removeEdited, saveNegatives, savePicture } from "../../../storage/index.ts";
import { isoWithOffset } from "../../../ui/format/localTime.ts";
import { notify } from "../../../ui/notices/notify.ts";
import { sheetsClient } from "../../../workers/jobs/sheets/sheets.client.ts";
import { askProof } from "../askProof.ts";
import type { Corners } from "../corners.ts";
import type { ProofData } from "../proofData.ts";
import { settingsFor } from "../settingsFor.ts";
import { thumbOf } from "../thumb.ts";
import { matchScans } from "./matching.ts";
import { scannedNegative } from "./scannedNegative.ts";
import { sheetDoubt } from "./whichSheet.ts";

/** What a scan is of, and what is known of the scanner. */
export interface ScanOfWhat {
  readonly shot: Exposure | null;
  readonly camera: Camera;
  /** Light of the medium's own unexposed base in such a scan, linear; `null`: not known. */
  readonly white: number | null;
}

/** What came of taking scans in. */
export interface Added {
  readonly ids: readonly string[];
  /** What was said of files that are none. */
  readonly refused: readonly string[];
}

/**
 * Takes scans in: each file is kept as it is, its sheet is found, and it is matched to the shot it may be of. All of them
 * can be taken back at one press.
 */
export async function addScans(
  files: readonly File[],
  data: ProofData,
  report: (done: number, all: number) => void,
  /** The shot they are of, or at least its camera, where that is known. */
  of: ScanOfWhat | null = null,
  signal?: AbortSignal,
  /** The shot whose sheet is scanned first, where one was asked for. */
  asked: Exposure | null = null,
): Promise<Added> {
  const loads = await listRecords("loads");
  const sheets: SheetOfFile[] = [];
  // One after the other: no more than one file is held.
  for (const file of files) sheets.push(...(await sheetsOf(file)));
  const shots =
    of === null ? askedFirst(asked, matchScans(sheets.length, data.shots, loads, data.negatives)) : [of.shot];
  const made: Negative[] = [];
  const refused: string[] = [];
  for (const { file, page } of sheets) {
    if (signal?.aborted) break;
    const shot = shots[made.length] ?? null;
    const camera = of?.camera ?? data.cameras.find(({ id }) => id === shot?.cameraId) ?? null;
    const how = {
      page,
      white: of?.white ?? null,
      before: cornersBefore([...made, ...data.negatives], camera?.id ?? null),
      signal,
    };
    const negative = await readNegative(file, camera, shot, how);
    if (typeof negative === "string") refused.push(`${file.name}: ${negative}`);
    // A turn alone is a guess: where the size speaks against it, the sheet is of no shot until the maker says so.
    else if (of === null && shot !== null && sheetDoubt(negative, data) !== null) made.push(ofNoShot(negative));
    else made.push(negative);
    report(made.length + refused.length, sheets.length);
  }
  if (made.length > 0) {
    const stored = await saveNegatives(made);
    if (!stored.ok) return { ids: [], refused: [...refused, stored.error.message] };
    const back = (): void =>
      void Promise.all(made.map(({ id }) => removeEdited("negatives", id, "put away", isoWithOffset(new Date()))));
    notify(made.length === 1 ? "One sheet taken in." : `${made.length} sheets taken in.`, {
      action: { name: "Undo", run: back },
    });
  }
  return { ids: made.map(({ id }) => id), refused };
}

/** The shot that was asked for, and then the others in their turn. */
function askedFirst(asked: Exposure | null, inTurn: readonly Exposure[]): readonly Exposure[] {
  return asked === null ? inTurn : [asked, ...inTurn.filter(({ id }) => id !== asked.id)];
}

/** A sheet of a file: of one that holds several pictures, which. */
interface SheetOfFile {
  readonly file: File;
  readonly page: number | null;
}

/** The sheets a file holds: a scanner writes several into one TIFF. */
async function sheetsOf(file: File): Promise<readonly SheetOfFile[]> {
  const counted = await sheetsClient.run(file);
  const count = counted.ok ? counted.value : 1;
  return Array.from({ length: count }, (_, page) => ({ file, page: count === 1 ? null : page }));
}

/** The same scan of no shot yet, and whose turn it was. */
function ofNoShot(negative: Negative): Negative {
  return { ...negative, exposureId: null, cameraId: null, byTurn: negative.exposureId ?? null };
}

/** How the newest sheet of a camera was said to lie on the glass; `null`: there is none. */
function cornersBefore(negatives: readonly Negative[], cameraId: string | null): Corners | null {
  const alike = negatives.filter(
    (each) => cameraId !== null && each.cameraId === cameraId && each.settings.sheet.corners,
  );
  const newest = alike.reduce<Negative | null>(
    (last, each) => (Date.parse(each.at ?? "") > Date.parse(last?.at ?? "1970-01-01") || last === null ? each : last),
    null,
  );
  return (newest?.settings.sheet.corners ?? null) as Corners | null;
}

async function readNegative(
  file: File,
  camera: Camera | null,
  shot: Exposure | null,
  {
    page,
    white,
    before,
    signal,
  }: {
    readonly page: number | null;
    readonly white: number | null;
    readonly before: Corners | null;
    readonly signal: AbortSignal | undefined;
  },
): Promise<Negative | string> {
  const sum = await savePicture(file);
  if (!sum.ok) return sum.error.message;
  const medium = shot?.medium ?? camera?.chambers[0].film.medium ?? null;
  const settings = { ...settingsFor(camera, shot, medium), white, ...(page === null ? {} : { page }) };
  const opened = await askProof({ picture: sum.value, settings }, { kind: "open" }, signal ? { signal } : {});
  if (!opened.ok) return opened.error ?? "was given up.";
  const negative = scannedNegative({
    id: crypto.randomUUID(),
    picture: sum.value,
    name: page === null ? file.name : `${page + 1} of ${file.name}`,
    at: isoWithOffset(new Date()),
    shot,
    cameraId: camera?.id ?? null,
    medium,
    settings,
    opened: opened.value.report,
    before,
  });
  const thumb = await thumbOf(negative);
  const whole = { ...negative, ...(thumb === null ? {} : { thumb }) };
  const parsed = parseNegative(whole);
  return parsed.ok ? whole : (parsed.error[0]?.message ?? "can’t be read.");
}
