import type { Camera, LightTest } from "../model/camera.ts";

/** Whether a camera has been proved light-tight. */
export interface LightProof {
  readonly state: "untested" | "proved" | "leaks";
  /** The last test, where there was one. */
  readonly last: LightTest | null;
}

/**
 * The state after the newest test; a sheet tells more than a lamp, but either proves.
 *
 * @returns `untested`, `proved` or `leaks`, with the last test
 * @example lightProof({ lightTests: [] }).state // "untested"
 */
export function lightProof({ lightTests = [] }: Pick<Camera, "lightTests">): LightProof {
  const last = lightTests.at(-1) ?? null;
  if (last === null) return { state: "untested", last };
  return { state: last.faults.length === 0 ? "proved" : "leaks", last };
}
