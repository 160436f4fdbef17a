import type { Params } from "react-router";

/** A page that holds a camera is read anew only for another one: the camera in hand follows the database by itself. */
export function anotherCamera({
  currentParams,
  nextParams,
}: {
  readonly currentParams: Params;
  readonly nextParams: Params;
}): boolean {
  return currentParams.id !== nextParams.id;
}
