import { failure, type Result, success } from "../../basis/units/index.ts";
import { crossChecks, type Fault } from "../../light/solve/index.ts";
import type { FrameRequest } from "../../viewfinder/index.ts";
import { schemaFaults } from "../faults.ts";
import { frameSchema } from "../generated/frame.js";

/**
 * Checks a request of `POST /api/frame` against its schema and the rules between fields.
 *
 * @param data parsed JSON
 * @returns the request, or every fault with its JSON Pointer
 * @source FORMAT, `POST /api/frame`
 * @example parseFrame({ hole: { diameter: 0.3 }, film: { distance: 60, width: 127, height: 101.6 }, phone: { width: 1920, height: 1080, focalLength: 1500 } }).ok // true
 */
export function parseFrame(data: unknown): Result<FrameRequest, readonly Fault[]> {
  const faults = schemaFaults(frameSchema, data);
  if (faults.length > 0) return failure(faults);
  const request = data as FrameRequest;
  const crossed = crossChecks({ hole: request.hole, film: request.film });
  return crossed.length > 0 ? failure(crossed) : success(request);
}
