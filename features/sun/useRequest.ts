import { useMemo } from "react";
import type { Camera } from "../../core/camera/container/index.ts";
import type { Trail } from "../../core/document/index.ts";
import type { SunRequest } from "../../core/sun/index.ts";
import { sunRequest } from "../../ui/records/sunRequest.ts";

/**
 * What a plan asks of the sun; the same object as long as it asks the same: names, notes and points change nothing, nor
 * does a record that comes back from the storage.
 */
export function useRequest(trail: Trail, camera: Camera): SunRequest {
  return useSame(sunRequest(trail, camera));
}

/** The same object as before where it says the same. */
export function useSame<T>(value: T): T {
  const said = JSON.stringify(value);
  return useMemo(() => JSON.parse(said) as T, [said]);
}
