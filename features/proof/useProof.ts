import { useSearchParams } from "react-router";
import type { Camera } from "../../core/camera/container/index.ts";
import type { Exposure, Negative } from "../../core/document/index.ts";
import { useLive } from "../../storage/index.ts";
import { useAtHand } from "../../ui/thread/useAtHand.ts";
import { type ProofData, readProof } from "./proofData.ts";

/** The negatives as they are stored, and the one at hand: that of the address, or the camera at hand's latest, or the latest. */
export interface Proof extends ProofData {
  readonly negative: Negative | null;
  /** The shot it is of, and its camera. */
  readonly shot: Exposure | null;
  readonly camera: Camera | null;
  /** The shot whose sheet is to be scanned, where one is asked for. */
  readonly askedShot: Exposure | null;
  readonly choose: (id: string) => void;
}

export function useProof(loaded: ProofData): Proof {
  const { value } = useLive(loaded, readProof);
  const [search, setSearch] = useSearchParams();
  const asked = search.get("negative");
  const wanted = search.get("camera") ?? value.atHand;
  const negative =
    value.negatives.find(({ id }) => id === asked) ??
    value.negatives.find(({ cameraId }) => cameraId != null && cameraId === wanted) ??
    value.negatives[0] ??
    null;
  const shot = value.shots.find(({ id }) => id === negative?.exposureId) ?? null;
  const camera = value.cameras.find(({ id }) => id === (negative?.cameraId ?? shot?.cameraId)) ?? null;
  useAtHand(negative !== null && negative.id === asked ? (negative.cameraId ?? null) : null);
  return {
    ...value,
    negative,
    shot,
    camera,
    askedShot: value.shots.find(({ id }) => id === search.get("shot")) ?? null,
    choose: (id) => setSearch({ negative: id }, { replace: true, preventScrollReset: true }),
  };
}
