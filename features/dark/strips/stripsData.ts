import { mediumById } from "../../../catalogue/media.ts";
import type { Exposure, Processing } from "../../../core/document/index.ts";
import { listRecords, readSettings, type Settings, shotsBetween } from "../../../storage/index.ts";

/** What strips and contact prints are written from. */
export interface StripsData {
  readonly settings: Settings;
  readonly now: StripsNow;
}

export interface StripsNow {
  /** Strips and prints, newest first. */
  readonly done: readonly Processing[];
  /** The newest shots: negatives to print from. */
  readonly shots: readonly Exposure[];
}

/** As many of the newest shots as are offered as negatives. */
const NEWEST = 40;

export async function readStrips(): Promise<StripsData> {
  return { settings: await readSettings(), now: await readStripsNow() };
}

export async function readStripsNow(): Promise<StripsNow> {
  const [done, shots] = await Promise.all([listRecords("processing"), shotsBetween(null, 0, NEWEST)]);
  return {
    done: [...done].sort((a, b) => Date.parse(b.at) - Date.parse(a.at)),
    // From a direct positive nothing is printed.
    shots: shots.flatMap((shot) => (shot === null || mediumById(shot.medium).density.positive === true ? [] : [shot])),
  };
}
