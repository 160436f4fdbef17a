import type { Camera } from "../../core/camera/container/index.ts";
import type { Exposure, Negative } from "../../core/document/index.ts";
import { listCameras, listNegatives, readSettings, shotsBetween, shotsByIds } from "../../storage/index.ts";

/** What the pages of Proof show. */
export interface ProofData {
  /** Id of the camera at hand. */
  readonly atHand: string | null;
  readonly negatives: readonly Negative[];
  /** Shots that negatives are of, and the newest ones. */
  readonly shots: readonly Exposure[];
  readonly cameras: readonly Camera[];
}

/** So many of the newest shots are offered for a scan. */
const OFFERED = 120;

/** Reads the negatives with what they are of. */
export async function readProof(): Promise<ProofData> {
  const [negatives, newest, cameras, { fieldCamera }] = await Promise.all([
    listNegatives(),
    shotsBetween(null, 0, OFFERED),
    listCameras(),
    readSettings(),
  ]);
  const ids = negatives.flatMap(({ exposureId }) => (exposureId ? [exposureId] : []));
  const known = new Map<string, Exposure>();
  for (const shot of [...newest, ...(await shotsByIds([...new Set(ids)]))]) if (shot !== null) known.set(shot.id, shot);
  return { atHand: fieldCamera, negatives, shots: [...known.values()], cameras: cameras.cameras };
}
