import { mediumById } from "../../../catalogue/media.ts";
import { type Camera, solveRequest } from "../../../core/camera/container/index.ts";
import type { Exposure, Negative } from "../../../core/document/index.ts";
import { isOfSize, type SheetSize, sizeOnGlass } from "../../../core/negative/index.ts";

/** What a scan's size says against the shot it was taken for. */
export interface SheetDoubt {
  /** By the resolution in the file, mm. */
  readonly found: SheetSize;
  /** The shot it was taken for, or whose turn it was; `null`: of that camera, no shot of the log. */
  readonly shot: Exposure | null;
  readonly camera: Camera;
  /** Sheet of that camera, mm. */
  readonly sheet: SheetSize;
  /** Shots without a scan whose sheet has the size that was found, the newest first. */
  readonly fits: readonly Exposure[];
}

/** What is known of the shots a scan may be of. */
export interface Known {
  readonly negatives: readonly Negative[];
  readonly shots: readonly Exposure[];
  readonly cameras: readonly Camera[];
}

/** The sheet a camera is loaded with, mm. */
export function sheetOf(camera: Camera): SheetSize {
  return solveRequest(camera, mediumById(camera.chambers[0].film.medium)).film;
}

/**
 * Whether the size of a scan speaks against the shot it is said to be of: then the maker is asked, and nothing is judged.
 *
 * @returns `null`: the two agree, or there is nothing to hold against each other
 */
export function sheetDoubt(negative: Negative, known: Known): SheetDoubt | null {
  const { dpi, settings, dpiWrong } = negative;
  const { corners } = settings.sheet;
  if (dpi == null || corners == null || dpiWrong === true) return null;
  const shot = known.shots.find(({ id }) => id === (negative.exposureId ?? negative.byTurn)) ?? null;
  const camera = known.cameras.find(({ id }) => id === (negative.cameraId ?? shot?.cameraId));
  if (camera === undefined) return null;
  const found = sizeOnGlass(corners, dpi);
  const sheet = sheetOf(camera);
  const isAsked = negative.exposureId == null && negative.cameraId == null;
  if (isOfSize(found, sheet) && !isAsked) return null;
  return { found, shot, camera, sheet, fits: fitting(found, known) };
}

/** Shots without a scan whose camera's sheet has this size, the newest first. */
function fitting(found: SheetSize, { negatives, shots, cameras }: Known): readonly Exposure[] {
  const taken = new Set(negatives.flatMap(({ exposureId }) => exposureId ?? []));
  const right = new Set(cameras.filter((camera) => isOfSize(found, sheetOf(camera))).map(({ id }) => id));
  return shots
    .filter(({ id, cameraId, tested }) => !taken.has(id) && tested !== true && right.has(cameraId))
    .sort((a, b) => Date.parse(b.openedAt) - Date.parse(a.openedAt));
}
