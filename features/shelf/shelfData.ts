import type { Camera } from "../../core/camera/container/index.ts";
import {
  countExposures,
  countTrailsOut,
  deletedCameras,
  demoState,
  listCameras,
  loadedCameras,
  type RemovedCamera,
  standsOpen,
} from "../../storage/index.ts";

/** What the Shelf knows of its cameras beside their designs. */
export interface OnShelf {
  readonly shots: ReadonlyMap<string, number>;
  /** Ids of the cameras that something is in. */
  readonly loaded: ReadonlySet<string>;
}

/** What the Shelf shows. */
export interface ShelfData extends OnShelf {
  readonly cameras: readonly Camera[];
  readonly damaged: readonly string[];
  /** The camera deleted last, which can still be brought back. */
  readonly removed: RemovedCamera | null;
  /** How many months-long exposures stand out. */
  readonly out: number;
  /** How many holes and sheets have stood open for over a day. */
  readonly open: number;
  /** Whether the demonstration stands here, or was here and is gone; `null`: it never was. */
  readonly demo: "here" | "gone" | null;
}

/** Reads the Shelf. */
export async function readShelf(): Promise<ShelfData> {
  const [[removed = null], listed, shots, loaded, out, forgotten, demo] = await Promise.all([
    deletedCameras(),
    listCameras(),
    countExposures(),
    loadedCameras(),
    countTrailsOut(),
    standsOpen(Date.now()),
    demoState(),
  ]);
  return { ...listed, removed, shots, loaded, out, open: forgotten.counts.length + forgotten.sheets.length, demo };
}
