import { useSearchParams } from "react-router";
import type { Camera } from "../../core/camera/container/index.ts";
import type { Trail } from "../../core/document/index.ts";
import { useLive } from "../../storage/index.ts";
import { readSun, type SunData } from "./sunData.ts";

/** The trails as they are stored, and the one at hand: that of the address, or the first. */
export interface Sun extends SunData {
  readonly trail: Trail | null;
  readonly camera: Camera | null;
  readonly choose: (id: string) => void;
}

export function useSun(loaded: SunData): Sun {
  const { value } = useLive(loaded, readSun);
  const [search, setSearch] = useSearchParams();
  const asked = search.get("trail");
  const trail = value.trails.find(({ id }) => id === asked) ?? value.trails[0] ?? null;
  return {
    ...value,
    trail,
    camera: value.cameras.find(({ id }) => id === trail?.cameraId) ?? null,
    choose: (id) => setSearch({ trail: id }, { replace: true, preventScrollReset: true }),
  };
}
