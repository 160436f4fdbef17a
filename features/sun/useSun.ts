import { useSearchParams } from "react-router";
import type { Camera } from "../../core/camera/container/index.ts";
import { type Trail, trailAtHand } from "../../core/document/index.ts";
import { useLive } from "../../storage/index.ts";
import { useAtHand } from "../../ui/thread/useAtHand.ts";
import { readSun, type SunData } from "./sunData.ts";

/** The trails as they are stored, and the one at hand: that of the address, or of the camera at hand, or the first. */
export interface Sun extends SunData {
  readonly trail: Trail | null;
  readonly camera: Camera | null;
  /** Id of the camera that is asked for, or at hand. */
  readonly wanted: string | null;
  readonly choose: (id: string) => void;
}

export function useSun(loaded: SunData): Sun {
  const { value } = useLive(loaded, readSun);
  const [search, setSearch] = useSearchParams();
  const asked = search.get("trail");
  const wanted = search.get("camera") ?? value.atHand;
  const trail =
    value.trails.find(({ id }) => id === asked) ??
    trailAtHand(value.trails.filter(({ cameraId }) => cameraId === wanted)) ??
    value.trails[0] ??
    null;
  useAtHand(trail !== null && trail.id === asked ? (trail.cameraId ?? null) : null);
  return {
    ...value,
    trail,
    camera: value.cameras.find(({ id }) => id === trail?.cameraId) ?? null,
    wanted,
    choose: (id) => setSearch({ trail: id }, { replace: true, preventScrollReset: true }),
  };
}
