import type { Camera } from "../../core/camera/container/index.ts";
import type { Exposure, Negative } from "../../core/document/index.ts";
import { listCameras, listNegatives, shotsBetween, shotsByIds } from "../../storage/index.ts";

/** What the pages of Proof show. */
export interface ProofData {
  readonly negatives: readonly Negative[];
  /** Shots that negatives are of, and the newest ones. */
  readonly shots: readonly Exposure[];
  readonly cameras: readonly Camera[];
}

/** So many of the newest shots are offered for a scan. */
const OFFERED = 120;

/** Reads the negatives with what they are of. */
export async function readProof(): Promise<ProofData> {
  const [negatives, newest, cameras] = await Promise.all([
    listNegatives(),
    shotsBetween(null, 0, OFFERED),
    listCameras(),
  ]);
  const ids = negatives.flatMap(({ exposureId }) => (exposureId ? [exposureId] : []));
  const known = new Map<string, Exposure>();
  for (const shot of [...newest, ...(await shotsByIds([...new Set(ids)]))]) if (shot !== null) known.set(shot.id, shot);
  return { negatives, shots: [...known.values()], cameras: cameras.cameras };
}
